import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** Due times of a step's calls, or the times of the calls if those were later, ms since 1970. */
export interface Called {
  readonly soon?: number | undefined;
  readonly now?: number | undefined;
}

/** Calls that this page made, by the key of the step: another screen of the page does not repeat them. */
export type CallsState = Readonly<Record<string, Called>>;

/** A call is forgotten after, ms: a step overdue by more is not called. */
const FORGOTTEN = 2 * 3_600_000;

const EMPTY: CallsState = {};

export const callsSlice = createSlice({
  name: 'calls',
  initialState: EMPTY,
  reducers: {
    /** The page called steps at a moment, ms since 1970. */
    called: (
      state: CallsState,
      { payload: { calls, at } }: PayloadAction<{ calls: CallsState; at: number }>,
    ): CallsState => {
      const isRecent = ([, { soon = 0, now = 0 }]: [string, Called]): boolean =>
        Math.max(soon, now) > at - FORGOTTEN;
      return { ...Object.fromEntries(Object.entries(state).filter(isRecent)), ...calls };
    },
  },
});
export const { called } = callsSlice.actions;
