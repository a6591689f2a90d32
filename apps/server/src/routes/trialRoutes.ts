import { Router } from 'express';
import { trialSchema } from '@crustan/core/formats';
import { idParam } from '../apiRequests';
import type { TrialStore } from '../db/trialStore';
import { parsed, problem, twoIds } from '../problems';

/** Trials: cooks with one difference. Sending the same thing twice changes nothing. */
export const trialRoutes = (store: TrialStore): Router => {
  const routes = Router();
  routes.get('/', (_req, res) => {
    res.json({ trials: store.list() });
  });
  routes.get('/:id', (req, res) => {
    const trial = store.get(parsed(idParam, req.params).id);
    if (!trial) throw problem(404, (t) => [t('no-such-trial'), t('trial-not-in-the-logbook')]);
    res.json(trial);
  });
  routes.put('/:id', (req, res) => {
    const { id } = parsed(idParam, req.params);
    const trial = parsed(trialSchema, req.body);
    if (trial.id !== id) {
      throw twoIds();
    }
    store.put(trial);
    res.json(trial);
  });
  routes.delete('/:id', (req, res) => {
    if (!store.remove(parsed(idParam, req.params).id)) {
      throw problem(404, (t) => [t('no-such-trial'), t('trial-not-in-the-logbook')]);
    }
    res.status(204).end();
  });
  return routes;
};
