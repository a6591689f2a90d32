import { z } from 'zod';
import type { IceStage } from '../heat/stages/stage';
import { bounded } from './bounded';

/** Days in the freezer, the fridge or water, s. */
const SECONDS = { least: 0, most: 7 * 86_400 };
/** Of the air or the water, C. */
const FREEZER = { least: -40, most: -5 };
const FRIDGE = { least: 0, most: 10 };
const WATER = { least: 2, most: 30 };

const timed = {
  seconds: bounded(SECONDS, 's').optional(),
  until: z.enum(['thawed', 'frozen'], 'must be thawed or frozen').optional(),
  maxSeconds: bounded(SECONDS, 's').optional(),
} as const;

/** Whether a stage has exactly one end: a time, or a condition with the longest time it may take. */
const oneEnd = (stage: IceStage): boolean =>
  stage.until === undefined
    ? stage.seconds !== undefined && stage.maxSeconds === undefined
    : stage.seconds === undefined && stage.maxSeconds !== undefined;

const END = { path: ['seconds'], error: 'give either seconds, or until with maxSeconds' };

/** Stages before the heat: a piece frozen, or thawed in air or water. */
export const ICE_STAGES = [
  z
    .strictObject({ kind: z.literal('freezer'), at: bounded(FREEZER, 'C').optional(), ...timed })
    .refine(oneEnd, END),
  z
    .strictObject({
      kind: z.literal('fridge'),
      at: bounded(FRIDGE, 'C').optional(),
      bag: z.boolean().optional(),
      ...timed,
    })
    .refine(oneEnd, END),
  z
    .strictObject({
      kind: z.literal('water'),
      at: bounded(WATER, 'C').optional(),
      running: z.boolean().optional(),
      ...timed,
    })
    .refine(oneEnd, END),
] as const;

/** Result of such a stage: see `IceStageResult`. */
export const iceStageResultSchema = z.strictObject({
  kind: z.enum(['freezer', 'fridge', 'water']),
  seconds: z.number(),
  core: z.number(),
  warmest: z.number(),
  coldest: z.number(),
  warm: z.number(),
  thawed: z.boolean(),
});
