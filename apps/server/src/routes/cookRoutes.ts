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
  routes.get('/:id', (req, res) => {
    res.json(found(parsed(idParam, req.params).id));
  });
  routes.get('/:id/together', (req, res) => {
    const { together } = found(parsed(idParam, req.params).id);
    const ids = together ? store.together(together.id) : [parsed(idParam, req.params).id];
    res.json({ cooks: ids.map(found) });
  });
  // Every phone that follows a cook hears what any of them says, from the book.
  routes.get('/:id/stream', (req, res) => {
    const { id } = parsed(idParam, req.params);
    if (!store.has(id)) throw problem(404, 'No such cook', 'This cook is not in the book.');
    let seq = 0;
    const tell = (): void => {
      const fresh = store.since(id, seq);
      seq = fresh.seq;
      stream.send('events', { now: now(), events: fresh.events });
    };
    const stop = news.follow(id, tell);
    const stream = openStream(req, res, stop);
    tell();
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
