import { Router } from 'express';
import { z } from 'zod';
import { planRecordSchema } from '@crustan/core/formats';
import type { PlanStore } from '../db/planStore';
import { parsed, problem } from '../problems';

export const idParam = z.object({ id: z.uuid('must be a UUID') });

/** Kept plans. */
export const planRoutes = (store: PlanStore): Router => {
  const routes = Router();
  routes.get('/', (_req, res) => {
    res.json({ plans: store.list() });
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
    if (!store.remove(id)) throw problem(404, 'No such plan', 'This plan is not kept here.');
    res.status(204).end();
  });
  return routes;
};
