import type { EventKind } from '@crustan/core/cook/event';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { pressed, streamPutAway } from './logSlice';

export interface StoveState {
  /** The piece the cook has chosen to look at; otherwise the next thing to do decides. */
  readonly focus: string | undefined;
}

const NEXT: StoveState = { focus: undefined };

/** Events that measure the piece in focus: it stays there. */
const ANSWERS_NOTHING: ReadonlySet<EventKind> = new Set(['reading', 'felt']);

export const stoveSlice = createSlice({
  name: 'stove',
  initialState: NEXT,
  reducers: {
    focused: (_state: StoveState, { payload }: PayloadAction<string | undefined>): StoveState => ({
      focus: payload,
    }),
  },
  extraReducers: (build) => {
    // The piece in focus was answered: the next thing to do decides again.
    build.addCase(pressed, (state, { payload }) =>
      ANSWERS_NOTHING.has(payload.event.kind) ? state : NEXT,
    );
    build.addCase(streamPutAway, () => NEXT);
  },
});
export const { focused } = stoveSlice.actions;
