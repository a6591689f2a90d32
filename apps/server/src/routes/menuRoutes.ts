import { Router } from 'express';
import { menuDishSchema } from '@crustan/core/formats';
import type { DemandDay } from '@crustan/core/par';
import { demandSchema, dishesQuery, idParam } from '../apiRequests';
import type { DemandStore } from '../db/demandStore';
import type { DishStore } from '../db/dishStore';
import { parsed, problem, twoIds } from '../problems';

/** Dishes of the menu. */
export const dishRoutes = (store: DishStore, now: () => number): Router => {
  const routes = Router();
  routes.get('/', (req, res) => {
    const { removed } = parsed(dishesQuery, req.query);
    const dishes = store.list();
    // A page of an earlier version requests only the menu, and knows no dish that was taken off it.
    res.json({
      version: store.version(),
      dishes:
        removed === 'true' ? dishes : dishes.filter(({ removedAt }) => removedAt === undefined),
    });
  });
  routes.put('/:id', (req, res) => {
    const { id } = parsed(idParam, req.params);
    const dish = parsed(menuDishSchema, req.body);
    if (dish.id !== id) {
      throw twoIds();
    }
    store.put(dish);
    res.json({ id });
  });
  routes.delete('/:id', (req, res) => {
    if (!store.remove(parsed(idParam, req.params).id, now())) {
      throw problem(404, (t) => [t('no-such-dish'), t('dish-not-on-the-menu')]);
    }
    res.status(204).end();
  });
  return routes;
};

/** Orders of past days. */
export const demandRoutes = (
  store: DemandStore,
  slices: (days: readonly DemandDay[], write: (day: DemandDay) => void) => Promise<void>,
): Router => {
  const routes = Router();
  routes.get('/', (_req, res) => {
    res.json({ days: store.list() });
  });
  routes.post('/', async (req, res) => {
    const { days } = parsed(demandSchema, req.body);
    await slices(days, store.put);
    res.json({ stored: days.length });
  });
  return routes;
};
