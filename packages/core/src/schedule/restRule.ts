import type { CookPlan } from '../plan/legs/planResult';
import { plannedCore } from './plannedCore';

export const REST_RULES = ['computed', 'none', 'fixed', 'half'] as const;
/** The house's rule for the rest: what the core wants, none, fixed minutes, half the cooking time. */
export type RestRule = (typeof REST_RULES)[number];

type Figures = Pick<CookPlan, 'restSeconds' | 'cookSeconds' | 'trace' | 'peakCore'>;

/** Rest by a house rule, compared with the core's peak. */
export interface RestGiven {
  readonly seconds: number;
  /** Core when it is cut, C; undefined past the end of the curve. */
  readonly core: number | undefined;
  /** Rise that the core still lacked, or fall since its peak, K. */
  readonly short: number | undefined;
}

/** @param fixed minutes of the fixed rule, s */
export const restByRule = (plan: Figures, rule: RestRule, fixed: number): RestGiven => {
  const seconds = {
    computed: plan.restSeconds,
    none: 0,
    fixed,
    half: plan.cookSeconds / 2,
  }[rule];
  const core = plannedCore(plan.trace, plan.cookSeconds + seconds);
  return { seconds, core, short: core === undefined ? undefined : plan.peakCore - core };
};

/** Time after the rest in which the core stays within 1.5 C of its peak, s; at most to the end of the curve. */
export const mayWait = (plan: Figures): number => {
  const { time } = plan.trace;
  const from = plan.cookSeconds + plan.restSeconds;
  let last = from;
  for (const t of time) {
    if (t <= from) continue;
    const core = plannedCore(plan.trace, t);
    if (core === undefined || core < plan.peakCore - 1.5) break;
    last = t;
  }
  return last - from;
};
