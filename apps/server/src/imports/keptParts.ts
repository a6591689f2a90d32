import type { z } from 'zod';
import {
  bookServiceSchema,
  demandDaySchema,
  menuDishSchema,
  planRecordSchema,
  practiceResultSchema,
  trialSchema,
} from '@crustan/core/formats';
import { demandStore } from '../db/demandStore';
import { dishStore } from '../db/dishStore';
import type { Book } from '../db/book';
import { planStore } from '../db/planStore';
import { practiceStore } from '../db/practiceStore';
import { serviceStore } from '../db/serviceStore';
import { trialStore } from '../db/trialStore';
import { writeInSlices } from '../db/writeInSlices';

/** A part of a logbook file with few entries: they stay in memory until the import is stored. */
interface KeptPart {
  /** Takes an entry. @returns what is wrong with it */
  readonly take: (value: unknown) => z.ZodError | undefined;
  readonly count: () => number;
  /** Writes its entries in slices: presses are stored in between. */
  readonly store: (book: Book, now: number) => Promise<void>;
}

const part = <T>(
  schema: z.ZodType<T>,
  writer: (book: Book, now: number) => (entry: T) => void,
): KeptPart => {
  const entries: T[] = [];
  return {
    take: (value) => {
      const { data, error } = schema.safeParse(value);
      if (data !== undefined) entries.push(data);
      return error;
    },
    count: () => entries.length,
    store: (book, now) => writeInSlices(book, entries, writer(book, now)),
  };
};

export const KEPT_PARTS = ['plans', 'trials', 'dishes', 'services', 'demand', 'practice'] as const;
type KeptPartName = (typeof KEPT_PARTS)[number];

/**
 * The parts of one import. A plan replaces the logbook's own of the same id, a count that of the same day and dish;
 * all other existing entries stay unchanged.
 */
export const keptParts = (): Readonly<Record<KeptPartName, KeptPart>> => ({
  plans: part(planRecordSchema, (book) => planStore(book).put),
  trials: part(trialSchema, (book) => {
    const store = trialStore(book);
    return (trial) => {
      if (!store.get(trial.id)) store.put(trial);
    };
  }),
  dishes: part(menuDishSchema, (book) => dishStore(book).bring),
  services: part(bookServiceSchema, (book, now) => {
    const store = serviceStore(book);
    return ({ service, events }) => store.bring(service, events, now);
  }),
  demand: part(demandDaySchema, (book) => demandStore(book).put),
  practice: part(practiceResultSchema, (book) => practiceStore(book).put),
});
