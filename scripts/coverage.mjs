// Sums a coverage report by room: which share of each room's lines the unit and API tests ran.
import path from 'node:path';
import { ROOT } from './root.mjs';

/** The room of a file: a folder of the core's or the app's sources, or the whole of a smaller part. */
const roomOf = (file) => {
  const [part, name, , room, ...inside] = path.relative(ROOT, file).split(path.sep);
  const divided = inside.length > 0 && (name === 'core' || name === 'app');
  return divided ? `${part}/${name}/${room}` : `${part}/${name}`;
};

export const coverageByRoom = ({ total: _total, ...files }) => {
  const rooms = new Map();
  for (const [file, { lines }] of Object.entries(files)) {
    const room = roomOf(file);
    const { covered = 0, total = 0 } = rooms.get(room) ?? {};
    rooms.set(room, { covered: covered + lines.covered, total: total + lines.total });
  }
  return [...rooms]
    .toSorted(([a], [b]) => (a < b ? -1 : 1))
    .map(([room, { covered, total }]) => `  ${room}: ${Math.round((100 * covered) / total)} %`);
};
