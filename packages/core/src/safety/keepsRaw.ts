import type { Species } from '../food';

/** Days that raw pieces keep in a fridge at 4 C or under: the least and the most that is advised. */
export interface KeepsRaw {
  readonly least: number;
  readonly most: number;
  readonly source: string;
}

const CHART = 'USDA FSIS, cold food storage chart';
const MEAT: KeepsRaw = { least: 3, most: 5, source: CHART };
const BIRDS: KeepsRaw = { least: 1, most: 2, source: CHART };
const FISH: KeepsRaw = { least: 1, most: 2, source: CHART };

/** By animal. A hung or aged piece was kept otherwise: this is from the shop on. */
export const KEEPS_RAW: Readonly<Record<Species, KeepsRaw>> = {
  beef: MEAT,
  veal: MEAT,
  pork: MEAT,
  lamb: MEAT,
  venison: MEAT,
  duck: BIRDS,
  salmon: FISH,
  tuna: FISH,
  'white-fish': FISH,
  scallop: FISH,
};
