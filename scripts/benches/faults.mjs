// Losses of a server that is killed while steps arrive, and its answers to random requests.
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from '../build.mjs';
import { bundle } from '../bundle.mjs';
import { CACHE } from '../root.mjs';
import { startServed } from '../served.mjs';
import { askedSeed } from './seeded.mjs';

const KILLS = 1000;
const REQUESTS = 20_000;
/** Number of servers that are killed side by side, each with its own folder. */
const SIDE_BY_SIDE = 2;

export const benchFaults = async () => {
  const seed = Number(askedSeed());
  await build();
  const built = path.join(CACHE, 'faults.mjs');
  await bundle('e2e/faults/index.ts', built);
  const { killedServer, randomRequests } = await import(pathToFileURL(built).href);
  const killed = await Promise.all(
    Array.from({ length: SIDE_BY_SIDE }, (_, i) =>
      killedServer(startServed, seed * SIDE_BY_SIDE + i, KILLS / SIDE_BY_SIDE),
    ),
  );
  const sum = (key) => killed.reduce((total, figures) => total + figures[key], 0);
  const served = await startServed();
  try {
    const asked = await randomRequests(served.url, seed, REQUESTS);
    return {
      kills: sum('kills'),
      acknowledged: sum('acknowledged'),
      lost: sum('lost'),
      doubled: sum('doubled'),
      ...asked,
    };
  } finally {
    await served.stop();
  }
};
