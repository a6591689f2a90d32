import { setImmediate as breath } from 'node:timers/promises';
import type { LogStore, NewEntry, Stream } from '../db/logStore';
import type { EventStream } from '../sse';
import type { LogNews, WrittenEntries } from './logNews';

/** A stream that a page follows, and up to where in the log it has it. */
export interface Followed extends Stream {
  readonly seq: number;
}

/** Rows that are read and sent at once, before the page has read them and other requests are looked at. */
const SENT_AT_ONCE = 50;
/** Unread bytes above which a page gets nothing more until it has read them. */
const MOST_UNREAD = 256_000;

const keyOf = ({ of, id }: Stream): string => `${of}:${id}`;

export interface Following {
  readonly stream: EventStream;
  readonly store: LogStore;
  readonly news: LogNews;
  readonly followed: readonly Followed[];
  readonly written: WrittenEntries;
  /** Called for each stream once the page has all entries. */
  readonly caughtUp: (stream: Stream) => void;
}

/**
 * Sends a page the entries that it lacks, in batches and no faster than it reads, then every new one.
 * With a service go the cooks of its orders.
 * @returns stops following
 */
export const followLog = ({
  stream,
  store,
  news,
  followed,
  written,
  caughtUp,
}: Following): (() => void) => {
  const had = new Map(followed.map((one) => [keyOf(one), one.seq]));
  /** Up to where the page has a stream; undefined: it does not follow it. */
  const hadOf = ({ entry, service }: NewEntry): number | undefined =>
    had.get(keyOf({ of: entry.of, id: entry.stream })) ??
    (service === undefined ? undefined : had.get(keyOf({ of: 'service', id: service })));
  let position = Math.min(...had.values());
  let catchingUp = false;
  let stopped = false;
  let first = true;

  const lacking = (entries: readonly NewEntry[]): readonly NewEntry[] =>
    entries.filter((one) => one.seq > Math.max(hadOf(one) ?? Infinity, 0));
  const catchUp = async (): Promise<void> => {
    catchingUp = true;
    while (!stopped && (await stream.drained())) {
      const { entries, seq, more } = store.after(followed, position, SENT_AT_ONCE);
      position = seq;
      const mine = lacking(entries);
      // The first message says that the page is followed, though it may lack nothing.
      if (mine.length > 0 || (first && !more)) stream.write(written(mine));
      if (!more) break;
      await breath();
    }
    catchingUp = false;
    if (first && !stopped) followed.forEach(caughtUp);
    first = false;
  };
  const begin = (): void => {
    // The stream of a logbook that was closed ends by itself.
    catchUp().catch(() => stream.end());
  };
  const stop = news.follow({
    entries: (added, once) => {
      // A page that is behind reads these from the logbook.
      if (catchingUp) return;
      const mine = lacking(added).filter(({ seq }) => seq > position);
      if (mine.length === 0) return;
      stream.write(once(mine));
      position = mine.at(-1)?.seq ?? position;
      if (stream.unread() > MOST_UNREAD) begin();
    },
    notice: (about, event, data) => {
      if (had.has(keyOf(about))) stream.send(event, data);
    },
  });
  begin();
  return () => {
    stopped = true;
    stop();
  };
};
