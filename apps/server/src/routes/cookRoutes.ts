import { raw, Router } from 'express';
import {
  cookStartSchema,
  judgementSchema,
  MOST_PHOTO_BYTES,
  PHOTO_TYPES,
  PROBLEM_TYPES,
  type CookRecord,
} from '@crustan/core/formats';
import { cookEventBatch, cookListQuery, idParam, markOf, recentQuery } from '../apiRequests';
import type { CookStore } from '../db/cookStore';
import { pictureType, type PhotoStore } from '../db/photoStore';
import { oldPath, type AddToLog } from '../log/addToLog';
import type { LogNews } from '../log/logNews';
import { bodyOf } from '../ownRequests';
import { noSuchCook, parsed, problem, twoIds } from '../problems';

/** A cook deleted longer ago than this is gone when the next one is deleted, ms. */
const TAKEN_BACK_WITHIN = 30 * 86_400_000;

const noPhotograph = () => problem(404, (t) => [t('no-photograph'), t('this-cook-has-none')]);

/** Cooks, their events and judgements. Sending the same thing twice changes nothing. */
export const cookRoutes = (
  store: CookStore,
  photos: PhotoStore,
  news: LogNews,
  add: AddToLog,
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
      throw twoIds();
    }
    const { startedAt: at, plan, together } = start;
    const opened = { id, kind: 'opened', at, plan, ...(together ? { together } : {}) } as const;
    add([{ of: 'cook', stream: id, device: '', event: opened }], oldPath);
    res.json(found(id));
  });
  routes.post('/:id/events', (req, res) => {
    const { id } = parsed(idParam, req.params);
    const { events } = parsed(cookEventBatch, req.body);
    res.json({
      acknowledged: add(
        events.map((event) => ({ of: 'cook', stream: id, device: '', event })),
        oldPath,
      ),
    });
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
    news.notice({ of: 'cook', id }, 'gone', { of: 'cook', id });
    store.sweep(now() - TAKEN_BACK_WITHIN);
    res.status(204).end();
  });
  routes.post('/:id/put-back', (req, res) => {
    const { id } = parsed(idParam, req.params);
    if (!store.putBack(id)) {
      throw problem(404, (t) => [t('no-such-cook'), t('cook-not-deleted-lately')], {
        type: PROBLEM_TYPES.noSuchCook,
      });
    }
    news.notice({ of: 'cook', id }, 'back', { of: 'cook', id });
    res.json(found(id));
  });

  routes.get('/:id/photo', (req, res) => {
    const { id } = parsed(idParam, req.params);
    const photo = store.has(id) ? photos.get(id) : undefined;
    if (!photo) throw noPhotograph();
    // Served as what its bytes are, whatever was kept beside them.
    const type = pictureType(photo.bytes);
    if (type === undefined) throw problem(404, (t) => [t('no-photograph'), t('not-a-picture')]);
    res.type(type).send(photo.bytes);
  });
  const picture = raw({ type: [...PHOTO_TYPES], limit: MOST_PHOTO_BYTES });
  routes.put('/:id/photo', bodyOf(...PHOTO_TYPES), picture, (req, res) => {
    const { id } = parsed(idParam, req.params);
    if (!store.has(id)) throw noSuchCook();
    const bytes: unknown = req.body;
    const type = Buffer.isBuffer(bytes) ? pictureType(bytes) : undefined;
    if (type === undefined || !Buffer.isBuffer(bytes)) {
      const types = PHOTO_TYPES.join(', ');
      throw problem(415, (t) => [t('no-picture'), t('photograph-is-one-of', { types })]);
    }
    photos.put(id, { type, bytes });
    res.json(found(id));
  });
  routes.delete('/:id/photo', (req, res) => {
    const { id } = parsed(idParam, req.params);
    if (!photos.remove(id)) throw noPhotograph();
    res.json(found(id));
  });
  return routes;
};
