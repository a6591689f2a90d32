import { tissueProperties } from './properties';
import type { Cut } from './cuts';
import { TISSUES } from './tissues';

/** Plan shape of a piece lying flat, m and m2. */
export interface Footprint {
  readonly area: number;
  readonly length: number;
  readonly width: number;
}

/** The footprint that a weight (kg) and a thickness (m) leave: m / (rho L). */
export const footprint = (cut: Cut, weight: number, thickness: number): Footprint => {
  const area = weight / (tissueProperties(TISSUES[cut.tissue]).density * thickness);
  const round = cut.aspect === 1;
  const width = round ? Math.sqrt((4 * area) / Math.PI) : Math.sqrt(area / cut.aspect);
  return { area, width, length: round ? width : width * cut.aspect };
};
