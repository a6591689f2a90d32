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
      const detail = 'A change of the kitchen names the version it was made on: If-Match: "3".';
      throw problem(428, 'Which version', detail);
    }
    const { kitchen } = parsed(sentKitchen, req.body);
    const kept = store.put(kitchen, from, now());
    if (!kept) {
      const detail = 'The kitchen changed. Reload and edit again.';
      throw problem(412, 'Changed meanwhile', detail, { type: PROBLEM_TYPES.stale });
    }
    answer(res, kept);
  });
  return routes;
};
