import { Router } from 'express';
import {
  PROBLEM_TYPES,
  serviceRecordSchema,
  publishedScheduleSchema,
  type ServiceInFull,
  type ServiceRecord,
} from '@crustan/core/formats';
import { idParam, serviceEventBatch } from '../apiRequests';
import type { CookStore } from '../db/cookStore';
import { openedEvent, type ServiceStore } from '../db/serviceStore';
import { oldPath, type AddToLog } from '../log/addToLog';
import type { LogNews } from '../log/logNews';
import type { PublishedSchedules } from '../log/publishedSchedules';
import { parsed, problem, twoIds } from '../problems';

const noSuchService = () =>
  problem(404, (t) => [t('no-such-service'), t('service-not-in-the-logbook')], {
    type: PROBLEM_TYPES.noSuchService,
  });

/** Services, and what is said in them. Sending the same thing twice changes nothing. */
export const serviceRoutes = (
  store: ServiceStore,
  cooks: CookStore,
  news: LogNews,
  schedules: PublishedSchedules,
  add: AddToLog,
): Router => {
  const routes = Router();
  const found = (id: string): ServiceRecord => {
    const service = store.get(id);
    if (!service) throw noSuchService();
    return service;
  };
  const inFull = (id: string): ServiceInFull => ({
    service: found(id),
    events: [...store.events(id)],
    cooks: store.cooks(id).flatMap((cook) => cooks.get(cook) ?? []),
  });

  routes.get('/', (_req, res) => {
    res.json({ services: store.list() });
  });
  routes.get('/:id', (req, res) => {
    res.json(inFull(parsed(idParam, req.params).id));
  });
  routes.put('/:id', (req, res) => {
    const { id } = parsed(idParam, req.params);
    const service = parsed(serviceRecordSchema, req.body);
    if (service.id !== id) {
      throw twoIds();
    }
    add([{ of: 'service', stream: id, device: '', event: openedEvent(service) }], oldPath);
    store.put(service);
    res.json(service);
  });
  routes.delete('/:id', (req, res) => {
    if (!store.remove(parsed(idParam, req.params).id)) throw noSuchService();
    res.status(204).end();
  });
  routes.post('/:id/events', (req, res) => {
    const { id } = parsed(idParam, req.params);
    const { events } = parsed(serviceEventBatch, req.body);
    res.json({
      acknowledged: add(
        events.map((event) => ({ of: 'service', stream: id, device: '', event })),
        oldPath,
      ),
    });
  });
  routes.put('/:id/told', (req, res) => {
    const { id } = parsed(idParam, req.params);
    const schedule = parsed(publishedScheduleSchema, req.body);
    found(id);
    if (schedules.put(id, schedule)) {
      news.notice({ of: 'service', id }, 'told', { service: id, schedule });
    }
    res.status(204).end();
  });

  return routes;
};
