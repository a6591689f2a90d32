import type { SliceFigures } from './sliceFigures';
import { paintRolled } from './paintRolled';
import { crustPaint } from './ramps';
import {
  BONE,
  CUT_LINE,
  DASH,
  FAT,
  fleshAt,
  NO_CRUST,
  rgbOf,
  tableOf,
  THINNEST_DRAWN,
  type Rgb,
} from './sliceColours';

/** Position along a row of cell centres: the cell before it and the fraction to the next, for interpolation. */
const placesOf = (sizes: readonly number[], count: number, from: (i: number) => number) => {
  const centres: number[] = [];
  let edge = 0;
  for (const size of sizes) {
    centres.push(edge + size / 2);
    edge += size;
  }
  const last = centres.length - 1;
  const at = new Int32Array(count);
  const on = new Float32Array(count);
  for (let i = 0; i < count; i += 1) {
    const x = from(i);
    let k = 0;
    while (k < last - 1 && (centres[k + 1] ?? 0) < x) k += 1;
    const low = centres[k] ?? 0;
    const high = centres[Math.min(last, k + 1)] ?? low;
    at[i] = k;
    on[i] = high > low ? Math.min(1, Math.max(0, (x - low) / (high - low))) : 0;
  }
  return { at, on };
};

/**
 * Paints the slice, the face that went down first on top, as it is served.
 * @param nx width, px; `ny` height
 * @param line temperature of a dashed line, C, for readers who do not distinguish reds from browns
 * @returns RGBA, row by row from the top
 */
export const paintSlice = (
  figures: SliceFigures,
  nx: number,
  ny: number,
  line?: number,
): Uint8ClampedArray<ArrayBuffer> => {
  const { cells, peak, species, browning, crust, skin = 0, bone, ribs = 0 } = figures;
  if (figures.cells.rolled) return paintRolled(figures, Math.min(nx, ny), line);
  const { heights, widths, whole } = cells;
  const rows = heights.length;
  const columns = widths.length;
  const thickness = heights.reduce((sum, size) => sum + size, 0);
  const across = widths.reduce((sum, size) => sum + size, 0);
  const table = tableOf(species);
  const down = placesOf(heights, ny, (i) => ((i + 0.5) / ny) * thickness);
  const along = placesOf(widths, nx, (i) => {
    const x = (i + 0.5) / nx;
    return whole ? x * across : Math.abs(2 * x - 1) * across;
  });
  const crustRows = (side: 0 | 1): number =>
    browning[side] < NO_CRUST
      ? 0
      : Math.max(1, (Math.max(THINNEST_DRAWN, crust[side]) / thickness) * ny);
  const top = crustRows(0);
  const bottom = ny - crustRows(1);
  const paint = [rgbOf(crustPaint(browning[0])), rgbOf(crustPaint(browning[1]))] as const;
  const ribRows = (ribs / thickness) * ny;
  const skinRows = ribRows + (skin / thickness) * ny;
  const boneTo = bone ? nx * (1 - bone.beyond / across) : nx;
  const boneFrom = bone ? boneTo - (nx * bone.width) / across : nx;
  const out = new Uint8ClampedArray(nx * ny * 4);
  const above = new Float32Array(nx);
  for (let y = 0; y < ny; y += 1) {
    const r = down.at[y] ?? 0;
    const v = down.on[y] ?? 0;
    let before = NaN;
    for (let x = 0; x < nx; x += 1) {
      const base = (along.at[x] ?? 0) * rows;
      const next = columns > 1 ? base + rows : base;
      const u = along.on[x] ?? 0;
      const r1 = Math.min(rows - 1, r + 1);
      const here = (peak[base + r] ?? 0) * (1 - v) + (peak[base + r1] ?? 0) * v;
      const there = (peak[next + r] ?? 0) * (1 - v) + (peak[next + r1] ?? 0) * v;
      const celsius = here * (1 - u) + there * u;
      let colour: Rgb = fleshAt(table, celsius);
      const inBone = (x >= boneFrom && x < boneTo) || y < ribRows;
      if (inBone) colour = BONE;
      else if (y < skinRows) colour = FAT;
      if (y < top && !inBone) colour = paint[0];
      else if (y >= bottom && !inBone) colour = paint[1];
      else if (line !== undefined && !inBone && y >= skinRows) {
        const crossed =
          (x > 0 && before >= line !== celsius >= line) ||
          (y > 0 && (above[x] ?? 0) >= line !== celsius >= line);
        if (crossed && Math.floor((x + y) / DASH) % 2 === 0) colour = CUT_LINE;
      }
      before = celsius;
      above[x] = celsius;
      const i = (y * nx + x) * 4;
      out[i] = colour[0];
      out[i + 1] = colour[1];
      out[i + 2] = colour[2];
      out[i + 3] = 255;
    }
  }
  return out;
};
