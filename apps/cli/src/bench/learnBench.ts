import { even, normal, seededRandom } from '@crustan/core/maths';
import { habitsBeside, trueRun, type Habits } from '@crustan/core/simulation';
import { type CookEvent, type PressKind } from '@crustan/core/cook';
import {
  FIRST_GEAR,
  learnedKitchen,
  panOnBurner,
  panExcess,
  statedWarmUp,
  traitsFor,
  type GearUsed,
  type LearnedTraits,
  type LoggedCook,
} from '@crustan/core/learn';
import { USUAL, type CookPlan, type PlanRequest } from '@crustan/core/plan';
import { NOMINAL_KITCHEN, type KitchenDeviation, type PanOnBurner } from '@crustan/core/gear';
import { actionsOf } from '@crustan/core/schedule';
import { pressFor } from '@crustan/core/cook';
import { legsUntil, planOf, SAID_HABITS, sectionIn, truePull } from './trueCooking';
import { firstOvenLeg } from '@crustan/core/plan/ovenLegs';

/** Calibration after five logged cooks of kitchens that differ from their description. */
export interface LearnFigures {
  readonly seed: number;
  readonly kitchens: number;
  /** Share of kitchens whose plans' mean error in pull time is at most half of the first plans'. */
  readonly halvedAfterFive: number;
  /**
   * Share of kitchens whose held-out sixth cook is planned no worse than without learning, within the noticeable
   * error.
   */
  readonly notWorseOnSixth: number;
  /** The same, had the plan known every trait exactly: what learning could reach at most. */
  readonly notWorseIfKnown: number;
  /** Share that stays the same or improves, to the second. */
  readonly notWorseToTheSecond: number;
  /** Mean over the kitchens of the error left, over the first. */
  readonly errorLeft: number;
  /** Median time to learn from five cooks, ms. */
  readonly learnMs: number;
}

const LOGGED = 5;
const PROBE_EVERY = 60;
const T0 = Date.UTC(2026, 2, 1, 18);
/**
 * Increase of a sixth plan's error that is not noticed, s: a piece that is pulled this much later in a pan ends 0.4 C
 * hotter, less than the error of a thermometer.
 */
const NOTICED_SECONDS = 10;

/** Pieces that this household cooks; one after the other. */
const COOKED: readonly PlanRequest[] = [
  { ...USUAL, cut: 'strip-steak', thickness: 0.04, weight: 0.45, target: 54, way: 'oven-sear' },
  { ...USUAL, cut: 'rib-bone-in', thickness: 0.045, weight: 0.85, target: 56, way: 'sear-oven' },
  { ...USUAL, cut: 'strip-steak', thickness: 0.026, weight: 0.3, target: 54, way: 'once' },
  { ...USUAL, cut: 'ribeye', thickness: 0.03, weight: 0.38, target: 55, way: 'often' },
  { ...USUAL, cut: 'pork-chop', thickness: 0.034, weight: 0.4, target: 62, way: 'oven-sear' },
];

/** Standard deviation between cooks in one kitchen. */
const SCATTER = {
  start: 1.5,
  thickness: 0.0005,
  contact: 0.05,
  oven: 1.5,
  ovenHeat: 0.04,
  pan: 4,
} as const;
const PROBE_NOISE = 0.4;
const GUN_NOISE = 8;
/** A hand's reading and the end as judged, K; how far off the middle a hand's tip lies, m. */
const HAND_NOISE = 0.7;
const HAND_OFF = [0.002, 0.005] as const;

const another = (request: PlanRequest, random: () => number): PlanRequest => {
  const scale = even(random, 0.9, 1.12);
  const thickness = Math.round(request.thickness * scale * 1000) / 1000;
  return { ...request, thickness, weight: request.weight * scale };
};

/** A kitchen as it really is: its traits, and what its cook does beside what was said. */
interface TrueKitchen extends LearnedTraits {
  readonly habits: Habits;
}

/** Difference between a kitchen and its description, for a plan on this equipment. */
const offIn = (
  truth: TrueKitchen,
  gear: GearUsed,
  { learned: used, pan }: PlanRequest,
): KitchenDeviation & { readonly habits: Habits } => ({
  habits: truth.habits,
  burner: truth.burner / gear.burner.share,
  ovenHeat: truth.ovenHeat / (used?.ovenHeat ?? 1),
  oven: truth.oven - gear.oven.offset,
  contact: truth.contact / (used?.contact ?? 1),
  thickness: truth.thickness - (used?.thickness ?? 0),
  start: 0,
  pan: panExcess(gear, pan, truth.burner),
});

/** One cook in a kitchen, logged as a cook would: presses, readings, how it ended. */
const logged = (
  id: string,
  nth: number,
  plan: CookPlan,
  truth: TrueKitchen,
  random: () => number,
): LoggedCook => {
  const gear = FIRST_GEAR;
  const { request } = plan;
  const typical = offIn(truth, gear, request);
  const off = {
    ...typical,
    burner: typical.burner,
    ovenHeat: typical.ovenHeat * Math.exp(SCATTER.ovenHeat * normal(random)),
    oven: typical.oven + SCATTER.oven * normal(random),
    contact: typical.contact * Math.exp(SCATTER.contact * normal(random)),
    thickness: typical.thickness + SCATTER.thickness * normal(random),
    start: SCATTER.start * normal(random),
    pan: typical.pan + SCATTER.pan * normal(random),
  };
  const probe = { kind: 'middle', off: even(random, -0.004, 0.004) } as const;
  const thermometer = 0.2 * normal(random);
  const cook = sectionIn(request, off, panOnBurner(gear, 1));
  const usesProbe = plan.legs.some(({ kind }) => kind === 'oven');
  const most = plan.pullAt * 2.2;
  const watched = Array.from({ length: Math.ceil(most) }, (_, i) => i + 1);
  const hidden = { ...off, probe, noise: PROBE_NOISE };
  const { truths } = trueRun(cook, hidden, legsUntil(cook, plan, most), watched);
  // Pulled when the thermometer says so, as the plan asked.
  const said = HAND_NOISE * normal(random) + thermometer;
  const found = truths.findIndex(
    ({ core, probe: tip }, i) =>
      i > plan.pullAt * 0.4 && (usesProbe ? tip : core) + said >= plan.pullCore,
  );
  const pull = found === -1 ? most : found + 1;
  const legs = legsUntil(cook, plan, pull);
  const { end, truths: seen } = trueRun(cook, hidden, legs, watched);
  const inAt = T0 + nth * 86_400_000;
  const at = (seconds: number): number => Math.round(inAt + seconds * 1000);
  const events: CookEvent[] = [];
  const press = (kind: PressKind, seconds: number): void => {
    events.push({ id: `${id}-${events.length}`, kind, at: at(seconds) });
  };
  const read = (by: 'typed' | 'probe' | 'gun', seconds: number, celsius: number): void => {
    const tenth = Math.round(celsius * 10) / 10;
    events.push({
      id: `${id}-${events.length}`,
      kind: 'reading',
      at: at(seconds),
      celsius: tenth,
      by,
    });
  };
  let from = 0;
  const cooked = plan.legs.map((leg, i) => {
    const { seconds, flips } = legs[i] ?? { seconds: 0, flips: [] };
    const begin = from;
    from += seconds;
    return { ...leg, at: begin, seconds, flips };
  });
  for (const action of actionsOf(cooked, plan.restSeconds)) {
    press(pressFor(action.kind), action.at);
  }
  const panIn = cooked.find(({ kind }) => kind !== 'oven')?.at ?? 0;
  const warms = statedWarmUp(gear, request.pan);
  if (warms !== undefined) {
    press('pan-on', panIn - warms);
    read('gun', panIn - 3, request.pan + (off.pan ?? 0) + GUN_NOISE * normal(random));
  }
  if (usesProbe) {
    const oven = firstOvenLeg(cooked);
    const until = (oven?.at ?? 0) + (oven?.seconds ?? 0);
    for (let t = (oven?.at ?? 0) + PROBE_EVERY; t < until; t += PROBE_EVERY) {
      const tip = seen[Math.floor(t) - 1]?.probe;
      if (tip !== undefined) read('probe', t, tip + PROBE_NOISE * normal(random) + thermometer);
    }
  } else {
    // Put in again each time, a few millimetres off the middle on either side.
    for (const share of [0.75, 0.95]) {
      const off = even(random, ...HAND_OFF) * (random() < 0.5 ? -1 : 1);
      const placed = { ...hidden, probe: { kind: 'middle', off } as const };
      const [at] = trueRun(cook, placed, legs, [share * pull]).truths;
      if (at) read('typed', share * pull, at.probe + HAND_NOISE * normal(random) + thermometer);
    }
  }
  return {
    id,
    at: inAt,
    plan,
    plannedIn: inAt,
    gear,
    events: events.toSorted((a, b) => a.at - b.at),
    endTemperature: end.peak + HAND_NOISE * normal(random) + thermometer,
  };
};

/** Plans with nominal values are the same in every kitchen. */
const toldPlans = new Map<string, CookPlan>();

const plannedWith = (asked: PlanRequest, pan: PanOnBurner, asTold: boolean): CookPlan => {
  if (!asTold) return planOf(asked, pan);
  const key = JSON.stringify(asked);
  const plan = toldPlans.get(key) ?? planOf(asked, pan);
  toldPlans.set(key, plan);
  return plan;
};

/** Error of the pull of a plan made with the known calibration, s. */
const planError = (request: PlanRequest, known: LearnedTraits, truth: TrueKitchen): number => {
  const gear: GearUsed = {
    ...FIRST_GEAR,
    burner: { ...FIRST_GEAR.burner, share: known.burner },
    oven: { ...FIRST_GEAR.oven, offset: known.oven },
  };
  const { contact, thickness, ovenHeat } = known;
  const asked: PlanRequest = { ...request, learned: { contact, thickness, ovenHeat } };
  const pan = panOnBurner(gear, known.burner);
  const plan = plannedWith(asked, pan, known === NOMINAL_KITCHEN);
  const cook = sectionIn(asked, offIn(truth, gear, asked), pan);
  return Math.abs(plan.pullAt - truePull(cook, plan));
};

const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / values.length;

/** One hidden kitchen: how far its plans were off before and after, and its sixth cook, s. */
export interface KitchenLearned {
  readonly before: number;
  readonly after: number;
  readonly sixthBefore: number;
  readonly sixthAfter: number;
  /** With the kitchen's traits known exactly. */
  readonly sixthKnown: number;
  readonly ms: number;
}

/** Draws the `nth` hidden kitchen of a seed, cooks in it five times and learns from that. */
export const learnOne = (seed: number, nth: number): KitchenLearned => {
  const random = seededRandom(seed * 7919 + nth);
  const said = SAID_HABITS[nth % SAID_HABITS.length] ?? USUAL;
  const truth: TrueKitchen = {
    oven: even(random, -25, 25),
    ovenHeat: even(random, 0.8, 1.2),
    burner: even(random, 0.7, 1.3),
    contact: even(random, 0.7, 1.3),
    thickness: even(random, -0.003, 0.003),
    habits: habitsBeside(said, random),
  };
  const cooked = COOKED.map((request) => ({ ...request, ...said }));
  const cookedAs = (i: number): PlanRequest => {
    const found = cooked[i % cooked.length];
    if (!found) throw new Error('nothing to cook');
    return found;
  };
  const cooks = Array.from({ length: LOGGED }, (_, n) =>
    logged(`k${nth}c${n}`, n, planOf(another(cookedAs(n + nth), random)), truth, random),
  );
  const begin = performance.now();
  const kitchen = learnedKitchen(cooks);
  const ms = performance.now() - begin;
  const known = traitsFor(kitchen.traits, FIRST_GEAR);
  const sixth = another(cookedAs(Math.floor(even(random, 0, COOKED.length))), random);
  const errors = (by: LearnedTraits): number =>
    mean(cooked.map((request) => planError(request, by, truth)));
  const found = {
    before: errors(NOMINAL_KITCHEN),
    after: errors(known),
    sixthBefore: planError(sixth, NOMINAL_KITCHEN, truth),
    sixthAfter: planError(sixth, known, truth),
    sixthKnown: planError(sixth, truth, truth),
    ms,
  };
  if (process.env['BENCH_TALK']) {
    const said = ({ oven, ovenHeat, burner, contact, thickness }: LearnedTraits): string =>
      `${oven.toFixed(0)} ${ovenHeat.toFixed(2)} ${burner.toFixed(2)} ${contact.toFixed(2)} ${(thickness * 1000).toFixed(1)}`;
    process.stderr.write(
      `${nth}: ${said(truth)} | ${said(known)} | ${JSON.stringify(found)} ${sixth.way}\n`,
    );
  }
  return found;
};

/** Figures over all kitchens. */
export const learnFigures = (seed: number, found: readonly KitchenLearned[]): LearnFigures => {
  const share = (good: (one: KitchenLearned) => boolean): number =>
    Number((found.filter(good).length / found.length).toFixed(3));
  const noWorse = (error: (one: KitchenLearned) => number): number =>
    share((one) => error(one) <= one.sixthBefore + NOTICED_SECONDS);
  const times = found.map(({ ms }) => ms).toSorted((a, b) => a - b);
  return {
    seed,
    kitchens: found.length,
    halvedAfterFive: share(({ before, after }) => after <= before / 2),
    notWorseOnSixth: noWorse(({ sixthAfter }) => sixthAfter),
    notWorseIfKnown: noWorse(({ sixthKnown }) => sixthKnown),
    notWorseToTheSecond: share(({ sixthBefore, sixthAfter }) => sixthAfter <= sixthBefore),
    errorLeft: Number(mean(found.map(({ before, after }) => after / before)).toFixed(3)),
    learnMs: Number((times[Math.floor(times.length / 2)] ?? 0).toFixed(0)),
  };
};
