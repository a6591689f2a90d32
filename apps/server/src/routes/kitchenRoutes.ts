import { Router } from 'express';
import { keptKitchenSchema } from '@crustan/core/formats';
import type { KitchenStore } from '../db/kitchenStore';
import { parsed } from '../problems';

/** The kitchen, kept with the book: the latest change of any phone stands. */
export const kitchenRoutes = (store: KitchenStore): Router => {
  const routes = Router();
  routes.get('/', (_req, res) => {
    const kept = store.get();
    if (kept) res.json(kept);
    else res.status(204).end();
  });
  routes.put('/', (req, res) => {
    store.put(parsed(keptKitchenSchema, req.body));
    res.json(store.get());
  });
  return routes;
};
