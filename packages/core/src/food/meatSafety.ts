export const GAME_ORIGINS = ['farmed', 'wild'] as const;
/** Game: farmed and inspected, or wild (and any that nobody inspected). */
export type GameOrigin = (typeof GAME_ORIGINS)[number];

export const MEAT_TREATMENTS = ['tenderised', 'injected', 'minced'] as const;
/** Treatments that carry bacteria from the surface into the meat: blades or needles, brine, grinding. */
export type MeatTreatment = (typeof MEAT_TREATMENTS)[number];
