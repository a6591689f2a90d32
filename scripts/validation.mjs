// npm run validation: writes docs/validation.md and its figures from runs made now.
import { spawnSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { bundle } from './bundle.mjs';
import { ensureInstalled } from './ensureInstalled.mjs';
import { CACHE, ROOT } from './root.mjs';

await ensureInstalled();
const built = path.join(CACHE, 'validation.mjs');
await bundle('apps/cli/src/validation/index.ts', built);
const { validationFigures, validationPage } = await import(pathToFileURL(built).href);
const page = path.join(ROOT, 'docs/validation.md');
writeFileSync(page, validationPage());
for (const [name, svg] of validationFigures()) {
  writeFileSync(path.join(ROOT, 'docs', name), `${svg}\n`);
}
spawnSync(process.execPath, [
  path.join(ROOT, 'node_modules/prettier/bin/prettier.cjs'),
  '--write',
  page,
]);
