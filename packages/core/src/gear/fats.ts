import type { AllergenId } from '../food/allergens';

/** A fat to sear in. */
export interface Fat {
  readonly id: string;
  readonly name: string;
  /** Smoke point, C: the range that published tables give. */
  readonly smokes: readonly [number, number];
  /** Refined groundnut oil and clarified butter stay declarable: only fully refined soya oil is exempt. */
  readonly allergens: readonly AllergenId[];
}

/**
 * Smoke points as tabulated in handbooks of edible oils (Bailey's Industrial Oil and Fat Products
 * and the tables drawn from it). They fall with age, crumbs and every heating, and tables differ
 * by 10-30 C: the lower figure is the one to keep under.
 */
export const FATS = [
  { id: 'rapeseed', name: 'refined rapeseed oil', smokes: [204, 230], allergens: [] },
  { id: 'sunflower', name: 'refined sunflower oil', smokes: [225, 232], allergens: [] },
  { id: 'groundnut', name: 'refined groundnut oil', smokes: [225, 232], allergens: ['peanuts'] },
  { id: 'grapeseed', name: 'grapeseed oil', smokes: [205, 216], allergens: [] },
  { id: 'rice-bran', name: 'rice bran oil', smokes: [232, 254], allergens: [] },
  { id: 'light-olive', name: 'refined olive oil', smokes: [199, 240], allergens: [] },
  { id: 'virgin-olive', name: 'extra virgin olive oil', smokes: [165, 207], allergens: [] },
  { id: 'clarified-butter', name: 'clarified butter', smokes: [230, 250], allergens: ['milk'] },
  { id: 'butter', name: 'butter', smokes: [150, 175], allergens: ['milk'] },
  { id: 'lard', name: 'lard', smokes: [180, 190], allergens: [] },
  { id: 'beef-dripping', name: 'beef dripping', smokes: [200, 215], allergens: [] },
  { id: 'duck-fat', name: 'duck fat', smokes: [185, 195], allergens: [] },
] as const satisfies readonly Fat[];
export type FatId = (typeof FATS)[number]['id'];
export const FAT_IDS = FATS.map(({ id }) => id);

/** A fat by its name in files. */
export const fatOf = (id: FatId): Fat => FATS.find((fat) => fat.id === id) ?? FATS[0];

/** Flash point of cooking fats, C: vapour over the oil can catch fire from here. Typical figure. */
export const FLASH_POINT = 315;

/** Distance of a fat's temperature in the pan from its limits, K; negative beyond a limit. */
export interface OilMargin {
  /** To the lower and upper published smoke point. */
  readonly toSmoke: readonly [number, number];
  readonly toFire: number;
  /** Smoke expected: none, perhaps (between the tables' figures), surely. */
  readonly smoke: 'none' | 'some' | 'heavy';
}

/** @param pan temperature of the pan, C */
export const oilMargin = (fat: Fat, pan: number): OilMargin => {
  const [low, high] = fat.smokes;
  return {
    toSmoke: [low - pan, high - pan],
    toFire: FLASH_POINT - pan,
    smoke: pan < low ? 'none' : pan < high ? 'some' : 'heavy',
  };
};
