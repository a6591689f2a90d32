import { z } from 'zod';
import { ALLERGEN_IDS } from '../food/allergens';
import type { MenuDish } from '../pass/dishes/menuDish';
import { OUT_GEAR, OUT_REASONS, type ServiceEvent } from '../pass/orders/serviceEvent';
import { WAYS } from '../plan/request/way';
import { ACTION_KINDS } from '../schedule/actions';
import { id, moment } from './cookEventSchema';
import { cookPlanSchema } from './cookPlanSchema';
import { cookRecordSchema } from './messages';

const name = (most: number) =>
  z.string().trim().min(1, 'must not be empty').max(most, `must be at most ${most} letters`);
const seconds = z.number().min(0).max(86_400);
const celsius = z.number().min(0).max(500);
const money = z.number().min(0).max(100_000);

/** Most pieces of one table, and dishes of a menu. */
export const SERVICE_LIMITS = { pieces: 24, dishes: 40, portions: 6, events: 5000 } as const;

const orderedPieceSchema = z.strictObject({
  id,
  dish: id,
  doneness: name(60),
  note: name(120).optional(),
});

/** Declarable allergens, by id. */
const allergensSchema = z.array(z.enum(ALLERGEN_IDS)).max(ALLERGEN_IDS.length);

export const orderSchema = z.strictObject({
  id,
  table: name(40),
  pieces: z
    .array(orderedPieceSchema)
    .min(1, 'must hold at least one piece')
    .max(SERVICE_LIMITS.pieces)
    .readonly(),
  wanted: moment.optional(),
  quoted: moment.optional(),
  held: z.literal(true).optional(),
  allergens: allergensSchema.readonly().optional(),
  allergy: name(120).optional(),
  note: name(240).optional(),
});

const option = z.int().min(0).max(20);
const gearId = z.string().trim().min(1).max(60);

const takenSchema = z.union([
  z.strictObject({ reason: z.enum(['pan', 'oven', 'hands', 'holding', 'burner']) }),
  z.strictObject({ reason: z.enum(['pan-heat', 'oven-heat']), set: z.number() }),
]);

/** One thing said in a service. */
export const serviceEventSchema = z.discriminatedUnion('kind', [
  z.strictObject({ id, kind: z.enum(['ordered', 'changed']), at: moment, order: orderSchema }),
  z.strictObject({
    id,
    kind: z.enum(['fired', 'held', 'cancelled', 'sent']),
    at: moment,
    of: id,
  }),
  z.strictObject({
    id,
    kind: z.literal('refired'),
    at: moment,
    of: id,
    instead: id,
    piece: orderedPieceSchema,
  }),
  z.strictObject({ id, kind: z.literal('moved'), at: moment, of: id, wanted: moment }),
  z.strictObject({ id, kind: z.literal('way'), at: moment, piece: id, option }),
  z.strictObject({
    id,
    kind: z.literal('begun'),
    at: moment,
    piece: id,
    option,
    full: z.boolean(),
    pan: gearId.optional(),
    oven: gearId.optional(),
  }),
  z.strictObject({
    id,
    kind: z.literal('set'),
    at: moment,
    gear: z.enum(['pan', 'oven']),
    of: gearId,
    celsius,
  }),
  z.strictObject({
    id,
    kind: z.literal('measured'),
    at: moment,
    gear: z.enum(['pan', 'oven']),
    of: gearId,
    celsius,
  }),
  z.strictObject({
    id,
    kind: z.literal('out'),
    at: moment,
    gear: z.enum(OUT_GEAR),
    of: gearId,
    why: z.enum(OUT_REASONS),
  }),
  z.strictObject({ id, kind: z.literal('back'), at: moment, gear: z.enum(OUT_GEAR), of: gearId }),
  z.strictObject({
    id,
    kind: z.literal('put'),
    at: moment,
    piece: id,
    pan: gearId.optional(),
    oven: gearId.optional(),
  }),
  z.strictObject({ id, kind: z.literal('washed'), at: moment, of: gearId }),
  z.strictObject({
    id,
    kind: z.literal('hands'),
    at: moment,
    count: z.int('must be a whole number').min(0).max(20),
  }),
  z.strictObject({ id, kind: z.literal('side'), at: moment, of: id, side: name(60) }),
  z.strictObject({
    id,
    kind: z.literal('stock'),
    at: moment,
    dish: id,
    count: z.int('must be a whole number').min(0).max(1000),
  }),
  z.strictObject({ id, kind: z.literal('undo'), at: moment, of: id }),
]) satisfies z.ZodType<ServiceEvent>;

const stepsSchema = z.strictObject({
  way: z.enum(WAYS),
  stays: z
    .array(
      z.strictObject({
        place: z.enum(['pan', 'oven']),
        at: seconds,
        seconds,
        celsius,
        /** Area, m2; a piece that takes its pan along has the whole pan. */
        area: z.number().min(0).max(10),
      }),
    )
    .max(20),
  touches: z.array(z.strictObject({ kind: z.enum(ACTION_KINDS), at: seconds, seconds })).max(400),
  heatSeconds: seconds,
  restSeconds: seconds,
  keepsSeconds: seconds,
  uncertainSeconds: seconds,
  recoverySeconds: seconds,
});

export const sideSchema = z.strictObject({
  name: name(60),
  handsOn: seconds,
  handsOff: seconds,
  needs: z.enum(['nothing', 'burner', 'oven', 'pan']),
  oven: celsius.optional(),
  keeps: seconds,
  /** Undefined: not stated. */
  allergens: allergensSchema.optional(),
});

/** A dish of the menu: a plan for each of its ways at each doneness. */
export const menuDishSchema = z.strictObject({
  id,
  createdAt: moment,
  name: name(60),
  portions: z
    .array(
      z.strictObject({
        doneness: name(60),
        target: celsius,
        options: z
          .array(
            z.strictObject({
              plan: cookPlanSchema,
              steps: z.strictObject({
                alone: stepsSchema,
                full: stepsSchema,
                fullArea: z.number().min(0).max(10),
              }),
            }),
          )
          .min(1)
          .max(8),
      }),
    )
    .min(1)
    .max(SERVICE_LIMITS.portions),
  sides: z.array(sideSchema).max(8),
  cost: money.optional(),
  price: money.optional(),
  shelfDays: z.int().min(1).max(7),
  removedAt: moment.optional(),
}) satisfies z.ZodType<MenuDish>;
export type KeptDish = z.infer<typeof menuDishSchema>;

/** A service: when it is, and what is on its menu. */
export const serviceRecordSchema = z.strictObject({
  id,
  name: name(60),
  opensAt: moment,
  closesAt: moment,
  dishes: z.array(id).max(SERVICE_LIMITS.dishes),
});
export type ServiceRecord = z.infer<typeof serviceRecordSchema>;

export const serviceEventsSchema = z
  .array(serviceEventSchema, 'must be a list of events')
  .min(1, 'must hold at least one event')
  .max(200, 'must hold at most 200 events');

/** A service in full. */
export const serviceInFullSchema = z.strictObject({
  service: serviceRecordSchema,
  events: z.array(serviceEventSchema).max(SERVICE_LIMITS.events),
  cooks: z.array(cookRecordSchema),
});
export type ServiceInFull = z.infer<typeof serviceInFullSchema>;

export const serviceListSchema = z.strictObject({ services: z.array(serviceRecordSchema) });
export const dishListSchema = z.strictObject({
  dishes: z.array(menuDishSchema),
  /** Counted at every change of the menu; a server of an earlier version does not say. */
  version: z.int().min(1).default(1),
});

/** A service as a file, with its dishes. */
export const serviceFileSchema = z.strictObject({
  format: z.literal('crustan-service/1', 'must be "crustan-service/1"'),
  ...serviceInFullSchema.shape,
  dishes: z.array(menuDishSchema).max(SERVICE_LIMITS.dishes),
});
export type ServiceFile = z.infer<typeof serviceFileSchema>;

const index = z.int().min(0).max(100);
const serviceSeconds = z.number().min(-86_400).max(200_000);

/** A schedule in the form that the pages of a service share. */
export const publishedScheduleSchema = z.strictObject({
  /** Logbook whose log contains `seq`. */
  book: z.string().min(1).max(60),
  /** Last entry of the log that it was computed from. A page with a later entry computes it again. */
  seq: z.int().min(0),
  /** Version of the menu that it was made from. */
  menu: z.int().min(1),
  /** Time at which it was computed, ms since 1970. */
  at: moment,
  /** The `at` of a schedule from the same log and menu that it was improved from, by the same page. */
  improves: moment.optional(),
  pieces: z
    .array(
      z.strictObject({
        id,
        ticket: id,
        option: index,
        full: z.boolean(),
        pan: index,
        oven: index,
        start: serviceSeconds,
        washAt: serviceSeconds.optional(),
        readyAt: serviceSeconds,
        waits: z.number().min(0),
        overRested: z.number().min(0),
      }),
    )
    .max(600),
  tickets: z
    .array(
      z.strictObject({
        id,
        landsAt: serviceSeconds,
        apart: z.number().min(0),
        late: z.number().min(0),
        hindered: z.strictObject({ piece: id, taken: takenSchema }).optional(),
      }),
    )
    .max(300),
  /** A page of an earlier version tells none. */
  sides: z
    .array(
      z.strictObject({
        ticket: id,
        name: name(60),
        start: serviceSeconds,
        readyAt: serviceSeconds,
        taken: takenSchema.optional(),
      }),
    )
    .max(2400)
    .default([]),
  unplaced: z.array(id).max(300),
  moved: z.array(z.strictObject({ id, from: serviceSeconds, taken: takenSchema })).max(300),
  late: z.number().min(0),
});
export type PublishedSchedule = z.infer<typeof publishedScheduleSchema>;
