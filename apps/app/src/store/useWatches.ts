import { useAppSelector } from './store';

/** Whether this phone only watches: it is shown everything of Stove and Pass, and nothing to press. */
export const useWatches = (): boolean => useAppSelector(({ reach }) => reach.role === 'watcher');
