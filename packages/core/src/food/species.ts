export const SPECIES = [
  'beef',
  'veal',
  'pork',
  'lamb',
  'venison',
  'duck',
  'salmon',
  'tuna',
  'white-fish',
  'scallop',
] as const;
/** An animal as far as its doneness, its colours and its hazards go. */
export type Species = (typeof SPECIES)[number];

/** Fish and shellfish. */
export const isFish = (species: Species): boolean =>
  species === 'salmon' || species === 'tuna' || species === 'white-fish' || species === 'scallop';
