import { NOMINAL_KITCHEN } from '@crustan/core/gear';
import { even, normal, seededRandom } from '@crustan/core/maths';
import { pressFor, type CookEvent } from '@crustan/core/cook';
import { drawForeignKitchen, ForeignCooking, type ForeignKitchen } from '@crustan/core/foreign';
import {
  FIRST_GEAR,
  learnedKitchen,
  traitsFor,
  type LearnedKitchen,
  type LoggedCook,
} from '@crustan/core/learn';
import type { CookPlan, PlanRequest } from '@crustan/core/plan';
import { actionsOf } from '@crustan/core/schedule';
import {
  drawForeignPlan,
  followIn,
  type ForeignFollowed,
  type ForeignKind,
  type HandName,
} from './foreignFollowed';
import { between } from './foreignLiveBench';
import { planAndSpread } from './foreignPlans';

const COOKS = 5;
const COOKED: readonly (readonly [ForeignKind, HandName | undefined])[] = [
  ['low-oven', undefined],
  ['pan', 'exact'],
  ['hot-oven', undefined],
  ['pan', 'careless'],
  ['low-oven', undefined],
];
/** Pieces planned with the calibration, one of each in every kitchen. */
const PLANNED: readonly ForeignKind[] = ['low-oven', 'hot-oven'];
/** A cook's error when it judges the end, K. */
const JUDGED = 0.6;
const T0 = Date.UTC(2026, 2, 1, 18);
const DAY = 86_400_000;
/** A plan is worse when its end is further off by this, K. */
const WORSE = 0.3;
const EIGHTY = 1.2816;
const BEYOND = 3;

/** One plan before and after learning: how far its end is off by the clock, K, and the deviation it states. */
interface Judged {
  readonly before: number;
  readonly after: number;
  readonly stated: number;
}

export interface ForeignLearned {
  readonly plans: readonly Judged[];
  /** Offset of the oven: true value, learned value, and its standard deviation, K. */
  readonly oven: { readonly is: number; readonly learned: number; readonly deviation: number };
  /** Figures that plans use though they lie beyond three prior deviations. */
  readonly beyondUsed: number;
  readonly used: readonly string[];
  readonly ms: number;
}

const loggedOf = (
  nth: number,
  { plan, readings, pulls, ends, hand, from }: ForeignFollowed,
  random: () => number,
): LoggedCook => {
  const inAt = T0 + nth * DAY;
  const at = (seconds: number): number => Math.round(inAt + seconds * 1000);
  // Pulled when the thermometer is at the plan's pull, as the plan asked.
  const reads = readings.find(
    ({ seconds, celsius }) =>
      seconds > from + 0.3 * (plan.pullAt - from) && celsius >= plan.pullCore,
  );
  const last = pulls.at(-1) ?? plan.pullAt;
  const pull = Math.min(last, Math.max(pulls[0] ?? 0, reads?.seconds ?? last));
  const more = pull - plan.pullAt;
  const actions = actionsOf(plan.legs, plan.restSeconds).map(
    ({ kind, at: planned }, i): CookEvent => ({
      id: `c${nth}a${i}`,
      kind: pressFor(kind),
      at: at(planned < plan.pullAt - 1 ? planned : planned + more),
    }),
  );
  const read = readings
    .filter(({ seconds }) => seconds <= pull)
    .map(({ seconds, celsius }, i): CookEvent => ({
      id: `c${nth}r${i}`,
      kind: 'reading',
      at: at(seconds),
      celsius,
      by: hand ? 'typed' : 'probe',
    }));
  return {
    id: `c${nth}`,
    at: inAt,
    plan,
    plannedIn: inAt,
    gear: FIRST_GEAR,
    events: [...actions, ...read].toSorted((a, b) => a.at - b.at),
    endTemperature: Math.round((between(pulls, ends, pull) + JUDGED * normal(random)) * 10) / 10,
  };
};

/** A plan's end by the clock over its target, its dial set by the learned offset, K. */
const clockError = (plan: CookPlan, kitchen: ForeignKitchen, offset: number): number => {
  const dialled = { ...kitchen, ovenOffset: kitchen.ovenOffset - offset };
  return new ForeignCooking(plan, dialled).cook('clock').end - plan.request.target;
};

/** The request with what was learned of its kitchen. */
const withLearned = (request: PlanRequest, learned: LearnedKitchen): PlanRequest => {
  const { contact, thickness, ovenHeat } = traitsFor(learned.traits, FIRST_GEAR);
  const doubtOf = (key: string): number | undefined => {
    const found = learned.traits.find((trait) => trait.trait === key);
    if (found?.use !== 'yes') return undefined;
    return key === 'contact' || key === 'ovenHeat'
      ? found.deviation / found.value
      : found.deviation;
  };
  const known = {
    oven: doubtOf('oven'),
    ovenHeat: doubtOf('ovenHeat'),
    contact: doubtOf('contact'),
    thickness: doubtOf('thickness'),
  };
  return { ...request, learned: { contact, thickness, ovenHeat, known } };
};

/** Another cook in the same kitchen: its random variation. */
const another = (kitchen: ForeignKitchen, random: () => number): ForeignKitchen => ({
  ...kitchen,
  thicknessOff: kitchen.thicknessOff + even(random, -0.0005, 0.0005),
  startOff: even(random, -1.5, 1.5),
  probeOff: even(random, -0.0025, 0.0025),
});

/** Draws the `nth` kitchen of a seed, cooks in it five times, learns, and plans again. */
export const learnForeign = (seed: number, nth: number): ForeignLearned => {
  const random = seededRandom(seed * 7919 + 1000 + nth);
  const kitchen = drawForeignKitchen(random);
  const cooks = Array.from({ length: COOKS }, (_, i) => {
    const [kind, hand] = COOKED[i % COOKED.length] ?? ['pan', 'exact'];
    const plan = drawForeignPlan(kind, random);
    return loggedOf(i, followIn({ kind, hand, plan }, another(kitchen, random), random), random);
  });
  const begin = performance.now();
  const learned = learnedKitchen(cooks);
  const ms = performance.now() - begin;
  const offset = traitsFor(learned.traits, FIRST_GEAR).oven;
  const plans = PLANNED.flatMap((kind): Judged[] => {
    const asked = drawForeignPlan(kind, random);
    const here = another(kitchen, random);
    const found = planAndSpread(withLearned(asked.request, learned));
    if (!found) return [];
    return [
      {
        before: clockError(asked, here, NOMINAL_KITCHEN.oven),
        after: clockError(found.plan, here, offset),
        stated: found.spread.endTemperature,
      },
    ];
  });
  const oven = learned.traits.find(({ trait }) => trait === 'oven');
  const inUse = learned.traits.filter(({ use }) => use === 'yes');
  return {
    plans,
    oven: {
      is: kitchen.ovenOffset,
      learned: oven?.value ?? 0,
      deviation: oven?.deviation ?? Infinity,
    },
    beyondUsed: inUse.filter(
      ({ trait, value }) => trait === 'oven' && Math.abs(value) > BEYOND * 14.7,
    ).length,
    used: inUse.map(({ trait, value }) => `${trait} ${value.toFixed(3)}`),
    ms,
  };
};

export interface ForeignLearnFigures {
  readonly kitchens: number;
  readonly plans: number;
  /** Mean error of the end by the clock, without its sign, K. */
  readonly beforeK: number;
  readonly afterK: number;
  readonly worse: number;
  /** Root mean square of the error over the deviation that the plan states. */
  readonly rmsZ: number;
  readonly ovenInside80: number;
  readonly beyondUsed: number;
  readonly learnMs: number;
}

const mean = (all: readonly number[]): number => all.reduce((sum, x) => sum + x, 0) / all.length;

export const foreignLearnFigures = (found: readonly ForeignLearned[]): ForeignLearnFigures => {
  const plans = found.flatMap((one) => one.plans);
  const rounded = (value: number): number => Number(value.toFixed(3));
  return {
    kitchens: found.length,
    plans: plans.length,
    beforeK: rounded(mean(plans.map(({ before }) => Math.abs(before)))),
    afterK: rounded(mean(plans.map(({ after }) => Math.abs(after)))),
    worse: plans.filter(({ before, after }) => Math.abs(after) > Math.abs(before) + WORSE).length,
    rmsZ: rounded(Math.sqrt(mean(plans.map(({ after, stated }) => (after / stated) ** 2)))),
    ovenInside80: rounded(
      mean(
        found.map(({ oven: { is, learned, deviation } }) =>
          Math.abs(is - learned) <= EIGHTY * deviation ? 1 : 0,
        ),
      ),
    ),
    beyondUsed: found.reduce((sum, { beyondUsed }) => sum + beyondUsed, 0),
    learnMs: Math.round(mean(found.map(({ ms }) => ms))),
  };
};
