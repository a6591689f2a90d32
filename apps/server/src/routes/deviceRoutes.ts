import { Router } from 'express';
import { hiddenKitchen } from '@crustan/core/simulation';
import { simulatedQuery } from '../apiRequests';
import type { CookStore } from '../db/cookStore';
import { simulatedReadings } from '../devices/simulatedKitchen';
import { noSuchCook, parsed, problem } from '../problems';
import { openStream } from '../sse';

/**
 * Time after the plate, or after the start of the heat, until which a simulated device follows a cook, s. Its
 * simulation grows with the time.
 */
const FOLLOWED_FOR = 12 * 3600;

/** Interval of readings of the simulated devices, ms of the world's time. */
const EVERY = 1000;

/** Stand-ins for a kitchen's thermometers, as a stream that a real one could send. */
export const deviceRoutes = (store: CookStore, now: () => number): Router => {
  const routes = Router();
  routes.get('/simulated', (req, res) => {
    const { cook: id, seed, clock, speed } = parsed(simulatedQuery, req.query);
    const cook = store.get(id);
    if (!cook) throw noSuchCook();
    const last = cook.plan.plateAt + FOLLOWED_FOR * 1000;
    if (clock > last) {
      const hours = FOLLOWED_FOR / 3600;
      throw problem(400, (t) => [t('long-over'), t('simulated-thermometers-stop', { hours })]);
    }
    const hidden = hiddenKitchen(seed);
    const begin = now();
    const say = (): void => {
      const shown = Math.round(clock + (now() - begin) * speed);
      if (shown > last) {
        stream.send('over', {});
        stream.end();
        return;
      }
      const events = store.events(id);
      for (const reading of simulatedReadings(cook.plan, events, hidden, shown)) {
        stream.send('reading', reading);
      }
    };
    const timer = setInterval(say, EVERY);
    const stream = openStream(req, res, () => clearInterval(timer));
    say();
  });
  return routes;
};
