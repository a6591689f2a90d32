import { Router } from 'express';
import { menuDishSchema } from '@crustan/core/formats';
import { demandSchema, idParam } from '../apiRequests';
import type { DemandStore } from '../db/demandStore';
import type { DishStore } from '../db/dishStore';
import { parsed, problem } from '../problems';

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
