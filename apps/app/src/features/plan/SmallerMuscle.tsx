import type { CookPlan } from '@crustan/core/plan';
import { cutOf } from '@crustan/core/plan/request';
import { useScales } from '../../store/useScales';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';

/** Two muscles that end this near to each other are one dish, K. */
const ALIKE = 1.5;
/** Further apart than this no laying of the piece makes up for it, K. */
const TOO_FAR = 6;

const ADVICE = {
  alike: 'Both sides of the bone are done together.',
  warmer: (name: string) =>
    `Lay it with the ${name} towards the cooler rim of the pan, and in the oven towards the door.`,
  cooler: (name: string) =>
    `Lay it with the ${name} over the hottest of the pan, and in the oven towards the back.`,
  tooFar: (name: string) =>
    `That is too far apart for one piece: take the ${name} off the bone and give it its own time.`,
};

const adviceOn = (name: string, apart: number): string => {
  if (Math.abs(apart) <= ALIKE) return ADVICE.alike;
  if (Math.abs(apart) > TOO_FAR) return ADVICE.tooFar(name);
  return apart > 0 ? ADVICE.warmer(name) : ADVICE.cooler(name);
};

/** End temperature of the muscle beyond the bone, and advice about it. */
export const SmallerMuscle = ({ plan }: { readonly plan: CookPlan }) => {
  const show = useShow();
  const { donenessOf } = useScales();
  const { smaller: muscle, species } = cutOf(plan.request);
  if (muscle === undefined || plan.smaller === undefined) return null;
  const { peak } = plan.smaller;
  return (
    <Text voice="small" role="note">
      {`The ${muscle.name} beyond the bone ends ${donenessOf(species, peak).name} at ${show.degrees(peak)}, the larger side at ${show.degrees(plan.peakCore)}. ${adviceOn(muscle.name, peak - plan.peakCore)}`}
    </Text>
  );
};
