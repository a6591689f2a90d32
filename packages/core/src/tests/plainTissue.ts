import {
  matterFrom,
  PieceSolver,
  sectionOf,
  SLAB,
  type Face,
  type Finely,
  type Shape,
  type Surroundings,
} from '../heat';
import { type TissueProperties } from '../food';

/** Constant properties and no water, so that the equations have exact solutions. */
export const PLAIN_TISSUE: TissueProperties = {
  density: 1000,
  water: 0,
  conductivityWet: [0.5, 0, 0],
  capacitySolids: [3.5e6, 0, 0],
};

/** Of the plain tissue, m2/s. */
export const PLAIN_DIFFUSIVITY = 0.5 / 3.5e6;

/** A face with convection only. */
export const plainFace = (temperature: number, coefficient: number): Face => ({
  temperature,
  radiant: temperature,
  coefficient,
  wetExtra: 0,
  emissivity: 0,
  evaporates: false,
  vapourPressure: 0,
  bulges: false,
});

/** The same plain face all round. */
export const plainFluid = (temperature: number, coefficient: number): Surroundings => {
  const face = plainFace(temperature, coefficient);
  return { lower: face, upper: face, edge: face };
};

/** A piece of plain tissue. */
export const plainSolver = (
  thickness: number,
  start: number,
  finely: Finely = {},
  shape: Shape = SLAB,
): PieceSolver => {
  const section = sectionOf(shape, thickness, [], finely);
  return new PieceSolver(
    section,
    matterFrom(section, () => PLAIN_TISSUE),
    start,
    0,
    finely.control,
  );
};
