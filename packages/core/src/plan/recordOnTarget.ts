import type { Obstacle } from './planResult';
import { recordRun, type RecordedPlan } from './recordPlan';
import { believedSlope, type SectionSolution } from './refineWay';
import { longestOf, tooCool } from './solveWay';

/**
 * The plan that is shown may miss its target by so much, K: in a slow oven a tenth of a degree is a
 * minute. After some corrections the nearest is taken, within what the solver's steps leave open; the
 * promise is half a degree.
 */
const SHOWN_WITHIN = 0.04;
const STILL_SHOWN = 0.15;
const CORRECTIONS = 2;
const MOST_RECORDS = 6;

export type RecordedOnTarget =
  | ({ readonly ok: true; readonly value: number } & RecordedPlan)
  | { readonly ok: false; readonly obstacle: Obstacle };

/**
 * Records a section at its value; where the end that is recorded misses the target, again, corrected
 * by the slope between the last two runs.
 */
export function* recordOnTarget(
  { cook, run, slope: expected, value: from }: SectionSolution,
  frames: number | undefined,
): Generator<null, RecordedOnTarget> {
  const { request } = cook;
  const { target } = request;
  const most = longestOf(request);
  let last = { x: run.value, y: run.end.peak };
  let slope = expected;
  let value = from;
  for (let i = 0; i < MOST_RECORDS; i += 1) {
    yield null;
    const found = recordRun(cook, value, run, frames);
    const at = { x: value, y: found.plan.peakCore };
    const off = Math.abs(at.y - target);
    if (off <= (i < CORRECTIONS ? SHOWN_WITHIN : STILL_SHOWN)) return { ok: true, ...found, value };
    slope = believedSlope(last, at, expected) ?? slope;
    last = at;
    value = Math.min(most, Math.max(0, value - (at.y - target) / slope));
  }
  const obstacle: Obstacle =
    last.y > target ? { reason: 'over', lowest: last.y } : tooCool(request, last);
  return { ok: false, obstacle };
}
