import { Router } from 'express';
import { planRecordSchema } from '@crustan/core/formats';
import { idParam, markOf, planListQuery } from '../apiRequests';
import type { PlanStore } from '../db/planStore';
import { parsed, problem } from '../problems';

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
      throw problem(400, 'Two names', 'The id in the address and in the message must be the same.');
    }
    store.put(record);
    res.json(record);
  });
  routes.delete('/:id', (req, res) => {
    const { id } = parsed(idParam, req.params);
    if (!store.remove(id)) throw problem(404, 'No such plan', 'This plan is not saved here.');
    res.status(204).end();
  });
  return routes;
};
