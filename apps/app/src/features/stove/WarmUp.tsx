import { startsCold } from '@crustan/core/plan/startsCold';
import { View } from 'react-native';
import type { CookEvent } from '@crustan/core/cook/event';
import type { PressKind } from '@crustan/core/cook/press';
import { effectiveEvents } from '@crustan/core/cook/effectiveEvents';
import { fresh } from '../../store/freshEvent';
import { Button } from '../../ui/Button';
import type { LiveCook } from './liveCook';
import { t } from './t';

interface Props {
  readonly live: LiveCook;
  readonly press: (event: CookEvent) => void;
}

/** Pan or oven that warms up before the piece goes in: a press lets the logbook learn how fast it warms. */
export const WarmUp = ({ live: { cook, plan, state, current }, press }: Props) => {
  const effective = effectiveEvents(cook.events);
  const said = (kind: PressKind): boolean => effective.some((event) => event.kind === kind);
  const firstPan = plan.legs.findIndex(({ kind }) => kind !== 'oven' && kind !== 'board');
  const before = state.place === 'before';
  const inOven = state.place === 'oven';
  const wantsPan =
    // The step under "Now" has the large button.
    current.kind !== 'heat' &&
    !startsCold(plan.request) &&
    (firstPan === 0 ? before : inOven && plan.legs[0]?.kind === 'oven') &&
    !said('pan-on');
  const wantsOven =
    plan.legs.some(({ kind }) => kind === 'oven') &&
    (before || (state.place === 'pan' && plan.legs[0]?.kind !== 'oven')) &&
    !said('oven-on') &&
    !said('into-oven');
  if (!wantsPan && !wantsOven) return null;
  return (
    <View className="flex-row gap-2">
      {wantsOven ? (
        <View className="flex-1">
          <Button
            kind="stovePlain"
            label={t('the-oven-is-on')}
            onPress={() => press({ ...fresh(), kind: 'oven-on' })}
          />
        </View>
      ) : null}
      {wantsPan ? (
        <View className="flex-1">
          <Button
            kind="stovePlain"
            label={t('the-pan-is-on')}
            onPress={() => press({ ...fresh(), kind: 'pan-on' })}
          />
        </View>
      ) : null}
    </View>
  );
};
