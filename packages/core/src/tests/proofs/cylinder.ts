import { runFor, type Shape, type StepControl } from '../../heat';
import { cylinderShareLeft, slabShareLeft } from '../analytic';
import { PLAIN_DIFFUSIVITY, PLAIN_TISSUE, plainFluid, plainSolver } from '../plainTissue';

/** Steps so small that what is left is the grid's error. */
const FINE: StepControl = { meanError: 5e-4, cellError: 0.05, longest: 4 };

export interface BlockCase {
  readonly kind: 'round' | 'long';
  readonly thickness: number;
  /** Radius, or half the width, m. */
  readonly half: number;
  readonly h: number;
  readonly seconds: number;
}

export const BLOCK_CASES: readonly BlockCase[] = [
  { kind: 'round', thickness: 0.04, half: 0.065, h: 20, seconds: 3600 },
  { kind: 'round', thickness: 0.04, half: 0.02, h: 60, seconds: 900 },
  { kind: 'long', thickness: 0.03, half: 0.04, h: 40, seconds: 1200 },
];

const FLUID = 120;
const START = 5;

/** The exact core: a finite cylinder, or a bar, is the product of its directions' solutions. */
export const exactBlockCore = ({ kind, thickness, half, h, seconds }: BlockCase): number => {
  const k = PLAIN_TISSUE.conductivityWet[0];
  const through = thickness / 2;
  const z = slabShareLeft((h * through) / k, (PLAIN_DIFFUSIVITY * seconds) / through ** 2, 0);
  const fourier = (PLAIN_DIFFUSIVITY * seconds) / half ** 2;
  const biot = (h * half) / k;
  const across =
    kind === 'round' ? cylinderShareLeft(biot, fourier) : slabShareLeft(biot, fourier, 0);
  return FLUID - (FLUID - START) * z * across;
};

/** The solver's core on a section of that many columns, C. */
export const solvedBlockCore = (block: BlockCase, columns: number): number => {
  const { kind, thickness, half, h, seconds } = block;
  const shape: Shape = kind === 'round' ? { kind, radius: half } : { kind, width: 2 * half };
  const solver = plainSolver(thickness, START, { columns, control: FINE }, shape);
  runFor(solver, plainFluid(FLUID, h), seconds);
  return solver.core;
};

/** The exact axis of a long cylinder in a fluid, C, and the solver's on a rolled piece. */
export const rolledCores = (
  diameter: number,
  h: number,
  seconds: number,
  refinement = 1,
): { readonly exact: number; readonly solved: number } => {
  const radius = diameter / 2;
  const left = cylinderShareLeft(
    (h * radius) / PLAIN_TISSUE.conductivityWet[0],
    (PLAIN_DIFFUSIVITY * seconds) / radius ** 2,
  );
  const solver = plainSolver(diameter, START, { refinement, control: FINE }, { kind: 'rolled' });
  runFor(solver, plainFluid(FLUID, h), seconds);
  return { exact: FLUID - (FLUID - START) * left, solved: solver.core };
};
