import type { SliceFigures } from './sliceFigures';
import { crustPaint } from './ramps';
import {
  CUT_LINE,
  DASH,
  fleshAt,
  NO_CRUST,
  rgbOf,
  tableOf,
  THINNEST_DRAWN,
  type Rgb,
} from './sliceColours';

/** The value of a field at a depth under the first face, between two cell centres. */
const fieldAt = (heights: readonly number[], field: ArrayLike<number>, depth: number): number => {
  let edge = 0;
  let before = { centre: 0, value: field[0] ?? 0 };
  for (const [i, height] of heights.entries()) {
    const centre = edge + height / 2;
    const value = field[i] ?? 0;
    if (centre >= depth) {
      const gap = centre - before.centre;
      const share = gap > 0 ? (depth - before.centre) / gap : 1;
      return before.value + share * (value - before.value);
    }
    before = { centre, value };
    edge += height;
  }
  return before.value;
};

/**
 * Paints the slice of a rolled piece: a disc, the half that went down first on top.
 * @param size of the square, px
 * @param line temperature to draw a dashed line at, C
 * @returns RGBA, row by row from the top; clear outside the disc
 */
export const paintRolled = (
  { cells: { heights }, peak, species, browning, crust }: SliceFigures,
  size: number,
  line?: number,
): Uint8ClampedArray<ArrayBuffer> => {
  const thickness = heights.reduce((sum, height) => sum + height, 0);
  const radius = size / 2;
  const table = tableOf(species);
  const paint = [rgbOf(crustPaint(browning[0])), rgbOf(crustPaint(browning[1]))] as const;
  const crustDepth = (side: 0 | 1): number =>
    browning[side] < NO_CRUST ? 0 : Math.max(THINNEST_DRAWN, thickness / size, crust[side]);
  const depths = [crustDepth(0), crustDepth(1)] as const;
  const out = new Uint8ClampedArray(size * size * 4);
  for (let y = 0; y < size; y += 1) {
    const side = y + 0.5 < radius ? 0 : 1;
    let before = NaN;
    for (let x = 0; x < size; x += 1) {
      const from = Math.hypot(x + 0.5 - radius, y + 0.5 - radius);
      if (from > radius) continue;
      const under = ((radius - from) / size) * thickness;
      const celsius = fieldAt(heights, peak, side === 0 ? under : thickness - under);
      let colour: Rgb = fleshAt(table, celsius);
      if (under < depths[side]) colour = paint[side];
      else if (line !== undefined && before >= line !== celsius >= line) {
        if (Math.floor((x + y) / DASH) % 2 === 0) colour = CUT_LINE;
      }
      before = celsius;
      out.set([...colour, 255], (y * size + x) * 4);
    }
  }
  return out;
};
