import { translateName } from '@crustan/messages';
import { useMemo } from 'react';
import type { LineNow } from '@crustan/core/pass/lineNow';
import { sharedPans } from '@crustan/core/pass/sharedPan';
import { Caution } from '../../ui/Caution';
import { describeAllergens } from '../../words/allergenWords';
import { describePiece } from './passWords';
import type { PassNow } from './usePass';
import { t } from './t';

/** State on which the cautions of shared pans depend. */
export interface PansShown extends Pick<
  PassNow,
  'state' | 'dishes' | 'lacks' | 'gear' | 'schedule'
> {
  readonly line: Pick<LineNow, 'epoch'>;
}

interface Props {
  readonly pass: PansShown;
  /** Ticket whose pieces are checked; default: all open tables. */
  readonly ticket?: string;
}

/** Cautions of pans that held what an allergic table must not be served. */
export const SharedPanCautions = ({ pass, ticket }: Props) => {
  const { state, dishes, gear, schedule } = pass;
  const { epoch } = pass.line;
  const shared = useMemo(
    () => sharedPans({ state, dishes, gear, epoch }, schedule?.pieces ?? []),
    [state, dishes, gear, schedule, epoch],
  );
  return shared
    .filter((one) => ticket === undefined || one.ticket === ticket)
    .map(({ piece, pan, allergens }) => (
      <Caution key={piece} lead={t('use-a-clean-pan')}>
        {t('also-holds-wash-it-and-take-fresh', {
          name: translateName(gear.pans[pan]?.name ?? t('the-pan')),
          allergens: describeAllergens(allergens),
          piece: describePiece(pass, piece),
        })}
      </Caution>
    ));
};
