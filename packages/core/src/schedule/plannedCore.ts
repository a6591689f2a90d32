import type { CookPlan } from '../plan/legs/planResult';

/** Core the plan has at `seconds` from the pan, C, by straight lines between the curve's points. */
export const plannedCore = (trace: CookPlan['trace'], seconds: number): number | undefined => {
  const { time, core } = trace;
  for (let i = 1; i < time.length; i += 1) {
    const a = time[i - 1];
    const b = time[i];
    if (seconds >= a && seconds <= b) {
      return core[i - 1] + ((core[i] - core[i - 1]) * (seconds - a)) / (b - a || 1);
    }
  }
  return undefined;
};
