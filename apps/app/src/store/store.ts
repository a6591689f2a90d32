import {
  combineReducers,
  configureStore,
  createListenerMiddleware,
  type ListenerMiddlewareInstance,
} from '@reduxjs/toolkit';
import { useDispatch, useSelector, useStore } from 'react-redux';
import { attentionSlice } from './attentionSlice';
import { bookApi } from './bookApi';
import { callsSlice } from './callsSlice';
import { declinedSlice } from './declinedSlice';
import { deletedSlice } from './deletedSlice';
import { devicesSlice } from './devicesSlice';
import { draftSlice } from './draftSlice';
import { firstSlice } from './firstSlice';
import { kitchenSlice } from './kitchenSlice';
import { lightSlice } from './lightSlice';
import { logSlice } from './logSlice';
import { passSlice } from './passSlice';
import { reachSlice } from './reachSlice';
import { stoveSlice } from './stoveSlice';
import { unitsSlice } from './unitsSlice';
import { watchOnly } from './watchOnly';

const reducer = combineReducers({
  declined: declinedSlice.reducer,
  deleted: deletedSlice.reducer,
  draft: draftSlice.reducer,
  first: firstSlice.reducer,
  kitchen: kitchenSlice.reducer,
  units: unitsSlice.reducer,
  light: lightSlice.reducer,
  log: logSlice.reducer,
  stove: stoveSlice.reducer,
  pass: passSlice.reducer,
  attention: attentionSlice.reducer,
  calls: callsSlice.reducer,
  devices: devicesSlice.reducer,
  reach: reachSlice.reducer,
  [bookApi.reducerPath]: bookApi.reducer,
});
export type AppState = ReturnType<typeof reducer>;

const configure = (listeners: Listeners) =>
  configureStore({
    reducer,
    middleware: (standard) =>
      standard().prepend(watchOnly, listeners.middleware).concat(bookApi.middleware),
    // Listeners run in the same turn as the press: their writes are stored before the next frame.
    enhancers: (standard) => standard({ autoBatch: { type: 'tick' } }),
  });
type Listeners = ListenerMiddlewareInstance<AppState>;

export interface AppStore extends ReturnType<typeof configure> {
  /** Starts a side effect; returns what ends it. */
  readonly listen: Listeners['startListening'];
}

export const makeStore = (): AppStore => {
  const listeners = createListenerMiddleware<AppState>();
  return { ...configure(listeners), listen: listeners.startListening };
};

export const useAppDispatch = useDispatch.withTypes<AppStore['dispatch']>();
export const useAppStore = useStore.withTypes<AppStore>();
export const useAppSelector = useSelector.withTypes<AppState>();
