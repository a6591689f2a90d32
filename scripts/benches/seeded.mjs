import { spawn } from 'node:child_process';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { bundle } from '../bundle.mjs';
import { CACHE, giveUp } from '../root.mjs';

const askedOptions = () => {
  const text = { type: 'string' };
  return parseArgs({
    args: process.argv.slice(3),
    options: {
      seed: text,
      evenings: text,
      from: text,
      together: text,
      speed: text,
      tried: text,
      events: { type: 'boolean' },
    },
  }).values;
};

/** A whole number that was asked for by its name, as in --evenings 4. */
export const askedNumber = (name, otherwise) => {
  const asked = askedOptions()[name] ?? String(otherwise);
  if (!/^\d{1,9}$/.test(asked)) giveUp(`--${name} wants a whole number, as in --${name} 7`);
  return Number(asked);
};

/** Whether an option without a value was given, as in --events. */
export const isAsked = (name) => askedOptions()[name] === true;

/** The seed that was asked for, as in --seed 7. */
export const askedSeed = () => String(askedNumber('seed', 1));

const runNode = (name, args) =>
  new Promise((resolve) => {
    const child = spawn(process.execPath, args, { stdio: ['ignore', 'pipe', 'inherit'] });
    let text = '';
    child.stdout.setEncoding('utf8');
    child.stdout.on('data', (chunk) => (text += chunk));
    child.on('close', (code) => {
      if (code !== 0) giveUp(`The ${name} bench did not finish; its words are above.`);
      resolve(JSON.parse(text));
    });
  });

/**
 * Runs a bench of the core in Node with the seed that was asked for, and reads its figures.
 * @param shares argument lists to run side by side, one process each
 */
export const runSeeded = async (name, shares = [[]]) => {
  const seed = askedSeed();
  const built = path.join(CACHE, `${name}Bench.mjs`);
  await bundle(`apps/cli/src/bench/${name}InNode.ts`, built);
  return Promise.all(shares.map((share) => runNode(name, [built, seed, ...share])));
};
