import type { AppState, AppStore } from './store';

/**
 * Runs an effect whenever a selected part of the state has changed, right after the action that
 * changed it.
 * @returns stops it
 */
export const onChange = <T>(
  store: AppStore,
  select: (state: AppState) => T,
  effect: (value: T) => void,
): (() => void) =>
  store.listen({
    predicate: (_action, now, before) => select(now) !== select(before),
    effect: (_action, { getState }) => effect(select(getState())),
  });
