import { eq } from 'drizzle-orm';
import { DEFAULT_KITCHEN, keptKitchenSchema, type KeptKitchen } from '@crustan/core/formats';
import { plausible } from '../plausible';
import type { Book } from './book';
import { kitchens } from './schema';

/** The kitchen, and how often it has been changed. */
export interface VersionedKitchen extends KeptKitchen {
  readonly version: number;
}

/** Version before the first kitchen is stored. */
export const NO_VERSION = 0;

export interface KitchenStore {
  readonly get: () => VersionedKitchen | undefined;
  /**
   * Stores a kitchen that was changed from a version. Returns undefined, and changes nothing, if that version is no
   * longer the present one: another phone was first.
   */
  readonly put: (
    kitchen: KeptKitchen['kitchen'],
    from: number,
    at: number,
  ) => VersionedKitchen | undefined;
  /** Takes a file's kitchen, unless the logbook's own was changed later. */
  readonly bring: (kept: KeptKitchen, now: number) => void;
}

/** Rows of the kitchen: the present one, and the last valid one before it. */
const PRESENT = 1;
const BEFORE = 2;

/** Versions are counted from one: a larger number was not counted here. */
const MOST_VERSION = 1e15;
const versionOf = ({ version }: { readonly version: number }): number =>
  Number.isSafeInteger(version) && version > 0 && version < MOST_VERSION ? version : 1;

export const kitchenStore = (book: Book): KitchenStore => {
  const rowOf = (id: number) => book.db.select().from(kitchens).where(eq(kitchens.id, id)).get();
  type Row = NonNullable<ReturnType<typeof rowOf>>;
  const read = (where: string, { record, changedAt }: Row): KeptKitchen | undefined =>
    book.damage.read(where, () =>
      // A clock that had never been set wrote a time that no message takes.
      keptKitchenSchema.parse({ kitchen: JSON.parse(record), changedAt: plausible(changedAt) }),
    );
  const present = (row: Row): KeptKitchen | undefined => read('the kitchen', row);
  const get = (): VersionedKitchen | undefined => {
    const row = rowOf(PRESENT);
    if (!row) return undefined;
    const version = versionOf(row);
    const kept = present(row);
    if (kept) return { ...kept, version };
    const before = rowOf(BEFORE);
    const valid = before && read('the kitchen before', before);
    const { kitchen, changedAt } = valid ?? {
      kitchen: DEFAULT_KITCHEN,
      changedAt: plausible(row.changedAt),
    };
    return { kitchen, changedAt, version, recovered: true };
  };
  const write = (id: number, values: Omit<Row, 'id'>): void => {
    book.db
      .insert(kitchens)
      .values({ id, ...values })
      .onConflictDoUpdate({ target: kitchens.id, set: values })
      .run();
  };
  /** Stores a kitchen as the present one, and the replaced one as the last valid one if it is valid. */
  const replace = (kitchen: KeptKitchen['kitchen'], row: Row | undefined, at: number) => {
    const version = (row ? versionOf(row) : NO_VERSION) + 1;
    const changedAt = plausible(at);
    book.db.transaction(() => {
      if (row && present(row)) {
        write(BEFORE, { changedAt: row.changedAt, version: row.version, record: row.record });
      }
      write(PRESENT, { changedAt, version, record: JSON.stringify(kitchen) });
    });
    return { kitchen, changedAt, version };
  };
  return {
    get,
    put: (kitchen, from, at) => {
      const row = rowOf(PRESENT);
      return (row ? versionOf(row) : NO_VERSION) === from ? replace(kitchen, row, at) : undefined;
    },
    bring: ({ kitchen, changedAt }, now) => {
      const row = rowOf(PRESENT);
      // A clock that was ahead does not win for ever, and a kitchen that cannot be read not at all.
      const later = row && Math.min(row.changedAt, now) > Math.min(changedAt, now);
      if (row && later && present(row)) return;
      replace(kitchen, row, Math.min(changedAt, now));
    },
  };
};
