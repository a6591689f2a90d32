/** What a kitchen is learned by. */
export const TRAITS = ['oven', 'burner', 'contact', 'thickness'] as const;
export type Trait = (typeof TRAITS)[number];

/** A kitchen by its traits. */
export interface KitchenTraits {
  /** Oven air over its dial, K. */
  readonly oven: number;
  /** What the burner gives, over what its plate promises. */
  readonly burner: number;
  /** The pan's contact coefficient over the usual. */
  readonly contact: number;
  /** How much thicker pieces are than this cook measures them, m. */
  readonly thickness: number;
}

/** Before anything was cooked: as told. */
export const USUAL_TRAITS: KitchenTraits = { oven: 0, burner: 1, contact: 1, thickness: 0 };

/**
 * How far kitchens usually are from that, one standard deviation; burner and contact as logarithms.
 * Ovens are commonly 25 K off either way, burners and contact 30 %, a cook's own eye for thickness
 * 3 mm (practice); an even chance over such a range has 0.58 of it for deviation. What is learned
 * shrinks towards the usual by these.
 */
export const TRAIT_SPREAD: Readonly<Record<Trait, number>> = {
  oven: 14.5,
  burner: 0.18,
  contact: 0.18,
  thickness: 0.0017,
};

const LOGARITHMIC: Readonly<Record<Trait, boolean>> = {
  oven: false,
  burner: true,
  contact: true,
  thickness: false,
};

/** A trait's figure from its distance to the usual, in spreads. */
export const traitAt = (trait: Trait, spreads: number): number => {
  const off = spreads * TRAIT_SPREAD[trait];
  return LOGARITHMIC[trait] ? Math.exp(off) : USUAL_TRAITS[trait] + off;
};

/** A trait's distance to the usual, in spreads. */
export const spreadsOf = (trait: Trait, value: number): number =>
  (LOGARITHMIC[trait] ? Math.log(value) : value - USUAL_TRAITS[trait]) / TRAIT_SPREAD[trait];

/** One deviation of a trait's figure, in the figure's own unit. */
export const deviationAt = (trait: Trait, value: number, spreads: number): number =>
  spreads * TRAIT_SPREAD[trait] * (LOGARITHMIC[trait] ? value : 1);
