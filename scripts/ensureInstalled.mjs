// Installs what is missing. Uses nothing but Node, for it runs before anything is installed.
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { availableParallelism } from 'node:os';
import path from 'node:path';
import { CACHE, giveUp, ROOT } from './root.mjs';

const STAMP = path.join(CACHE, 'installed');
const LEAST_NODE = [20, 19, 4];

/** Node's own headers where they lie beside it, so that the native part compiles offline. */
const nodeHeaders = () => {
  const prefix = path.resolve(path.dirname(process.execPath), '..');
  return existsSync(path.join(prefix, 'include/node/node.h')) ? { npm_config_nodedir: prefix } : {};
};

/** Arguments of npm for running the product, and for developing it as well. */
const KINDS = { run: ['--omit=dev'], develop: [] };

const npm = (args, extra = {}) =>
  new Promise((resolve) => {
    const child = spawn('npm', args, {
      cwd: ROOT,
      // Messages of npm go to stderr: stdout belongs to the command.
      stdio: ['ignore', 2, 2],
      env: { ...process.env, ...nodeHeaders(), ...extra },
    });
    child.on('error', () => resolve(false));
    child.on('close', (code) => resolve(code === 0));
  });

const opens = () => {
  const check =
    "new (require('better-sqlite3'))(':memory:').prepare('select 1').get(); process.exit(0)";
  return spawnSync(process.execPath, ['-e', check], { cwd: ROOT, stdio: 'ignore' }).status === 0;
};

/** Says what is done, and how long it took. */
export const timed = async (words, work) => {
  process.stderr.write(`${words}…\n`);
  const began = Date.now();
  const done = await work();
  process.stderr.write(`${words}: ${Math.round((Date.now() - began) / 1000)} s\n`);
  return done;
};

const compileDriver = async () => {
  if (opens()) return;
  const compiled = await timed('Compiling the database driver', () =>
    npm(['rebuild', 'better-sqlite3', '--loglevel=error'], {
      // Its install script would look for a prebuilt binary first.
      npm_config_build_from_source: 'true',
      JOBS: String(availableParallelism()),
    }),
  );
  if (!compiled || !opens()) {
    giveUp('The database driver could not be compiled; it needs python3, make and g++.');
  }
};

/**
 * Installs the packages that are missing.
 * @param kind 'run' leaves out what only tests and development need
 * @param beside work that needs the packages but not the database driver: it is done while that is compiled
 */
export const ensureInstalled = async (kind = 'develop', beside = async () => undefined) => {
  const version = process.versions.node.split('.').map(Number);
  const older = LEAST_NODE.find((least, i) => version[i] !== least);
  const at = LEAST_NODE.indexOf(older);
  if (at >= 0 && version[at] < LEAST_NODE[at]) {
    giveUp(
      `Node.js ${process.versions.node} is too old; ${LEAST_NODE.join('.')} or newer is needed.`,
    );
  }
  const lock = createHash('sha256')
    .update(readFileSync(path.join(ROOT, 'package-lock.json')))
    .update(process.version)
    .digest('hex');
  const installed = existsSync(STAMP) ? readFileSync(STAMP, 'utf8') : '';
  const enough = [`${lock} develop`, `${lock} ${kind}`].includes(installed);
  if (!enough) {
    const quiet = ['--ignore-scripts', '--no-fund', '--no-audit', '--loglevel=error'];
    const there = await timed('Installing packages', () => npm(['ci', ...KINDS[kind], ...quiet]));
    if (!there) giveUp('The packages could not be installed; npm says why above.');
  }
  await Promise.all([enough ? undefined : compileDriver(), beside()]);
  if (enough) return;
  mkdirSync(CACHE, { recursive: true });
  writeFileSync(STAMP, `${lock} ${kind}`);
};

/** Resolves a package from the project, once it is installed. */
export const projectRequire = createRequire(path.join(ROOT, 'package.json'));
