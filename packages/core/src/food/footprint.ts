import { tissueProperties } from './properties';
import type { Cut } from './cuts';
import { TISSUES } from './tissues';

/** Plan shape of a piece lying flat, m and m2. */
export interface Footprint {
  readonly area: number;
  readonly length: number;
  readonly width: number;
}

/**
 * The footprint that a weight (kg) and a thickness (m) leave: m / (rho L). A rolled piece lies on its
 * side: its shadow is its diameter by its length.
 */
export const footprint = (cut: Cut, weight: number, thickness: number): Footprint => {
  const { density } = tissueProperties(TISSUES[cut.tissue]);
  if (cut.rolled) {
    const length = weight / ((density * Math.PI * thickness * thickness) / 4);
    return { area: thickness * length, width: thickness, length };
  }
  const area = weight / (density * thickness);
  const round = cut.aspect === 1;
  const width = round ? Math.sqrt((4 * area) / Math.PI) : Math.sqrt(area / cut.aspect);
  return { area, width, length: round ? width : width * cut.aspect };
};
