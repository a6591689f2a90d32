// npm run fit -- surface: fits the estimates of surface moisture to figures of oven cooks from outside the model, one
// in three held aside, and prints values and residuals. It changes no file: the values are put into the table of
// estimates by hand.
import { spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { askedNumber } from './benches/seeded.mjs';
import { bundle } from './bundle.mjs';
import { bundleEstimates, ESTIMATES_TABLE } from './bundleEstimates.mjs';
import { ensureInstalled } from './ensureInstalled.mjs';
import { CACHE, giveUp, ROOT } from './root.mjs';

await ensureInstalled();
const ESTIMATES_SOURCE = path.join(ROOT, ESTIMATES_TABLE);
/** Entry that prints the residuals of its points, and the estimates that are fitted. */
const FITS = {
  surface: {
    entry: 'apps/cli/src/fit/surfaceEnds.ts',
    estimates: ['juiceTime', 'juiceDiffusivity', 'crustDiffusivity', 'stillOven', 'ovenVapour'],
  },
};
/** Fits that search by themselves and print what they found. */
const SELF_FITTED = { browning: 'apps/cli/src/fit/browningEnds.ts' };
/** Candidates that are tried, and their first spread in deviations of the estimates. */
const TRIED = 90;
const FIRST_SPREAD = 0.8;
/** A figure that a candidate does not reach is this far off, in half ranges. */
const NOT_REACHED = 20;

const [name] = process.argv.slice(2);
if (name in SELF_FITTED) {
  const built = path.join(CACHE, `${name}Fit.mjs`);
  await bundle(SELF_FITTED[name], built);
  await import(pathToFileURL(built).href);
  process.exit();
}
const names = Object.keys({ ...FITS, ...SELF_FITTED });
const fit = FITS[name] ?? giveUp(`Name what is fitted: ${names.join(', ')}.`);
const text = readFileSync(ESTIMATES_SOURCE, 'utf8');
const table = path.join(CACHE, 'fitEstimates.mjs');
await bundle(ESTIMATES_TABLE, table);
const { ESTIMATES } = await import(pathToFileURL(table).href);

/** Residuals with the estimates at other values. @param worker number of the file that is bundled */
const residualsWith = async (values, worker) => {
  const contents = Object.entries(values).reduce(
    (source, [estimate, value]) =>
      source.replace(new RegExp(`(  ${estimate}: \\{\\s+value: )[^,]+`), `$1${value}`),
    text,
  );
  const built = path.join(CACHE, `fit${worker}.mjs`);
  await bundleEstimates(fit.entry, built, contents);
  return new Promise((resolve) => {
    const child = spawn(process.execPath, [built], { stdio: ['ignore', 'pipe', 'inherit'] });
    let said = '';
    child.stdout.on('data', (part) => (said += part));
    child.on('close', () => resolve(JSON.parse(said)));
  });
};

/** Estimates at these deviations from their values, a range's half each, by their ratio; bounded by the range. */
const valuesAt = (deviations) =>
  Object.fromEntries(
    fit.estimates.map((estimate, i) => {
      const { value, least, most } = ESTIMATES[estimate];
      const ratio = deviations[i] < 0 ? value / least : most / value;
      const put = Math.min(most, Math.max(least, value * ratio ** deviations[i]));
      return [estimate, Number(put.toPrecision(3))];
    }),
  );

const cost = (found) =>
  found
    .filter(({ aside }) => !aside)
    .reduce((sum, { off }) => sum + (off === null ? NOT_REACHED : off) ** 2, 0);

const { seededRandom } = await (async () => {
  const maths = path.join(CACHE, 'fitMaths.mjs');
  await bundle('packages/core/src/maths/random.ts', maths);
  return import(pathToFileURL(maths).href);
})();
const random = seededRandom(askedNumber('seed', 1));
const normal = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

let at = fit.estimates.map(() => 0);
let best = { values: valuesAt(at), found: await residualsWith(valuesAt(at), 0) };
let spread = FIRST_SPREAD;
const before = best;
const side = availableParallelism();
const tried = askedNumber('tried', TRIED);
for (let done = 0; done < tried; done += side) {
  const candidates = Array.from({ length: side }, () => at.map((one) => one + spread * normal()));
  const all = await Promise.all(
    candidates.map(async (deviations, i) => ({
      deviations,
      values: valuesAt(deviations),
      found: await residualsWith(valuesAt(deviations), i),
    })),
  );
  const [first] = all.toSorted((a, b) => cost(a.found) - cost(b.found));
  if (cost(first.found) < cost(best.found)) {
    best = first;
    at = first.deviations;
    spread = Math.min(1, 1.3 * spread);
  } else spread = Math.max(0.1, 0.9 * spread);
  process.stderr.write(`${done + side} of ${tried}: ${cost(best.found).toFixed(2)}\n`);
}
process.stdout.write(
  `${JSON.stringify({ before: { ...before, cost: cost(before.found) }, fitted: { ...best, cost: cost(best.found) } }, null, 2)}\n`,
);
