import type { CookPlan } from '@crustan/core/plan';
import { formatDuration } from '@crustan/core/units';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';
import { formatFixed } from '../../words/formatFixed';
import { t } from './t';

/** A core that moves by less hardly moves, K. */
const HARDLY = 0.5;

/** Cost of a hold before browning: core, face, time in the danger zone, weight. */
export const HoldCosts = ({ plan: { hold } }: { readonly plan: CookPlan }) => {
  const show = useShow();
  if (hold === undefined) return null;
  const moved = hold.to - hold.from;
  const core =
    Math.abs(moved) < HARDLY
      ? t('the-middle-stays-at', { degrees: show.degrees(hold.to) })
      : t('the-middle-from-to', {
          part: moved > 0 ? t('climbs') : t('falls'),
          degrees: show.degrees(hold.from),
          degrees2: show.degrees(hold.to),
        });
  const range = Math.round(hold.inRange / 60) * 60;
  return (
    <Text voice="small" role="note">
      {t('held-its-face-cools-to-of-its', {
        duration: formatDuration(hold.seconds),
        core,
        degrees: show.degrees(hold.surface),
        value: formatFixed(100 * hold.evaporated, 1),
        part:
          range >= 60
            ? t('and-count-towards-the-two-hours', { duration: formatDuration(range) })
            : '',
      })}
    </Text>
  );
};
