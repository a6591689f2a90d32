import type { Species } from '../food';

/** A step of a doneness scale: the core's end temperature from which its name applies, C. */
export interface DonenessStep {
  readonly name: string;
  readonly from: number;
  /** Typical core temperature of this doneness, C. */
  readonly target: number;
}

/**
 * The house scales, coolest first. Cooks and tables differ by several degrees: these are a
 * middle, meant to be edited per kitchen.
 */
export const DONENESS_SCALES: Readonly<Record<Species, readonly DonenessStep[]>> = {
  beef: [
    { name: 'blue', from: 0, target: 45 },
    { name: 'rare', from: 48, target: 50 },
    { name: 'medium-rare', from: 53, target: 55 },
    { name: 'medium', from: 57.5, target: 60 },
    { name: 'medium-well', from: 63, target: 66 },
    { name: 'well done', from: 69, target: 72 },
  ],
  pork: [
    { name: 'pink', from: 0, target: 58 },
    { name: 'blushing', from: 60, target: 63 },
    { name: 'just done', from: 65, target: 67 },
    { name: 'well done', from: 70, target: 72 },
  ],
  veal: [
    { name: 'rosy', from: 0, target: 56 },
    { name: 'pink', from: 58, target: 60 },
    { name: 'medium-well', from: 63, target: 66 },
    { name: 'well done', from: 69, target: 72 },
  ],
  lamb: [
    { name: 'rare', from: 0, target: 50 },
    { name: 'medium-rare', from: 53, target: 56 },
    { name: 'medium', from: 58.5, target: 61 },
    { name: 'medium-well', from: 64, target: 67 },
    { name: 'well done', from: 70, target: 74 },
  ],
  venison: [
    { name: 'rare', from: 0, target: 49 },
    { name: 'medium-rare', from: 52, target: 54 },
    { name: 'medium', from: 57, target: 59 },
    { name: 'past medium', from: 62, target: 65 },
  ],
  duck: [
    { name: 'rare', from: 0, target: 52 },
    { name: 'medium-rare', from: 54, target: 57 },
    { name: 'medium', from: 60, target: 63 },
    { name: 'well done', from: 68, target: 74 },
  ],
  salmon: [
    { name: 'translucent', from: 0, target: 43 },
    { name: 'soft', from: 46, target: 50 },
    { name: 'flaking', from: 53, target: 55 },
    { name: 'firm', from: 59, target: 63 },
  ],
  tuna: [
    { name: 'raw inside', from: 0, target: 40 },
    { name: 'rare', from: 43, target: 46 },
    { name: 'medium', from: 50, target: 54 },
    { name: 'firm', from: 59, target: 63 },
  ],
  scallop: [
    { name: 'glassy', from: 0, target: 46 },
    { name: 'just set', from: 49, target: 51 },
    { name: 'opaque', from: 54, target: 57 },
    { name: 'firm', from: 61, target: 63 },
  ],
  'white-fish': [
    { name: 'pearly', from: 0, target: 48 },
    { name: 'just set', from: 51, target: 54 },
    { name: 'flaking', from: 57, target: 60 },
    { name: 'firm', from: 62, target: 63 },
  ],
};

/** The step of a scale that a temperature falls in; undefined for an empty scale. */
export const stepAt = (
  scale: readonly DonenessStep[],
  celsius: number,
): DonenessStep | undefined => {
  let found = scale[0];
  for (const step of scale) if (celsius >= step.from) found = step;
  return found;
};

/** The step of a species' house scale that a temperature falls in. */
export const donenessOf = (species: Species, celsius: number): DonenessStep =>
  stepAt(DONENESS_SCALES[species], celsius) ?? DONENESS_SCALES[species][0];
