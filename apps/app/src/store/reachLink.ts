import { whoAsksSchema } from '@crustan/core/formats/phonesSchema';
import { API } from './apiAddress';
import { reachDoubted, roleFound, unpairedFound } from './reachSlice';
import type { AppStore } from './store';

/** Interval at which a phone checks its pairing, ms; the owner's machine checks when it is looked at. */
const ASKED_AGAIN = 15_000;

/** Stored answers of the server are deleted with the pairing. */
const forget = async (): Promise<void> => {
  if (!('caches' in globalThis)) return;
  for (const name of await caches.keys()) if (name === 'book') await caches.delete(name);
};

/** The build this page is of; undefined outside a built page. */
export const buildHere = (): string | undefined =>
  document.querySelector<HTMLMetaElement>('meta[name="crustan-build"]')?.content;

/**
 * Keeps in the store in which role this page asks, whether the server still knows it, and whether it is
 * of the server's build.
 * @returns stops it
 */
export const watchReach = (store: AppStore): (() => void) => {
  let stopped = false;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const ask = async (): Promise<void> => {
    clearTimeout(timer);
    try {
      const answer = await fetch(`${API}/me`, { cache: 'no-store' });
      if (answer.status === 401) {
        if (!store.getState().reach.unpaired) await forget();
        store.dispatch(unpairedFound());
      } else if (answer.ok) {
        const who = whoAsksSchema.safeParse(await answer.json()).data;
        if (who)
          store.dispatch(roleFound({ role: who.role, here: buildHere(), server: who.build }));
      }
    } catch {
      // An unreachable server does not end the pairing: the device stores all entries until then.
    }
    // A page that was opened without the network does not know its role yet: it asks until it does.
    const { role, unpaired } = store.getState().reach;
    if (!stopped && (unpaired || role !== 'owner'))
      timer = setTimeout(() => void ask(), ASKED_AGAIN);
  };
  const seen = (): void => {
    if (document.visibilityState === 'visible') void ask();
  };
  document.addEventListener('visibilitychange', seen);
  window.addEventListener('online', seen);
  const unlisten = store.listen({ actionCreator: reachDoubted, effect: () => void ask() });
  void ask();
  return () => {
    stopped = true;
    clearTimeout(timer);
    document.removeEventListener('visibilitychange', seen);
    window.removeEventListener('online', seen);
    unlisten();
  };
};
