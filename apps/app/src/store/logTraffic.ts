import { followLog } from './logLink';
import { runOutbox } from './outbox';
import type { AppStore } from './store';

/** Sends this page's entries to the logbook, and follows the logbook's log. @returns stops both */
export const runLogTraffic = (store: AppStore): (() => void) => {
  const stops = [runOutbox(store), followLog(store)];
  return () => stops.forEach((stop) => stop());
};
