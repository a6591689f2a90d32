import type { LogEntry, Subject } from '@crustan/core/formats/logSchema';

/** An entry of the log on this device, and the server's answer to it. */
export interface KeptEntry {
  readonly entry: LogEntry;
  /** Logbook that acknowledged the entry: it is on that book's disk. Undefined: none has. */
  readonly book?: string | undefined;
  /** Place in that book's log, where it was heard. */
  readonly seq?: number | undefined;
  /** The server's words for why it never takes it. */
  readonly refused?: string | undefined;
}

/** A cook or a service as this device has it. */
export interface LogStream {
  readonly of: Subject;
  readonly id: string;
  /** In the order in which they came to this device. */
  readonly entries: readonly KeptEntry[];
  /** It was deleted from the logbook. */
  readonly gone?: true | undefined;
}

/** The logbook that this device speaks to, and those whose place it took by a restore. */
export interface KnownBook {
  readonly name: string | undefined;
  readonly replaces: readonly string[];
}

/**
 * Whether the logbook has an entry. Entries of an earlier logbook are missing in the one that was restored in its place;
 * a logbook of another folder is ignored.
 */
export const isKnown = ({ book }: KeptEntry, { replaces }: KnownBook): boolean =>
  book !== undefined && !replaces.includes(book);

/** Whether an entry is still to be sent. */
export const isWaiting = (kept: KeptEntry, book: KnownBook): boolean =>
  !isKnown(kept, book) && kept.refused === undefined;

/** Place in the logbook's log up to which a stream was heard. */
export const heardOf = ({ entries }: LogStream, { name }: KnownBook): number =>
  entries.reduce((last, { book, seq = 0 }) => (book === name ? Math.max(last, seq) : last), 0);

/** Two states of one entry, as two pages of this device have them. */
const together = (one: KeptEntry, other: KeptEntry, { replaces }: KnownBook): KeptEntry => {
  const better =
    other.book !== undefined && (one.book === undefined || replaces.includes(one.book));
  if (better) return other;
  if (one.book === other.book && one.seq === undefined && other.seq !== undefined) return other;
  if (one.book === undefined && one.refused === undefined && other.refused !== undefined) {
    return other;
  }
  return one;
};

/** The union of one stream as two pages, or this page and the logbook, have it; the same object where nothing is new. */
export const mergeStreams = (
  one: LogStream,
  other: readonly KeptEntry[],
  book: KnownBook,
): LogStream => {
  const brought = new Map(other.map((kept) => [kept.entry.event.id, kept]));
  let changed = false;
  const entries = one.entries.map((kept) => {
    const { id } = kept.entry.event;
    const match = brought.get(id);
    brought.delete(id);
    const merged = match === undefined ? kept : together(kept, match, book);
    changed ||= merged !== kept;
    return merged;
  });
  if (!changed && brought.size === 0) return one;
  return { ...one, entries: [...entries, ...brought.values()] };
};
