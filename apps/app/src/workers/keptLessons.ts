import { z } from 'zod';
import { EVIDENCE_KINDS } from '@crustan/core/learn/evidenceKind';
import { TRAITS } from '@crustan/core/learn/traits';
import { TRAIT_USES } from '@crustan/core/learn/traitUse';
import { saveLocal, loadLocal } from '../store/device';
import type { Lessons } from './learn.worker';

/** Raised when the same cooks would teach something else: by other physics, or another way to learn. */
const VERSION = 3;
const NAME = 'lessons';

const named = { value: z.number(), deviation: z.number(), unknown: z.number() };
const ofCooks = z.object({ ...named, cooks: z.array(z.string()) }).optional();
const keptLessonsSchema = z.object({
  version: z.literal(VERSION),
  /** The cooks and their versions that it was learned from. */
  key: z.string(),
  lessons: z.object({
    kitchen: z.object({
      traits: z.array(
        z.object({
          key: z.string(),
          trait: z.enum(TRAITS),
          pan: z.string().optional(),
          ...named,
          use: z.enum(TRAIT_USES),
          cooks: z.array(z.object({ id: z.string(), share: z.number() })),
        }),
      ),
      past: z.array(z.object({ id: z.string(), before: z.number(), after: z.number() })),
      cooks: z.number(),
      oven: z.object({ air: z.number(), over: z.number(), sigma: z.number() }).optional(),
      evidence: z.array(
        z.object({ kind: z.enum(EVIDENCE_KINDS), cooks: z.number(), share: z.number() }),
      ),
    }),
    lag: ofCooks,
    crust: ofCooks,
  }),
});

/** Last calibration on this device, and the cooks it was made from. */
export interface KeptLessons {
  readonly key: string;
  readonly lessons: Lessons;
}

/** The lessons that this device kept; undefined if it kept none, or they were learned another way. */
export const recallLessons = (): KeptLessons | undefined => {
  const found = loadLocal(NAME, (value) => keptLessonsSchema.safeParse(value).data);
  if (!found) return undefined;
  const { key, lessons } = found;
  return { key, lessons: { kitchen: lessons.kitchen, lag: lessons.lag, crust: lessons.crust } };
};

export const keepLessons = ({ key, lessons }: KeptLessons): boolean =>
  saveLocal(NAME, { version: VERSION, key, lessons });
