import { createAction, createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Kitchen } from '@crustan/core/formats/kitchen';
import type { WhoAsks } from '@crustan/core/formats/phonesSchema';

/** State of this page's connection to its kitchen. */
export interface ReachState {
  /** In which role it asks; undefined until the server has said. */
  readonly role: WhoAsks['role'] | undefined;
  /** The server no longer knows this phone. */
  readonly unpaired: boolean;
  /** The server is of another build than this page. */
  readonly newer: boolean;
  /** The stored kitchen could not be read: the last valid one before it, which the cook may choose. */
  readonly recovered: Kitchen | undefined;
}

interface RoleFound {
  readonly role: WhoAsks['role'];
  /** The build of this page, where it is of one, and the server's. */
  readonly here: string | undefined;
  readonly server: string;
}

const START: ReachState = {
  role: undefined,
  unpaired: false,
  newer: false,
  recovered: undefined,
};

export const reachSlice = createSlice({
  name: 'reach',
  initialState: START,
  reducers: {
    /** Role of the person who asks, and builds of page and server, from the server. */
    roleFound: (
      { recovered }: ReachState,
      { payload: { role, here, server } }: PayloadAction<RoleFound>,
    ): ReachState => ({
      role,
      unpaired: false,
      newer: here !== undefined && here !== server,
      recovered,
    }),
    unpairedFound: (state: ReachState): ReachState => ({ ...state, unpaired: true }),
    /** A valid kitchen is offered; undefined: the cook has answered. */
    kitchenOffered: (
      state: ReachState,
      { payload }: PayloadAction<Kitchen | undefined>,
    ): ReachState => ({ ...state, recovered: payload }),
  },
});
export const { roleFound, unpairedFound, kitchenOffered } = reachSlice.actions;

/** Something was refused or cut: it is asked again whether this page is still let in. */
export const reachDoubted = createAction('reach/doubted');
