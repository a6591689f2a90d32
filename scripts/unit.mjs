// npm run test:unit: only unit and API tests; arguments go to Jest.
import { spawnSync } from 'node:child_process';
import path from 'node:path';
import { ensureInstalled } from './ensureInstalled.mjs';
import { ROOT } from './root.mjs';

await ensureInstalled();
const jest = path.join(ROOT, 'node_modules/.bin/jest');
const { status } = spawnSync(jest, process.argv.slice(2), { cwd: ROOT, stdio: 'inherit' });
process.exit(status ?? 1);
