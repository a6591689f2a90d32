import path from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..');
export const CACHE = path.join(ROOT, 'node_modules', '.cache', 'crustan');

/** One plain line and a non-zero exit. */
export const giveUp = (line) => {
  process.stderr.write(`${line}\n`);
  process.exit(1);
};
