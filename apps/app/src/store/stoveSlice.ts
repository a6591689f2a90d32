import { isMeasurement } from '@crustan/core/cook/event';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { pressed, streamPutAway } from './logSlice';

export interface StoveState {
  /** The piece the cook has chosen to look at; otherwise the next thing to do decides. */
  readonly focus: string | undefined;
}

const NEXT: StoveState = { focus: undefined };

export const stoveSlice = createSlice({
  name: 'stove',
  initialState: NEXT,
  reducers: {
    focused: (_state: StoveState, { payload }: PayloadAction<string | undefined>): StoveState => ({
      focus: payload,
    }),
  },
  extraReducers: (build) => {
    // The piece in focus was answered: the next thing to do decides again. A measured piece stays in focus.
    build.addCase(pressed, (state, { payload }) => (isMeasurement(payload.event) ? state : NEXT));
    build.addCase(streamPutAway, () => NEXT);
  },
});
export const { focused } = stoveSlice.actions;
