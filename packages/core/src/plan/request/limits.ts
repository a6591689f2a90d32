/** A bounded input: SI and Celsius. */
export interface Limit {
  readonly least: number;
  readonly most: number;
}

/** Valid range of a plan's inputs; outside it the model does not hold, or the value is a typing error. */
export const PLAN_LIMITS = {
  /** m */
  thickness: { least: 0.003, most: 0.18 },
  /** kg */
  weight: { least: 0.02, most: 6 },
  /** C: thawed, and no warmer than a kitchen. */
  start: { least: 0, most: 30 },
  /** C */
  pan: { least: 120, most: 400 },
  /** C */
  target: { least: 35, most: 90 },
  /** s on the counter: the two hours of the rule, and no more. */
  temper: { least: 0, most: 7200 },
  /** Salt, share of the weight. */
  salt: { least: 0, most: 0.04 },
  /** s from the salt to the heat. */
  saltAhead: { least: 0, most: 4 * 86_400 },
  /** s of drying in the fridge. */
  airing: { least: 3600, most: 5 * 86_400 },
  /** s of basting. */
  baste: { least: 0, most: 240 },
  /** s between turns. */
  every: { least: 10, most: 300 },
  /** Browning index wanted. */
  crust: { least: 0.6, most: 3.2 },
  /** C, an oven a piece is cooked in. */
  lowOven: { least: 60, most: 160 },
  hotOven: { least: 120, most: 260 },
  /** C, a blast at the end. */
  blast: { least: 200, most: 300 },
  /** s of a hold, and C of the oven it is held warm in. */
  hold: { least: 300, most: 7200 },
  warmOven: { least: 50, most: 80 },
  pieces: { least: 1, most: 24 },
  /** m */
  skin: { least: 0.0003, most: 0.02 },
  fatEdge: { least: 0, most: 0.03 },
  bone: { least: 0.003, most: 0.04 },
  aspect: { least: 1, most: 6 },
  /** m */
  ribs: { least: 0.005, most: 0.04 },
  smaller: { least: 0.02, most: 0.1 },
  /** s from the heat until a whole piece is carved. */
  carveAfter: { least: 300, most: 5400 },
  /** C, an oven's air or a kitchen's. */
  air: { least: -20, most: 350 },
  /** W/m2 K */
  h: { least: 1, most: 200 },
  /** s, one stage: a day. */
  seconds: { least: 0, most: 86_400 },
} as const satisfies Record<string, Limit>;
