/** Lines on a photograph of a slice, from above to below. */
export const SLICE_LINES = ['upperFace', 'pinkBegins', 'pinkEnds', 'lowerFace'] as const;
export type SliceLine = (typeof SLICE_LINES)[number];

/** Heights of the lines, shares of the picture's height from its upper edge. */
export type SliceLines = Readonly<Record<SliceLine, number>>;

/** Least distance between the two faces of a piece, share of the picture's height. */
const LEAST_FACE = 0.05;

/** The lines after one was moved: it stays between its neighbours. */
export const movedLine = (lines: SliceLines, line: SliceLine, to: number): SliceLines => {
  const at = SLICE_LINES.indexOf(line);
  const [above, below] = [SLICE_LINES.at(at - 1), SLICE_LINES.at(at + 1)];
  const least = at === 0 || above === undefined ? 0 : lines[above];
  const most = below === undefined ? 1 : lines[below];
  return { ...lines, [line]: Math.min(most, Math.max(least, to)) };
};

/**
 * Depths of grey under the two faces, m.
 * @param thickness of the piece, m
 * @returns undefined if the faces are too close together to measure
 */
export const greyDepthsOf = (
  { upperFace, pinkBegins, pinkEnds, lowerFace }: SliceLines,
  thickness: number,
): { readonly upper: number; readonly lower: number } | undefined => {
  const face = lowerFace - upperFace;
  if (face < LEAST_FACE) return undefined;
  const depth = (share: number): number => Math.max(0, (share / face) * thickness);
  return { upper: depth(pinkBegins - upperFace), lower: depth(lowerFace - pinkEnds) };
};
