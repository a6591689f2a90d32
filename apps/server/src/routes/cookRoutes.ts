import { Router } from 'express';
import { z } from 'zod';
import {
  cookEventSchema,
  cookStartSchema,
  judgementSchema,
  type CookRecord,
} from '@crustan/core/formats';
import type { CookNews } from '../cookNews';
import type { CookStore } from '../db/cookStore';
import { parsed, problem } from '../problems';
import { openStream } from '../sse';
import { idParam } from './planRoutes';

const eventBatch = z.strictObject({
  events: z
    .array(cookEventSchema, 'must be a list of events')
    .min(1, 'must hold at least one event')
    .max(200, 'must hold at most 200 events'),
});
const listQuery = z.object({
  before: z.coerce.number('must be a time in ms').int().positive().optional(),
});

/** Most cooks one page follows at once. */
const MOST_FOLLOWED = 24;
const streamQuery = z.object({
  cooks: z
    .string('must be ids, a comma between them')
    .transform((ids) => ids.split(','))
    .pipe(z.array(z.uuid('must be UUIDs')).min(1).max(MOST_FOLLOWED)),
});

/** Cooks, their events and judgements. Sending the same thing twice changes nothing. */
export const cookRoutes = (store: CookStore, news: CookNews, now: () => number): Router => {
  const routes = Router();
  const found = (id: string): CookRecord => {
    const cook = store.get(id);
    if (!cook) throw problem(404, 'No such cook', 'This cook is not in the book.');
    return cook;
  };

  routes.get('/', (req, res) => {
    res.json(store.list(parsed(listQuery, req.query).before));
  });
  // Every phone on a cook hears what any of them says, from the book. One line for all its cooks:
  // a browser keeps few lines open to one server.
  routes.get('/stream', (req, res) => {
    const { cooks } = parsed(streamQuery, req.query);
    for (const id of cooks) {
      if (!store.has(id)) throw problem(404, 'No such cook', 'This cook is not in the book.');
    }
    const told = new Map(cooks.map((id) => [id, 0]));
    const tell = (cook: string) => (): void => {
      const fresh = store.since(cook, told.get(cook) ?? 0);
      told.set(cook, fresh.seq);
      stream.send('events', { cook, now: now(), events: fresh.events });
    };
    const stops = cooks.map((id) => news.follow(id, tell(id)));
    const stream = openStream(req, res, () => stops.forEach((stop) => stop()));
    cooks.forEach((id) => tell(id)());
  });
  routes.get('/:id', (req, res) => {
    res.json(found(parsed(idParam, req.params).id));
  });
  routes.get('/:id/together', (req, res) => {
    const { together } = found(parsed(idParam, req.params).id);
    const ids = together ? store.together(together.id) : [parsed(idParam, req.params).id];
    res.json({ cooks: ids.map(found) });
  });
  routes.put('/:id', (req, res) => {
    const { id } = parsed(idParam, req.params);
    const start = parsed(cookStartSchema, req.body);
    if (start.id !== id) {
      throw problem(400, 'Two names', 'The id in the address and in the message must be the same.');
    }
    store.start(id, start.plan, start.startedAt, start.together);
    res.json(found(id));
  });
  routes.post('/:id/events', (req, res) => {
    const { id } = parsed(idParam, req.params);
    const { events } = parsed(eventBatch, req.body);
    if (!store.has(id)) throw problem(404, 'No such cook', 'This cook is not in the book.');
    store.addEvents(id, events, now());
    news.tell(id);
    // Answered only now: by here the events are on disk.
    res.json({ acknowledged: events.map((event) => event.id) });
  });
  routes.put('/:id/judgement', (req, res) => {
    const { id } = parsed(idParam, req.params);
    const judgement = parsed(judgementSchema, req.body);
    if (!store.has(id)) throw problem(404, 'No such cook', 'This cook is not in the book.');
    store.judge(id, judgement, now());
    res.json(found(id));
  });
  return routes;
};
