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

interface Told {
  readonly role: WhoAsks['role'];
  /** The build of this page, where it is of one, and the server's. */
  readonly here: string | undefined;
  readonly server: string;
}

const START: ReachState = { role: undefined, unpaired: false, newer: false };

export const reachSlice = createSlice({
  name: 'reach',
  initialState: START,
  reducers: {
    /** What the server says of who asks, and of which build page and server are. */
    roleTold: (
      _state: ReachState,
      { payload: { role, here, server } }: PayloadAction<Told>,
    ): ReachState => ({ role, unpaired: false, newer: here !== undefined && here !== server }),
    unpairedTold: (state: ReachState): ReachState => ({ ...state, unpaired: true }),
  },
});
export const { roleTold, unpairedTold } = reachSlice.actions;

/** Something was refused or cut: it is asked anew whether this page is still let in. */
export const reachDoubted = createAction('reach/doubted');
