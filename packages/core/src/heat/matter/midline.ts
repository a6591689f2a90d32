import { thicknessOf, type Section } from './section';

/** Interpolation of the centre's temperature from the cells near it. */
export interface Midline {
  readonly cells: Int32Array;
  readonly weights: Float64Array;
  /** The columns it runs between, and what each is worth. */
  readonly columns: readonly number[];
  readonly columnWeights: readonly number[];
}

/** Lagrange weights of the values at `nodes` for the value at `x`. */
const lagrange = (nodes: readonly number[], x: number): readonly number[] =>
  nodes.map((node, k) =>
    nodes.reduce(
      (weight, other, m) => (m === k ? weight : (weight * (x - other)) / (node - other)),
      1,
    ),
  );

/** Mean of x^2 over a column, weighted as its volume is: what a parabola in x leaves in its cell. */
const meanSquare = (round: boolean, inner: number, outer: number): number =>
  round ? (inner * inner + outer * outer) / 2 : (outer * outer + outer * inner + inner * inner) / 3;

/** The columns a mid-line is read from, and their weights. */
const across = ({
  shape,
  widths,
  middle,
  openLeft,
}: Section): readonly (readonly [number, number])[] => {
  if (widths.length === 1) return [[0, 1]];
  if (openLeft) {
    return [
      [middle, 0.5],
      [middle + 1, 0.5],
    ];
  }
  // Even about the middle: the parabola through the first two columns' means.
  const round = shape.kind === 'round';
  const first = meanSquare(round, 0, widths[0]);
  const second = meanSquare(round, widths[0], widths[0] + widths[1]);
  const weight = second / (second - first);
  return [
    [0, weight],
    [1, 1 - weight],
  ];
};

/**
 * Centre of a section: a cubic through the four cells near a depth on the mid-line.
 * @param half the depth, m; default: mid-thickness
 */
export const midline = (section: Section, half = thicknessOf(section) / 2): Midline => {
  const { heights } = section;
  const rows = heights.length;
  const centres: number[] = [];
  let depth = 0;
  for (const height of heights) {
    centres.push(depth + height / 2);
    depth += height;
  }
  const below = centres.findIndex((centre) => centre >= half - 1e-12);
  const from = Math.max(0, Math.min(below - 2, rows - 4));
  const rowWeights = lagrange(centres.slice(from, from + 4), half);
  const cells: number[] = [];
  const weights: number[] = [];
  const columns = across(section);
  for (const [column, share] of columns) {
    rowWeights.forEach((weight, k) => {
      cells.push(column * rows + from + k);
      weights.push(weight * share);
    });
  }
  return {
    cells: Int32Array.from(cells),
    weights: Float64Array.from(weights),
    columns: columns.map(([column]) => column),
    columnWeights: columns.map(([, share]) => share),
  };
};
