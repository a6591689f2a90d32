// npm run figures: writes docs/figures.md from the texts that the app shows when a figure is tapped.
import { spawnSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { bundle } from './bundle.mjs';
import { ensureInstalled } from './ensureInstalled.mjs';
import { CACHE, ROOT } from './root.mjs';

await ensureInstalled();
const built = path.join(CACHE, 'figuresPage.mjs');
await bundle('apps/app/src/ui/meanings/figuresPage.ts', built);
const { figuresPage } = await import(pathToFileURL(built).href);
const page = path.join(ROOT, 'docs/figures.md');
writeFileSync(page, figuresPage());
spawnSync(process.execPath, [
  path.join(ROOT, 'node_modules/prettier/bin/prettier.cjs'),
  '--write',
  page,
]);
