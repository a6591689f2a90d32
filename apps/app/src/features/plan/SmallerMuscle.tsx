import { translateName } from '@crustan/messages';
import type { CookPlan } from '@crustan/core/plan';
import { cutOf } from '@crustan/core/plan/request';
import { useScales } from '../../store/useScales';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';
import { t } from './t';

/** Two muscles that end this near to each other are one dish, K. */
const ALIKE = 1.5;
/** Further apart than this no laying of the piece makes up for it, K. */
const TOO_FAR = 6;

const ADVICE = {
  alike: t('both-sides-of-the-bone-are-done'),
  warmer: (name: string) => t('lay-it-with-the-towards-the-cooler', { name }),
  cooler: (name: string) => t('lay-it-with-the-over-the-hottest', { name }),
  tooFar: (name: string) => t('that-is-too-far-apart-for-one', { name }),
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
      {t('the-beyond-the-bone-ends-at-the', {
        name: muscle.name,
        name2: translateName(donenessOf(species, peak).name),
        degrees: show.degrees(peak),
        degrees2: show.degrees(plan.peakCore),
        adviceOn: adviceOn(muscle.name, peak - plan.peakCore),
      })}
    </Text>
  );
};
