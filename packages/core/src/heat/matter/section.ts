import { columnGrid, alignBoundaries, layeredGrid } from './grid';

/**
 * Plan shape of a piece: a wide slab (one dimension, per m2), a long piece cut across (x-z, per
 * metre of its length), a round one (r-z, per radian), or a rolled one (r, per m2 of its lower half).
 */
export type Shape =
  | { readonly kind: 'slab' }
  | {
      readonly kind: 'long';
      /** m, edge to edge. */
      readonly width: number;
      /** Both edges differ (a bone lies along one), so the whole width is solved. */
      readonly whole?: boolean;
      /** Position of its mid-line, m from the left edge; default: the middle of its width. */
      readonly middle?: number | undefined;
      /** Column boundaries, m from the left edge, in order: at the sides of a bone. */
      readonly sides?: readonly number[] | undefined;
    }
  | {
      readonly kind: 'round';
      /** m */
      readonly radius: number;
    }
  /** Lying on its side and as thick as its diameter: one dimension, from the outside to its axis. */
  | { readonly kind: 'rolled' };

export const SLAB: Shape = { kind: 'slab' };

/** Resolution of a section. */
export interface Fineness {
  /** Divides every cell of the thickness: 1 for the default grid, 2 for half the size. */
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
  /**
   * Area of each boundary between rows, and the mean of each row's, of the face's own: below 1 towards
   * the axis of a rolled piece. The first and last boundary are the faces.
   */
  readonly boundary: Float64Array;
  readonly span: Float64Array;
  /** Breadth of each side between columns, per m of height; one more than columns, ends included. */
  readonly breadth: Float64Array;
  /** The column the mid-line runs through, or starts beside: see `midline`. */
  readonly middle: number;
  /** Whether the first side is an edge too; otherwise it is the plane or axis of symmetry. */
  readonly openLeft: boolean;
}

/** Area of the boundaries between rows over the face's: r / R in a cylinder, 1 in anything flat. */
const boundariesOf = (heights: Float64Array, rolled: boolean): Float64Array => {
  const boundary = new Float64Array(heights.length + 1).fill(1);
  if (!rolled) return boundary;
  const radius = sum(heights) / 2;
  let depth = 0;
  heights.forEach((height, i) => {
    depth += height;
    boundary[i + 1] = Math.abs(radius - depth) / radius;
  });
  // The boundary on the axis has no area, whatever the sum of the cells has been rounded to.
  boundary[heights.length / 2] = 0;
  return boundary;
};

const sum = (values: Float64Array): number => values.reduce((total, value) => total + value, 0);

/** Column widths of a section that has several, m. */
const widthsOf = (
  shape: Extract<Shape, { readonly kind: 'long' | 'round' }>,
  columns: number,
): Float64Array => {
  if (shape.kind === 'round') return columnGrid(shape.radius, columns, false);
  if (shape.whole !== true) return columnGrid(shape.width / 2, columns, false);
  const { width, middle, sides = [] } = shape;
  const places = [...(middle === undefined ? [] : [middle]), ...sides].toSorted((a, b) => a - b);
  return alignBoundaries(columnGrid(width, 2 * columns, true), places);
};

/** Column whose right side is nearest to a place, m from the left; default: the middle. */
const columnBefore = (widths: Float64Array, place = sum(widths) / 2): number => {
  let nearest = 0;
  let least = Infinity;
  let at = 0;
  for (let j = 0; j + 1 < widths.length; j += 1) {
    at += widths[j];
    if (Math.abs(at - place) < least - 1e-12) {
      least = Math.abs(at - place);
      nearest = j;
    }
  }
  return nearest;
};

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
  const boundary = boundariesOf(heights, shape.kind === 'rolled');
  const span = heights.map((_, i) => (boundary[i] + boundary[i + 1]) / 2);
  const rows = { shape, heights, boundary, span };
  if (shape.kind === 'slab' || shape.kind === 'rolled') {
    const one = new Float64Array([1]);
    const none = new Float64Array(2);
    return { ...rows, widths: one, area: one, breadth: none, middle: 0, openLeft: false };
  }
  const openLeft = shape.kind === 'long' && shape.whole === true;
  const widths = widthsOf(shape, columns);
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
  const middle = openLeft && shape.kind === 'long' ? columnBefore(widths, shape.middle) : 0;
  return { ...rows, widths, area, breadth, middle, openLeft };
};

/** Thickness of a section, m. */
export const thicknessOf = (section: Section): number => sum(section.heights);

/** Area of the whole of one face, in the section's own measure. */
export const faceArea = (section: Section): number => sum(section.area);
