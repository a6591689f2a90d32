import { z } from 'zod';
import { TISSUE_NAMES } from '../food/tissues';
import { CRUST_COLOURS } from '../doneness/crustColour';
import { PRESS_NAMES } from '../heat/places/face';
import { HEAT_MODELS, MODEL_NAMES } from '../heat/matter/heatModel';
import { REST_COVERS } from '../heat/places/restCover';
import { REST_SURFACES } from '../heat/stages/restSurface';
import type { Shape } from '../heat/matter/section';
import type { Cook, IceStage, PanUsed, Stage } from '../heat/stages/stage';
import { STEM_SIDES, USUAL_THERMOMETER, type Thermometer } from '../heat/judging/thermometer';
import { KNOBS } from '../heat/places/twoZonePan';
import { PLAN_LIMITS } from '../plan/request/limits';
import { HOLD_PLACES } from '../plan/request/request';
import { bounded } from './bounded';
import { ICE_STAGES, iceStageResultSchema } from './iceStageSchema';

const { thickness, start, pan, air, h, target, seconds } = PLAN_LIMITS;

/** Half the width of the largest round piece, and of the smallest, m. */
const RADIUS = { least: 0.005, most: 0.3 };
const MOST_LAYERS = 8;
/** Edge to edge of a long piece, m. */
const WIDTH = { least: 0.01, most: 0.6 };
/** Of an oven's air, from a dry one to steam, Pa. */
const VAPOUR = { least: 0, most: 101_325 };
const MOST_DOORS = 50;
/** A pan and its burner: kg, m, W into the iron; pieces of one area, m2. */
const BODY = {
  mass: { least: 0.3, most: 12 },
  diameter: { least: 0.1, most: 0.6 },
  power: { least: 50, most: 12_000 },
  area: { least: 1e-4, most: 0.2 },
} as const;
/** Off the middle and length of a tip, m; until it is read, s. */
const STEM = {
  off: { least: 0, most: 0.03 },
  tip: { least: 0, most: 0.03 },
  after: { least: 0, most: 120 },
} as const;

const oneOf = <const T extends readonly string[]>(values: T) =>
  z.enum(values, `must be one of ${values.join(', ')}`);

const press = oneOf(PRESS_NAMES).optional();

const searStage = z.strictObject({
  kind: z.literal('sear'),
  pan: bounded(pan, 'C'),
  seconds: bounded(seconds, 's'),
  thenFlip: z.boolean(),
  press,
});

const turnsStage = z.strictObject({
  kind: z.literal('turns'),
  pan: bounded(pan, 'C'),
  every: bounded({ least: 1, most: 3600 }, 's'),
  count: z.int('must be a whole number of turns, 1 to 500').min(1).max(500),
  press,
});

const ovenStage = z
  .strictObject({
    kind: z.literal('oven'),
    air: bounded(air, 'C'),
    h: bounded(h, 'W/m2K'),
    pan: bounded(pan, 'C').optional(),
    seconds: bounded(seconds, 's').optional(),
    untilCore: bounded(target, 'C').optional(),
    maxSeconds: bounded(seconds, 's').optional(),
    vapour: bounded(VAPOUR, 'Pa').optional(),
    tray: z.boolean().optional(),
    walls: bounded(air, 'C').optional(),
    doors: z
      .array(bounded(seconds, 's'))
      .max(MOST_DOORS, `must hold at most ${MOST_DOORS} openings`)
      .optional(),
  })
  .refine((stage) => (stage.seconds === undefined) !== (stage.untilCore === undefined), {
    path: ['seconds'],
    error: 'give either seconds, or untilCore with maxSeconds',
  })
  .refine((stage) => stage.untilCore === undefined || stage.maxSeconds !== undefined, {
    path: ['maxSeconds'],
    error: `must go with untilCore: a number from 0 to ${seconds.most} s`,
  })
  .check(({ value: stage, issues }) => {
    const hottest = Math.max(stage.air, stage.pan ?? -Infinity);
    if (stage.untilCore === undefined || stage.untilCore < hottest) return;
    issues.push({
      code: 'custom',
      input: stage.untilCore,
      path: ['untilCore'],
      message: `can never be reached at ${hottest} C: must be from ${target.least} to under ${hottest} C`,
    });
  });

const restStage = z.strictObject({
  kind: z.literal('rest'),
  cover: oneOf(REST_COVERS),
  seconds: bounded(seconds, 's'),
  on: oneOf(REST_SURFACES).optional(),
});

const counterStage = z.strictObject({
  kind: z.literal('counter'),
  air: bounded({ least: -5, most: 45 }, 'C'),
  seconds: bounded(seconds, 's'),
});

const holdStage = z.strictObject({
  kind: z.literal('hold'),
  in: oneOf(HOLD_PLACES),
  seconds: bounded(seconds, 's'),
  air: bounded(PLAN_LIMITS.warmOven, 'C').optional(),
});

/** A piece that begins in a freezer, a fridge or water may be frozen, C. */
const COLDEST_START = -40;
const START_SAYS = `must be a number from ${start.least} to ${start.most} C, or from ${COLDEST_START} C where it begins in a freezer, a fridge or water`;

const isIceStage = (stage: { readonly kind: string }): stage is IceStage =>
  stage.kind === 'freezer' || stage.kind === 'fridge' || stage.kind === 'water';

const tissue = z.enum(TISSUE_NAMES, `must be one of ${TISSUE_NAMES.join(', ')}`);

const piece = z
  .strictObject({
    tissue,
    thickness: bounded(thickness, 'm'),
    radius: bounded(RADIUS, 'm').optional(),
    width: bounded(WIDTH, 'm').optional(),
    start: z.number(START_SAYS).min(COLDEST_START, START_SAYS).max(start.most, START_SAYS),
    layers: z
      .array(z.strictObject({ tissue, thickness: bounded({ ...thickness, least: 1e-4 }, 'm') }))
      .max(MOST_LAYERS, `must hold at most ${MOST_LAYERS} layers`)
      .optional(),
  })
  .check(({ value, issues }) => {
    if (value.radius !== undefined && value.width !== undefined) {
      issues.push({
        code: 'custom',
        input: value.width,
        path: ['width'],
        message: 'is of a long piece, radius of a round one: give one of them',
      });
    }
    const layered = (value.layers ?? []).reduce((sum, layer) => sum + layer.thickness, 0);
    if (layered <= value.thickness) return;
    issues.push({
      code: 'custom',
      input: value.layers,
      path: ['layers'],
      message: `are ${layered} m thick together: must be from 0 to the piece's ${value.thickness} m`,
    });
  });

const body = z.strictObject({
  mass: bounded(BODY.mass, 'kg'),
  diameter: bounded(BODY.diameter, 'm'),
  power: bounded(BODY.power, 'W'),
  knob: oneOf(KNOBS),
  pieces: z.int('must be a whole number of pieces, 1 to 24').min(1).max(24),
  area: bounded(BODY.area, 'm2'),
}) satisfies z.ZodType<PanUsed>;

const thermometer = z.strictObject({
  from: oneOf(STEM_SIDES).default(USUAL_THERMOMETER.from),
  off: bounded(STEM.off, 'm').default(USUAL_THERMOMETER.off),
  tip: bounded(STEM.tip, 'm').default(USUAL_THERMOMETER.tip),
  after: bounded(STEM.after, 's').default(USUAL_THERMOMETER.after),
}) satisfies z.ZodType<Thermometer>;

/** A piece and its stages, as read by `crustan simulate`. Lengths m, times s, temperatures C. */
export const cookFileSchema = z
  .strictObject({
    format: z.literal('crustan-cook/1', 'must be "crustan-cook/1"'),
    /** Heat model; default: the baseline. */
    model: oneOf(MODEL_NAMES).optional(),
    body: body.optional(),
    thermometer: thermometer.optional(),
    piece,
    stages: z
      .array(
        z.discriminatedUnion('kind', [
          searStage,
          turnsStage,
          ovenStage,
          restStage,
          counterStage,
          holdStage,
          ...ICE_STAGES,
        ]),
        'must be a list of stages',
      )
      .min(1, 'must hold at least one stage')
      .max(100, 'must hold at most 100 stages') satisfies z.ZodType<readonly (Stage | IceStage)[]>,
  })
  .check(
    ({
      value: {
        piece: { start: from },
        stages,
      },
      issues,
    }) => {
      const heat = stages.findIndex((stage) => !isIceStage(stage));
      stages.forEach((stage, i) => {
        if (heat === -1 || i < heat || !isIceStage(stage)) return;
        issues.push({
          code: 'custom',
          input: stage.kind,
          path: ['stages', i, 'kind'],
          message: 'must come before the heat, as freezer, fridge and water do',
        });
      });
      const [first] = stages;
      if (from >= start.least || (first !== undefined && isIceStage(first))) return;
      issues.push({ code: 'custom', input: from, path: ['piece', 'start'], message: START_SAYS });
    },
  );
export type CookFile = z.infer<typeof cookFileSchema>;

const shapeOf = ({ radius, width }: CookFile['piece']): Shape | undefined => {
  if (radius !== undefined) return { kind: 'round', radius };
  return width === undefined ? undefined : { kind: 'long', width };
};

/** A cook, and its stages before the heat. */
export interface CookFromTheFreezer extends Cook {
  readonly ice: readonly IceStage[];
}

/** The cook a file describes: round where it has a radius, long where it has a width, else a wide slab. */
export const cookOfFile = ({
  model,
  piece,
  stages,
  body: pan,
  thermometer: stem,
}: CookFile): CookFromTheFreezer => {
  const { radius: _radius, width: _width, ...rest } = piece;
  return {
    piece: { ...rest, shape: shapeOf(piece) },
    ice: stages.filter(isIceStage),
    stages: stages.flatMap((stage): readonly Stage[] =>
      stage.kind === 'freezer' || stage.kind === 'fridge' || stage.kind === 'water' ? [] : [stage],
    ),
    model: model && HEAT_MODELS[model],
    body: pan,
    thermometer: stem,
  };
};

/** Shares of the first mass. */
export const lossSchema = z.strictObject({
  central: z.number(),
  least: z.number(),
  most: z.number(),
});
/** Log10 reductions of the core and of the side face; a wide slab's rim is its core. */
export const logsSchema = z.strictObject({ core: z.number(), rim: z.number() });
/** The face that is up at the end, which is seen on the plate first, and the other. */
export const crustNameSchema = z.tuple([z.enum(CRUST_COLOURS), z.enum(CRUST_COLOURS)]);

/** Output of `crustan simulate`. */
export const cookResultSchema = z.strictObject({
  format: z.literal('crustan-cook-result/1'),
  elapsedMs: z.number(),
  /** Result of the stages before the heat; undefined without such stages. */
  before: z.array(iceStageResultSchema).optional(),
  stages: z.array(
    z.strictObject({
      kind: z.enum(['sear', 'turns', 'oven', 'rest', 'counter', 'hold']),
      seconds: z.number(),
      core: z.number(),
      surface: z.number(),
      corePeak: z.number(),
      corePeakAt: z.number(),
      browning: z.tuple([z.number(), z.number()]),
      crust: z.tuple([z.number(), z.number()]),
      coldest: z.number(),
      rim: z.number(),
      pan: z.number().optional(),
      reading: z.number(),
    }),
  ),
  greyBand: z.number(),
  evaporated: z.number(),
  drip: z.number(),
  dripped: z.number(),
  loss: lossSchema,
  /** Absent for duck and fish, to which the table is not applied. */
  logs: logsSchema.optional(),
  crustName: crustNameSchema,
  energyError: z.number(),
});
