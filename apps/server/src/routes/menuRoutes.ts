import { Router } from 'express';
import { z } from 'zod';
import { menuDishSchema } from '@crustan/core/formats';
import type { DemandStore } from '../db/demandStore';
import type { DishStore } from '../db/dishStore';
import { parsed, problem } from '../problems';
import { idParam } from './planRoutes';

/** Dishes of the menu. */
export const dishRoutes = (store: DishStore): Router => {
  const routes = Router();
  routes.get('/', (_req, res) => {
    res.json({ dishes: store.list() });
  });
  routes.put('/:id', (req, res) => {
    const { id } = parsed(idParam, req.params);
    const dish = parsed(menuDishSchema, req.body);
    if (dish.id !== id) {
      throw problem(400, 'Two names', 'The id in the address and in the message must be the same.');
    }
    store.put(dish);
    res.json({ id });
  });
  routes.delete('/:id', (req, res) => {
    if (!store.remove(parsed(idParam, req.params).id)) {
      throw problem(404, 'No such dish', 'This dish is not on the menu.');
    }
    res.status(204).end();
  });
  return routes;
};

const demandSchema = z.strictObject({
  days: z
    .array(
      z.strictObject({
        date: z.iso.date('must be a date such as 2026-11-25'),
        dish: z.string().trim().min(1, 'must say something').max(60),
        count: z.int().min(0).max(2000),
      }),
    )
    .max(5000, 'must hold at most 5000 days'),
});

/** What was ordered on past days. */
export const demandRoutes = (store: DemandStore): Router => {
  const routes = Router();
  routes.get('/', (_req, res) => {
    res.json({ days: store.list() });
  });
  routes.post('/', (req, res) => {
    const { days } = parsed(demandSchema, req.body);
    store.put(days);
    res.json({ stored: days.length });
  });
  return routes;
};
