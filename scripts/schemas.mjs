// npm run schemas: writes docs/schemas from the Zod schemas; --check only compares.
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { bundle } from './bundle.mjs';
import { ensureInstalled } from './ensureInstalled.mjs';
import { CACHE, giveUp, ROOT } from './root.mjs';

ensureInstalled();
const built = path.join(CACHE, 'schemas.mjs');
await bundle('apps/cli/src/schemas.ts', built);
const { jsonSchemas } = await import(pathToFileURL(built).href);
const folder = path.join(ROOT, 'docs/schemas');
mkdirSync(folder, { recursive: true });
for (const [name, schema] of jsonSchemas()) {
  const file = path.join(folder, `${name}.json`);
  const text = `${JSON.stringify(schema, null, 2)}\n`;
  if (!process.argv.includes('--check')) writeFileSync(file, text);
  else if (!existsSync(file) || readFileSync(file, 'utf8') !== text) {
    giveUp(`docs/schemas/${name}.json is not what the code says; run npm run schemas.`);
  }
}
