import type { CookPlan } from '@crustan/core/plan';
import { formatDuration } from '@crustan/core/units';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';

/** A core that moves by less hardly moves, K. */
const HARDLY = 0.5;

/** Cost of a hold before browning: core, face, time in the danger zone, weight. */
export const HoldCosts = ({ plan: { hold } }: { readonly plan: CookPlan }) => {
  const show = useShow();
  if (hold === undefined) return null;
  const moved = hold.to - hold.from;
  const core =
    Math.abs(moved) < HARDLY
      ? `the middle stays at ${show.degrees(hold.to)}`
      : `the middle ${moved > 0 ? 'climbs' : 'falls'} from ${show.degrees(hold.from)} to ${show.degrees(hold.to)}`;
  const range = Math.round(hold.inRange / 60) * 60;
  return (
    <Text voice="small" role="note">
      {`Held ${formatDuration(hold.seconds)}: ${core}, its face cools to ${show.degrees(hold.surface)}, ${(100 * hold.evaporated).toFixed(1)} % of its weight goes as steam${
        range >= 60 ? `, and ${formatDuration(range)} count towards the two hours` : ''
      }.`}
    </Text>
  );
};
