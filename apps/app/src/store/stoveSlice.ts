import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { z } from 'zod';
import { cookEventSchema, planRecordSchema, type CookRecord } from '@crustan/core/formats';
import type { CookEvent } from '@crustan/core/live';
import { recall } from './device';

const activeCookSchema = z.object({
  id: z.uuid(),
  startedAt: z.int(),
  plan: planRecordSchema,
  events: z.array(cookEventSchema),
  /** Whether the server has the cook itself. */
  startKnown: z.boolean(),
  /** Events the server has acknowledged: they are on its disk. */
  known: z.array(z.string()),
});

/** The cook on this device's stove. */
export type ActiveCook = z.infer<typeof activeCookSchema>;

export interface StoveState {
  cook: ActiveCook | undefined;
  /** What the server refused, in its words: shown, and not sent again and again. */
  refused: string | undefined;
}

export const stoveSlice = createSlice({
  name: 'stove',
  initialState: (): StoveState => ({
    cook: recall('cook', (value) => activeCookSchema.safeParse(value).data),
    refused: undefined,
  }),
  reducers: {
    cookStarted: (
      state,
      action: PayloadAction<Pick<ActiveCook, 'id' | 'startedAt' | 'plan'> & { event: CookEvent }>,
    ) => {
      const { event, ...cook } = action.payload;
      state.cook = { ...cook, events: [event], startKnown: false, known: [] };
      state.refused = undefined;
    },
    pressed: (state, action: PayloadAction<CookEvent>) => {
      if (!state.cook || state.cook.events.some(({ id }) => id === action.payload.id)) return;
      state.cook.events.push(action.payload);
    },
    startAcknowledged: (state, action: PayloadAction<string>) => {
      if (state.cook?.id === action.payload) state.cook.startKnown = true;
    },
    eventsAcknowledged: (
      state,
      action: PayloadAction<{ cook: string; events: readonly string[] }>,
    ) => {
      if (state.cook?.id !== action.payload.cook) return;
      const known = new Set([...state.cook.known, ...action.payload.events]);
      state.cook.known = [...known];
    },
    sendRefused: (state, action: PayloadAction<string>) => {
      state.refused = action.payload;
    },
    /** Takes up a cook the server knows: started on another device, or before this one forgot. */
    cookResumed: (state, action: PayloadAction<CookRecord>) => {
      const { id, createdAt, plan, events } = action.payload;
      const mine = state.cook?.id === id ? state.cook.events : [];
      const known = events.map((event) => event.id);
      const extra = mine.filter((event) => !known.includes(event.id));
      state.cook = {
        id,
        startedAt: createdAt,
        plan,
        events: [...events, ...extra],
        startKnown: true,
        known,
      };
      state.refused = undefined;
    },
    cookPutAway: (state) => {
      state.cook = undefined;
      state.refused = undefined;
    },
  },
});
export const {
  cookStarted,
  pressed,
  startAcknowledged,
  eventsAcknowledged,
  sendRefused,
  cookResumed,
  cookPutAway,
} = stoveSlice.actions;

/** Events the server has not acknowledged yet, oldest first. */
export const waitingEvents = (cook: ActiveCook): readonly CookEvent[] =>
  cook.events.filter((event) => !cook.known.includes(event.id));
