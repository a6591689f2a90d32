import { KITCHEN_AIR } from '../heat/places/kitchenAir';
import type { KitchenDeviation, PanOnBurner } from '../gear';
import type { PieceSolver } from '../heat';
import type { PlanRequest } from '../plan/request/request';
import type { CookEnd } from '../plan/legs/cookEnd';
import type { TimedLeg } from '../plan/legs/timedLeg';
import { MethodSimulator } from '../plan/legs/methodSimulator';
import { boneColumn } from '../heat/judging/boneColumn';

/** True position of a probe. */
export type ProbePlace =
  /** Distance from the centre of thickness, towards the face that went down first, m; can be negative. */
  | { readonly kind: 'middle'; readonly off: number }
  /** Depth below the face that went down first, m. */
  | { readonly kind: 'surface'; readonly under: number }
  | { readonly kind: 'bone' }
  /** Never in the meat, or fallen out, s from the first heat. */
  | { readonly kind: 'out'; readonly from: number };

/** Actual habits of this kitchen's cook. */
export type Habits = Partial<Pick<PlanRequest, 'knob' | 'spot' | 'restOn' | 'tray' | 'ovenFuel'>>;

/** A kitchen as it really is, hidden from the cook. */
export interface HiddenKitchen extends KitchenDeviation {
  readonly habits?: Habits | undefined;
  readonly probe: ProbePlace;
  /** Deviation of a reading, K. */
  readonly noise: number;
}

/** State in a true kitchen at a moment. */
export interface TrueState {
  readonly core: number;
  /** Temperature at the probe's tip, C. */
  readonly probe: number;
}

/** A bare probe's time constant in an oven's air, s. Estimate for a 4 mm steel tip. */
const PROBE_FOLLOWS_AIR = 40;

/** Temperature in a column at a height over the face that went down first, C. */
const inColumn = (
  { temperature, rows, section }: PieceSolver,
  column: number,
  z: number,
): number => {
  const { heights } = section;
  let base = 0;
  let k = 0;
  while (k < rows - 1 && base + heights[k] < z) {
    base += heights[k];
    k += 1;
  }
  const centre = base + heights[k] / 2;
  const other = z > centre ? Math.min(rows - 1, k + 1) : Math.max(0, k - 1);
  const at = column * rows;
  if (other === k) return temperature[at + k];
  const span = (heights[k] + heights[other]) / 2;
  const share = Math.abs(z - centre) / span;
  return temperature[at + k] + share * (temperature[at + other] - temperature[at + k]);
};

const probeIn = (solver: PieceSolver, { probe }: HiddenKitchen): number => {
  const thickness = solver.section.heights.reduce((sum, height) => sum + height, 0);
  const { middle } = solver.section;
  switch (probe.kind) {
    case 'middle':
      return inColumn(solver, middle, thickness / 2 - probe.off);
    case 'surface':
      return inColumn(solver, middle, probe.under);
    case 'bone':
      return inColumn(solver, boneColumn(solver) ?? middle, thickness / 2);
    case 'out':
      return solver.core;
  }
};

/** A request's cook in a hidden kitchen: as it deviates, and by its habits. */
export const trueCook = (
  request: PlanRequest,
  deviation: KitchenDeviation & { readonly habits?: Habits | undefined },
  options: { readonly pan: PanOnBurner; readonly columns?: number | undefined },
): MethodSimulator =>
  new MethodSimulator({ ...request, ...deviation.habits }, { ...options, deviation });

/**
 * The true course of a piece in a hidden kitchen, on its section: the core and what the probe's
 * tip has at each moment, and how it ends.
 * @param moments ascending, s from the first heat
 */
export const trueRun = (
  cook: MethodSimulator,
  hidden: HiddenKitchen,
  legs: readonly TimedLeg[],
  moments: readonly number[],
): { readonly truths: readonly TrueState[]; readonly end: CookEnd } => {
  const { solver, request } = cook;
  const truths: TrueState[] = [];
  const { probe } = hidden;
  let begun = 0;
  /** End of each leg, and the air around a bare probe in it, C. */
  const airs = legs.map(({ heat, seconds }) => {
    begun += seconds;
    const inOven = heat.on === 'rack' || heat.on === 'oven-pan';
    return { to: begun, air: inOven ? heat.air + hidden.oven : KITCHEN_AIR };
  });
  cook.reset();

  let tip = request.start;
  let last = 0;
  let before = { core: request.start, probe: tip };
  const see = (now: number): void => {
    const dt = now - last;
    if (probe.kind === 'out' && now > probe.from) {
      const round = airs.find(({ to }) => now <= to + 1e-6)?.air ?? KITCHEN_AIR;
      tip += (round - tip) * -Math.expm1(-dt / PROBE_FOLLOWS_AIR);
    } else tip = probeIn(solver, hidden);
    const at = { core: solver.core, probe: tip };
    while (truths.length < moments.length && moments[truths.length] <= now) {
      const share = dt > 0 ? (moments[truths.length] - last) / dt : 1;
      truths.push({
        core: before.core + share * (at.core - before.core),
        probe: before.probe + share * (at.probe - before.probe),
      });
    }
    before = at;
    last = now;
  };
  see(0);
  const end = cook.endOf(legs, see);
  while (truths.length < moments.length) truths.push(before);
  return { truths, end };
};
