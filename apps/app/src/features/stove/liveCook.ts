import type { KeptPlan } from '@crustan/core/formats';
import { cookState, type CookState, type DueStep } from '@crustan/core/cook/cookState';
import type { Forecast } from '@crustan/core/estimate/forecastResult';
import { effectiveEvents } from '@crustan/core/cook/effectiveEvents';
import { heatedIn, preheatStep } from '@crustan/core/cook/preheatStep';
import { heatStartFor, runOf, type Run, type RunGear } from '@crustan/core/schedule/run';
import type { ActiveCook } from '../../store/activeCook';
import { movedPull } from '../../workers/useForecasts';

/** Present state of a piece, as Stove shows it. */
export interface LiveCook {
  readonly cook: ActiveCook;
  /** Plan with the legs and readings of the forecast. */
  readonly plan: KeptPlan;
  readonly plannedIn: number;
  readonly state: CookState;
  readonly forecast: Forecast | undefined;
  readonly current: DueStep;
  readonly next: DueStep | undefined;
  /** Ready time, ms since 1970. */
  readonly plateAt: number;
}

const waitsOf = (cook: ActiveCook): number => cook.together?.waits ?? 0;

/** Planned start of the heat, ms since 1970. */
export const plannedInOf = (cook: ActiveCook, gear: RunGear): number =>
  heatStartFor(runOf(cook.plan.plan, gear), cook.plan.plateAt - waitsOf(cook) * 1000);

/** @param planned when the plan has it on the plate, ms since 1970 */
const plateOf = (state: CookState, run: Run, planned: number): number => {
  const slice = run.steps.find(({ kind }) => kind === 'slice');
  const afterSlice = (run.panToPlate - (slice?.at ?? 0)) * 1000;
  if (state.slicedAt !== undefined) return state.slicedAt + afterSlice;
  if (state.inAt === undefined) return planned;
  const sliced = state.left.find(({ kind }) => kind === 'slice');
  return (sliced?.dueAt ?? planned) + afterSlice;
};

/** Derives what the stove shows of a piece. */
export const liveCook = (
  cook: ActiveCook,
  gear: RunGear,
  forecast: Forecast | undefined,
): LiveCook => {
  const { plan, plateAt } = cook.plan;
  const run = runOf(plan, gear);
  const plannedIn = plannedInOf(cook, gear);
  const pull = movedPull(forecast);
  const effective = effectiveEvents(cook.events);
  const state = cookState(plan, heatedIn(run, plannedIn, effective), cook.events, pull);
  const heats = state.place === 'before' && cook.plan.panAfter === undefined;
  const heating = heats ? preheatStep(run, plannedIn, effective) : undefined;
  return {
    cook,
    plan: {
      ...plan,
      legs: state.progress.legs.map((leg) => ({ ...leg, flips: [...leg.flips] })),
      ...(pull !== undefined && forecast
        ? { pullCore: forecast.pullCore, peakCore: forecast.end }
        : {}),
    },
    plannedIn,
    state,
    forecast,
    current: heating ?? state.current,
    next: heating ? state.current : state.next,
    plateAt: plateOf(state, run, plateAt),
  };
};

/** The piece whose next thing is due first; one that is sliced waits for its judgement last. */
export const mostUrgent = (cooks: readonly LiveCook[]): LiveCook | undefined =>
  cooks
    .filter(({ current }) => current.kind !== 'judge')
    .toSorted((a, b) => a.current.dueAt - b.current.dueAt)[0] ?? cooks[0];
