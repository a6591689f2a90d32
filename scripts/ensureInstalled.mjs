// Installs what is missing. Uses nothing but Node, for it runs before anything is installed.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import path from 'node:path';
import { CACHE, giveUp, ROOT } from './root.mjs';

const STAMP = path.join(CACHE, 'installed');
const LEAST_NODE = [20, 19, 4];

/** Node's own headers where they lie beside it, so that the native part compiles offline. */
const nodeHeaders = () => {
  const prefix = path.resolve(path.dirname(process.execPath), '..');
  return existsSync(path.join(prefix, 'include/node/node.h')) ? { npm_config_nodedir: prefix } : {};
};

const npm = (args, extra = {}) => {
  const result = spawnSync('npm', args, {
    cwd: ROOT,
    // Messages of npm go to stderr: stdout belongs to the command.
    stdio: ['ignore', 2, 2],
    env: { ...process.env, ...nodeHeaders(), ...extra },
  });
  return result.status === 0;
};

const opens = () => {
  const check =
    "new (require('better-sqlite3'))(':memory:').prepare('select 1').get(); process.exit(0)";
  return spawnSync(process.execPath, ['-e', check], { cwd: ROOT, stdio: 'ignore' }).status === 0;
};

export const ensureInstalled = () => {
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
  if (existsSync(STAMP) && readFileSync(STAMP, 'utf8') === lock) return;

  process.stderr.write('Installing packages, once; a few minutes.\n');
  if (!npm(['ci', '--ignore-scripts', '--no-fund', '--no-audit', '--loglevel=error'])) {
    giveUp('The packages could not be installed; npm says why above.');
  }
  if (!opens()) {
    process.stderr.write('Compiling the database driver.\n');
    const compiled = npm(['rebuild', 'better-sqlite3', '--loglevel=error'], {
      // Its install script would look for a prebuilt binary first.
      npm_config_build_from_source: 'true',
    });
    if (!compiled || !opens()) {
      giveUp('The database driver could not be compiled; it needs python3, make and g++.');
    }
  }
  mkdirSync(CACHE, { recursive: true });
  writeFileSync(STAMP, lock);
};

/** Resolves a package from the project, once it is installed. */
export const projectRequire = createRequire(path.join(ROOT, 'package.json'));
