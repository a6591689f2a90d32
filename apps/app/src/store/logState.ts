import type { LogEntry } from '@crustan/core/formats/logSchema';
import type { ServiceRecord } from '@crustan/core/formats/serviceSchema';
import type { Started } from './activeCook';
import { mergeStreams, type KeptEntry, type KnownBook, type LogStream } from './logStream';

/** A record of this device that can no longer be read. It stays on the device. */
export interface Unreadable {
  readonly where: string;
  readonly why: string;
  readonly value: unknown;
}

/** The log on this page: every cook that is on, and every service that is open or not yet sent. */
export interface LogState {
  /** In the order in which they came to this page, by id. */
  readonly streams: Readonly<Record<string, LogStream>>;
  readonly book: KnownBook;
  /** Whether what this device kept has been read. */
  readonly recalled: boolean;
  /** Whether this device has a database, and entries that are on their way into it, by id. */
  readonly hasDatabase: boolean;
  readonly writing: readonly string[];
  /** Entries that this device could not store: they exist on this page only until the logbook has them. */
  readonly notKept: readonly string[];
  readonly unreadable: readonly Unreadable[];
  /** Reason why entries cannot be sent at present, in a line; sending continues by itself. */
  readonly delayed: string | undefined;
}

export const withStream = (state: LogState, stream: LogStream): LogState =>
  state.streams[stream.id] === stream
    ? state
    : { ...state, streams: { ...state.streams, [stream.id]: stream } };

/** The state with one stream changed, if it is there. */
export const changed = (
  state: LogState,
  id: string,
  change: (stream: LogStream) => LogStream,
): LogState => {
  const stream = state.streams[id];
  return stream ? withStream(state, change(stream)) : state;
};

export const merged = (
  state: LogState,
  { of, id }: Pick<LogStream, 'of' | 'id'>,
  entries: readonly KeptEntry[],
): LogState =>
  withStream(
    state,
    mergeStreams(state.streams[id] ?? { of, id, entries: [] }, entries, state.book),
  );

/** Adds entries of this page: they wait to be stored and sent. */
export const withAdded = (state: LogState, entries: readonly LogEntry[]): LogState =>
  entries.reduce((before: LogState, entry): LogState => {
    const { of, stream: id, event } = entry;
    const there = before.streams[id]?.entries.some((kept) => kept.entry.event.id === event.id);
    if (there) return before;
    const after = merged(before, { of, id }, [{ entry }]);
    return after.hasDatabase ? { ...after, writing: [...after.writing, event.id] } : after;
  }, state);

/** The outbox adds the device's name when it sends an entry. */
export const cookEntry = (
  stream: string,
  event: Extract<LogEntry, { of: 'cook' }>['event'],
): LogEntry => ({
  of: 'cook',
  stream,
  device: '',
  event,
});
export const openedCook = ({ id, startedAt: at, plan, together }: Started): LogEntry =>
  cookEntry(id, { id, kind: 'opened', at, plan, ...(together ? { together } : {}) });
export const openedService = (service: ServiceRecord): LogEntry => ({
  of: 'service',
  stream: service.id,
  device: '',
  event: { id: service.id, kind: 'opened', at: service.opensAt, service },
});

/** Name for a logbook that an older page knew without saying which. */
export const UNNAMED_BOOK = 'unnamed';

/** Streams in which the logbook that an older page knew has the name of the one that answers. */
export const named = (
  streams: Readonly<Record<string, LogStream>>,
  name: string | undefined,
): Readonly<Record<string, LogStream>> => {
  const isUnnamed = ({ book }: KeptEntry): boolean => book === UNNAMED_BOOK;
  if (name === undefined || !Object.values(streams).some((one) => one.entries.some(isUnnamed))) {
    return streams;
  }
  return Object.fromEntries(
    Object.entries(streams).map(([id, stream]) => [
      id,
      {
        ...stream,
        entries: stream.entries.map((kept) => (isUnnamed(kept) ? { ...kept, book: name } : kept)),
      },
    ]),
  );
};

/** Streams without the mark of a deleted cook: after a restore the logbook is asked again. */
export const allBack = (
  streams: Readonly<Record<string, LogStream>>,
): Readonly<Record<string, LogStream>> =>
  Object.fromEntries(
    Object.entries(streams).map(([id, stream]) => {
      const { gone, ...back } = stream;
      return [id, gone ? back : stream];
    }),
  );

export const inBook = (state: LogState, entries: readonly LogEntry[]): readonly KeptEntry[] =>
  entries.map((entry) => ({ entry, book: state.book.name ?? UNNAMED_BOOK }));
