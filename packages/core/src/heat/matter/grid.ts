/** Thickness of the outermost cell, m: the crust is about a millimetre. */
export const FIRST_CELL = 0.15e-3;
/** Growth from one cell to the next, at most. */
export const CELL_GROWTH = 1.18;
/** Width of the outermost column, m, where there are columns enough. */
const FIRST_COLUMN = 0.5e-3;
/**
 * Smallest width of the outermost column, as a fraction 1/n of an even share. With few columns the drying edge of a
 * piece in an oven needs a narrow one more than the middle needs even ones.
 */
const NARROWER = 3;
const NARROWER_OF_FEW = 6;
const FEW_COLUMNS = 16;

/** Largest cell: a millimetre, or this share of a thick piece. */
const LARGEST_CELL = 1e-3;
const LARGEST_SHARE = 1 / 36;

/**
 * Share of a half thickness, from the face inward, with the same cells at every thickness: a small change of thickness
 * does not move the drying cells, and only stretches those near the middle.
 */
const SAME_SHARE = 0.4;

const cellSize = (i: number, first: number, growth: number, largest: number): number =>
  Math.min(first * growth ** i, largest);

const reach = (first: number, growth: number, largest: number, count: number): number => {
  let sum = 0;
  for (let i = 0; i < count; i += 1) sum += cellSize(i, first, growth, largest);
  return sum;
};

/** The growth that fills `length` with `count` cells, by bisection: `reach` rises with growth. */
const growthFor = (
  length: number,
  first: number,
  largest: number,
  count: number,
  most: number,
): number => {
  let low = 0.2;
  let high = most;
  for (let i = 0; i < 60; i += 1) {
    const growth = (low + high) / 2;
    if (reach(first, growth, largest, count) < length) low = growth;
    else high = growth;
  }
  return (low + high) / 2;
};

/** `sizes` from the outside in, mirrored to fill both halves. */
const mirrored = (sizes: Float64Array): Float64Array => {
  const count = sizes.length;
  const cells = new Float64Array(2 * count);
  for (let i = 0; i < count; i += 1) {
    cells[i] = sizes[i];
    cells[2 * count - 1 - i] = sizes[i];
  }
  return cells;
};

/** The outermost and the largest cell, m, and the most that one outgrows the last. */
const boundsOf = (thickness: number, refinement: number) => ({
  first: FIRST_CELL / refinement,
  largest: Math.max(LARGEST_CELL, LARGEST_SHARE * thickness) / refinement,
  limit: CELL_GROWTH ** (1 / refinement),
});

/**
 * Cell sizes through a thickness, fine at both faces and mirror-symmetric.
 * @param thickness m
 * @param refinement 1 for the default grid, 2 for cells half as big, and so on
 * @returns an even number of cell sizes, m; their sum is the thickness
 */
export const gradedGrid = (thickness: number, refinement = 1): Float64Array => {
  const half = thickness / 2;
  const { first, largest, limit } = boundsOf(thickness, refinement);
  let count = 2;
  while (reach(first, limit, largest, count) < half) count += 1;
  const sizes = Float64Array.from({ length: count }, (_, i) => cellSize(i, first, limit, largest));
  let same = 0;
  let sameTo = 0;
  while (sameTo + sizes[same] <= SAME_SHARE * half) {
    sameTo += sizes[same];
    same += 1;
  }
  const fit = (half - sameTo) / (reach(first, limit, largest, count) - sameTo);
  for (let i = same; i < count; i += 1) sizes[i] *= fit;
  return mirrored(sizes);
};

/** Number of cells of the steepest grid that comes nearest to a depth: the same for every thickness. */
const cellsTo = (depth: number, thickness: number, refinement: number): number => {
  const { first, largest, limit } = boundsOf(thickness, refinement);
  let count = 1;
  while (
    Math.abs(reach(first, limit, largest, count + 1) - depth) <
    Math.abs(reach(first, limit, largest, count) - depth)
  ) {
    count += 1;
  }
  return count;
};

/**
 * Moves the end of the cell before `nearest` to a place: the cells from `fixed`, which begins at `fixedAt`, up to it
 * are stretched to fit, and those after it up to the end of the whole.
 */
const moveEnd = (
  cells: Float64Array,
  fixed: number,
  nearest: number,
  fixedAt: number,
  place: number,
  whole: number,
): void => {
  let at = fixedAt;
  for (let i = fixed; i < nearest; i += 1) at += cells[i];
  const inside = (place - fixedAt) / (at - fixedAt);
  const beyond = (whole - place) / (whole - at);
  for (let i = fixed; i < cells.length; i += 1) cells[i] *= i < nearest ? inside : beyond;
};

/**
 * The graded grid with a cell boundary on every layer's inner side: the nearest boundary is moved there and the cells
 * on both sides are stretched. Its index does not depend on the thickness of the piece, so that a small change
 * of thickness moves no other boundary.
 * @param layers thicknesses from the first face inward, m; together within the thickness
 */
export const layeredGrid = (
  thickness: number,
  layers: readonly number[],
  refinement = 1,
): Float64Array => {
  const cells = gradedGrid(thickness, refinement);
  const count = cells.length;
  let fixed = 0;
  let fixedAt = 0;
  let boundary = 0;
  for (const layer of layers) {
    boundary += layer;
    if (boundary >= thickness - 1e-9) break;
    // A layer keeps at least one cell, and so does what lies behind it.
    const nearest = Math.min(
      count - 1,
      Math.max(fixed + 1, cellsTo(boundary, thickness, refinement)),
    );
    moveEnd(cells, fixed, nearest, fixedAt, boundary, thickness);
    fixed = nearest;
    fixedAt = boundary;
  }
  return cells;
};

/**
 * Column widths across a section, finest at the edge.
 * @param length m, from the middle to the edge, or edge to edge
 * @param bothEdges fine at both ends, for a whole width
 */
export const columnGrid = (length: number, count: number, bothEdges: boolean): Float64Array => {
  const part = bothEdges ? length / 2 : length;
  const columns = bothEdges ? Math.ceil(count / 2) : count;
  const even = part / columns;
  // A few columns cannot start at half a millimetre without growing wildly.
  const narrower = columns <= FEW_COLUMNS ? NARROWER_OF_FEW : NARROWER;
  const first = Math.min(even, Math.max(FIRST_COLUMN, even / narrower));
  const growth = growthFor(part, first, part, columns, 3);
  const fit = part / reach(first, growth, part, columns);
  const fromEdge = Float64Array.from(
    { length: columns },
    (_, i) => cellSize(i, first, growth, part) * fit,
  );
  return bothEdges ? mirrored(fromEdge) : fromEdge.reverse();
};

/**
 * Moves the nearest cell boundary to each place. The cells on both sides are stretched to fit.
 * @param places m from the first cell's outer side, in order, within the cells
 */
export const alignBoundaries = (cells: Float64Array, places: readonly number[]): Float64Array => {
  const count = cells.length;
  const whole = cells.reduce((sum, cell) => sum + cell, 0);
  const fitted = cells.slice();
  let fixed = 0;
  let fixedAt = 0;
  for (const place of places) {
    let nearest = fixed + 1;
    let at = fixedAt + fitted[fixed];
    for (let i = fixed + 1, end = at; i + 1 < count; i += 1) {
      end += fitted[i];
      if (Math.abs(end - place) < Math.abs(at - place)) {
        nearest = i + 1;
        at = end;
      }
    }
    moveEnd(fitted, fixed, nearest, fixedAt, place, whole);
    fixed = nearest;
    fixedAt = place;
  }
  return fitted;
};
