/** Names of doneness, on the scales or as synonyms of another scale's. */
export const DONENESS_CODES = [
  'blue',
  'rare',
  'medium-rare',
  'medium',
  'medium-well',
  'well done',
  'pink',
  'rosy',
  'blushing',
  'just done',
  'past medium',
  'translucent',
  'soft',
  'flaking',
  'firm',
  'raw inside',
  'glassy',
  'just set',
  'opaque',
  'pearly',
] as const;
export type DonenessWord = (typeof DONENESS_CODES)[number];
