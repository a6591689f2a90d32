import { createAction, createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { WhoAsks } from '@crustan/core/formats/phonesSchema';

/** How this page reaches its kitchen. */
export interface ReachState {
  /** In which role it asks; undefined until the server has said. */
  readonly role: WhoAsks['role'] | undefined;
  /** The server no longer knows this phone. */
  readonly unpaired: boolean;
  /** The server is of another build than this page. */
  readonly newer: boolean;
}

const START: ReachState = { role: undefined, unpaired: false, newer: false };

export const reachSlice = createSlice({
  name: 'reach',
  initialState: START,
  reducers: {
    roleTold: (state: ReachState, { payload }: PayloadAction<WhoAsks['role']>): ReachState => ({
      ...state,
      role: payload,
      unpaired: false,
    }),
    unpairedTold: (state: ReachState): ReachState => ({ ...state, unpaired: true }),
    buildTold: (
      state: ReachState,
      { payload: { here, server } }: PayloadAction<{ here: string | undefined; server: string }>,
    ): ReachState => ({ ...state, newer: here !== undefined && here !== server }),
  },
});
export const { roleTold, unpairedTold, buildTold } = reachSlice.actions;

/** Something was refused or cut: it is asked anew whether this page is still let in. */
export const reachDoubted = createAction('reach/doubted');
