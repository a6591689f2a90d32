/** Kinds of equipment of a cook; a kitchen has a list of each. */
export const GEAR_KINDS = ['pan', 'burner', 'oven'] as const;
export type GearKind = (typeof GEAR_KINDS)[number];

/** Which pan, burner and oven of the kitchen, by their ids. */
export type GearIds = Readonly<Record<GearKind, string>>;

/**
 * The ids of the usual kitchen: one of each. The pan's is the name that the first books knew it by,
 * under which its contact was learned.
 */
export const USUAL_GEAR: GearIds = { pan: 'Cast iron, 26 cm', burner: 'burner', oven: 'oven' };

/** The gear that one leg of a cook takes. */
export type GearTaken = { readonly [K in GearKind]?: string | undefined };
