// npm start, npm run demo: installs what is missing, builds what has changed, serves.
import { build } from './build.mjs';
import { ensureInstalled } from './ensureInstalled.mjs';

await ensureInstalled('run', build);
// Named only now: before the build there is nothing there.
await import(new URL('../apps/server/dist/main.js', import.meta.url).href);
