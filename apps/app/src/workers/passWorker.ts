import { wrap, type Remote } from 'comlink';
import type { PassService } from './pass.worker';

const workers = new Map<string, Remote<PassService>>();

/** A worker of the service by its task: schedules and prep counts do not wait for a dish that is planned. */
export const passWorker = (does: 'schedule' | 'menu' | 'plate' | 'counts'): Remote<PassService> => {
  const found = workers.get(does);
  if (found) return found;
  const made = wrap<PassService>(
    new Worker(new URL('./pass.worker', window.location.href), { name: `pass ${does}` }),
  );
  workers.set(does, made);
  return made;
};
