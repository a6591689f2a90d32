import { wrap, type Remote } from 'comlink';
import type { LiveService } from './live.worker';

let worker: Remote<LiveService> | undefined;

/** The worker that follows cooks; made when the first one is on. */
export const liveWorker = (): Remote<LiveService> => {
  worker ??= wrap<LiveService>(
    new Worker(new URL('./live.worker', window.location.href), { name: 'live' }),
  );
  return worker;
};
