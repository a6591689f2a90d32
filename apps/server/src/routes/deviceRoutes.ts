import { Router } from 'express';
import { z } from 'zod';
import { hiddenKitchen } from '@crustan/core/live';
import type { CookStore } from '../db/cookStore';
import { simulatedReadings } from '../devices/simulatedKitchen';
import { parsed, problem } from '../problems';
import { openStream } from '../sse';

const streamQuery = z.object({
  cook: z.uuid('must be a UUID'),
  seed: z.coerce.number('must be a number').int().min(0).max(999_999_999).default(7),
  /** The page's clock now, ms since 1970, and how many times faster than the world's it runs. */
  clock: z.coerce.number('must be a time in ms').int().positive(),
  speed: z.coerce.number('must be from 1 to 60').min(1).max(60).default(1),
});

/** How often the stand-ins say something, ms of the world's time. */
const EVERY = 1000;

/** Stand-ins for a kitchen's thermometers, as a stream that a real one could send. */
export const deviceRoutes = (store: CookStore, now: () => number): Router => {
  const routes = Router();
  routes.get('/simulated', (req, res) => {
    const { cook: id, seed, clock, speed } = parsed(streamQuery, req.query);
    const cook = store.get(id);
    if (!cook) throw problem(404, 'No such cook', 'This cook is not in the book.');
    const hidden = hiddenKitchen(seed);
    const begin = now();
    const say = (): void => {
      const shown = Math.round(clock + (now() - begin) * speed);
      const events = store.since(id, 0).events;
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
