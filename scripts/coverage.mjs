// npm run coverage: the share of each room's lines that the unit and API tests run; arguments go to Jest.
import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { ensureInstalled } from './ensureInstalled.mjs';
import { CACHE, ROOT } from './root.mjs';

await ensureInstalled();
/** The room of a file: a folder of the core's or the app's sources, or the whole of a smaller part. */
const roomOf = (file) => {
  const [part, name, , room, ...inside] = path.relative(ROOT, file).split(path.sep);
  const divided = inside.length > 0 && (name === 'core' || name === 'app');
  return divided ? `${part}/${name}/${room}` : `${part}/${name}`;
};

const coverageByRoom = (files) => {
  const rooms = new Map();
  for (const [file, { lines }] of files) {
    const room = roomOf(file);
    const { covered = 0, total = 0 } = rooms.get(room) ?? {};
    rooms.set(room, { covered: covered + lines.covered, total: total + lines.total });
  }
  return [...rooms]
    .toSorted(([a], [b]) => (a < b ? -1 : 1))
    .map(([room, { covered, total }]) => `  ${room}: ${Math.round((100 * covered) / total)} %`);
};

const found = path.join(CACHE, 'coverage');
const { status } = spawnSync(
  path.join(ROOT, 'node_modules/.bin/jest'),
  [
    '--silent',
    '--coverage',
    '--coverageProvider=v8',
    '--coverageReporters=json-summary',
    `--coverageDirectory=${found}`,
    ...process.argv.slice(2),
  ],
  { cwd: ROOT, stdio: 'inherit' },
);
if (status === 0) {
  const summary = JSON.parse(readFileSync(path.join(found, 'coverage-summary.json'), 'utf8'));
  const files = Object.entries(summary).filter(([name]) => name !== 'total');
  process.stdout.write(`lines run:\n${coverageByRoom(files).join('\n')}\n`);
}
process.exit(status ?? 1);
