/** Options by which the kitchen model extends the baseline equations; docs/heat-model.md has a section for each. */
export const HEAT_OPTIONS = [
  /** The pan is iron in two zones on a burner, not a temperature. */
  'panBody',
  /** The side of a piece in a pan sees the iron. */
  'sideSeesIron',
  /** The core is the middle of the meat, without skin, fat and bone. */
  'meatCore',
  /** Fat melts between 15 and 45 C. */
  'fatMelts',
  /** Skin and fat caps lose thickness above 60 C. */
  'layersRender',
  /** Faces shrink, and the thickness follows. */
  'shrinks',
  /** A film of fat carries heat to a face that has dried. */
  'fatFilm',
  /** A face turned down touches badly for some seconds, unless pressed. */
  'bulges',
  /** Expelled juice; a part reaches the boiling front. */
  'juice',
  /** Contact tapers towards a bone. */
  'boneTaper',
  /** It rests on a board or a plate, which draws heat. */
  'restSurface',
  /** Colour needs heat and dryness together. */
  'dryBrowning',
  /** A drying front lies within a cell, and not in the middle of one. */
  'frontInCell',
] as const;
export type HeatOption = (typeof HEAT_OPTIONS)[number];

/** Switches of the options. */
export type HeatModel = Readonly<Record<HeatOption, boolean>>;

const all = (on: boolean): HeatModel => ({
  panBody: on,
  sideSeesIron: on,
  meatCore: on,
  fatMelts: on,
  layersRender: on,
  shrinks: on,
  fatFilm: on,
  bulges: on,
  juice: on,
  boneTaper: on,
  restSurface: on,
  dryBrowning: on,
  frontInCell: on,
});

export const MODEL_NAMES = ['baseline', 'kitchen'] as const;
export type ModelName = (typeof MODEL_NAMES)[number];

/**
 * `baseline`: the equations of the reference cases and the analytic proofs. `kitchen`: everything a
 * real kitchen adds; what plans, forecasts, practice and stand-ins use.
 */
export const HEAT_MODELS: Readonly<Record<ModelName, HeatModel>> = {
  baseline: all(false),
  kitchen: all(true),
};

/** The baseline with one option on, for the effect of that option. */
export const baselineWith = (option: HeatOption): HeatModel => ({
  ...HEAT_MODELS.baseline,
  [option]: true,
});
