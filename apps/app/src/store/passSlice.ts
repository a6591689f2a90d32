import { createSelector, createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { ServiceRecord, ToldSchedule } from '@crustan/core/formats/serviceSchema';
import type { ServiceEvent } from '@crustan/core/pass/serviceEvent';
import { serviceState, type ServiceState } from '@crustan/core/pass/serviceTickets';
import type { Station } from '@crustan/core/pass/thingsToDo';
import type { ActiveCook } from './activeCook';
import { selectCooks, type StoveState } from './stoveSlice';

/** The service that is open on this page, and what was said in it. */
export interface PassState {
  readonly service: ServiceRecord | undefined;
  /** Whether the book has the service itself. */
  readonly serviceKnown: boolean;
  readonly events: readonly ServiceEvent[];
  /** Events that the book has acknowledged. */
  readonly known: readonly string[];
  /** Events that the book will never take, and why. */
  readonly refused: Readonly<Record<string, string>>;
  /** Why nothing can be sent at present. */
  readonly delayed: string | undefined;
  /** This device could not keep the last of it. */
  readonly notKept: boolean;
  /** The schedule that all pages share. */
  readonly told: ToldSchedule | undefined;
  /** What this page shows: one station's things, or everything. */
  readonly station: Station | 'all';
}

const EMPTY: PassState = {
  service: undefined,
  serviceKnown: false,
  events: [],
  known: [],
  refused: {},
  delayed: undefined,
  notKept: false,
  told: undefined,
  station: 'all',
};

/** A schedule from the same events replaces an older one after so long, ms: the server's rule. */
const TOLD_AGAIN = 20_000;

export const replacesTold = (next: ToldSchedule, before: ToldSchedule | undefined): boolean =>
  before === undefined ||
  next.basis > before.basis ||
  (next.basis === before.basis && next.at > before.at + TOLD_AGAIN);

const withEvents = (
  state: PassState,
  added: readonly ServiceEvent[],
  known: boolean,
): PassState => {
  const here = new Set(state.events.map(({ id }) => id));
  const fresh = added.filter(({ id }) => !here.has(id));
  const there = known ? [...new Set([...state.known, ...added.map(({ id }) => id)])] : state.known;
  if (fresh.length === 0 && there.length === state.known.length) return state;
  return { ...state, events: [...state.events, ...fresh], known: there };
};

export const passSlice = createSlice({
  name: 'pass',
  initialState: EMPTY,
  reducers: {
    /** A service is opened here, or taken up from the book. */
    serviceOpened: (
      state: PassState,
      { payload }: PayloadAction<{ service: ServiceRecord; inBook?: boolean }>,
    ): PassState =>
      state.service?.id === payload.service.id
        ? state
        : {
            ...EMPTY,
            station: state.station,
            service: payload.service,
            serviceKnown: payload.inBook === true,
          },
    /** What this device kept of a service; what was said here meanwhile stays. */
    passRecalled: (
      state: PassState,
      { payload }: PayloadAction<Pick<PassState, 'service' | 'serviceKnown' | 'events' | 'known'>>,
    ): PassState => {
      if (state.service !== undefined || payload.service === undefined) return state;
      return { ...state, ...payload };
    },
    serviceSaid: (state: PassState, { payload }: PayloadAction<ServiceEvent>): PassState =>
      withEvents(state, [payload], false),
    serviceHeard: (
      state: PassState,
      { payload }: PayloadAction<{ service: string; events: readonly ServiceEvent[] }>,
    ): PassState =>
      payload.service === state.service?.id ? withEvents(state, payload.events, true) : state,
    serviceKept: (state: PassState): PassState => ({ ...state, serviceKnown: true }),
    /** Another book has taken the place of the one that had it: all of it is sent anew. */
    serviceGone: (state: PassState): PassState => ({ ...state, serviceKnown: false, known: [] }),
    serviceAcknowledged: (
      state: PassState,
      { payload }: PayloadAction<readonly string[]>,
    ): PassState => ({ ...state, known: [...new Set([...state.known, ...payload])] }),
    serviceRefused: (
      state: PassState,
      { payload }: PayloadAction<Readonly<Record<string, string>>>,
    ): PassState => ({ ...state, refused: { ...state.refused, ...payload } }),
    passDelayed: (state: PassState, { payload }: PayloadAction<string | undefined>): PassState =>
      state.delayed === payload ? state : { ...state, delayed: payload },
    passNotKept: (state: PassState, { payload }: PayloadAction<boolean>): PassState =>
      state.notKept === payload ? state : { ...state, notKept: payload },
    /** This page made a schedule; one that all share from the same events stands a while. */
    told: (state: PassState, { payload }: PayloadAction<ToldSchedule>): PassState =>
      replacesTold(payload, state.told) ? { ...state, told: payload } : state,
    /** The schedule that the book's server gives every page. */
    toldHeard: (state: PassState, { payload }: PayloadAction<ToldSchedule>): PassState =>
      payload.basis < (state.told?.basis ?? 0) ? state : { ...state, told: payload },
    stationChosen: (
      state: PassState,
      { payload }: PayloadAction<PassState['station']>,
    ): PassState => ({ ...state, station: payload }),
    /** The service leaves this page; it stays in the book. */
    serviceLeft: (state: PassState): PassState => ({ ...EMPTY, station: state.station }),
  },
});
export const {
  serviceOpened,
  passRecalled,
  serviceSaid,
  serviceHeard,
  serviceKept,
  serviceGone,
  serviceAcknowledged,
  serviceRefused,
  passDelayed,
  passNotKept,
  told,
  toldHeard,
  stationChosen,
  serviceLeft,
} = passSlice.actions;

interface WithPass {
  readonly pass: PassState;
}

/** Events that wait to be sent, oldest first. */
export const waitingServiceEvents = ({ events, known, refused }: PassState): ServiceEvent[] => {
  const there = new Set(known);
  return events.filter(({ id }) => !there.has(id) && refused[id] === undefined);
};

/** What the open service's events say. */
export const selectService: (state: WithPass) => ServiceState = createSelector(
  [({ pass }: WithPass) => pass.events],
  serviceState,
);

/** Ids of the open service's orders: what its cooks are tied by. */
const selectOrders: (state: WithPass) => ReadonlySet<string> = createSelector(
  [selectService],
  ({ tickets }) => new Set(tickets.map(({ id }) => id)),
);

const ofService = (orders: ReadonlySet<string>, { together }: ActiveCook): boolean =>
  together !== undefined && orders.has(together.id);

type WithBoth = WithPass & { readonly stove: StoveState };

/** The cooks that are pieces of the open service. */
export const selectServiceCooks: (state: WithBoth) => readonly ActiveCook[] = createSelector(
  [selectCooks, selectOrders],
  (cooks, orders) => cooks.filter((cook) => ofService(orders, cook)),
);

/** The cooks of the stove: those of a service are the Pass's. */
export const selectStoveCooks: (state: WithBoth) => readonly ActiveCook[] = createSelector(
  [selectCooks, selectOrders],
  (cooks, orders) => (orders.size === 0 ? cooks : cooks.filter((cook) => !ofService(orders, cook))),
);
