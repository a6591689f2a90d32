import { DEFAULT_PAN, NOMINAL_KITCHEN } from '@crustan/core/gear';
import { even, normal, seededRandom } from '@crustan/core/maths';
import { Forecaster, type Forecast } from '@crustan/core/estimate';
import {
  habitsBeside,
  trueRun,
  type HiddenKitchen,
  type ProbePlace,
} from '@crustan/core/simulation';
import { type CookEvent } from '@crustan/core/cook';
import { USUAL, type CookPlan, type PlanRequest, type MethodSimulator } from '@crustan/core/plan';
import { legsUntil, planOf, SAID_HABITS, sectionIn, truePull } from './trueCooking';
import { firstOvenLeg } from '@crustan/core/plan/ovenLegs';

/** Accuracy of the live forecast in kitchens that differ from their description. */
export interface LiveFigures {
  readonly seed: number;
  readonly kitchens: number;
  /** Share of forecasts half-way within two minutes, or 6 % of the oven stage. */
  readonly withinTwoMinutes: number;
  /** The share that the forecasts’ own spreads lead to expect: what the readings can tell, if these are honest. */
  readonly withinExpected: number;
  /** Mean error of that forecast over the plan's own. */
  readonly errorRatioToPlan: number;
  /** Share of kitchens whose true end lay in the stated 80 % range. */
  readonly coverage80: number;
  /** Share of misplaced probes named before the pull, and of good ones called misplaced. */
  readonly misplacedFound: number;
  readonly misplacedFalse: number;
  /** Of each forecast half-way: the deviation that it states and its error, s. */
  readonly halfway: readonly (readonly [number, number])[];
  /** Median time of one more reading, read every half minute, in some of the kitchens, ms. */
  readonly readingMs: number;
}

const KITCHENS = 200;
const EVERY = 30;
/** Of a normal error, for the share that is expected. */
const DRAWS = 2000;
/** Every nth kitchen is followed reading by reading, to measure the time. */
const TIMED_EVERY = 21;
/** A probe's verdict is looked at as often through the oven stage. */
const LOOKS = [0.15, 0.3, 0.5, 0.7, 0.9] as const;
const T0 = Date.UTC(2026, 2, 1, 18);

const PLANNED: readonly PlanRequest[] = [
  { ...USUAL, cut: 'strip-steak', thickness: 0.04, weight: 0.45, target: 54, way: 'oven-sear' },
  { ...USUAL, cut: 'rib-bone-in', thickness: 0.05, weight: 0.95, target: 54, way: 'oven-sear' },
  { ...USUAL, cut: 'pork-chop', thickness: 0.035, weight: 0.4, target: 62, way: 'oven-sear' },
  { ...USUAL, cut: 'rib-bone-in', thickness: 0.045, weight: 0.85, target: 56, way: 'sear-oven' },
  {
    ...USUAL,
    cut: 'strip-steak',
    thickness: 0.05,
    weight: 0.6,
    target: 52,
    way: 'sear-oven-sear',
    lowOven: 120,
  },
];

const press = (kind: 'in' | 'turned' | 'into-oven', seconds: number): CookEvent => ({
  id: `${kind}-${seconds}`,
  kind,
  at: Math.round(T0 + seconds * 1000),
});

/** Presses up to the oven stage, made on time. */
const pressesTo = (plan: CookPlan, oven: number): readonly CookEvent[] => [
  press('in', 0),
  ...plan.turns.filter((turn) => turn <= oven + 1).map((turn) => press('turned', turn)),
  ...(oven > 0 ? [press('into-oven', oven)] : []),
];

interface Followed {
  readonly plan: CookPlan;
  readonly cook: MethodSimulator;
  readonly hidden: HiddenKitchen;
  readonly pull: number;
  readonly random: () => number;
}

/** Forecasts at shares of the oven stage, from a probe read every half minute. */
const follow = (
  { plan, cook, hidden, pull, random }: Followed,
  looks: readonly number[] = LOOKS,
  times?: number[],
) => {
  const oven = firstOvenLeg(plan.legs)?.at ?? 0;
  const stage = pull - oven;
  const moments: number[] = [];
  for (let t = oven + EVERY; t < pull; t += EVERY) moments.push(t);
  const { truths } = trueRun(cook, hidden, legsUntil(cook, plan, pull), moments);
  const readings = truths.map(({ probe }, i): CookEvent => ({
    id: `r${i}`,
    kind: 'reading',
    at: Math.round(T0 + (moments[i] ?? 0) * 1000),
    celsius: Math.round((probe + hidden.noise * normal(random)) * 10) / 10,
    by: 'probe',
  }));
  const forecaster = new Forecaster({ plan, plannedIn: T0, pan: DEFAULT_PAN });
  const before = pressesTo(plan, oven);
  return looks.map((share): Forecast | undefined => {
    const now = T0 + (oven + share * stage) * 1000;
    const begin = performance.now();
    const found = forecaster.forecast([...before, ...readings.filter(({ at }) => at <= now)], now);
    times?.push(performance.now() - begin);
    return found;
  });
};

/** One kitchen followed through its oven stage: when the pull was forecast for, and when it was. */
export const followedKitchen = (seed: number, looks: readonly number[]) => {
  const random = seededRandom(seed);
  const request = PLANNED[0];
  if (!request) throw new Error('no request');
  const plan = planOf(request);
  const hidden: HiddenKitchen = {
    ...NOMINAL_KITCHEN,
    oven: -16,
    contact: 1.15,
    thickness: 0.002,
    start: -1.5,
    probe: { kind: 'middle', off: 0.004 },
    noise: 0.4,
  };
  const cook = sectionIn(request, hidden, DEFAULT_PAN);
  const pull = truePull(cook, plan);
  const found = follow({ plan, cook, hidden, pull, random }, looks);
  return {
    planned: plan.pullAt,
    pull,
    forecasts: found.flatMap((forecast, i) =>
      forecast
        ? [
            {
              at: (looks[i] ?? 0) * pull,
              pull: (forecast.pullAt - T0) / 1000,
              spread: forecast.pullSpread,
            },
          ]
        : [],
    ),
  };
};

const MISPLACED = ['surface', 'bone', 'out'] as const;
const misplacedIn = (
  nth: number,
  plan: CookPlan,
  pull: number,
  random: () => number,
): ProbePlace => {
  const bony = /bone|chop/.test(plan.request.cut);
  const kinds = MISPLACED.filter((kind) => bony || kind !== 'bone');
  switch (kinds[nth % kinds.length]) {
    case 'bone':
      return { kind: 'bone' };
    case 'out':
      // One half was never in the meat, the other half falls out during the cook.
      return { kind: 'out', from: nth % 2 === 0 ? 0 : even(random, 0.1, 0.8) * pull };
    default:
      return { kind: 'surface', under: even(random, 0.001, 0.006) };
  }
};

const isNamed = (forecast: Forecast | undefined): boolean =>
  forecast !== undefined &&
  ['surface', 'bone', 'out'].includes(forecast.probe.kind) &&
  forecast.probe.chance >= 0.5;

const median = (values: readonly number[]): number =>
  values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)] ?? NaN;

/** Forecasts cooks in 200 hidden kitchens, drawn from a seed. */
export const liveBench = (seed: number, kitchens = KITCHENS): LiveFigures => {
  const random = seededRandom(seed);
  const households = SAID_HABITS.flatMap((said) =>
    PLANNED.map((request) => ({ said, plan: planOf({ ...request, ...said }) })),
  );
  const times: number[] = [];
  const halfway: [number, number][] = [];
  let within = 0;
  let expected = 0;
  // Of their own, so that the kitchens of a seed stay what they were.
  const other = seededRandom(seed + 1);
  const draws = Array.from({ length: DRAWS }, () => normal(other));
  let covered = 0;
  let error = 0;
  let planError = 0;
  let found = 0;
  let falsely = 0;
  for (let i = 0; i < kitchens; i += 1) {
    const household = households[i % households.length];
    if (!household) break;
    const { said, plan } = household;
    const off = even(random, 0, 0.006) * (random() < 0.5 ? -1 : 1);
    const hidden: HiddenKitchen = {
      ...NOMINAL_KITCHEN,
      oven: even(random, -25, 25),
      ovenHeat: even(random, 0.8, 1.2),
      contact: even(random, 0.7, 1.3),
      thickness: even(random, -0.004, 0.004),
      start: even(random, -4, 4),
      probe: { kind: 'middle', off },
      noise: 0.4,
      habits: habitsBeside(said, random),
    };
    const cook = sectionIn(plan.request, hidden, DEFAULT_PAN);
    const pull = truePull(cook, plan);
    const oven = firstOvenLeg(plan.legs)?.at ?? 0;
    const good = follow({ plan, cook, hidden, pull, random });
    if (i % TIMED_EVERY === 0) {
      const stage = pull - oven;
      const each = Array.from({ length: Math.floor(stage / EVERY) }, (_, n) => (n * EVERY) / stage);
      follow({ plan, cook, hidden, pull, random }, each, times);
    }
    const half = good[LOOKS.indexOf(0.5)];
    if (!half) continue;
    const forecastPull = (half.pullAt - T0) / 1000;
    const off2 = Math.abs(forecastPull - pull);
    halfway.push([Math.round(half.pullSpread), Math.round(forecastPull - pull)]);
    error += off2;
    planError += Math.abs(plan.pullAt - pull);
    const allowed = Math.max(120, 0.06 * (pull - oven));
    if (off2 <= allowed) within += 1;
    expected += draws.filter((z) => Math.abs(z) * half.pullSpread <= allowed).length / draws.length;
    cook.reset();
    const end = cook.endOf(legsUntil(cook, plan, forecastPull)).peak;
    if (Math.abs(end - half.end) <= 1.2816 * half.endSpread) covered += 1;
    if (good.some(isNamed)) falsely += 1;
    const probe = misplacedIn(Math.floor(i / PLANNED.length), plan, pull, random);
    const bad = follow({ plan, cook, hidden: { ...hidden, probe }, pull, random });
    if (bad.some(isNamed)) found += 1;
    if (process.env['LIVE_BENCH_TALK']) {
      process.stderr.write(
        `${i} ${plan.request.way} oven ${hidden.oven.toFixed(0)} L ${(hidden.thickness * 1e3).toFixed(1)} d ${(off * 1e3).toFixed(1)}: pull ${pull.toFixed(0)} plan ${plan.pullAt.toFixed(0)} forecast ${forecastPull.toFixed(0)} ±${half.pullSpread.toFixed(0)} end ${end.toFixed(2)} vs ${half.end.toFixed(2)}±${half.endSpread.toFixed(2)} guess ${half.kitchen.oven.toFixed(0)} ${(half.kitchen.thickness * 1e3).toFixed(1)} | ${good.map((f) => `${f?.probe.kind}${f?.probe.chance.toFixed(2)}`).join(' ')} | ${probe.kind} ${bad.map((f) => `${f?.probe.kind}${f?.probe.chance.toFixed(2)}`).join(' ')}\n`,
      );
    }
  }
  const share = (count: number): number => Number((count / kitchens).toFixed(3));
  return {
    seed,
    kitchens,
    withinTwoMinutes: share(within),
    withinExpected: share(expected),
    errorRatioToPlan: Number((error / planError).toFixed(3)),
    coverage80: share(covered),
    misplacedFound: share(found),
    misplacedFalse: share(falsely),
    halfway,
    readingMs: Number(median(times).toFixed(1)),
  };
};
