import { runFor, type StepControl } from '../../heat';
import { slabShareLeft } from '../analytic';
import { PLAIN_DIFFUSIVITY, PLAIN_TISSUE, plainFluid, plainSolver } from '../plainTissue';

/** Steps so small that what is left is the grid's error. */
export const GRID_ONLY: StepControl = { meanError: 1e-5, cellError: 1e-3, longest: 0.5 };

export interface SlabCase {
  readonly thickness: number;
  readonly h: number;
  readonly seconds: number;
}

export const SLAB_CASES: readonly SlabCase[] = [
  { thickness: 0.025, h: 50, seconds: 600 },
  { thickness: 0.04, h: 20, seconds: 3600 },
  { thickness: 0.04, h: 400, seconds: 900 },
  { thickness: 0.1, h: 30, seconds: 7200 },
];

/** Of the fluid and of the slab at first, C. */
export const SLAB_FLUID = 120;
const START = 5;

/** Core of the slab by its Fourier series, C. */
export const exactSlabCore = ({ thickness, h }: SlabCase, seconds: number): number => {
  const half = thickness / 2;
  const biot = (h * half) / PLAIN_TISSUE.conductivityWet[0];
  const left = slabShareLeft(biot, (PLAIN_DIFFUSIVITY * seconds) / half ** 2, 0);
  return SLAB_FLUID - (SLAB_FLUID - START) * left;
};

/** Core of the slab by the solver, C; `see` hears of every step. */
export const solvedSlabCore = (
  slab: SlabCase,
  refinement: number,
  control?: StepControl,
  see?: (seconds: number, core: number) => void,
): number => {
  const solver = plainSolver(slab.thickness, START, { refinement, control });
  runFor(solver, plainFluid(SLAB_FLUID, slab.h), slab.seconds, (t) => {
    see?.(t, solver.core);
    return false;
  });
  return solver.core;
};

/** Core error of a slab, K, on the grid as used, twice and four times as fine. */
export const slabErrors = (slab: SlabCase): readonly number[] => {
  const exact = exactSlabCore(slab, slab.seconds);
  return [1, 2, 4].map((refinement) => solvedSlabCore(slab, refinement, GRID_ONLY) - exact);
};
