import { raw, Router } from 'express';
import {
  cookStartSchema,
  judgementSchema,
  MOST_PHOTO_BYTES,
  PHOTO_TYPES,
  PROBLEM_TYPES,
  type CookRecord,
} from '@crustan/core/formats';
import {
  cookEventBatch,
  cookListQuery,
  cookStreamQuery,
  idParam,
  markOf,
  recentQuery,
} from '../apiRequests';
import type { CookNews } from '../cookNews';
import type { CookStore } from '../db/cookStore';
import type { Book } from '../db/openBook';
import { pictureType, type PhotoStore } from '../db/photoStore';
import { bodyOf } from '../ownRequests';
import { noSuchCook, parsed, problem } from '../problems';
import { refusingElsewhere } from './refusingElsewhere';
import { openStream } from '../sse';

/** A cook deleted longer ago than this is gone when the next one is deleted, ms. */
const TAKEN_BACK_WITHIN = 30 * 86_400_000;

/** Most pages that follow cooks at the same time: a kitchen has a few phones. */
const MOST_FOLLOWERS = 500;

/** Cooks, their events and judgements. Sending the same thing twice changes nothing. */
export const cookRoutes = (
  book: Book,
  store: CookStore,
  photos: PhotoStore,
  news: CookNews,
  now: () => number,
): Router => {
  const routes = Router();
  const found = (id: string): CookRecord => {
    const cook = store.get(id);
    if (!cook) throw noSuchCook();
    return cook;
  };

  routes.get('/', (req, res) => {
    const { before, beforeId, ...search } = parsed(cookListQuery, req.query);
    res.json(store.list(search, before === undefined ? undefined : markOf(before, beforeId)));
  });
  routes.get('/recent', (req, res) => {
    const ids = store.recent(parsed(recentQuery, req.query).most);
    res.json({ cooks: ids.flatMap((id) => store.get(id) ?? []) });
  });
  // Every phone on a cook hears what any of them says, from the book. One line for all its cooks:
  // a browser keeps few lines open to one server.
  // A cook that is not in the book is named as gone, and the others are followed. When another book
  // takes this one's place the stream ends: it is taken up again and begins with the book's name.
  routes.get('/stream', (req, res) => {
    const { cooks } = parsed(cookStreamQuery, req.query);
    if (news.followers() > MOST_FOLLOWERS) {
      throw problem(503, 'Too many follow', 'Close a page that follows a cook, then try again.', {
        type: PROBLEM_TYPES.busy,
      });
    }
    const told = new Map<string, number>();
    const tell = (cook: string) => (): void => {
      if (!store.has(cook)) {
        told.delete(cook);
        stream.send('gone', { cook });
        return;
      }
      const before = told.get(cook);
      const fresh = store.since(cook, before ?? 0);
      // The first word says that the cook is followed; after it, only what is new.
      if (before !== undefined && fresh.events.length === 0) return;
      if (stream.send('events', { cook, now: now(), events: fresh.events })) {
        told.set(cook, fresh.seq);
      }
    };
    const stops = cooks.map((id) => news.follow(id, tell(id)));
    const stream = openStream(req, res, () => stops.forEach((stop) => stop()));
    stops.push(book.onSwap(() => stream.end()));
    stream.send('book', { book: book.identity, replaces: book.replaces });
    cooks.forEach((id) => tell(id)());
  });
  routes.get('/:id', (req, res) => {
    res.json(found(parsed(idParam, req.params).id));
  });
  routes.get('/:id/together', (req, res) => {
    const { together } = found(parsed(idParam, req.params).id);
    const ids = together ? store.together(together.id) : [parsed(idParam, req.params).id];
    res.json({ cooks: ids.flatMap((one) => store.get(one) ?? []) });
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
    const { events } = parsed(cookEventBatch, req.body);
    if (!store.has(id)) throw noSuchCook();
    refusingElsewhere('cook', () => store.addEvents(id, events, now()));
    news.tell(id);
    // Answered only now: by here the events are on disk.
    res.json({ acknowledged: events.map((event) => event.id) });
  });
  routes.put('/:id/judgement', (req, res) => {
    const { id } = parsed(idParam, req.params);
    const judgement = parsed(judgementSchema, req.body);
    if (!store.has(id)) throw noSuchCook();
    store.judge(id, judgement, now());
    res.json(found(id));
  });
  routes.delete('/:id', (req, res) => {
    const { id } = parsed(idParam, req.params);
    if (!store.remove(id, now())) throw noSuchCook();
    news.tell(id);
    store.sweep(now() - TAKEN_BACK_WITHIN);
    res.status(204).end();
  });
  routes.post('/:id/put-back', (req, res) => {
    const { id } = parsed(idParam, req.params);
    if (!store.putBack(id)) {
      throw problem(404, 'No such cook', 'It was not deleted, or longer than a month ago.', {
        type: PROBLEM_TYPES.noSuchCook,
      });
    }
    news.tell(id);
    res.json(found(id));
  });

  routes.get('/:id/photo', (req, res) => {
    const { id } = parsed(idParam, req.params);
    const photo = store.has(id) ? photos.get(id) : undefined;
    if (!photo) throw problem(404, 'No photograph', 'This cook has none.');
    // Served as what its bytes are, whatever was kept beside them.
    const type = pictureType(photo.bytes);
    if (type === undefined) throw problem(404, 'No photograph', 'What is kept is no picture.');
    res.type(type).send(photo.bytes);
  });
  const picture = raw({ type: [...PHOTO_TYPES], limit: MOST_PHOTO_BYTES });
  routes.put('/:id/photo', bodyOf(...PHOTO_TYPES), picture, (req, res) => {
    const { id } = parsed(idParam, req.params);
    if (!store.has(id)) throw noSuchCook();
    const bytes: unknown = req.body;
    const type = Buffer.isBuffer(bytes) ? pictureType(bytes) : undefined;
    if (type === undefined || !Buffer.isBuffer(bytes)) {
      throw problem(415, 'No picture', `A photograph is one of ${PHOTO_TYPES.join(', ')}.`);
    }
    photos.put(id, { type, bytes });
    res.json(found(id));
  });
  routes.delete('/:id/photo', (req, res) => {
    const { id } = parsed(idParam, req.params);
    if (!photos.remove(id)) throw problem(404, 'No photograph', 'This cook has none.');
    res.json(found(id));
  });
  return routes;
};
