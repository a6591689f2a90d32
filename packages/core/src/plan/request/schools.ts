import type { PlanRequest } from './request';

/** Diffusivity of salt in raw muscle in a fridge, m2/s: published values run from 1 to 5e-10. */
const SALT_DIFFUSIVITY = 2.5e-10;

const SALT_DIFFUSIVITY_RANGE = [1e-10, 5e-10] as const;

/** Diffusion depth of salt, m: 2 sqrt(D t). */
export const saltDepth = (seconds: number): number => 2 * Math.sqrt(SALT_DIFFUSIVITY * seconds);

/** The least and the most of that depth by the published diffusivities, m; no deeper than the middle. */
export const saltDepths = (seconds: number, thickness: number): readonly [number, number] => {
  const [least, most] = SALT_DIFFUSIVITY_RANGE;
  const depth = (diffusivity: number): number =>
    Math.min(thickness / 2, 2 * Math.sqrt(diffusivity * seconds));
  return [depth(least), depth(most)];
};

/** Share of a coating salt that is left in the pan when it is put on just before. Estimate. */
const LOST_AT_THE_PAN = 0.15;
/** From here on the salt is dissolved and in, s. */
const DISSOLVED = 900;

/** Salt to weigh out so that the wanted share ends up in the piece, kg. */
export const saltMass = ({ salt, weight, saltAhead }: PlanRequest): number =>
  (salt * weight) / (saltAhead < DISSOLVED ? 1 - LOST_AT_THE_PAN : 1);

/** The awkward middle: brine is out and not yet back in, s. */
export const AWKWARD = [180, 2400] as const;
export const isAwkward = (saltAhead: number): boolean =>
  saltAhead >= AWKWARD[0] && saltAhead <= AWKWARD[1];

/** Lead time of salting from which a face dries uncovered in the fridge, s. */
export const AIRED_FROM = 43_200;

/** The schools of when to salt, s before the heat. */
export const SALT_SCHOOLS = [0, 900, 2700, 43_200, 172_800] as const;

/** The schools of tempering, s on the counter. */
export const TEMPER_SCHOOLS = [0, 1500, 2700, 3600] as const;
