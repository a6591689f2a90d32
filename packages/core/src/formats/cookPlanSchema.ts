import { z } from 'zod';
import type { PlanSpread, PullWindow } from '../plan/legs/planResult';
import { LEG_KINDS } from '../plan/legs/legKind';
import { PLAN_LIMITS } from '../plan/request/limits';
import type { OwnStep } from '../plan/legs/ownSteps';
import { heatSchema } from './cookEventSchema';
import { gearIdsSchema } from './gearIdsSchema';
import { planRequestSchema } from './planRequestSchema';

const finite = z.number();
const seconds = z.number().min(0).max(86_400);
const thawing = z.number().min(0).max(400_000);
const celsius = z.number().min(-50).max(500);
const curve = z.array(celsius).max(400);
const twoFaces = z.tuple([finite.min(0), finite.min(0)]);
const band = z.tuple([celsius, celsius]);
const turns = z.array(seconds).max(400);

const legSchema = z.strictObject({
  kind: z.enum(LEG_KINDS),
  at: seconds,
  seconds,
  pan: celsius.optional(),
  air: celsius.optional(),
  heat: heatSchema.optional(),
  flips: turns,
  core: celsius,
  coldest: celsius.optional(),
  rim: celsius.optional(),
  reading: celsius.optional(),
  floor: celsius.optional(),
  cutShort: z.literal(true).optional(),
  gear: gearIdsSchema.partial().optional(),
});

/** A cook's own step: s and C. */
const ownStepSchema = z.discriminatedUnion('do', [
  z.strictObject({
    do: z.literal('pan'),
    seconds,
    pan: celsius.optional(),
    every: seconds.optional(),
    basted: z.literal(true).optional(),
  }),
  z.strictObject({ do: z.literal('turn') }),
  z.strictObject({ do: z.literal('oven'), seconds, air: celsius.optional() }),
  z.strictObject({ do: z.literal('rest'), seconds }),
]) satisfies z.ZodType<OwnStep>;

const currentSchema = z.strictObject({
  request: planRequestSchema,
  legs: z.array(legSchema).min(1).max(20),
  cookSeconds: seconds,
  stoveSeconds: seconds,
  pullAt: seconds,
  turns,
  pullCore: celsius,
  doneCore: celsius,
  peakCore: celsius,
  peakAfter: z.number().min(-86_400).max(86_400),
  coldestPeak: celsius.optional(),
  laterPeak: z.strictObject({ celsius, after: z.number().min(0).max(86_400) }).optional(),
  restSeconds: seconds,
  sliceCore: celsius,
  browning: twoFaces,
  crust: twoFaces,
  greyBand: z.number().min(0).max(PLAN_LIMITS.thickness.most),
  evenness: z.number().min(0).max(1).optional(),
  evaporated: z.number().min(-0.1).max(1),
  dripped: z.number().min(0).max(1).optional(),
  /** Largest possible drip, in plans of older versions. */
  drip: z.number().min(0).max(1).optional(),
  lethality: finite.min(0).optional(),
  rimLethality: finite.min(0).optional(),
  readings: z.strictObject({ pull: band, done: band, slice: band }).optional(),
  inRange: seconds.max(200_000).optional(),
  boneLag: finite.min(0).optional(),
  thaw: z
    .strictObject({
      seconds: thawing,
      warm: thawing,
      least: thawing.optional(),
      most: thawing.optional(),
    })
    .optional(),
  smaller: z.strictObject({ done: celsius, peak: celsius }).optional(),
  hold: z
    .strictObject({
      seconds,
      from: celsius,
      to: celsius,
      surface: celsius,
      inRange: seconds,
      evaporated: z.number().min(-0.1).max(1),
    })
    .optional(),
  ownSteps: z.array(ownStepSchema).min(1).max(60).optional(),
  trace: z.strictObject({ time: z.array(seconds).max(400), core: curve, surface: curve }),
});

/** Plan as the first logbooks stored it: one stay in the pan, with its turns. */
const firstPlan = z.looseObject({
  request: z.looseObject({ turning: z.enum(['once', 'often']), pan: celsius }),
  cookSeconds: seconds,
  turns: turns.min(1),
  pullCore: celsius,
});

/** A first logbook's plan as one of today: its stay becomes legs. */
const withLegs = (value: unknown): unknown => {
  const found = firstPlan.safeParse(value);
  if (!found.success) return value;
  const { request, cookSeconds, turns: made, pullCore } = found.data;
  const leg = { at: 0, seconds: cookSeconds, pan: request.pan, core: pullCore };
  const half = made[0];
  return {
    legs:
      request.turning === 'often'
        ? [{ ...leg, kind: 'turns', flips: made }]
        : [
            { ...leg, kind: 'sear', seconds: half, flips: [half] },
            { ...leg, kind: 'sear', at: half, seconds: cookSeconds - half, flips: [] },
          ],
    stoveSeconds: cookSeconds,
    pullAt: cookSeconds,
    doneCore: pullCore,
    ...found.data,
  };
};

/** A finished plan as kept and sent: its figures and curves, without the slices. */
export const cookPlanSchema = z.preprocess(withLegs, currentSchema);
export type KeptPlan = z.infer<typeof cookPlanSchema>;

export const pullWindowSchema = z.strictObject({
  early: seconds,
  late: seconds,
}) satisfies z.ZodType<PullWindow>;

export const planSpreadSchema = z.strictObject({
  seconds: finite.min(0),
  endTemperature: finite.min(0),
  inputs: z
    .array(
      z.strictObject({
        input: z.enum(['thickness', 'contact', 'start', 'pan', 'burner', 'oven', 'ovenHeat']),
        error: finite,
        seconds: finite,
      }),
    )
    .max(10),
  flat: z.literal(true).optional(),
}) satisfies z.ZodType<PlanSpread>;
