import { z } from 'zod';
import { cookEventSchema } from '@crustan/core/formats/cookEventSchema';
import { planRecordSchema, togetherSchema } from '@crustan/core/formats/messages';
import type { CookEvent } from '@crustan/core/cook/event';

/** A piece as it was started: what the book is told of it first. */
export const startedSchema = z.object({
  id: z.uuid(),
  startedAt: z.int(),
  plan: planRecordSchema,
  together: togetherSchema.optional(),
});
export type Started = z.infer<typeof startedSchema>;

/** One piece on this device's stove. */
export interface ActiveCook extends Started {
  readonly events: readonly CookEvent[];
  /** Whether the server has the cook itself. */
  readonly startKnown: boolean;
  /** Events the server has acknowledged: they are on its disk. */
  readonly known: readonly string[];
  /** Events the server will never take, and its words for why. */
  readonly refused: Readonly<Record<string, string>>;
  /** The server's words for why it does not take the cook itself. */
  readonly startRefused?: string;
  /** The cook was deleted from the book. */
  readonly gone?: true;
}

export const emptyCook = (started: Started): ActiveCook => ({
  ...started,
  events: [],
  startKnown: false,
  known: [],
  refused: {},
});

/** Events that are not in the book: those that wait, and those that it refused. */
export const unsentEvents = ({ events, known }: ActiveCook): readonly CookEvent[] => {
  const there = new Set(known);
  return events.filter(({ id }) => !there.has(id));
};

/** Events that wait to be sent, oldest first. */
export const waitingEvents = (cook: ActiveCook): readonly CookEvent[] =>
  unsentEvents(cook).filter(({ id }) => cook.refused[id] === undefined);

/** What a first page kept: every cook whole, in one value. */
export const firstKeptSchema = startedSchema.extend({
  events: z.array(cookEventSchema),
  startKnown: z.boolean(),
  known: z.array(z.string()),
});
