import {
  createEntityAdapter,
  createSlice,
  type EntityState,
  type PayloadAction,
} from '@reduxjs/toolkit';
import type { CookRecord } from '@crustan/core/formats';
import type { CookEvent } from '@crustan/core/cook/event';
import { emptyCook, unsentEvents, type ActiveCook, type Started } from './activeCook';
import type { Unreadable } from './pressStore';

export interface StoveState {
  /** Every piece that is on, in the order they were started. */
  readonly cooks: EntityState<ActiveCook, string>;
  /** The piece the cook has chosen to look at; otherwise the next thing to do decides. */
  readonly focus: string | undefined;
  /** Whether what this device kept has been read. */
  readonly recalled: boolean;
  /** Whether this device has a database, and presses that are on their way into it. */
  readonly hasDatabase: boolean;
  readonly writing: readonly string[];
  /** Presses that this device could not keep: they are on this page alone until the book has them. */
  readonly notKept: readonly string[];
  /** What this device kept and can no longer read: left where it is. */
  readonly unreadable: readonly Unreadable[];
  /** Why nothing can be sent at present, in a line; sending goes on by itself. */
  readonly delayed: string | undefined;
}

const cooksOn = createEntityAdapter<ActiveCook>();
const { selectAll, selectById } = cooksOn.getSelectors();

/** The cooks, in this order. */
const listed = (cooks: readonly ActiveCook[]): StoveState['cooks'] => ({
  ids: cooks.map(({ id }) => id),
  entities: Object.fromEntries(cooks.map((cook) => [cook.id, cook])),
});

/** The state with one cook changed, if it is on. */
const withCook = (
  state: StoveState,
  id: string,
  change: (cook: ActiveCook) => ActiveCook,
): StoveState => {
  const cook = selectById(state.cooks, id);
  return cook === undefined
    ? state
    : {
        ...state,
        cooks: { ...state.cooks, entities: { ...state.cooks.entities, [id]: change(cook) } },
      };
};

/** What is on its way into the device's database, one press more; nothing where it has none. */
const writingWith = ({ hasDatabase, writing }: StoveState, press: string): readonly string[] =>
  hasDatabase ? [...writing, press] : writing;

/** The union of one cook as two pages have it. */
const merged = (one: ActiveCook, other: ActiveCook): ActiveCook => {
  const here = new Set(one.events.map(({ id }) => id));
  const fresh = other.events.filter(({ id }) => !here.has(id));
  const known = new Set([...one.known, ...other.known]);
  const refused = { ...other.refused, ...one.refused };
  const startKnown = one.startKnown || other.startKnown;
  const same =
    fresh.length === 0 &&
    known.size === one.known.length &&
    Object.keys(refused).length === Object.keys(one.refused).length &&
    startKnown === one.startKnown;
  return same
    ? one
    : { ...one, events: [...one.events, ...fresh], known: [...known], refused, startKnown };
};

export const stoveSlice = createSlice({
  name: 'stove',
  initialState: (): StoveState => ({
    cooks: cooksOn.getInitialState(),
    focus: undefined,
    recalled: typeof indexedDB === 'undefined',
    hasDatabase: typeof indexedDB !== 'undefined',
    writing: [],
    notKept: [],
    unreadable: [],
    delayed: undefined,
  }),
  reducers: {
    /** What this device kept, read at the start; what was pressed meanwhile stays. */
    stoveRecalled: (
      state: StoveState,
      {
        payload,
      }: PayloadAction<{
        cooks: readonly ActiveCook[];
        unreadable: readonly Unreadable[];
      }>,
    ): StoveState => ({
      ...state,
      recalled: true,
      unreadable: payload.unreadable,
      cooks: listed([
        ...payload.cooks.map((kept) => {
          const mine = selectById(state.cooks, kept.id);
          return mine ? merged(mine, kept) : kept;
        }),
        ...selectAll(state.cooks).filter(({ id }) => !payload.cooks.some((kept) => kept.id === id)),
      ]),
    }),
    /** A cook as another page of this device has it. */
    cookShared: (state: StoveState, { payload }: PayloadAction<ActiveCook>): StoveState =>
      selectById(state.cooks, payload.id)
        ? withCook(state, payload.id, (cook) => merged(cook, payload))
        : { ...state, cooks: listed([...selectAll(state.cooks), payload]) },
    cookStarted: (
      state: StoveState,
      { payload: { event, ...cook } }: PayloadAction<Started & { event: CookEvent }>,
    ): StoveState => {
      if (selectById(state.cooks, cook.id)) return state;
      return {
        ...state,
        cooks: listed([...selectAll(state.cooks), { ...emptyCook(cook), events: [event] }]),
        writing: writingWith(state, event.id),
      };
    },
    pressed: (
      state: StoveState,
      { payload: { cook, event } }: PayloadAction<{ cook: string; event: CookEvent }>,
    ): StoveState => {
      const next = withCook(state, cook, (one) =>
        one.events.some(({ id }) => id === event.id)
          ? one
          : { ...one, events: [...one.events, event] },
      );
      // What was looked at has been answered: the next thing to do decides again.
      const written = { ...next, writing: writingWith(state, event.id) };
      return event.kind === 'reading' ? written : { ...written, focus: undefined };
    },
    /** What became of writing presses to this device. */
    pressesKept: (
      state: StoveState,
      {
        payload: { kept, notKept },
      }: PayloadAction<{
        kept: readonly string[];
        notKept: readonly string[];
      }>,
    ): StoveState => {
      const failed = new Set([...state.notKept.filter((id) => !kept.includes(id)), ...notKept]);
      const writing = state.writing.filter((id) => !kept.includes(id) && !notKept.includes(id));
      const same =
        writing.length === state.writing.length &&
        failed.size === state.notKept.length &&
        notKept.every((id) => state.notKept.includes(id));
      return same ? state : { ...state, writing, notKept: [...failed] };
    },
    startAcknowledged: (state: StoveState, { payload }: PayloadAction<string>): StoveState =>
      withCook(state, payload, ({ startRefused: _why, gone: _gone, ...cook }) => ({
        ...cook,
        startKnown: true,
      })),
    eventsAcknowledged: (
      state: StoveState,
      { payload }: PayloadAction<{ cook: string; events: readonly string[] }>,
    ): StoveState =>
      withCook(state, payload.cook, (cook) => ({
        ...cook,
        known: [...new Set([...cook.known, ...payload.events])],
      })),
    /** What the book has of a cook: said here, or on another phone. */
    eventsHeard: (
      state: StoveState,
      { payload }: PayloadAction<{ cook: string; events: readonly CookEvent[] }>,
    ): StoveState =>
      withCook(state, payload.cook, (cook) => {
        const { gone, ...there } = cook;
        const here = new Set(cook.events.map(({ id }) => id));
        const fresh = payload.events.filter(({ id }) => !here.has(id));
        const known = new Set([...cook.known, ...payload.events.map(({ id }) => id)]);
        // Events that are known already change nothing.
        if (gone === undefined && fresh.length === 0 && known.size === cook.known.length) {
          return cook;
        }
        return { ...there, events: [...cook.events, ...fresh], known: [...known] };
      }),
    /** Events the book will never take, and why: set aside, never their neighbours. */
    eventsRefused: (
      state: StoveState,
      { payload }: PayloadAction<{ cook: string; refused: Readonly<Record<string, string>> }>,
    ): StoveState =>
      withCook(state, payload.cook, (cook) => ({
        ...cook,
        refused: { ...cook.refused, ...payload.refused },
      })),
    /** The cook itself is not taken: its presses wait with it. */
    startRefused: (
      state: StoveState,
      { payload }: PayloadAction<{ cook: string; why: string }>,
    ): StoveState =>
      withCook(state, payload.cook, (cook) => ({ ...cook, startRefused: payload.why })),
    /** The cook is no longer in the book: deleted there. Its presses wait until it is back. */
    cookGone: (state: StoveState, { payload }: PayloadAction<string>): StoveState =>
      withCook(state, payload, (cook) => (cook.gone ? cook : { ...cook, gone: true })),
    /** The cook is to be tried again: it was put back, or what refused it was mended. */
    cookTriedAgain: (state: StoveState, { payload }: PayloadAction<string>): StoveState =>
      withCook(state, payload, ({ gone: _gone, startRefused: _why, ...cook }) => ({
        ...cook,
        refused: {},
      })),
    /** Another book has taken the old one's place: nothing is known to be in it. */
    bookReplaced: (state: StoveState): StoveState => ({
      ...state,
      cooks: listed(
        selectAll(state.cooks).map(({ gone: _gone, ...cook }) => ({
          ...cook,
          startKnown: false,
          known: [],
        })),
      ),
    }),
    sendingDelayed: (
      state: StoveState,
      { payload }: PayloadAction<string | undefined>,
    ): StoveState => (state.delayed === payload ? state : { ...state, delayed: payload }),
    /** Takes up a cook the server knows: started on another device, or before this one forgot. */
    cookResumed: (state: StoveState, { payload }: PayloadAction<CookRecord>): StoveState => {
      const { id, createdAt, plan, together, events } = payload;
      const mine = selectById(state.cooks, id);
      const known = events.map((event) => event.id);
      const extra = (mine?.events ?? []).filter((event) => !known.includes(event.id));
      const resumed: ActiveCook = {
        ...emptyCook({ id, startedAt: createdAt, plan, ...(together ? { together } : {}) }),
        events: [...events, ...extra],
        startKnown: true,
        known,
        refused: mine?.refused ?? {},
      };
      return {
        ...state,
        cooks: listed([...selectAll(state.cooks).filter((cook) => cook.id !== id), resumed]),
      };
    },
    /**
     * The cook leaves this device. With presses that the book does not have it stays, unless they were
     * saved as a file: this is their only copy.
     */
    cookPutAway: (
      state: StoveState,
      { payload: { cook: away, saved } }: PayloadAction<{ cook: string; saved?: true }>,
    ): StoveState => {
      const cook = selectById(state.cooks, away);
      if (!cook || (!saved && unsentEvents(cook).length > 0)) return state;
      return {
        ...state,
        cooks: listed(selectAll(state.cooks).filter((one) => one !== cook)),
        focus: undefined,
      };
    },
    focused: (state: StoveState, { payload }: PayloadAction<string | undefined>): StoveState => ({
      ...state,
      focus: payload,
    }),
  },
});
export const {
  stoveRecalled,
  cookShared,
  cookStarted,
  pressed,
  pressesKept,
  startAcknowledged,
  eventsAcknowledged,
  eventsHeard,
  eventsRefused,
  startRefused,
  cookGone,
  cookTriedAgain,
  bookReplaced,
  sendingDelayed,
  cookResumed,
  cookPutAway,
  focused,
} = stoveSlice.actions;

/** Every piece that is on, in the order they were started. */
export const selectCooks = ({ stove }: { readonly stove: StoveState }): readonly ActiveCook[] =>
  selectAll(stove.cooks);
