import { Router } from 'express';
import { planRecordSchema } from '@crustan/core/formats';
import { idParam, markOf, planListQuery } from '../apiRequests';
import type { PlanStore } from '../db/planStore';
import { parsed, problem, twoIds } from '../problems';

/** Saved plans. */
export const planRoutes = (store: PlanStore): Router => {
  const routes = Router();
  routes.get('/', (req, res) => {
    const { before, beforeId } = parsed(planListQuery, req.query);
    res.json(store.list(before === undefined ? undefined : markOf(before, beforeId)));
  });
  routes.put('/:id', (req, res) => {
    const { id } = parsed(idParam, req.params);
    const record = parsed(planRecordSchema, req.body);
    if (record.id !== id) {
      throw twoIds();
    }
    store.put(record);
    res.json(record);
  });
  routes.delete('/:id', (req, res) => {
    const { id } = parsed(idParam, req.params);
    if (!store.remove(id)) throw problem(404, (t) => [t('no-such-plan'), t('plan-not-saved-here')]);
    res.status(204).end();
  });
  return routes;
};
