import { NOMINAL_KITCHEN } from '../gear';
import { KNOBS, REST_SURFACES, TURN_SPOTS } from '../heat';
import { drawn, even, seededRandom } from '../maths/random';
import { OVEN_FUELS } from '../plan/request/request';
import type { Habits, HiddenKitchen } from './trueKitchen';

/** Random habits and equipment of a cook beside the stated ones. */
export const drawnHabits = (random: () => number): Required<Habits> => ({
  knob: drawn(random, KNOBS),
  spot: drawn(random, TURN_SPOTS),
  restOn: drawn(random, REST_SURFACES),
  tray: random() < 0.5,
  ovenFuel: drawn(random, OVEN_FUELS),
});

/** Probability that a cook does not do as stated, for each habit that depends on the person. */
const OTHERWISE = 0.25;

/** Actual habits of a cook who sometimes departs from the stated ones; the oven is as stated. */
export const habitsBeside = (said: Required<Habits>, random: () => number): Habits => {
  const other = drawnHabits(random);
  const as = <K extends keyof Habits>(key: K): Required<Habits>[K] =>
    random() < OTHERWISE ? other[key] : said[key];
  return { ...said, knob: as('knob'), spot: as('spot'), restOn: as('restOn') };
};

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
    habits: drawnHabits(random),
  };
};

/** A thermometer that lies is off by at least and at most this, K, either way. */
const LIES = [3, 6] as const;

/** Error of a wrong thermometer, K, drawn from a seed. */
export const lyingThermometer = (seed: number): number => {
  const random = seededRandom(seed);
  return (random() < 0.5 ? -1 : 1) * even(random, ...LIES);
};
