import type { Species } from '@crustan/core/food';
import { fleshColour } from './ramps';

export type Rgb = readonly [number, number, number];

/** Flesh hotter than this is all one colour: the ramps end here. */
const HOTTEST_FLESH = 100;
/** The thinnest crust still drawn: under it a thumbnail would show none. */
export const THINNEST_DRAWN = 0.0006;
/** Browning under which no crust is drawn. */
export const NO_CRUST = 0.3;
export const BONE: Rgb = [232, 222, 200];
export const FAT: Rgb = [240, 226, 196];

export const rgbOf = (colour: string): Rgb => {
  const parts = colour.match(/\d+/g) ?? [];
  return [Number(parts[0]), Number(parts[1]), Number(parts[2])];
};

const tables = new Map<Species, readonly Rgb[]>();

/** Colours to a degree: fine enough that no steps show. */
const FINE = 8;

/** The ramp of a species as a table. */
export const tableOf = (species: Species): readonly Rgb[] => {
  const known = tables.get(species);
  if (known) return known;
  const made = Array.from({ length: FINE * HOTTEST_FLESH + 1 }, (_, i) =>
    rgbOf(fleshColour(species, i / FINE)),
  );
  tables.set(species, made);
  return made;
};

/** The colour of flesh that has reached a temperature, C. */
export const fleshAt = (table: readonly Rgb[], celsius: number): Rgb =>
  table[Math.round(FINE * Math.min(HOTTEST_FLESH, Math.max(0, celsius)))] ?? FAT;

/** The line at a temperature, in dashes this long, px. */
export const CUT_LINE: Rgb = [20, 22, 24];
export const DASH = 4;
