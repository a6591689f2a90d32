import * as fc from 'fast-check';
import { DISPLAY_COLUMNS } from '@crustan/core/heat';
import { promisedCore } from '@crustan/core/plan';
import {
  endAsTold,
  planCase,
  planCases,
  PROMISE,
  withinLongest,
  type PlanCase,
  type Planned,
  allowedBend,
} from '@crustan/core/tests';

/** Agreement of plans with their promises, over random requests of every cut, method and equipment. */
export interface ContractFigures {
  readonly plans: number;
  readonly feasible: number;
  /** Feasible plans that end further than half a degree off, or have a leg past its longest. */
  readonly broken: number;
  /** The largest miss of a feasible plan, K. */
  readonly worst: number;
  /** Nudges of 0.2 mm or 1 C that made the total jump, or move the wrong way. */
  readonly unsmooth: number;
  /** CPU time of the slowest feasible plan, ms. */
  readonly slowestMs: number;
}

/** A plan that takes more CPU time than this is reported, ms. */
const LONG_MS = 5000;
/** Every nth plan is checked on the finest section, and with nudged inputs. */
const NUDGED = 5;
const NUDGES = [
  // Thicker is never quicker.
  { of: 'thickness', by: 0.0002, rises: true },
  { of: 'pan', by: 1, rises: false },
] as const;
const secondsAt = (at: PlanCase): number | undefined => {
  const found = planCase(at);
  return found.feasible ? found.plan.cookSeconds : undefined;
};

const unsmoothOf = (
  at: PlanCase,
  { plan, window }: Planned & { readonly feasible: true },
  talk: (why: string) => void,
): number => {
  let unsmooth = 0;
  for (const { of, by, rises } of NUDGES) {
    const nudged = (steps: number): PlanCase => ({
      ...at,
      request: { ...at.request, [of]: at.request[of] + steps * by },
    });
    const here = plan.cookSeconds;
    const one = secondsAt(nudged(1));
    const two = secondsAt(nudged(2));
    // Beyond a limit the plan is rejected, which is not a jump of its time.
    if (one === undefined || two === undefined) continue;
    const allowed = allowedBend(one, window);
    const bend = Math.abs(two - 2 * one + here);
    const back = rises ? Math.max(here - one, one - two) : 0;
    if (bend <= allowed && back <= allowed / 2) continue;
    unsmooth += 1;
    talk(`${of}: ${[here, one, two].map((s) => s.toFixed(1)).join(' ')}`);
  }
  return unsmooth;
};

/** Plans `count` random requests of a seed, or one part if the work is divided. */
export const contractBench = (
  seed: number,
  count: number,
  part = 0,
  parts = 1,
  talk: (line: string) => void = () => undefined,
): ContractFigures => {
  const cases = fc.sample(planCases, { seed, numRuns: count });
  let plans = 0;
  let feasible = 0;
  let broken = 0;
  let worst = 0;
  let unsmooth = 0;
  let slowestMs = 0;
  cases.forEach((at, i) => {
    if (i % parts !== part) return;
    plans += 1;
    const begun = process.cpuUsage();
    const found = planCase(at);
    if (!found.feasible) return;
    const { user, system } = process.cpuUsage(begun);
    const cpuMs = (user + system) / 1000;
    slowestMs = Math.max(slowestMs, cpuMs);
    feasible += 1;
    const { plan } = found;
    const { target } = at.request;
    const looked = Math.floor(i / parts) % NUDGED === 0;
    const end = endAsTold(plan, at.pan, looked ? DISPLAY_COLUMNS : undefined);
    const off = Math.max(Math.abs(promisedCore(plan) - target), Math.abs(end - target));
    worst = Math.max(worst, off);
    const about = `${i} ${at.request.cut} ${at.request.way} ${JSON.stringify(at.request)}`;
    if (cpuMs > LONG_MS) talk(`slow, ${cpuMs.toFixed(0)} ms: ${about}`);
    if (off > PROMISE || !withinLongest(plan)) {
      broken += 1;
      talk(`broken by ${off.toFixed(2)}: ${about}`);
    }
    if (looked) unsmooth += unsmoothOf(at, found, (why) => talk(`unsmooth ${why}: ${about}`));
  });
  return {
    plans,
    feasible,
    broken,
    worst: Number(worst.toFixed(3)),
    unsmooth,
    slowestMs: Math.round(slowestMs),
  };
};
