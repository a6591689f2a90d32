import { z } from 'zod';
import { TISSUE_NAMES } from '../food/tissues';
import { REST_COVERS } from '../heat/restCover';
import type { Cook, Stage } from '../heat/stage';
import { PLAN_LIMITS } from '../plan/limits';
import { bounded } from './bounded';

const { thickness, start, pan, air, h, target, seconds } = PLAN_LIMITS;

/** Half the width of the largest round piece, and of the smallest, m. */
const RADIUS = { least: 0.005, most: 0.3 };
const MOST_LAYERS = 8;

const searStage = z.strictObject({
  kind: z.literal('sear'),
  pan: bounded(pan, 'C'),
  seconds: bounded(seconds, 's'),
  thenFlip: z.boolean(),
});

const turnsStage = z.strictObject({
  kind: z.literal('turns'),
  pan: bounded(pan, 'C'),
  every: bounded({ least: 1, most: 3600 }, 's'),
  count: z.int('must be a whole number of turns, 1 to 500').min(1).max(500),
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
  cover: z.enum(REST_COVERS, `must be one of ${REST_COVERS.join(', ')}`),
  seconds: bounded(seconds, 's'),
});

const counterStage = z.strictObject({
  kind: z.literal('counter'),
  air: bounded({ least: -5, most: 45 }, 'C'),
  seconds: bounded(seconds, 's'),
});

const tissue = z.enum(TISSUE_NAMES, `must be one of ${TISSUE_NAMES.join(', ')}`);

const piece = z
  .strictObject({
    tissue,
    thickness: bounded(thickness, 'm'),
    radius: bounded(RADIUS, 'm').optional(),
    start: bounded(start, 'C'),
    layers: z
      .array(z.strictObject({ tissue, thickness: bounded({ ...thickness, least: 1e-4 }, 'm') }))
      .max(MOST_LAYERS, `must hold at most ${MOST_LAYERS} layers`)
      .optional(),
  })
  .check(({ value, issues }) => {
    const layered = (value.layers ?? []).reduce((sum, layer) => sum + layer.thickness, 0);
    if (layered <= value.thickness) return;
    issues.push({
      code: 'custom',
      input: value.layers,
      path: ['layers'],
      message: `are ${layered} m thick together: must be from 0 to the piece's ${value.thickness} m`,
    });
  });

/** A piece and its stages, as read by `crustan simulate`. Lengths m, times s, temperatures C. */
export const cookFileSchema = z.strictObject({
  format: z.literal('crustan-cook/1', 'must be "crustan-cook/1"'),
  piece,
  stages: z
    .array(
      z.discriminatedUnion('kind', [searStage, turnsStage, ovenStage, restStage, counterStage]),
      'must be a list of stages',
    )
    .min(1, 'must hold at least one stage')
    .max(100, 'must hold at most 100 stages') satisfies z.ZodType<readonly Stage[]>,
});
export type CookFile = z.infer<typeof cookFileSchema>;

/** The cook a file describes: round where it has a radius, a wide slab otherwise. */
export const cookOfFile = ({ piece: { radius, ...piece }, stages }: CookFile): Cook => ({
  piece: { ...piece, shape: radius === undefined ? undefined : { kind: 'round', radius } },
  stages,
});

/** What `crustan simulate` prints. */
export const cookResultSchema = z.strictObject({
  format: z.literal('crustan-cook-result/1'),
  elapsedMs: z.number(),
  stages: z.array(
    z.strictObject({
      kind: z.enum(['sear', 'turns', 'oven', 'rest', 'counter']),
      seconds: z.number(),
      core: z.number(),
      surface: z.number(),
      corePeak: z.number(),
      corePeakAt: z.number(),
      browning: z.tuple([z.number(), z.number()]),
      crust: z.tuple([z.number(), z.number()]),
    }),
  ),
  greyBand: z.number(),
  evaporated: z.number(),
  energyError: z.number(),
});
