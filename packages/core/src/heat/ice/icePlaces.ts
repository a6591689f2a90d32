/** Places where a piece is frozen or thawed. */
export const ICE_PLACES = [
  'freezer',
  'fridge-shelf',
  'fridge-bag',
  'running-water',
  'still-water',
  'counter',
] as const;
export type IcePlace = (typeof ICE_PLACES)[number];
/** Place where a frozen piece thaws. */
export type ThawPlace = Exclude<IcePlace, 'freezer'>;
export const THAW_PLACES = [
  'fridge-shelf',
  'fridge-bag',
  'running-water',
  'still-water',
  'counter',
] as const satisfies readonly ThawPlace[];
