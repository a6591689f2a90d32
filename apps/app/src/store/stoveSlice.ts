import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { z } from 'zod';
import {
  cookEventSchema,
  planRecordSchema,
  togetherSchema,
  type CookRecord,
} from '@crustan/core/formats';
import type { CookEvent } from '@crustan/core/live/event';
import { recall } from './device';

const activeCookSchema = z.object({
  id: z.uuid(),
  startedAt: z.int(),
  plan: planRecordSchema,
  together: togetherSchema.optional(),
  events: z.array(cookEventSchema),
  /** Whether the server has the cook itself. */
  startKnown: z.boolean(),
  /** Events the server has acknowledged: they are on its disk. */
  known: z.array(z.string()),
});

/** One piece on this device's stove. */
export type ActiveCook = z.infer<typeof activeCookSchema>;

export interface StoveState {
  /** Every piece that is on, in the order they were started. */
  readonly cooks: readonly ActiveCook[];
  /** The piece the cook has chosen to look at; otherwise the next thing to do decides. */
  readonly focus: string | undefined;
  /** What the server refused of a cook, in its words: shown, and not sent again and again. */
  readonly refused: Readonly<Record<string, string>>;
}

/** What was on when this page was last open; a first version kept one cook alone. */
const recalled = (): readonly ActiveCook[] => {
  const many = recall('cooks', (value) => z.array(activeCookSchema).safeParse(value).data);
  if (many) return many;
  const one = recall('cook', (value) => activeCookSchema.safeParse(value).data);
  return one ? [one] : [];
};

type Started = Pick<ActiveCook, 'id' | 'startedAt' | 'plan' | 'together'>;

/** The state with one cook changed, if it is on. */
const withCook = (
  state: StoveState,
  id: string,
  change: (cook: ActiveCook) => ActiveCook,
): StoveState => ({
  ...state,
  cooks: state.cooks.map((cook) => (cook.id === id ? change(cook) : cook)),
});

const withoutRefusal = ({ refused }: StoveState, id: string): Record<string, string> =>
  Object.fromEntries(Object.entries(refused).filter(([cook]) => cook !== id));

export const stoveSlice = createSlice({
  name: 'stove',
  initialState: (): StoveState => ({ cooks: recalled(), focus: undefined, refused: {} }),
  reducers: {
    cookStarted: (
      state: StoveState,
      { payload: { event, ...cook } }: PayloadAction<Started & { event: CookEvent }>,
    ): StoveState => {
      if (state.cooks.some(({ id }) => id === cook.id)) return state;
      const started = { ...cook, events: [event], startKnown: false, known: [] };
      return { ...state, cooks: [...state.cooks, started] };
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
      return event.kind === 'reading' ? next : { ...next, focus: undefined };
    },
    startAcknowledged: (state: StoveState, { payload }: PayloadAction<string>): StoveState =>
      withCook(state, payload, (cook) => ({ ...cook, startKnown: true })),
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
        const here = new Set(cook.events.map(({ id }) => id));
        const fresh = payload.events.filter(({ id }) => !here.has(id));
        const known = new Set([...cook.known, ...payload.events.map(({ id }) => id)]);
        // Its own words coming back change nothing.
        if (fresh.length === 0 && known.size === cook.known.length) return cook;
        return { ...cook, events: [...cook.events, ...fresh], known: [...known] };
      }),
    sendRefused: (
      state: StoveState,
      { payload: { cook, why } }: PayloadAction<{ cook: string; why: string }>,
    ): StoveState => ({ ...state, refused: { ...state.refused, [cook]: why } }),
    /** Takes up a cook the server knows: started on another device, or before this one forgot. */
    cookResumed: (state: StoveState, { payload }: PayloadAction<CookRecord>): StoveState => {
      const { id, createdAt, plan, together, events } = payload;
      const mine = state.cooks.find((cook) => cook.id === id)?.events ?? [];
      const known = events.map((event) => event.id);
      const extra = mine.filter((event) => !known.includes(event.id));
      const resumed: ActiveCook = {
        id,
        startedAt: createdAt,
        plan,
        ...(together ? { together } : {}),
        events: [...events, ...extra],
        startKnown: true,
        known,
      };
      return {
        ...state,
        cooks: [...state.cooks.filter((cook) => cook.id !== id), resumed],
        refused: withoutRefusal(state, id),
      };
    },
    cookPutAway: (state: StoveState, { payload }: PayloadAction<string>): StoveState => ({
      cooks: state.cooks.filter(({ id }) => id !== payload),
      refused: withoutRefusal(state, payload),
      focus: undefined,
    }),
    focused: (state: StoveState, { payload }: PayloadAction<string | undefined>): StoveState => ({
      ...state,
      focus: payload,
    }),
  },
});
export const {
  cookStarted,
  pressed,
  startAcknowledged,
  eventsAcknowledged,
  eventsHeard,
  sendRefused,
  cookResumed,
  cookPutAway,
  focused,
} = stoveSlice.actions;

/** Events the server has not acknowledged yet, oldest first. */
export const waitingEvents = (cook: ActiveCook): readonly CookEvent[] => {
  const known = new Set(cook.known);
  return cook.events.filter(({ id }) => !known.has(id));
};
