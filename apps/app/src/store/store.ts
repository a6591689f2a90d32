import { configureStore } from '@reduxjs/toolkit';
import { useDispatch, useSelector, useStore } from 'react-redux';
import { attentionSlice } from './attentionSlice';
import { bookApi } from './bookApi';
import { keep } from './device';
import { deletedSlice } from './deletedSlice';
import { devicesSlice } from './devicesSlice';
import { draftSlice } from './draftSlice';
import { kitchenSlice } from './kitchenSlice';
import { stoveSlice } from './stoveSlice';
import { unitsSlice } from './unitsSlice';

export const makeStore = () =>
  configureStore({
    reducer: {
      deleted: deletedSlice.reducer,
      draft: draftSlice.reducer,
      kitchen: kitchenSlice.reducer,
      units: unitsSlice.reducer,
      stove: stoveSlice.reducer,
      attention: attentionSlice.reducer,
      devices: devicesSlice.reducer,
      [bookApi.reducerPath]: bookApi.reducer,
    },
    middleware: (standard) => standard().concat(bookApi.middleware),
    // Subscribers run in the same turn as the press: what they write is kept before the next frame.
    enhancers: (standard) => standard({ autoBatch: { type: 'tick' } }),
  });

export type AppStore = ReturnType<typeof makeStore>;
export type AppState = ReturnType<AppStore['getState']>;

export const useAppDispatch = useDispatch.withTypes<AppStore['dispatch']>();
export const useAppStore = useStore.withTypes<AppStore>();
export const useAppSelector = useSelector.withTypes<AppState>();

/** Writes what must outlive this page to the device, at the moment it changes. */
export const keepOnDevice = (store: AppStore): (() => void) => {
  let last = store.getState();
  return store.subscribe(() => {
    const state = store.getState();
    if (state.attention !== last.attention) keep('attention', state.attention);
    if (state.kitchen !== last.kitchen) keep('kitchen', state.kitchen);
    if (state.units !== last.units) keep('units', state.units.system);
    if (state.draft.request !== last.draft.request) keep('request', state.draft.request);
    last = state;
  });
};
