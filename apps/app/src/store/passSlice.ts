import { createSelector, createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { ServiceRecord, PublishedSchedule } from '@crustan/core/formats/serviceSchema';
import { knowsNoLess, supersedes, type ScheduleBasis } from '@crustan/core/formats/supersedes';
import type { ServiceEvent } from '@crustan/core/pass/serviceEvent';
import { serviceState, type ServiceState } from '@crustan/core/pass/serviceTickets';
import type { Station } from '@crustan/core/pass/task';
import type { ActiveCook } from './activeCook';
import { serviceOpened } from './logSlice';
import { selectBook, selectCooks, selectStreams, type WithLog } from './logSelectors';
import { heardOf, isKnown, isWaiting } from './logStream';
import type { EntryPlace } from './placedUpTo';

/** The service that is open on this page, and how the page shows it. */
export interface PassState {
  /** Service that is open on this page. */
  readonly open: string | undefined;
  /** The schedule that all pages share, or this one's own while it knows more. */
  readonly schedule: PublishedSchedule | undefined;
  /** Entries of this page that were in it and not in the logbook yet: it is this page's own. */
  readonly unsent: number;
  /** The last schedule from the server, also while this page shows its own. */
  readonly shared: PublishedSchedule | undefined;
  /** Station whose tasks this page shows, or all. */
  readonly station: Station | 'all';
}

const EMPTY: PassState = {
  open: undefined,
  schedule: undefined,
  unsent: 0,
  shared: undefined,
  station: 'all',
};

/** Whether a schedule that this page made replaces the one that is shown. */
const replacesShown = (next: PublishedSchedule, unsent: number, before: PassState): boolean => {
  const { schedule: shown } = before;
  if (shown === undefined || unsent > 0 || before.unsent > 0) return true;
  return supersedes(next, shown);
};

export const passSlice = createSlice({
  name: 'pass',
  initialState: EMPTY,
  reducers: {
    /** The service that this device had open. */
    passRecalled: (state: PassState, { payload }: PayloadAction<string>): PassState =>
      state.open === undefined ? { ...state, open: payload } : state,
    /** This page made a schedule; one that all share from the same log stands a while. */
    scheduleMade: (
      state: PassState,
      {
        payload: { schedule, unsent },
      }: PayloadAction<{ schedule: PublishedSchedule; unsent: number }>,
    ): PassState => {
      const { shared } = state;
      // Another page's schedule of the same entries came while this page's own were on their way: the server has that one.
      if (
        unsent === 0 &&
        shared &&
        knowsNoLess(shared, schedule) &&
        !supersedes(schedule, shared)
      ) {
        return { ...state, schedule: shared, unsent };
      }
      return replacesShown(schedule, unsent, state)
        ? { ...state, schedule: schedule, unsent }
        : state;
    },
    /** The schedule that the logbook's server gives every page. */
    scheduleHeard: (
      state: PassState,
      {
        payload: { service, schedule },
      }: PayloadAction<{ service: string; schedule: PublishedSchedule }>,
    ): PassState => {
      if (service !== state.open) return state;
      // Entries that are not in the logbook yet are in this page's own schedule only.
      const stands = state.schedule && (state.unsent > 0 || !knowsNoLess(schedule, state.schedule));
      if (stands) return { ...state, shared: schedule };
      return { ...state, schedule: schedule, unsent: 0, shared: schedule };
    },
    /**
     * This page's entries are in the logbook. A shared schedule that has them replaces the one that this page made
     * before, without waiting for the next one of its own.
     * @param payload all entries of this page
     */
    entriesKept: (state: PassState, { payload }: PayloadAction<ScheduleBasis>): PassState => {
      const { shared } = state;
      if (state.unsent === 0 || !shared || !knowsNoLess(shared, payload)) return state;
      return { ...state, schedule: shared, unsent: 0 };
    },
    stationChosen: (
      state: PassState,
      { payload }: PayloadAction<PassState['station']>,
    ): PassState => ({ ...state, station: payload }),
    /** Another logbook took the place of the one whose log the schedule was made from. */
    scheduleDropped: (state: PassState): PassState => ({
      ...state,
      schedule: undefined,
      unsent: 0,
      shared: undefined,
    }),
    /** The service leaves this page; it stays in the logbook. */
    serviceLeft: (state: PassState): PassState => ({ ...EMPTY, station: state.station }),
  },
  extraReducers: (build) => {
    build.addCase(serviceOpened, (state, { payload: { service } }) =>
      state.open === service.id ? state : { ...EMPTY, station: state.station, open: service.id },
    );
  },
});
export const {
  passRecalled,
  scheduleMade,
  scheduleHeard,
  entriesKept,
  scheduleDropped,
  stationChosen,
  serviceLeft,
} = passSlice.actions;

interface WithPass extends WithLog {
  readonly pass: PassState;
}

/** An event that the logbook refused, and why. */
export interface RefusedEvent {
  readonly event: ServiceEvent;
  readonly why: string;
}

/** The open service as this device has it. */
export interface OpenService {
  readonly service: ServiceRecord;
  /** Whether the logbook has the service itself. */
  readonly inBook: boolean;
  /** Without those that the logbook refused. */
  readonly events: readonly ServiceEvent[];
  readonly refused: readonly RefusedEvent[];
  /** Number of unsent entries of the service. */
  readonly waiting: number;
}

const selectOpen = ({ pass }: WithPass): string | undefined => pass.open;

/** The open service; undefined if none is, or what opens it is not there yet. */
export const selectOpenService: (state: WithPass) => OpenService | undefined = createSelector(
  [selectStreams, selectBook, selectOpen],
  (streams, book, open) => {
    const stream = open === undefined ? undefined : streams[open];
    const events: ServiceEvent[] = [];
    const refused: RefusedEvent[] = [];
    let opened: Pick<OpenService, 'service' | 'inBook'> | undefined;
    let waiting = 0;
    for (const kept of stream?.entries ?? []) {
      const { entry, refused: why } = kept;
      if (entry.of !== 'service') continue;
      const { event } = entry;
      if (isWaiting(kept, book)) waiting += 1;
      if (event.kind === 'opened') {
        opened = { service: event.service, inBook: isKnown(kept, book) };
      } else if (why !== undefined && !isKnown(kept, book)) refused.push({ event, why });
      else events.push(event);
    }
    return opened && { ...opened, events, refused, waiting };
  },
);

const NOTHING: ServiceState = serviceState([]);

/** The open service's tickets as its events have them. */
export const selectService: (state: WithPass) => ServiceState = createSelector(
  selectOpenService,
  (open) => (open ? serviceState(open.events) : NOTHING),
);

/** Ids of the tables' orders; pieces of those that were sent or cancelled are done with. */
const selectOrders = createSelector(selectService, ({ tickets }) => ({
  all: new Set(tickets.map(({ id }) => id)),
  going: new Set(
    tickets.flatMap(({ id, state }) => (state === 'open' || state === 'held' ? [id] : [])),
  ),
}));

const isOf = (orders: ReadonlySet<string>, { together }: ActiveCook): boolean =>
  together !== undefined && orders.has(together.id);

/** Every cook that is a piece of the open service, those of tables that were sent included. */
export const selectEveryPiece: (state: WithPass) => readonly ActiveCook[] = createSelector(
  [selectCooks, selectOrders],
  (cooks, { all }) => cooks.filter((cook) => isOf(all, cook)),
);

/** The cooks that are pieces of the open service, of tables that are not done with. */
export const selectServiceCooks: (state: WithPass) => readonly ActiveCook[] = createSelector(
  [selectEveryPiece, selectOrders],
  (cooks, { going }) => cooks.filter((cook) => isOf(going, cook)),
);

/** Orders that are done with, of every service on this device: one that was left is here until the logbook has it. */
const selectDone = createSelector(selectStreams, (streams): ReadonlySet<string> => {
  const events = Object.values(streams).flatMap(({ entries }) =>
    entries.flatMap(({ entry }) =>
      entry.of === 'service' && entry.event.kind !== 'opened' ? [entry.event] : [],
    ),
  );
  if (events.length === 0) return new Set();
  const done = serviceState(events).tickets.filter(
    ({ state }) => state === 'sent' || state === 'cancelled',
  );
  return new Set(done.map(({ id }) => id));
});

/** The cooks of the stove: those of the open service are the Pass's. */
export const selectStoveCooks: (state: WithPass) => readonly ActiveCook[] = createSelector(
  [selectCooks, selectOrders, selectDone],
  (cooks, { all }, done) =>
    all.size + done.size === 0
      ? cooks
      : cooks.filter((cook) => !isOf(all, cook) && !isOf(done, cook)),
);

/** Streams that are done with on this page: services that were left, and the pieces of their tables. */
export const selectLeft: (state: WithPass) => readonly string[] = createSelector(
  [selectStreams, selectOpen, selectCooks, selectOrders, selectDone],
  (streams, open, cooks, { all }, done) => {
    const services = Object.values(streams).filter(({ of, id }) => of === 'service' && id !== open);
    if (services.length === 0) return [];
    const pieces = cooks.filter((cook) => isOf(done, cook) && !isOf(all, cook));
    // The service last: it names the cooks that it ends.
    const left = pieces.map(({ id }) => id);
    return left.length > 0 ? left : services.map(({ id }) => id);
  },
);

/** Entries of a service and its pieces: the basis of a schedule. */
export interface ServiceBasis {
  /** Last place in the logbook's log. */
  readonly seq: number;
  /** Number of entries on this device and of refusals. Both only grow: the same number means the same service. */
  readonly entries: number;
  /** Number of entries that are not in the logbook yet. */
  readonly unsent: number;
  /** Places of the entries in the log, by id, without the refused ones. */
  readonly places: ReadonlyMap<string, EntryPlace>;
}

export const selectBasis: (state: WithPass) => ServiceBasis = createSelector(
  [selectStreams, selectBook, selectOpen, selectEveryPiece],
  (streams, book, open, pieces) => {
    const places = new Map<string, EntryPlace>();
    let [seq, unsent, counted] = [0, 0, 0];
    for (const id of [...(open === undefined ? [] : [open]), ...pieces.map((cook) => cook.id)]) {
      const stream = streams[id];
      if (!stream) continue;
      seq = Math.max(seq, heardOf(stream, book));
      for (const kept of stream.entries) {
        counted += kept.refused === undefined ? 1 : 2;
        const known = isKnown(kept, book);
        if (isWaiting(kept, book)) unsent += 1;
        if (!known && kept.refused !== undefined) continue;
        const heard = kept.book === book.name ? kept.seq : undefined;
        places.set(kept.entry.event.id, known ? heard : 'unsent');
      }
    }
    return { seq, entries: counted, unsent, places };
  },
);
