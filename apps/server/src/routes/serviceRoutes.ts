import { Router } from 'express';
import {
  PROBLEM_TYPES,
  serviceRecordSchema,
  toldScheduleSchema,
  type ServiceInFull,
  type ServiceRecord,
  type ToldSchedule,
} from '@crustan/core/formats';
import { idParam, serviceEventBatch } from '../apiRequests';
import type { CookNews } from '../cookNews';
import type { CookStore } from '../db/cookStore';
import type { Book } from '../db/openBook';
import type { ServiceStore } from '../db/serviceStore';
import { parsed, problem } from '../problems';
import { openStream } from '../sse';
import { refusingElsewhere } from './refusingElsewhere';

/** The name under which pages follow a service. */
export const newsOf = (service: string): string => `service ${service}`;

/** A schedule from the same events replaces an older one after so long, ms. */
const TOLD_AGAIN = 20_000;

const noSuchService = () =>
  problem(404, 'No such service', 'This service is not in the book.', {
    type: PROBLEM_TYPES.noSuchService,
  });

/** Services, and what is said in them. Sending the same thing twice changes nothing. */
export const serviceRoutes = (
  book: Book,
  store: ServiceStore,
  cooks: CookStore,
  news: CookNews,
  now: () => number,
): Router => {
  const routes = Router();
  const found = (id: string): ServiceRecord => {
    const service = store.get(id);
    if (!service) throw noSuchService();
    return service;
  };
  const inFull = (id: string): ServiceInFull => ({
    service: found(id),
    events: [...store.since(id, 0).events],
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
      throw problem(400, 'Two names', 'The id in the address and in the message must be the same.');
    }
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
    found(id);
    refusingElsewhere('service', () => store.addEvents(id, events, now()));
    news.tell(newsOf(id));
    // Answered only now: by here the events are on disk.
    res.json({ acknowledged: events.map((event) => event.id) });
  });

  /** What the cooks of each service were last told: made anew at any time, so it is in no book. */
  const told = new Map<string, ToldSchedule>();
  const replaces = (next: ToldSchedule, before: ToldSchedule | undefined): boolean =>
    before === undefined ||
    next.basis > before.basis ||
    (next.basis === before.basis && next.at > before.at + TOLD_AGAIN);
  routes.put('/:id/told', (req, res) => {
    const { id } = parsed(idParam, req.params);
    const schedule = parsed(toldScheduleSchema, req.body);
    found(id);
    if (replaces(schedule, told.get(id))) {
      told.set(id, schedule);
      news.tell(newsOf(id));
    }
    res.status(204).end();
  });

  // Every page of a service hears what any of them says of its tickets and its pieces, from the book.
  routes.get('/:id/stream', (req, res) => {
    const { id } = parsed(idParam, req.params);
    found(id);
    let seq = 0;
    let first = true;
    const heard = new Map<string, number>();
    let shown: ToldSchedule | undefined;
    const tell = (): void => {
      const fresh = store.since(id, seq);
      if (first || fresh.events.length > 0) {
        if (!stream.send('events', { service: id, now: now(), events: fresh.events })) return;
      }
      first = false;
      ({ seq } = fresh);
      for (const cook of store.cooks(id)) {
        const before = heard.get(cook);
        const record = before === undefined ? cooks.get(cook) : undefined;
        if (record) stream.send('cook', { ...record, events: [] });
        const said = cooks.since(cook, before ?? 0);
        if (said.events.length > 0) stream.send('presses', { cook, events: said.events });
        heard.set(cook, said.seq);
      }
      const schedule = told.get(id);
      if (schedule && schedule !== shown) stream.send('told', schedule);
      shown = schedule;
    };
    const stops = [news.follow(newsOf(id), tell)];
    const stream = openStream(req, res, () => stops.forEach((stop) => stop()));
    stops.push(book.onSwap(() => stream.end()));
    tell();
  });
  return routes;
};
