import { PLAN_LIMITS } from '../request/limits';
import { goodCrust, worksInOneDimension, type PlanKitchen } from './remedies';
import type { PlanRequest } from '../request/request';

/** Thicknesses are asked for in whole steps, m, and no thicker than this. */
const STEP = 0.002;
const THICKEST = 0.08;

/** The thicknesses, m, at which a way browns a piece before it is done and does not burn it. */
export interface ThicknessRange {
  readonly least: number;
  readonly most: number;
  /** Whether thicker ones than were tried may work as well. */
  readonly open: boolean;
}

const rounded = (metres: number): number => Math.round(metres / STEP) * STEP;

/** A piece of the same footprint, as a butcher would cut it. */
const cutTo = (request: PlanRequest, thickness: number): PlanRequest => ({
  ...request,
  thickness,
  weight: Math.min(
    PLAN_LIMITS.weight.most,
    Math.max(PLAN_LIMITS.weight.least, (request.weight * thickness) / request.thickness),
  ),
});

/**
 * Range of thickness to ask for, for this method and this end: searched outwards from the present thickness, or from
 * the nearest that works. Undefined if none works.
 */
export function* thicknessToAsk(
  request: PlanRequest,
  kitchen: PlanKitchen,
): Generator<null, ThicknessRange | undefined> {
  const good = (thickness: number) =>
    worksInOneDimension(cutTo(request, thickness), kitchen, goodCrust(request));
  const here = rounded(request.thickness);
  let middle: number | undefined;
  for (let away = 0; away <= THICKEST && middle === undefined; away += STEP) {
    for (const thickness of away === 0 ? [here] : [here - away, here + away]) {
      if (thickness < 2 * STEP || thickness > THICKEST || middle !== undefined) continue;
      if (yield* good(rounded(thickness))) middle = rounded(thickness);
    }
  }
  if (middle === undefined) return undefined;
  let least = middle;
  while (least - STEP >= 2 * STEP && (yield* good(rounded(least - STEP)))) {
    least = rounded(least - STEP);
  }
  let most = middle;
  while (most + STEP <= THICKEST + 1e-9 && (yield* good(rounded(most + STEP)))) {
    most = rounded(most + STEP);
  }
  return { least, most, open: most + STEP > THICKEST };
}
