import type { PlanRecord } from '@crustan/core/formats';

/** Saved plans in the order they are wanted: the next plate first, then those whose plate is past, the last first. */
export const byPlate = (plans: readonly PlanRecord[], now: number): readonly PlanRecord[] => [
  ...plans.filter(({ plateAt }) => plateAt >= now).toSorted((a, b) => a.plateAt - b.plateAt),
  ...plans.filter(({ plateAt }) => plateAt < now).toSorted((a, b) => b.plateAt - a.plateAt),
];
