// npm run estimate-effects: what each estimate of the model moves the end of a cook by, way by way. Every
// estimate is put at both ends of its range, and the same legs are cooked again.
import { spawnSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { bundle } from './bundle.mjs';
import { bundleEstimates, ESTIMATES_TABLE } from './bundleEstimates.mjs';
import { ensureInstalled } from './ensureInstalled.mjs';
import { CACHE, giveUp, ROOT } from './root.mjs';

await ensureInstalled();
const ENTRY = 'apps/cli/src/estimateEnds.ts';
const TABLE = 'packages/core/src/plan/ranges/estimateEffects.ts';
const SOURCE = path.join(ROOT, ESTIMATES_TABLE);
/** An input of the plan carries these already (`plan/ranges/inputSpread`): the contact, and the oven's heat transfer. */
const IN_INPUTS = ['filmContact', 'looseContact', 'bulgedContact', 'bulgedSeconds', 'stillOven'];
/** Least effect in the table, K. */
const LEAST = 0.01;

const run = (built, ...args) => {
  const { status, stdout } = spawnSync(process.execPath, [built, ...args], {
    encoding: 'utf8',
    maxBuffer: 1e9,
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  if (status !== 0) giveUp('A cook did not end; its words are above.');
  return JSON.parse(stdout);
};

const base = path.join(CACHE, 'estimateEnds.mjs');
await bundle(ENTRY, base);
const cases = run(base, 'plan');
const file = path.join(CACHE, 'estimateCases.json');
writeFileSync(file, JSON.stringify(cases));

const table = path.join(CACHE, 'estimates.mjs');
await bundle(ESTIMATES_TABLE, table);
const { ESTIMATES } = await import(pathToFileURL(table).href);
const text = readFileSync(SOURCE, 'utf8');

/** The ends with one estimate at another value. */
const endsWith = async (name, value) => {
  const put = new RegExp(`(  ${name}: \\{\\s+value: )[^,]+`);
  const built = path.join(CACHE, 'estimateEndsOff.mjs');
  await bundleEstimates(ENTRY, built, text.replace(put, `$1${value}`));
  return run(built, 'ends', file);
};

const effects = {};
for (const [name, { least, most }] of Object.entries(ESTIMATES)) {
  if (IN_INPUTS.includes(name)) continue;
  const [low, high] = [await endsWith(name, least), await endsWith(name, most)];
  const byWay = new Map();
  cases.forEach(({ way }, i) => {
    // One deviation of a figure that lies evenly in its range.
    const kelvin = Math.abs(high[i] - low[i]) / 2 / Math.sqrt(3);
    byWay.set(way, [...(byWay.get(way) ?? []), kelvin]);
  });
  for (const [way, all] of byWay) {
    const most = Math.max(...all);
    if (most < LEAST) continue;
    effects[way] ??= {};
    effects[way][name] = Number(most.toFixed(2));
  }
}
const rows = Object.entries(effects)
  .map(([way, by]) => {
    const inside = Object.entries(by)
      .map(([name, kelvin]) => `${name}: ${kelvin}`)
      .join(', ');
    return `  '${way}': { ${inside} },`;
  })
  .join('\n');
const written = `import type { EstimateName } from '../../heat';
import type { Way } from '../request/way';

/**
 * Shift of the end of a typical cook of each method for one standard deviation of each model estimate, K: the largest
 * of a few pieces. \`npm run estimate-effects\` writes it; estimates that the contact includes are in \`inputSpread\`.
 */
export const ESTIMATE_EFFECTS: Readonly<
  Record<Way, Readonly<Partial<Record<EstimateName, number>>>>
> = {
${rows}
};
`;
writeFileSync(path.join(ROOT, TABLE), written);
spawnSync(path.join(ROOT, 'node_modules/.bin/prettier'), ['--write', TABLE], { cwd: ROOT });
process.stdout.write(`${JSON.stringify(effects, null, 2)}\n`);
