import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Logged, Subject } from '@crustan/core/formats/logSchema';
import type { CookRecord } from '@crustan/core/formats/messages';
import type { ServiceRecord } from '@crustan/core/formats/serviceSchema';
import type { CookEvent } from '@crustan/core/cook/event';
import type { ServiceEvent } from '@crustan/core/pass/serviceEvent';
import type { Started } from './activeCook';
import {
  allBack,
  changed,
  cookEntry,
  inBook,
  merged,
  named,
  openedCook,
  openedService,
  withAdded,
  type LogState,
  type Unreadable,
} from './logState';
import { isKnown, type KeptEntry, type KnownBook, type LogStream } from './logStream';

export const logSlice = createSlice({
  name: 'log',
  initialState: (): LogState => ({
    streams: {},
    book: { name: undefined, replaces: [] },
    recalled: typeof indexedDB === 'undefined',
    hasDatabase: typeof indexedDB !== 'undefined',
    writing: [],
    notKept: [],
    unreadable: [],
    delayed: undefined,
  }),
  reducers: {
    /** Streams that this device kept, read at the start. Presses made meanwhile stay. */
    logRecalled: (
      state: LogState,
      {
        payload,
      }: PayloadAction<{
        streams: readonly LogStream[];
        unreadable: readonly Unreadable[];
      }>,
    ): LogState => {
      const kept = Object.fromEntries(payload.streams.map((stream) => [stream.id, stream]));
      const recalled: LogState = {
        ...{ ...state, recalled: true, streams: named(kept, state.book.name) },
        unreadable: payload.unreadable,
      };
      return Object.values(state.streams).reduce(
        (before, stream) => merged(before, stream, stream.entries),
        recalled,
      );
    },
    /** A stream as another page of this device has it. */
    streamShared: (state: LogState, { payload }: PayloadAction<LogStream>): LogState =>
      merged(state, payload, payload.entries),
    /** A piece is begun: the cook, and its first press. */
    cookStarted: (
      state: LogState,
      { payload: { event, ...cook } }: PayloadAction<Started & { event: CookEvent }>,
    ): LogState =>
      state.streams[cook.id]
        ? state
        : withAdded(state, [openedCook(cook), cookEntry(cook.id, event)]),
    pressed: (
      state: LogState,
      { payload: { cook, event } }: PayloadAction<{ cook: string; event: CookEvent }>,
    ): LogState => (state.streams[cook] ? withAdded(state, [cookEntry(cook, event)]) : state),
    /** A service is opened here, or continued from the logbook. */
    serviceOpened: (
      state: LogState,
      {
        payload: { service, inBook: known },
      }: PayloadAction<{
        service: ServiceRecord;
        inBook?: boolean;
      }>,
    ): LogState => {
      const entry = openedService(service);
      if (known !== true) return withAdded(state, [entry]);
      return merged(state, { of: 'service', id: service.id }, inBook(state, [entry]));
    },
    serviceSaid: (
      state: LogState,
      { payload: { service, event } }: PayloadAction<{ service: string; event: ServiceEvent }>,
    ): LogState =>
      state.streams[service]
        ? withAdded(state, [{ of: 'service', stream: service, device: '', event }])
        : state,
    /** Entries that were written to this device, and entries that could not be. */
    entriesKept: (
      state: LogState,
      {
        payload: { kept, notKept },
      }: PayloadAction<{
        kept: readonly string[];
        notKept: readonly string[];
      }>,
    ): LogState => {
      const [written, failed] = [new Set(kept), new Set(notKept)];
      const unsaved = new Set([...state.notKept.filter((id) => !written.has(id)), ...notKept]);
      const writing = state.writing.filter((id) => !written.has(id) && !failed.has(id));
      const same =
        writing.length === state.writing.length &&
        unsaved.size === state.notKept.length &&
        notKept.every((id) => state.notKept.includes(id));
      return same ? state : { ...state, writing, notKept: [...unsaved] };
    },
    /** The logbook has these entries of a stream on its disk. */
    entriesAcknowledged: (
      state: LogState,
      {
        payload: { stream: id, entries, book },
      }: PayloadAction<{ stream: string; entries: readonly string[]; book: string }>,
    ): LogState => {
      const there = new Set(entries);
      return changed(state, id, ({ gone: _gone, ...stream }) => ({
        ...stream,
        entries: stream.entries.map((kept) =>
          there.has(kept.entry.event.id) && kept.book !== book ? { entry: kept.entry, book } : kept,
        ),
      }));
    },
    /** Entries of the logbook's log: of this page, or of another phone. */
    entriesHeard: (
      state: LogState,
      { payload: { book, logged } }: PayloadAction<{ book: string; logged: readonly Logged[] }>,
    ): LogState => {
      const byStream = new Map<string, { of: Subject; kept: KeptEntry[] }>();
      for (const { seq, entry } of logged) {
        const { of, stream } = entry;
        const found = byStream.get(stream) ?? { of, kept: [] };
        found.kept.push({ entry, book, seq });
        byStream.set(stream, found);
      }
      let after = state;
      for (const [id, { of, kept }] of byStream) after = merged(after, { of, id }, kept);
      return after;
    },
    /** Entries the logbook will never take, and why: set aside, never their neighbours. */
    entriesRefused: (
      state: LogState,
      {
        payload: { stream: id, refused },
      }: PayloadAction<{ stream: string; refused: Readonly<Record<string, string>> }>,
    ): LogState =>
      changed(state, id, (stream) => ({
        ...stream,
        entries: stream.entries.map((kept) => {
          const why = refused[kept.entry.event.id];
          return why === undefined ? kept : { ...kept, refused: why };
        }),
      })),
    /** A refused entry is left out, or replaced by a corrected one. */
    refusedDropped: (
      state: LogState,
      { payload: { stream: id, entry } }: PayloadAction<{ stream: string; entry: string }>,
    ): LogState =>
      changed(state, id, (stream) => ({
        ...stream,
        entries: stream.entries.filter(
          ({ entry: { event }, refused }) => event.id !== entry || refused === undefined,
        ),
      })),
    /** The stream is not in the logbook. A deleted cook waits until it is put back; a service is sent again. */
    streamGone: (state: LogState, { payload }: PayloadAction<string>): LogState =>
      changed(state, payload, (stream) => {
        if (stream.of === 'cook') {
          // This answer can be older than the news of a restore: the cook is about to be sent again.
          const [opened] = stream.entries;
          const wasThere = opened !== undefined && isKnown(opened, state.book);
          return stream.gone || !wasThere ? stream : { ...stream, gone: true };
        }
        const entries = stream.entries.map(({ entry, refused }) => ({ entry, refused }));
        return { ...stream, entries };
      }),
    streamBack: (state: LogState, { payload }: PayloadAction<string>): LogState =>
      changed(state, payload, (stream) => {
        if (!stream.gone) return stream;
        const { gone: _gone, ...back } = stream;
        return back;
      }),
    /** The stream is to be tried again: it was put back, or what refused it was mended. */
    streamTriedAgain: (state: LogState, { payload }: PayloadAction<string>): LogState =>
      changed(state, payload, ({ gone: _gone, ...stream }) => ({
        ...stream,
        entries: stream.entries.map(({ refused: _why, ...kept }) => kept),
      })),
    /** The name of the logbook that answers, and of those whose place it took. */
    bookNamed: (state: LogState, { payload }: PayloadAction<KnownBook>): LogState => {
      const { name, replaces } = state.book;
      if (payload.name === name && payload.replaces.join() === replaces.join()) return state;
      const streams = named(state.streams, name ?? payload.name);
      const restored = name !== undefined && payload.replaces.includes(name);
      return { ...state, book: payload, streams: restored ? allBack(streams) : streams };
    },
    sendingDelayed: (state: LogState, { payload }: PayloadAction<string | undefined>): LogState =>
      state.delayed === payload ? state : { ...state, delayed: payload },
    /** Continues a cook of the server: started on another device, or before this one lost it. */
    cookResumed: (state: LogState, { payload }: PayloadAction<CookRecord>): LogState => {
      const { id, createdAt: startedAt, plan, together, events } = payload;
      const opened = openedCook({ id, startedAt, plan, ...(together ? { together } : {}) });
      const entries = [opened, ...events.map((event) => cookEntry(id, event))];
      const after = merged(state, { of: 'cook', id }, inBook(state, entries));
      return changed(after, id, ({ gone: _gone, ...stream }) => stream);
    },
    /**
     * A stream leaves this device. With entries that the logbook does not have it stays, unless they were
     * saved as a file: this is their only copy.
     */
    streamPutAway: (
      state: LogState,
      { payload: { stream: id, saved } }: PayloadAction<{ stream: string; saved?: true }>,
    ): LogState => {
      const stream = state.streams[id];
      if (!stream) return state;
      if (!saved && stream.entries.some((kept) => !isKnown(kept, state.book))) return state;
      const { [id]: _away, ...streams } = state.streams;
      return { ...state, streams };
    },
  },
});
export const {
  logRecalled,
  streamShared,
  cookStarted,
  pressed,
  serviceOpened,
  serviceSaid,
  entriesKept,
  entriesAcknowledged,
  entriesHeard,
  entriesRefused,
  refusedDropped,
  streamGone,
  streamBack,
  streamTriedAgain,
  bookNamed,
  sendingDelayed,
  cookResumed,
  streamPutAway,
} = logSlice.actions;
