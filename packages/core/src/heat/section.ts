import { columnGrid, layeredGrid } from './grid';

/**
 * Plan shape of a piece: a wide slab (one dimension, per m2), a long piece cut across (x-z, per
 * metre of its length), or a round one (r-z, per radian).
 */
export type Shape =
  | { readonly kind: 'slab' }
  | {
      readonly kind: 'long';
      /** m, edge to edge. */
      readonly width: number;
      /** Both edges differ (a bone lies along one), so the whole width is solved. */
      readonly whole?: boolean;
    }
  | {
      readonly kind: 'round';
      /** m */
      readonly radius: number;
    };

export const SLAB: Shape = { kind: 'slab' };

/** How finely a section is divided. */
export interface Fineness {
  /** Divides every cell of the thickness: 1 for the usual grid, 2 for half as big. */
  readonly refinement?: number;
  /** Columns from the middle to the edge; ignored for a slab. */
  readonly columns?: number;
}

/** Columns of a section worth drawing. */
export const DISPLAY_COLUMNS = 24;
/** Columns for searches and ensembles: quick, and good for differences about a finer answer. */
export const SEARCH_COLUMNS = 8;

/**
 * A section cut into columns (x or r, from the middle or left edge to the right one) of cells (z,
 * from the face that goes down first). A cell's index is column x depth + row.
 */
export interface Section {
  readonly shape: Shape;
  /** Cell heights, m. */
  readonly heights: Float64Array;
  /** Column widths, m. */
  readonly widths: Float64Array;
  /** Area of a column's faces: m2, m2 per m, or m2 per radian. */
  readonly area: Float64Array;
  /** Breadth of each side between columns, per m of height; one more than columns, ends included. */
  readonly breadth: Float64Array;
  /** The column the mid-line runs through, or starts beside: see `midline`. */
  readonly middle: number;
  /** Whether the first side is an edge too; otherwise it is the plane or axis of symmetry. */
  readonly openLeft: boolean;
}

const sum = (values: Float64Array): number => values.reduce((total, value) => total + value, 0);

/**
 * Cuts a piece into cells.
 * @param thickness m
 * @param layers thicknesses of the layers on the first face, outermost first, m
 */
export const sectionOf = (
  shape: Shape,
  thickness: number,
  layers: readonly number[] = [],
  { refinement = 1, columns = DISPLAY_COLUMNS }: Fineness = {},
): Section => {
  const heights = layeredGrid(thickness, layers, refinement);
  if (shape.kind === 'slab') {
    const one = new Float64Array([1]);
    const none = new Float64Array(2);
    return { shape, heights, widths: one, area: one, breadth: none, middle: 0, openLeft: false };
  }
  const openLeft = shape.kind === 'long' && shape.whole === true;
  const widths =
    shape.kind === 'round'
      ? columnGrid(shape.radius, columns, false)
      : columnGrid(
          openLeft ? shape.width : shape.width / 2,
          openLeft ? 2 * columns : columns,
          openLeft,
        );
  const count = widths.length;
  const area = new Float64Array(count);
  const breadth = new Float64Array(count + 1);
  let inner = 0;
  for (let j = 0; j < count; j += 1) {
    const outer = inner + widths[j];
    area[j] = shape.kind === 'round' ? (outer * outer - inner * inner) / 2 : widths[j];
    breadth[j] = shape.kind === 'round' ? inner : 1;
    breadth[j + 1] = shape.kind === 'round' ? outer : 1;
    inner = outer;
  }
  if (!openLeft) breadth[0] = 0;
  return { shape, heights, widths, area, breadth, middle: openLeft ? count / 2 - 1 : 0, openLeft };
};

/** Thickness of a section, m. */
export const thicknessOf = (section: Section): number => sum(section.heights);

/** Area of the whole of one face, in the section's own measure. */
export const faceArea = (section: Section): number => sum(section.area);
