import { Router } from 'express';
import { practiceResultSchema } from '@crustan/core/formats/practiceSchema';
import { idParam } from '../apiRequests';
import type { PracticeStore } from '../db/practiceStore';
import { parsed, twoIds } from '../problems';

/** Results of lessons and drills. */
export const practiceRoutes = (store: PracticeStore): Router => {
  const routes = Router();
  routes.get('/', (_req, res) => {
    res.json({ results: store.list() });
  });
  routes.put('/:id', (req, res) => {
    const { id } = parsed(idParam, req.params);
    const result = parsed(practiceResultSchema, req.body);
    if (result.id !== id) {
      throw twoIds();
    }
    store.put(result);
    res.json(result);
  });
  return routes;
};
