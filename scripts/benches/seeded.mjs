import { spawnSync } from 'node:child_process';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { bundle } from '../bundle.mjs';
import { CACHE, giveUp } from '../root.mjs';

/** Runs a bench of the core in Node with the seed that was asked for, and reads its figures. */
export const runSeeded = async (name) => {
  const { values } = parseArgs({
    args: process.argv.slice(3),
    options: { seed: { type: 'string', default: '1' } },
  });
  if (!/^\d{1,9}$/.test(values.seed)) giveUp('--seed wants a whole number, as in --seed 7');
  const built = path.join(CACHE, `${name}Bench.mjs`);
  await bundle(`apps/cli/src/bench/${name}InNode.ts`, built);
  const ran = spawnSync(process.execPath, [built, values.seed], {
    encoding: 'utf8',
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  if (ran.status !== 0) giveUp(`The ${name} bench did not finish; its words are above.`);
  return JSON.parse(ran.stdout);
};
