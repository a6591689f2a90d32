// npm test: types, lint, format, documents, unit, API and browser tests; ends with a count.
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import path from 'node:path';
import { build } from './build.mjs';
import { coverageByRoom } from './coverage.mjs';
import { ensureChromium } from './chromium.mjs';
import { ensureInstalled } from './ensureInstalled.mjs';
import { CACHE, ROOT } from './root.mjs';

ensureInstalled();
ensureChromium();

const bin = (name) => path.join(ROOT, 'node_modules/.bin', name);
const run = (command, args) =>
  spawnSync(command, args, { cwd: ROOT, stdio: ['ignore', 'inherit', 'inherit'] }).status === 0;
const readJson = (file) => (existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : undefined);

let passed = 0;
let failed = 0;
const count = (name, good, bad) => {
  passed += good;
  failed += bad;
  process.stdout.write(`${name}: ${good} passed, ${bad} failed\n`);
};
const check = (name, ok) => count(name, ok ? 1 : 0, ok ? 0 : 1);

mkdirSync(CACHE, { recursive: true });
check('types', run(bin('tsc'), ['-b']));
check('lint', run(bin('eslint'), ['.', '--max-warnings', '0']));
check('format', run(bin('prettier'), ['--check', '--log-level', 'warn', '.']));
check('schemas are those of the code', run(process.execPath, ['scripts/schemas.mjs', '--check']));

/**
 * Tests that mostly compute: V8 runs counted lines at half its speed, so they are run without the count. The
 * lines that they run are printed as those of the others alone.
 */
const MOSTLY_COMPUTE =
  'core/src/(plan/(contract|planWay|ownTimes|whole|ahead|sharedLeg|wayCook)|estimate/forecast|' +
  'tests/explicitProgram|heat/(pieceSolver|kitchenModel|thaw)|food/larder|whatif/|pass/|' +
  'learn/(learnKitchen|learnCrust)).*\\.test\\.ts$';
const coverage = path.join(CACHE, 'coverage');

/** Runs Jest on some of the tests; counts them. */
const unitTests = (name, args) => {
  const report = path.join(CACHE, `${name}.json`);
  rmSync(report, { force: true });
  const ok = run(bin('jest'), [
    '--silent',
    // Jest would leave a machine of two processors one of them.
    `--maxWorkers=${Math.max(2, availableParallelism() - 1)}`,
    '--json',
    `--outputFile=${report}`,
    ...args,
  ]);
  const found = readJson(report);
  const bad = (found?.numFailedTests ?? 0) + (found?.numRuntimeErrorTestSuites ?? 0);
  return { good: found?.numPassedTests ?? 0, bad: ok ? bad : Math.max(1, bad) };
};
const computing = unitTests('computing', ['--testPathPattern', MOSTLY_COMPUTE]);
const others = unitTests('unit', [
  '--testPathIgnorePatterns',
  MOSTLY_COMPUTE,
  '/node_modules/',
  '--coverage',
  '--coverageProvider=v8',
  '--coverageReporters=json-summary',
  `--coverageDirectory=${coverage}`,
]);
count('unit and API', computing.good + others.good, computing.bad + others.bad);

const covered = readJson(path.join(coverage, 'coverage-summary.json'));
if (covered)
  process.stdout.write(
    `lines run by those that do not mostly compute:\n${coverageByRoom(covered).join('\n')}\n`,
  );
process.stdout.write(
  `property tests drew their cases from seed ${process.env.CRUSTAN_SEED ?? 1}\n`,
);

await build();
const browserReport = path.join(ROOT, 'test-results/e2e.json');
rmSync(browserReport, { force: true });
const browserOk = run(bin('playwright'), ['test']);
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
