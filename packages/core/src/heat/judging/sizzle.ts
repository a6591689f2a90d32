import { LATENT_BOILING } from '../matter/constants';

/**
 * Sound of a pan, by the steam flux under a face on it, kg/(m2 s). Estimates: a wet face on iron at 220 C gives ten
 * grams at first, a dry crust two.
 */
export const SIZZLES = [
  { from: 0.007, sizzle: 'fierce' },
  { from: 0.003, sizzle: 'steady' },
  { from: 0.0008, sizzle: 'murmur' },
  { from: 0, sizzle: 'silence' },
] as const;
export type Sizzle = (typeof SIZZLES)[number]['sizzle'];

/** Steam under which nothing is heard over a kitchen, and from which it gets no louder, kg/(m2 s). */
const HEARD = [0.0004, 0.016] as const;

/**
 * A face boils at the spots that touch the iron before its outermost millimetre does, and much of that steam
 * condenses again further in: it is heard, though it never leaves. Cells do not resolve the spots; this
 * share of the heat is taken to go in as steam, from the first iron to the second, C. Estimates; a wet
 * face on iron under about 140 C is known to stew in silence.
 */
const BY_STEAM = 0.5;
const SPOTS_BOIL = [120, 160] as const;

/** A face on iron, over a step. */
export interface FaceOnIron {
  /** Vapour that left the piece, kg/(m2 s). */
  readonly left: number;
  /** Heat into the face, W/m2. */
  readonly flux: number;
  /** The iron under it, C. */
  readonly iron: number;
}

/** The steam that is heard of a face on iron, kg/(m2 s). */
export const heardSteam = ({ left, flux, iron }: FaceOnIron): number => {
  const [none, all] = SPOTS_BOIL;
  const boils = Math.min(1, Math.max(0, (iron - none) / (all - none)));
  return Math.max(0, left, (boils * BY_STEAM * flux) / LATENT_BOILING);
};

/** Sound of a steam flux, kg/(m2 s). */
export const sizzleOf = (steam: number): Sizzle =>
  SIZZLES.find(({ from }) => steam >= from)?.sizzle ?? 'silence';

/** Loudness, 0 to 1: hearing follows ratios, therefore the logarithm of the flux, kg/(m2 s). */
export const sizzleLevel = (steam: number): number => {
  const [least, most] = HEARD;
  if (!(steam > least)) return 0;
  return Math.min(1, Math.log(steam / least) / Math.log(most / least));
};
