import { z } from 'zod';
import { SPECIES } from '../food/species';
import { USUAL_GEAR } from '../gear/gearIds';
import { BURNER_KINDS, DEFAULT_PAN } from '../gear/pan';
import { DEFAULT_OVEN } from '../gear/ovenBody';
import { REST_RULES } from '../schedule/restRule';
import { bounded } from './bounded';
import { ownCutSchema } from './planRequestSchema';

/** Valid ranges of a kitchen's equipment: a value outside is a typing error. SI and Celsius. */
export const GEAR_LIMITS = {
  diameter: { least: 0.12, most: 0.5 },
  mass: { least: 0.5, most: 12 },
  power: { least: 500, most: 12_000 },
  offset: { least: -60, most: 60 },
  thermometer: { least: -5, most: 5 },
  gramsPerTeaspoon: { least: 1.5, most: 8 },
  restSeconds: { least: 0, most: 1800 },
  /** Ratio of a burner's actual power to its nominal power. */
  share: { least: 0.4, most: 1.8 },
  contact: { least: 0.4, most: 2 },
  ovenHeat: { least: 0.5, most: 2 },
  thickness: { least: -0.006, most: 0.006 },
  /** Colour bias of an eye, browning index. */
  crust: { least: -0.6, most: 0.6 },
  /** An oven's time constant, s. */
  lag: { least: 150, most: 2400 },
} as const;

const name = z.string().trim().min(1, 'must not be empty').max(40, 'must be at most 40 letters');

export const panSchema = z.strictObject({
  name,
  diameter: bounded(GEAR_LIMITS.diameter, 'm'),
  mass: bounded(GEAR_LIMITS.mass, 'kg'),
});

const id = z.string().trim().min(1).max(60);

const kitchenPan = z.strictObject({ id, ...panSchema.shape });
const kitchenBurner = z.strictObject({
  id,
  kind: z.enum(BURNER_KINDS),
  power: bounded(GEAR_LIMITS.power, 'W'),
  /** Largest diameter of a pan on it, m; undefined: any. */
  widest: bounded(GEAR_LIMITS.diameter, 'm').optional(),
});
const kitchenOven = z.strictObject({
  id,
  /** Air less dial, C. */
  offset: bounded(GEAR_LIMITS.offset, 'C'),
  /** Number of pieces that go in at once; undefined: the default. */
  slots: z.int().min(1).max(60).optional(),
});

const listOf = <T extends z.ZodType<{ readonly id: string }>>(one: T) =>
  z
    .array(one)
    .min(1)
    .max(12)
    .refine((all) => new Set(all.map((each) => each.id)).size === all.length, {
      error: 'must have different ids',
    });

/** A salt, by the mass of a level teaspoon, g: fine and coarse differ by a factor of about two. */
export const saltSchema = z.strictObject({
  name,
  gramsPerTeaspoon: bounded(GEAR_LIMITS.gramsPerTeaspoon, 'g'),
});

export const stepSchema = z.strictObject({
  name,
  from: bounded({ least: 0, most: 100 }, 'C'),
  target: bounded({ least: 30, most: 95 }, 'C'),
});

const scaleSchema = z
  .array(stepSchema)
  .min(2)
  .max(8)
  .refine((steps) => steps.every((step, i) => i === 0 || step.from > (steps[i - 1]?.from ?? 0)), {
    error: 'must climb from one step to the next',
  });

/** A figure that plans use in place of the nominal one: learned from cooks, or set by hand. */
const usedFigure = z.strictObject({
  value: z.number(),
  by: z.enum(['cooks', 'hand']),
  /** Time of the measurement, ms since 1970. */
  at: z.int(),
  /** Standard deviation, and the cooks it is based on, if it was learned. */
  deviation: z.number().min(0).optional(),
  cooks: z.int().min(0).optional(),
});
export type UsedFigure = z.infer<typeof usedFigure>;

const device = z.string().min(1).max(60);

const kitchenObject = z.strictObject({
  pans: listOf(kitchenPan),
  burners: listOf(kitchenBurner),
  ovens: listOf(kitchenOven),
  /** Ids of the equipment in use. */
  inUse: z.strictObject({ pan: id, burner: id, oven: id }),
  /** Places where pieces rest until their table is complete, and cooks on the line. */
  holding: z.int().min(1).max(60).default(8),
  hands: z.int().min(1).max(8).default(1),
  /** Reading of the thermometer in melting ice, C: its error at every temperature. */
  thermometerOffset: bounded(GEAR_LIMITS.thermometer, 'C').default(0),
  salts: z.array(saltSchema).min(1).max(12),
  salt: z.int().min(0).max(11),
  restRule: z.enum(REST_RULES),
  restSeconds: bounded(GEAR_LIMITS.restSeconds, 's'),
  scales: z.partialRecord(z.enum(SPECIES), scaleSchema),
  /** Serves the public and keeps its plans to the published table. */
  locked: z.boolean(),
  /** Someone tonight is pregnant, very young, old or immune-weak. */
  atRisk: z.boolean(),
  own: z.array(ownCutSchema).max(60),
  /**
   * Calibration from past cooks that plans use, by device: oven, ovenHeat, lag, burner, thickness, crust, contact:ID
   * of the pan.
   */
  learned: z.record(device, usedFigure).default({}),
  /** Forgotten devices: cooks before that moment are ignored for them, ms since 1970. */
  forgotten: z.record(device, z.int()).default({}),
});

export const KITCHEN_FIELDS = kitchenObject.keyof().options;

/** A kitchen as stored before its equipment had ids: pans in a list, one burner, one oven. */
const firstKitchen = z.looseObject({
  pans: z.array(panSchema).min(1),
  pan: z.int().min(0),
  burner: z.strictObject({ kind: z.enum(BURNER_KINDS), power: z.number() }),
  ovenOffset: z.number(),
});

/** Gives the gear of an older kitchen its ids: a pan's is its name, under which its contact was learned. */
const withGearIds = (value: unknown): unknown => {
  const found = firstKitchen.safeParse(value);
  if (!found.success) return value;
  const { pans, pan, burner, ovenOffset, ...rest } = found.data;
  const taken = new Set<string>();
  const named = pans.map((each) => {
    let own = each.name;
    for (let n = 2; taken.has(own); n += 1) own = `${each.name} ${n}`;
    taken.add(own);
    return { id: own, ...each };
  });
  return {
    ...rest,
    pans: named,
    burners: [{ id: USUAL_GEAR.burner, ...burner }],
    ovens: [{ id: USUAL_GEAR.oven, offset: ovenOffset }],
    inUse: {
      pan: (named[pan] ?? named[0]).id,
      burner: USUAL_GEAR.burner,
      oven: USUAL_GEAR.oven,
    },
  };
};

/** A kitchen: its gear, its scales, its rules, its own pieces. Kept ones of any age are read. */
export const kitchenSchema = z.preprocess(withGearIds, kitchenObject);
export type Kitchen = z.infer<typeof kitchenSchema>;

const USUAL_PAN: z.infer<typeof kitchenPan> = {
  id: USUAL_GEAR.pan,
  name: 'Cast iron',
  diameter: DEFAULT_PAN.diameter,
  mass: DEFAULT_PAN.mass,
};
const USUAL_BURNER: z.infer<typeof kitchenBurner> = {
  id: USUAL_GEAR.burner,
  kind: DEFAULT_PAN.burner,
  power: DEFAULT_PAN.power,
};
const USUAL_OVEN: z.infer<typeof kitchenOven> = {
  id: USUAL_GEAR.oven,
  offset: DEFAULT_OVEN.offset,
};

/** Kitchen of a new logbook. Level teaspoons of salt, g: typical masses of a 5 ml spoon by the size of the grain. */
export const DEFAULT_KITCHEN: Kitchen = {
  pans: [USUAL_PAN],
  burners: [USUAL_BURNER],
  ovens: [USUAL_OVEN],
  inUse: USUAL_GEAR,
  holding: 8,
  hands: 1,
  thermometerOffset: 0,
  salts: [
    { name: 'fine salt', gramsPerTeaspoon: 6 },
    { name: 'coarse flakes', gramsPerTeaspoon: 3 },
    { name: 'coarse grains', gramsPerTeaspoon: 5 },
  ],
  salt: 0,
  restRule: 'computed',
  restSeconds: 420,
  scales: {},
  locked: false,
  atRisk: false,
  own: [],
  learned: {},
  forgotten: {},
};

const inUseOf = <T extends { readonly id: string }>(
  all: readonly T[],
  used: string,
  fallback: T,
): T => all.find((each) => each.id === used) ?? all[0] ?? fallback;

/** The pan in use. */
export const panOf = ({ pans, inUse }: Kitchen): z.infer<typeof kitchenPan> =>
  inUseOf(pans, inUse.pan, USUAL_PAN);
/** The burner in use. */
export const burnerOf = ({ burners, inUse }: Kitchen): z.infer<typeof kitchenBurner> =>
  inUseOf(burners, inUse.burner, USUAL_BURNER);
/** The oven in use. */
export const ovenOf = ({ ovens, inUse }: Kitchen): z.infer<typeof kitchenOven> =>
  inUseOf(ovens, inUse.oven, USUAL_OVEN);

/** The list with one entry changed: what a kitchen is given when its burner or oven is. */
export const withChanged = <T extends { readonly id: string }>(
  all: readonly T[],
  changed: string,
  change: Partial<T>,
): T[] => all.map((each) => (each.id === changed ? { ...each, ...change } : each));
