import { trueCook, type Habits } from '@crustan/core/simulation';
import type { KitchenDeviation, PanOnBurner } from '@crustan/core/gear';
import { SEARCH_COLUMNS } from '@crustan/core/heat';
import { findCrossing, runToEnd } from '@crustan/core/maths';
import {
  planOnSection,
  type CookPlan,
  type PlanRequest,
  type TimedLeg,
  type MethodSimulator,
} from '@crustan/core/plan';

/** Habits that households report, as different as kitchens are: each plans with its own. */
export const SAID_HABITS: readonly Required<Habits>[] = [
  { knob: 'up', spot: 'fresh', restOn: 'board', tray: false, ovenFuel: 'electric' },
  { knob: 'left', spot: 'same', restOn: 'rack', tray: true, ovenFuel: 'gas' },
  { knob: 'up', spot: 'same', restOn: 'warm-plate', tray: false, ovenFuel: 'gas' },
  { knob: 'left', spot: 'fresh', restOn: 'plate', tray: true, ovenFuel: 'electric' },
];

/** A request's plan by its section. */
export const planOf = (request: PlanRequest, pan?: PanOnBurner): CookPlan => {
  const planned = planOnSection(request, pan ? { pan } : {});
  if (!planned.ok) throw new Error(JSON.stringify(planned.obstacle));
  return planned.plan;
};

/**
 * The plan's legs with the deciding ones stretched or cut so that they end at `pull`, s from the
 * first heat: sides that share the time share the change.
 */
export const legsUntil = (
  cook: MethodSimulator,
  plan: CookPlan,
  pull: number,
): readonly TimedLeg[] => {
  const decides = plan.legs.findIndex((leg) => Math.abs(leg.at + leg.seconds - plan.pullAt) < 1);
  const shares = cook.legs.reduce((sum, leg) => sum + leg.unknownShare, 0);
  const more = pull - plan.pullAt;
  return plan.legs.flatMap((leg, i): readonly TimedLeg[] => {
    const planned = cook.legs[i];
    if (!planned) return [];
    const seconds = Math.max(0, leg.seconds + (planned.unknownShare / shares) * more);
    const flips = leg.flips
      .map((flip) => (flip >= leg.seconds - 1 ? seconds : flip))
      .filter((flip) => flip <= seconds);
    return [{ ...planned, unknownShare: i === decides ? 1 : 0, seconds, flips }];
  });
};

/** The pull that gives the wanted end in a kitchen as it really is. */
export const truePull = (cook: MethodSimulator, plan: CookPlan): number => {
  const endAt = (pull: number): number => {
    cook.reset();
    return cook.endOf(legsUntil(cook, plan, pull)).peak;
  };
  let low = { x: plan.pullAt * 0.8, y: endAt(plan.pullAt * 0.8) };
  let high = { x: plan.pullAt * 1.25, y: endAt(plan.pullAt * 1.25) };
  const { target } = plan.request;
  while (low.y > target && low.x > 1) {
    high = low;
    low = { x: low.x * 0.6, y: endAt(low.x * 0.6) };
  }
  while (high.y < target && high.x < 6 * plan.pullAt) {
    low = high;
    high = { x: high.x * 1.4, y: endAt(high.x * 1.4) };
  }
  return runToEnd(findCrossing(endAt, target, low, high, 0.1)).x;
};

/** A request's cook on its section in a kitchen as it really is. */
export const sectionIn = (
  request: PlanRequest,
  off: KitchenDeviation & { readonly habits?: Habits | undefined },
  pan: PanOnBurner,
): MethodSimulator => trueCook(request, off, { pan, columns: SEARCH_COLUMNS });
