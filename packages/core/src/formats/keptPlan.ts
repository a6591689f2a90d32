import type { CookPlan } from '../plan/legs/planResult';
import type { KeptPlan } from './cookPlanSchema';

/** A plan in the stored and transmitted form. */
export const keptPlan = (plan: CookPlan): KeptPlan => ({
  ...plan,
  legs: plan.legs.map((leg) => ({ ...leg, flips: [...leg.flips] })),
  turns: [...plan.turns],
  browning: [...plan.browning],
  crust: [...plan.crust],
  readings: plan.readings && {
    pull: [...plan.readings.pull],
    done: [...plan.readings.done],
    slice: [...plan.readings.slice],
  },
  ownSteps: plan.ownSteps && [...plan.ownSteps],
  trace: {
    time: [...plan.trace.time],
    core: [...plan.trace.core],
    surface: [...plan.trace.surface],
  },
});
