import type { Middleware } from '@reduxjs/toolkit';
import { reachSlice } from './reachSlice';
import { cookStarted, pressed, serviceSaid } from './logSlice';

/** Actions that add to the log. */
const SAID: readonly { readonly match: (action: unknown) => boolean }[] = [
  pressed,
  cookStarted,
  serviceSaid,
];

interface WithReach {
  readonly [reachSlice.name]: ReturnType<typeof reachSlice.getInitialState>;
}

/** A phone that only watches says nothing: its taps change nothing here, as the server would refuse them. */
export const watchOnly: Middleware<object, WithReach> = (store) => (next) => (action) => {
  const watches = store.getState().reach.role === 'watcher';
  if (watches && SAID.some((said) => said.match(action))) return undefined;
  return next(action);
};
