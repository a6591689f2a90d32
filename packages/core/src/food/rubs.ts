export const RUB_IDS = [
  'pepper',
  'sugar',
  'honey',
  'paprika',
  'garlic',
  'dried-herbs',
  'fresh-herbs',
  'mustard',
  'coriander',
  'sesame',
] as const;
/** What else is put on a piece, as written in files. */
export type RubId = (typeof RUB_IDS)[number];

export interface Rub {
  readonly name: string;
  /** From here on it turns bitter or burns within some minutes, C. */
  readonly bittersAt: number;
  readonly allergen?: string;
}

/**
 * What a rub bears. Estimates, +-15 K: sucrose caramelises at about 170 and fructose at 110 C; green leaf
 * and garlic, thin and dry, char soonest; whole and coarse spices bear more than ground ones.
 */
export const RUBS: Readonly<Record<RubId, Rub>> = {
  pepper: { name: 'pepper', bittersAt: 175 },
  sugar: { name: 'sugar', bittersAt: 165 },
  honey: { name: 'honey', bittersAt: 135 },
  paprika: { name: 'paprika', bittersAt: 135 },
  garlic: { name: 'garlic', bittersAt: 140 },
  'dried-herbs': { name: 'dried herbs', bittersAt: 150 },
  'fresh-herbs': { name: 'fresh herbs', bittersAt: 140 },
  mustard: { name: 'mustard', bittersAt: 150, allergen: 'mustard' },
  coriander: { name: 'coriander seed', bittersAt: 165 },
  sesame: { name: 'sesame', bittersAt: 160, allergen: 'sesame' },
};
