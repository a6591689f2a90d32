import { Router, type Response } from 'express';
import { keptKitchenSchema, PROBLEM_TYPES } from '@crustan/core/formats';
import { NO_VERSION, type KitchenStore, type VersionedKitchen } from '../db/kitchenStore';
import { parsed, problem } from '../problems';

const sentKitchen = keptKitchenSchema.pick({ kitchen: true });

/** An entity tag: the version in quotes. */
const tagOf = (version: number): string => `"${version}"`;
/** Version in an entity tag: one with more digits than any count is never the present version. */
const versionOf = (tag: string): number | undefined => {
  const said = /^"(\d+)"$/.exec(tag)?.[1];
  return said === undefined ? undefined : Number(said);
};

const answer = (res: Response, { version, ...kept }: VersionedKitchen): void => {
  res.set('ETag', tagOf(version)).json(kept);
};

/**
 * The kitchen, kept with the logbook. A change says which version it was made on (`If-Match`, RFC 9110);
 * when another phone was first, it is refused with 412, and that phone merges and sends again.
 */
export const kitchenRoutes = (store: KitchenStore, now: () => number): Router => {
  const routes = Router();
  routes.get('/', (_req, res) => {
    const kept = store.get();
    if (kept) answer(res, kept);
    else res.set('ETag', tagOf(NO_VERSION)).status(204).end();
  });
  routes.put('/', (req, res) => {
    const from = versionOf(req.headers['if-match'] ?? '');
    if (from === undefined) {
      throw problem(428, (t) => [t('which-version'), t('names-its-version')]);
    }
    const { kitchen } = parsed(sentKitchen, req.body);
    const kept = store.put(kitchen, from, now());
    if (!kept) {
      throw problem(412, (t) => [t('changed-meanwhile'), t('reload-and-edit-again')], {
        type: PROBLEM_TYPES.stale,
      });
    }
    answer(res, kept);
  });
  return routes;
};
