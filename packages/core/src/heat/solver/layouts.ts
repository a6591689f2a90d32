import { edgeExit, faceExit } from '../matter/exits';
import type { FaceLayout } from './faceLine';
import type { Matter } from '../matter/matter';
import type { Side } from './pieceFields';
import type { Section } from '../matter/section';

/**
 * Cells along one face of a section.
 * @param heights of the cells, m, from the first face: where layers render the first face's change
 */
export const faceLayout = (
  { area }: Section,
  { contact }: Matter,
  side: Side,
  heights: Float64Array,
): FaceLayout => {
  const rows = heights.length;
  return {
    outer: Int32Array.from(area, (_, j) => j * rows + (side === 0 ? 0 : rows - 1)),
    inward: side === 0 ? 1 : -1,
    depth: rows,
    sizes: side === 0 ? heights : heights.slice().reverse(),
    area,
    contact,
    exit: Int32Array.from(area, (_, j) => faceExit(j, side)),
  };
};

/** Cells along one edge of a section. */
export const edgeLayout = (section: Section, edge: 'left' | 'right'): FaceLayout => {
  const { heights, widths, breadth } = section;
  const rows = heights.length;
  const columns = widths.length;
  const column = edge === 'left' ? 0 : columns - 1;
  const side = edge === 'left' ? 0 : columns;
  return {
    outer: Int32Array.from(heights, (_, i) => column * rows + i),
    inward: edge === 'left' ? rows : -rows,
    depth: columns,
    sizes: edge === 'left' ? widths : widths.slice().reverse(),
    area: heights.map((height) => height * breadth[side]),
    contact: new Float64Array(rows).fill(1),
    exit: Int32Array.from(heights, (_, i) => edgeExit(columns, i, edge)),
  };
};
