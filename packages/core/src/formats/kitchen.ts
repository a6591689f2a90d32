import { z } from 'zod';
import { SPECIES } from '../food/species';
import { BURNER_KINDS, DEFAULT_PAN } from '../gear/pan';
import { DEFAULT_OVEN } from '../gear/ovenBody';
import { REST_RULES } from '../schedule/restRule';
import { bounded } from './bounded';
import { ownCutSchema } from './planRequestSchema';

/** What a kitchen's gear may measure: outside it somebody mistyped. SI and Celsius. */
export const GEAR_LIMITS = {
  diameter: { least: 0.12, most: 0.5 },
  mass: { least: 0.5, most: 12 },
  power: { least: 500, most: 12_000 },
  offset: { least: -60, most: 60 },
  thermometer: { least: -5, most: 5 },
  gramsPerTeaspoon: { least: 1.5, most: 8 },
  restSeconds: { least: 0, most: 1800 },
  /** What a burner gives over what its plate says. */
  share: { least: 0.4, most: 1.8 },
  contact: { least: 0.4, most: 2 },
  thickness: { least: -0.006, most: 0.006 },
  /** An oven's time constant, s. */
  lag: { least: 150, most: 2400 },
} as const;

const name = z.string().trim().min(1, 'must say something').max(40, 'must be at most 40 letters');

export const panSchema = z.strictObject({
  name,
  diameter: bounded(GEAR_LIMITS.diameter, 'm'),
  mass: bounded(GEAR_LIMITS.mass, 'kg'),
});

/** A salt by what a level teaspoon of it weighs, g: fine and coarse differ by about two. */
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

/** A figure that plans use in place of the usual one: learned from cooks, or set by hand. */
const usedFigure = z.strictObject({
  value: z.number(),
  by: z.enum(['cooks', 'hand']),
  /** When it was taken, ms since 1970. */
  at: z.int(),
  /** One deviation, and the cooks it rests on, where cooks taught it. */
  deviation: z.number().min(0).optional(),
  cooks: z.int().min(0).optional(),
});
export type UsedFigure = z.infer<typeof usedFigure>;

const device = z.string().min(1).max(60);

/** A kitchen: its gear, its scales, its rules, its own pieces. */
export const kitchenSchema = z.strictObject({
  pans: z.array(panSchema).min(1).max(12),
  /** Which of them is in use. */
  pan: z.int().min(0).max(11),
  burner: z.strictObject({
    kind: z.enum(BURNER_KINDS),
    power: bounded(GEAR_LIMITS.power, 'W'),
  }),
  /** Air less dial, C. */
  ovenOffset: bounded(GEAR_LIMITS.offset, 'C'),
  /** What the thermometer reads in melting ice, C: so much over, everywhere. */
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
  /** What past cooks taught and plans use, by device: oven, lag, burner, thickness, contact:PAN. */
  learned: z.record(device, usedFigure).default({}),
  /** Forgotten devices: cooks before that moment are ignored for them, ms since 1970. */
  forgotten: z.record(device, z.int()).default({}),
});
export type Kitchen = z.infer<typeof kitchenSchema>;

/** Level teaspoons of salt, g: usual weights of a 5 ml spoon by the size of the grain. */
export const DEFAULT_KITCHEN: Kitchen & { readonly pans: [z.infer<typeof panSchema>] } = {
  pans: [{ name: 'Cast iron, 26 cm', diameter: DEFAULT_PAN.diameter, mass: DEFAULT_PAN.mass }],
  pan: 0,
  burner: { kind: DEFAULT_PAN.burner, power: DEFAULT_PAN.power },
  ovenOffset: DEFAULT_OVEN.offset,
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
