// npm run -s crustan -- simulate FILE | plan FILE
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { bundle } from './bundle.mjs';
import { ensureInstalled } from './ensureInstalled.mjs';
import { CACHE } from './root.mjs';

await ensureInstalled('run');
const built = path.join(CACHE, 'crustan.mjs');
await bundle('apps/cli/src/main.ts', built);
await import(pathToFileURL(built).href);
