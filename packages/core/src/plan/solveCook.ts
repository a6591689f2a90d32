import { BURNT_FROM } from '../doneness';
import { browningIndex, DISPLAY_COLUMNS, SEARCH_COLUMNS, type Cook, type Finely } from '../heat';
import type { CookEnd } from './cookEnd';
import { pullStage, type CookUnknown } from './cookUnknown';
import { findCrossing, type Crossing } from './findCrossing';
import { LONGEST_PAN } from './longest';
import { StagedCook } from './stagedCook';

/** Longest an unknown stage of a file may last in an oven, s. */
const LONGEST_OVEN = 12 * 3600;
/** How near the peak must come to the target, K. */
const PEAK_TOLERANCE = 0.03;
/** The same for a section, whose search is done on fewer columns, K; and how often it is corrected. */
const SECTION_TOLERANCE = 0.1;
const MOST_CORRECTIONS = 4;

/** A cook whose core peaks at the target. */
export interface CookSolution extends CookEnd {
  readonly ok: true;
  /** Seconds of the unknown stage, of each side, or of all turns. */
  readonly value: number;
  /** Browning index of the first face down and the other, at the end. */
  readonly browning: readonly [number, number];
}

/** Why there is none. Temperatures C. */
export type CookObstacle =
  /** The piece is already as warm before the unknown stage as it should end. */
  | { readonly reason: 'warm'; readonly core: number }
  /** What is fixed alone carries the core past the target. */
  | { readonly reason: 'over'; readonly lowest: number }
  /** A face is burnt before the middle is there. */
  | { readonly reason: 'burns'; readonly browning: number; readonly seconds: number }
  /** The core never gets there, however long it stays. */
  | { readonly reason: 'never'; readonly highest: number; readonly seconds: number }
  /** The oven's air is too cool for it. */
  | { readonly reason: 'cool-oven'; readonly air: number; readonly highest: number };

export type CookAnswer = CookSolution | { readonly ok: false; readonly obstacle: CookObstacle };

const obstacle = (found: CookObstacle): CookAnswer => ({ ok: false, obstacle: found });

/** A first guess of the unknown: heat reaches the middle in about L^2 / (9 a), an oven is slower. */
const firstGuess = (cook: Cook, unknown: CookUnknown): number => {
  const reach = cook.piece.thickness ** 2 / (9 * 1.4e-7);
  switch (unknown.kind) {
    case 'turns':
      return reach;
    case 'perSide':
      return reach / unknown.stages.length;
    case 'seconds': {
      const stage = cook.stages[unknown.stage];
      return stage.kind === 'oven' ? (reach * 250) / Math.max(40, stage.air) : reach;
    }
  }
};

interface Found {
  readonly x: number;
  readonly end: CookEnd;
}

/** Finds the unknown on one solver. Yields before every run, so that a stale search can be dropped. */
function* search(
  staged: StagedCook,
  target: number,
  guess: number,
  tolerance: number,
): Generator<null, Found | { readonly obstacle: CookObstacle }> {
  const { cook, unknown } = staged;
  const stage = cook.stages[pullStage(unknown)];
  const most = stage.kind === 'oven' ? LONGEST_OVEN : LONGEST_PAN;
  yield null;
  let low: Crossing = { x: 0, y: staged.endAfter(0).peak };
  if (low.y >= target) return { obstacle: { reason: 'over', lowest: low.y } };
  let high: Crossing = { x: Math.min(guess, most), y: 0 };
  for (;;) {
    yield null;
    high = { x: high.x, y: staged.endAfter(high.x).peak };
    if (high.y >= target) break;
    if (high.x >= most) {
      return stage.kind === 'oven' && stage.pan === undefined
        ? { obstacle: { reason: 'cool-oven', air: stage.air, highest: high.y } }
        : { obstacle: { reason: 'never', highest: high.y, seconds: high.x } };
    }
    low = high;
    high = { x: Math.min(high.x * 1.5, most), y: 0 };
  }
  const at = yield* findCrossing((x) => staged.endAfter(x).peak, target, low, high, tolerance);
  // The search leaves the solver at its last trial, which need not be the best: run it again.
  return { x: at.x, end: staged.endAfter(at.x) };
}

/**
 * Solves any sequence of stages with one unknown for the core's peak after the pull. A slab is
 * searched as it is; a section on a few columns, then corrected by what the fine section says at
 * the answer, until the fine one itself peaks at the target.
 */
export function* solveCook(
  cook: Cook,
  unknown: CookUnknown,
  target: number,
  finely: Finely = {},
): Generator<null, CookAnswer> {
  const flat = cook.piece.shape === undefined || cook.piece.shape.kind === 'slab';
  const coarse = new StagedCook(cook, unknown, {
    ...finely,
    columns: Math.min(SEARCH_COLUMNS, finely.columns ?? SEARCH_COLUMNS),
  });
  if (coarse.coreBefore >= target) return obstacle({ reason: 'warm', core: coarse.coreBefore });
  let found = yield* search(coarse, target, firstGuess(cook, unknown), PEAK_TOLERANCE);
  if ('obstacle' in found) return obstacle(found.obstacle);
  let staged = coarse;
  if (!flat) {
    staged = new StagedCook(cook, unknown, { columns: DISPLAY_COLUMNS, ...finely });
    let goal = target;
    let { x } = found;
    for (let i = 0; i < MOST_CORRECTIONS; i += 1) {
      yield null;
      const end = staged.endAfter(x);
      found = { x, end };
      const off = end.peak - target;
      if (Math.abs(off) <= SECTION_TOLERANCE) break;
      goal -= off;
      const next = yield* search(coarse, goal, x, PEAK_TOLERANCE);
      if ('obstacle' in next) return obstacle(next.obstacle);
      x = next.x;
    }
  }
  const { solver } = staged;
  const browning = [browningIndex(solver.browned(0)), browningIndex(solver.browned(1))] as const;
  const darkest = Math.max(...browning);
  if (darkest > BURNT_FROM) {
    return obstacle({ reason: 'burns', browning: darkest, seconds: found.x });
  }
  return { ok: true, value: found.x, browning, ...found.end };
}
