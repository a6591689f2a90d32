/** A cast-iron pan and the burner under it. */
export interface PanOnBurner {
  /** Cooking diameter, m. */
  readonly diameter: number;
  /** kg. */
  readonly mass: number;
  readonly burner: BurnerKind;
  /** Full power of the burner, W. */
  readonly power: number;
}

export const BURNER_KINDS = ['gas', 'electric', 'induction'] as const;
export type BurnerKind = (typeof BURNER_KINDS)[number];

/** Share of a burner's power that reaches the pan: estimates, +-30 % between burners. */
export const BURNER_EFFICIENCY: Readonly<Record<BurnerKind, number>> = {
  gas: 0.4,
  electric: 0.7,
  induction: 0.85,
};

/** A common pan on a common burner, until a kitchen says otherwise. */
export const DEFAULT_PAN: PanOnBurner = { diameter: 0.26, mass: 2.4, burner: 'gas', power: 3000 };
