import { runFor, type PieceSolver, type StepControl, type Surroundings } from '../../heat';
import { plainFace, plainSolver } from '../plainTissue';

/** A slab on a hot plate under cool air, with linear faces: the case of Thiffeault (2022). */
export interface FlipCase {
  /** m */
  readonly thickness: number;
  /** Coefficients on the hot plate and in the air, W/m2 K. */
  readonly below: number;
  readonly above: number;
}

/** Both faces alike: the middle is last to get there, and feels no flip. */
export const EQUAL_FACES: FlipCase = { thickness: 0.02, below: 900, above: 900 };
/** A thin patty under still air: its cool side is last, and flips help. */
export const PATTY: FlipCase = { thickness: 0.01, below: 900, above: 60 };

const [PLATE, AIR, START, DONE] = [200, 25, 5, 70];
const FINE: StepControl = { meanError: 5e-4, cellError: 0.05, longest: 1 };
/** Step of the search for the best single flip, as a factor. */
const SEARCH_STEP = 1.05;

type Done = (solver: PieceSolver) => boolean;
const middle: Done = (solver) => solver.core >= DONE;
const everywhere: Done = ({ peak, count }) => {
  for (let c = 0; c < count; c += 1) if (peak[c] < DONE) return false;
  return true;
};

/** Seconds until `done`, flipping at the end of each interval and then never again. */
const timeUntil = (at: FlipCase, intervals: readonly number[], done: Done): number => {
  const around: Surroundings = {
    lower: plainFace(PLATE, at.below),
    upper: plainFace(AIR, at.above),
    edge: plainFace(AIR, 0),
  };
  const solver = plainSolver(at.thickness, START, { control: FINE });
  let t = 0;
  const section = (seconds: number): boolean => {
    let met = false;
    t += runFor(solver, around, seconds, () => (met = done(solver)));
    return met;
  };
  for (const interval of intervals) {
    if (section(interval)) return t;
    solver.flip();
  }
  return section(2000) ? t : Infinity;
};

/** Seconds until the middle reaches 70 C under a sequence of flips. */
export const middleDoneAfter = (at: FlipCase, intervals: readonly number[]): number =>
  timeUntil(at, intervals, middle);

/** Seconds until every depth has been past 70 C, flipped once at the best moment for it. */
export const bestSingleFlip = (at: FlipCase): number => {
  let best = Infinity;
  for (let first = 15; first < 400; first *= SEARCH_STEP) {
    best = Math.min(best, timeUntil(at, [first], everywhere));
  }
  return best;
};

/** The same, flipped at this interval until done. */
export const manyFlips = (at: FlipCase, every: number): number =>
  timeUntil(
    at,
    Array.from({ length: Math.ceil(700 / every) }, () => every),
    everywhere,
  );
