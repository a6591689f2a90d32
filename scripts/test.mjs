// npm test: types, lint, format, documents, unit, API and browser tests; ends with a count.
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import path from 'node:path';
import { build } from './build.mjs';
import { ensureChromium } from './chromium.mjs';
import { ensureInstalled } from './ensureInstalled.mjs';
import { CACHE, ROOT } from './root.mjs';

await ensureInstalled();
ensureChromium();

const bin = (name) => path.join(ROOT, 'node_modules/.bin', name);
/** Whether every case of the slow tests runs: `npm run test:deep`. */
const DEEP = process.env.CRUSTAN_DEEP !== undefined;
const env = { ...process.env, ...(DEEP ? {} : { CRUSTAN_QUICK_LINT: '1' }) };
/** Runs a command; whether it went well. */
const run = (command, args) =>
  new Promise((resolve) => {
    const child = spawn(command, args, { cwd: ROOT, env, stdio: ['ignore', 'inherit', 'inherit'] });
    child.on('error', () => resolve(false));
    child.on('close', (code) => resolve(code === 0));
  });
const readJson = (file) => (existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : undefined);

const began = Date.now();
let passed = 0;
let failed = 0;
const count = (name, good, bad) => {
  passed += good;
  failed += bad;
  const seconds = Math.round((Date.now() - began) / 1000);
  process.stdout.write(`${name}: ${good} passed, ${bad} failed (at ${seconds} s)\n`);
};

mkdirSync(CACHE, { recursive: true });
const check = async (name, command, args) => {
  const ok = await run(command, args);
  count(name, ok ? 1 : 0, ok ? 0 : 1);
};
// Lint takes as long as the rest of this together: the other processor does that meanwhile.
await Promise.all([
  check('lint', bin('eslint'), ['.', '--max-warnings', '0']),
  (async () => {
    await check('no import cycles', process.execPath, ['scripts/cycles.mjs']);
    await check('format', bin('prettier'), ['--check', '--log-level', 'warn', '.']);
    await check('types', bin('tsc'), ['-b']);
    await build();
  })(),
]);

const unitReport = path.join(CACHE, 'unit.json');
rmSync(unitReport, { force: true });
const unitOk = await run(bin('jest'), [
  '--silent',
  // Jest would use only one of two processors.
  `--maxWorkers=${Math.max(2, availableParallelism() - 1)}`,
  '--json',
  `--outputFile=${unitReport}`,
]);
const unit = readJson(unitReport);
const unitBad = (unit?.numFailedTests ?? 0) + (unit?.numRuntimeErrorTestSuites ?? 0);
count('unit and API', unit?.numPassedTests ?? 0, unitOk ? unitBad : Math.max(1, unitBad));
process.stdout.write(
  `property tests drew their cases from seed ${process.env.CRUSTAN_SEED ?? 1}\n`,
);

const browserReport = path.join(ROOT, 'test-results/e2e.json');
rmSync(browserReport, { force: true });
const browserOk = await run(bin('playwright'), ['test']);
const browser = readJson(browserReport);
const browserBad = browser?.stats?.unexpected ?? 0;
count('browser', browser?.stats?.expected ?? 0, browserOk ? browserBad : Math.max(1, browserBad));
/** Titles of the browser tests that needed a second try: neither passed nor failed. */
const flakyIn = ({ suites = [], specs = [] }) => [
  ...suites.flatMap(flakyIn),
  ...specs
    .filter(({ tests }) => tests.some(({ status }) => status === 'flaky'))
    .map(({ title }) => title),
];
const flaky = flakyIn(browser ?? {});
if (flaky.length > 0) {
  process.stdout.write(
    `browser, flaky: ${flaky.length}\n${flaky.map((title) => `  ${title}\n`).join('')}`,
  );
}

process.stdout.write(`${passed} passed, ${failed} failed\n`);
process.exit(failed === 0 ? 0 : 1);
