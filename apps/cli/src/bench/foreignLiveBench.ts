import { DEFAULT_PAN } from '@crustan/core/gear';
import { pressFor, type CookEvent } from '@crustan/core/cook';
import { Forecaster, type Forecast } from '@crustan/core/estimate';
import { actionsOf } from '@crustan/core/schedule';
import {
  HAND_READS,
  PROBE_EVERY,
  type ForeignReading,
  type ForeignFollowed,
  type HandName,
} from './foreignFollowed';

const T0 = Date.UTC(2026, 2, 1, 18);
/** Half widths of 80 % and 95 % ranges of a normal error, deviations. */
const EIGHTY = 1.2816;
const NINETY_FIVE = 1.96;
/** An end this near to its target is good, K. */
const GOOD = 1.5;
/** Looks at a forecast along the solved leg, shares of its true length. */
const HALF = 0.5;
const LATE = 0.8;
const NEAR = 0.92;
/** Interval at which a probe's forecast is read for advice, shares of the planned leg. */
const LOOK_EVERY = 0.05;
const FIRST_LOOK = 0.3;
const LAST_LOOK = 2;

/** Forecasts in kitchens of other physics. Shares from 0 to 1, times s, temperatures K. */
export interface ForeignLiveFigures {
  readonly cooks: number;
  /** Probe in the oven: pull predicted half-way. */
  readonly halfInside80: number;
  readonly halfErrorS: number;
  readonly halfStatedS: number;
  readonly halfBiasS: number;
  /** The same at 80 % of the solved leg, inside 95 %, and near the end, inside 80 %. */
  readonly lateInside95: number;
  readonly nearInside80: number;
  /** The end if it is pulled when the forecast half-way says so, inside its 80 %. */
  readonly endInside80: number;
  /** Ends within 1.5 K of the target when pulled on advice. */
  readonly probeAdviceGood: number;
  readonly handAdviceGood: number;
  readonly handBiasK: number;
  readonly byHand: Readonly<Record<HandName, { readonly good: number; readonly biasK: number }>>;
  /** Of each forecast half-way by a probe: the deviation that it states and its error, s. */
  readonly halfway: readonly (readonly [number, number])[];
  /** Pull predicted after the reading by hand at 70 % of the plan, inside 80 %. */
  readonly handInside80: number;
}

/** A figure at `x` by straight lines between `ys` at `xs`. */
export const between = (xs: readonly number[], ys: readonly number[], x: number): number => {
  const found = xs.findIndex((one) => one >= x);
  const above = found === -1 ? xs.length - 1 : Math.max(1, found);
  const [x0 = 0, x1 = 1, y0 = 0, y1 = 0] = [xs[above - 1], xs[above], ys[above - 1], ys[above]];
  return y0 + ((x - x0) / (x1 - x0)) * (y1 - y0);
};

/** The pull after which a cook ends at its target; undefined beyond what was tried. */
const truePullOf = ({ pulls, ends, plan }: ForeignFollowed): number | undefined => {
  const { target } = plan.request;
  const above = ends.findIndex((end) => end >= target);
  if (above <= 0) return undefined;
  return between(ends.slice(above - 1, above + 1), pulls.slice(above - 1, above + 1), target);
};

interface Judged {
  readonly followed: ForeignFollowed;
  readonly truePull: number;
  readonly half: Forecast;
  readonly late: Forecast;
  readonly near: Forecast;
  /** The end after the pull that was advised, C. */
  readonly advisedEnd: number;
}

const secondsOf = ({ pullAt }: Forecast): number => (pullAt - T0) / 1000;

/** Follows a cook by its forecasts. */
const judge = (followed: ForeignFollowed): Judged | undefined => {
  const { plan, from, readings, checks, hand, pulls, ends } = followed;
  const truePull = truePullOf(followed);
  if (truePull === undefined) return undefined;
  const forecaster = new Forecaster({ plan, plannedIn: T0, pan: DEFAULT_PAN });
  const presses = actionsOf(plan.legs, plan.restSeconds)
    .filter(({ at }) => at < plan.pullAt - 1)
    .map(({ kind, at }, i): CookEvent => ({
      id: `p${i}`,
      kind: pressFor(kind),
      at: T0 + Math.round(at * 1000),
    }));
  const checked: ForeignReading[] = [];
  const forecastAt = (seconds: number): Forecast => {
    const events = [...readings, ...checked]
      .toSorted((a, b) => a.seconds - b.seconds)
      .filter((reading) => reading.seconds <= seconds + 1e-6)
      .map(({ seconds: at, celsius }, i): CookEvent => ({
        id: `r${i}`,
        kind: 'reading',
        at: T0 + Math.round(at * 1000),
        celsius,
        by: hand ? 'typed' : 'probe',
      }));
    const pressed = presses.filter(({ at }) => at <= T0 + seconds * 1000 + 1);
    const found = forecaster.forecast([...pressed, ...events], T0 + seconds * 1000);
    if (!found) throw new Error('no forecast');
    return found;
  };
  const at = (share: number): Forecast => forecastAt(from + share * (truePull - from));
  const [half, late, near] = [at(HALF), at(LATE), at(NEAR)];
  const stage = plan.pullAt - from;
  const looks = hand
    ? HAND_READS.map((share) => share * plan.pullAt + 1)
    : Array.from(
        { length: Math.round((LAST_LOOK - FIRST_LOOK) / LOOK_EVERY) },
        (_, i) => from + (FIRST_LOOK + i * LOOK_EVERY) * stage,
      );
  let advised = looks.at(-1) ?? plan.pullAt;
  for (const [i, look] of looks.entries()) {
    const next = looks[i + 1] ?? Infinity;
    let pull = Math.max(look, secondsOf(forecastAt(look)));
    if (pull > next) continue;
    // A probe is read all the time: the forecast is looked at until its pull is there.
    for (let now = look; !hand && now < pull - PROBE_EVERY;) {
      now = Math.max(now + PROBE_EVERY, (now + pull) / 2);
      pull = Math.max(now, secondsOf(forecastAt(now)));
    }
    // A hand reads once more before it pulls, and waits where that says so.
    const check = hand && checks.find(({ seconds }) => seconds >= pull);
    if (check) checked.push(check);
    advised = check ? Math.max(check.seconds, secondsOf(forecastAt(check.seconds))) : pull;
    if (advised <= next) break;
  }
  return { followed, truePull, half, late, near, advisedEnd: between(pulls, ends, advised) };
};

const share = (all: readonly boolean[]): number =>
  Number((all.filter(Boolean).length / all.length).toFixed(3));
const mean = (all: readonly number[]): number => all.reduce((sum, x) => sum + x, 0) / all.length;
const median = (all: readonly number[]): number =>
  all.toSorted((a, b) => a - b)[Math.floor(all.length / 2)] ?? NaN;

/** Accuracy of the live forecast in foreign kitchens. */
export const foreignLiveFigures = (
  cooks: readonly ForeignFollowed[],
  talk: (line: string) => void = () => undefined,
): ForeignLiveFigures => {
  const judged = cooks.map(judge).filter((one) => one !== undefined);
  for (const { followed, truePull, half, late, near, advisedEnd } of judged) {
    const { plan, kind, hand, from } = followed;
    const said = [half, late, near].map(
      (one) => `${(secondsOf(one) - truePull).toFixed(0)}±${one.pullSpread.toFixed(0)}`,
    );
    const { oven, ovenHeat, contact, thickness } = half.kitchen;
    talk(
      `${kind} ${hand ?? 'probe'} ${plan.request.way} ${(plan.request.thickness * 1000).toFixed(0)} mm plan ${(plan.pullAt - from).toFixed(0)} true ${(truePull - from).toFixed(0)}: ${said.join(' ')}; end ${(advisedEnd - plan.request.target).toFixed(2)} | oven ${oven.toFixed(0)} x${ovenHeat.toFixed(2)} contact ${contact.toFixed(2)} ${(thickness * 1000).toFixed(1)} mm`,
    );
  }
  const probed = judged.filter(({ followed }) => followed.hand === undefined);
  const byHand = judged.filter(({ followed }) => followed.hand !== undefined);
  const error = (one: Judged, forecast: Forecast): number => secondsOf(forecast) - one.truePull;
  const inside = (one: Judged, forecast: Forecast, width: number): boolean =>
    Math.abs(error(one, forecast)) <= width * forecast.pullSpread;
  const off = ({ advisedEnd, followed }: Judged): number =>
    advisedEnd - followed.plan.request.target;
  const good = (one: Judged): boolean => Math.abs(off(one)) <= GOOD;
  const ofHand = (name: HandName) => {
    const its = byHand.filter(({ followed }) => followed.hand === name);
    return { good: share(its.map(good)), biasK: Number(mean(its.map(off)).toFixed(2)) };
  };
  return {
    cooks: judged.length,
    halfInside80: share(probed.map((one) => inside(one, one.half, EIGHTY))),
    halfErrorS: Math.round(median(probed.map((one) => Math.abs(error(one, one.half))))),
    halfStatedS: Math.round(median(probed.map(({ half }) => half.pullSpread))),
    halfBiasS: Math.round(mean(probed.map((one) => error(one, one.half)))),
    lateInside95: share(probed.map((one) => inside(one, one.late, NINETY_FIVE))),
    nearInside80: share(probed.map((one) => inside(one, one.near, EIGHTY))),
    endInside80: share(
      judged.map(({ half, followed: { pulls, ends } }) => {
        const end = between(pulls, ends, secondsOf(half));
        return Math.abs(end - half.end) <= EIGHTY * half.endSpread;
      }),
    ),
    probeAdviceGood: share(probed.map(good)),
    handAdviceGood: share(byHand.map(good)),
    handBiasK: Number(mean(byHand.map(off)).toFixed(2)),
    byHand: {
      exact: ofHand('exact'),
      careless: ofHand('careless'),
      biased: ofHand('biased'),
    },
    halfway: probed.map((one) => [
      Math.round(one.half.pullSpread),
      Math.round(error(one, one.half)),
    ]),
    handInside80: share(byHand.map((one) => inside(one, one.late, EIGHTY))),
  };
};
