import { NOMINAL_KITCHEN } from '../gear';
import { even, seededRandom } from '../maths/random';
import type { HiddenKitchen } from './trueKitchen';

/** A hidden kitchen drawn from a seed. */
export const hiddenKitchen = (seed: number): HiddenKitchen => {
  const random = seededRandom(seed);
  return {
    ...NOMINAL_KITCHEN,
    oven: even(random, -25, 25),
    contact: even(random, 0.7, 1.3),
    ovenHeat: even(random, 0.8, 1.2),
    burner: even(random, 0.75, 1.2),
    thickness: even(random, -0.003, 0.003),
    start: even(random, -3, 3),
    probe: { kind: 'middle', off: even(random, -0.005, 0.005) },
    noise: 0.4,
  };
};
