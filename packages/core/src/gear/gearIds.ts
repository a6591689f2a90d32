/** Kinds of equipment of a cook; a kitchen has a list of each. */
export const GEAR_KINDS = ['pan', 'burner', 'oven'] as const;
export type GearKind = (typeof GEAR_KINDS)[number];

/** Ids of a pan, a burner and an oven of the kitchen. */
export type GearIds = Readonly<Record<GearKind, string>>;

/**
 * Ids of the default kitchen: one of each. The pan's is its name in the first logbooks, under which its contact was
 * learned.
 */
export const USUAL_GEAR: GearIds = { pan: 'Cast iron, 26 cm', burner: 'burner', oven: 'oven' };

/** The gear that one leg of a cook takes. */
export type GearTaken = { readonly [K in GearKind]?: string | undefined };
