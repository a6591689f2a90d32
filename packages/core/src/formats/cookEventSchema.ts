import { z } from 'zod';
import { INSTRUMENTS, TROUBLES, type CookEvent, type Instrument } from '../cook/event';
import { PRESS_KINDS } from '../cook/press';
import { FIRMNESSES } from '../doneness/firmness';
import { REST_COVERS } from '../heat/places/restCover';
import { LEG_KINDS } from '../plan/legs/legKind';
import type { Heat } from '../plan/legs/legs';
import { PLAN_LIMITS, type Limit } from '../plan/request/limits';
import { ACTION_KINDS } from '../schedule/actions';
import { bounded } from './bounded';

export const id = z.uuid('must be a UUID');
/** ms since 1970, from 2020 to 2100: a clock outside that is wrong. */
export const moment = z
  .int('must be a time in whole milliseconds since 1970')
  .min(1_577_836_800_000, 'must be a time from 2020 on, in ms since 1970')
  .max(4_102_444_800_000, 'must be a time before 2100, in ms since 1970');

/** Readings a thermometer in food can give, C. */
export const READING_LIMIT = { least: -5, most: 120 } as const;

/** Range of each instrument, C: an inserted probe can fall out into the oven. */
export const INSTRUMENT_LIMITS: Readonly<Record<Instrument, Limit>> = {
  typed: READING_LIMIT,
  probe: { least: -30, most: 350 },
  gun: { least: -30, most: 500 },
  oven: { least: -30, most: 350 },
};

const at = moment;
const seconds = z.number().min(0).max(86_400);

const pan = bounded(PLAN_LIMITS.pan, 'C');
const air = bounded(PLAN_LIMITS.air, 'C');
const share = z.number().min(0).max(1);
/** Convection coefficient, W/m2K. */
const h = z.number().min(0).max(200);

export const heatSchema = z.discriminatedUnion('on', [
  z.strictObject({
    on: z.literal('pan'),
    pan,
    from: pan.optional(),
    basted: z.boolean().optional(),
    share: share.optional(),
  }),
  z.strictObject({ on: z.literal('cold-pan'), pan }),
  z.strictObject({ on: z.literal('edge'), pan, share }),
  z.strictObject({ on: z.literal('rack'), air, h }),
  z.strictObject({ on: z.literal('oven-pan'), air, h, pan }),
  z.strictObject({ on: z.literal('warm-oven'), air }),
  z.strictObject({ on: z.literal('counter'), air }),
  z.strictObject({ on: z.literal('rest'), cover: z.enum(REST_COVERS) }),
]) satisfies z.ZodType<Heat>;

const tailLeg = z.strictObject({
  kind: z.enum(LEG_KINDS),
  seconds,
  pan: pan.optional(),
  air: air.optional(),
  heat: heatSchema.optional(),
  flips: z.array(seconds).max(400).readonly(),
  decides: z.literal(true).optional(),
});

const reading = z
  .strictObject({
    id,
    kind: z.literal('reading'),
    at,
    celsius: z.number(),
    by: z.enum(INSTRUMENTS, `must be one of ${INSTRUMENTS.join(', ')}`).optional(),
    lowest: z.literal(true).optional(),
  })
  .check(({ value, issues }) => {
    const { least, most } = INSTRUMENT_LIMITS[value.by ?? 'typed'];
    if (value.celsius >= least && value.celsius <= most) return;
    issues.push({
      code: 'custom',
      input: value.celsius,
      path: ['celsius'],
      message: `must be from ${least} to ${most} C`,
    });
  });

/** One thing said at the stove. */
export const cookEventSchema = z.discriminatedUnion('kind', [
  z.strictObject({ id, kind: z.enum(PRESS_KINDS), at }),
  reading,
  z.strictObject({ id, kind: z.literal('felt'), at, firmness: z.enum(FIRMNESSES) }),
  z.strictObject({ id, kind: z.literal('undo'), at, of: id }),
  z.strictObject({ id, kind: z.literal('corrected'), at, of: id, to: moment }),
  z.strictObject({ id, kind: z.literal('skipped'), at, step: z.enum(ACTION_KINDS) }),
  z.strictObject({
    id,
    kind: z.literal('note'),
    at,
    text: z.string().trim().min(1, 'must not be empty').max(500, 'must be at most 500 letters'),
  }),
  z.strictObject({
    id,
    kind: z.literal('changed'),
    at,
    why: z.enum(TROUBLES),
    legs: z.array(tailLeg).max(20).readonly(),
    restSeconds: seconds,
  }),
]) satisfies z.ZodType<CookEvent>;
