// Builds the server and the interface when their sources have changed.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import {
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import path from 'node:path';
import zlib from 'node:zlib';
import { bundle } from './bundle.mjs';
import { projectRequire, timed } from './ensureInstalled.mjs';
import { CACHE, giveUp, ROOT } from './root.mjs';

const SITE = path.join(ROOT, 'apps/app/dist');
const STAMP = path.join(CACHE, 'built');
const STAND_INS = path.join(CACHE, 'standIns');
const SOURCES = [
  'package-lock.json',
  'packages/core/src',
  'packages/core/package.json',
  'packages/messages/src',
  'packages/messages/package.json',
  'apps/server/src',
  'apps/app/index.js',
  'apps/app/package.json',
  'apps/app/src',
  'apps/app/public',
  'apps/app/bundle',
  'apps/app/app.json',
  'apps/app/babel.config.js',
  'apps/app/metro.config.js',
  'apps/app/tailwind.config.js',
  'apps/app/global.css',
  'scripts/build.mjs',
];

const filesUnder = (place) => {
  if (!existsSync(place)) return [];
  if (!statSync(place).isDirectory()) return [place];
  return readdirSync(place, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map((entry) => path.join(entry.parentPath ?? entry.path, entry.name))
    .sort();
};

const fingerprint = () => {
  const hash = createHash('sha256');
  for (const source of SOURCES) {
    for (const file of filesUnder(path.join(ROOT, source))) {
      hash.update(path.relative(ROOT, file)).update(readFileSync(file));
    }
  }
  return hash.digest('hex');
};

/** Scripts are made small whole: in parts, as the bundler would, takes a minute longer and leaves more. */
const minifySite = () => {
  const { minifySync } = projectRequire('oxc-minify');
  for (const file of filesUnder(SITE)) {
    if (!file.endsWith('.js')) continue;
    const { code, errors } = minifySync(file, readFileSync(file, 'utf8'), {
      compress: { target: 'es2020' },
      mangle: true,
    });
    if (errors.length > 0) giveUp(`${file} could not be minified: ${errors[0].message}`);
    writeFileSync(file, code);
  }
};

/** Files are compressed once, here, and served unchanged. */
const compressSite = () => {
  for (const file of filesUnder(SITE)) {
    if (!/\.(js|css|html|json|svg|webmanifest)$/.test(file)) continue;
    const content = readFileSync(file);
    writeFileSync(`${file}.gz`, zlib.gzipSync(content, { level: 9 }));
    writeFileSync(`${file}.br`, zlib.brotliCompressSync(content));
  }
};

/** The page and its server contain their build: a page of an older one is informed. */
const markBuild = (build) => {
  writeFileSync(path.join(SITE, 'build.txt'), `${build}\n`);
  const page = path.join(SITE, 'index.html');
  const head = `<meta name="crustan-build" content="${build}" />`;
  writeFileSync(page, readFileSync(page, 'utf8').replace('</head>', `${head}</head>`));
};

/** The page keeps itself on the device: opened again, it works with the network gone. */
const writeServiceWorker = async () => {
  const { generateSW } = projectRequire('workbox-build');
  const { warnings } = await generateSW({
    globDirectory: SITE,
    globPatterns: ['**/*.{html,js,css,woff2,svg,png,json,webmanifest}'],
    swDest: path.join(SITE, 'sw.js'),
    inlineWorkboxRuntime: true,
    sourcemap: false,
    navigateFallback: '/index.html',
    // The server's own pages are not the interface's.
    navigateFallbackDenylist: [/^\/api\//, /^\/healthz/, /^\/readyz/, /^\/pair/],
    // Saved plans, the last cooks and the menu are read without the network too, as they last were.
    runtimeCaching: [
      {
        urlPattern:
          /\/api\/v1\/(?:plans|trials|dishes|cooks(?:\/recent|\/[0-9a-f]{8}-[0-9a-f-]{27})?|book\/lines)(?:\?.*)?$/,
        handler: 'NetworkFirst',
        method: 'GET',
        options: {
          cacheName: 'book',
          networkTimeoutSeconds: 6,
          expiration: { maxEntries: 120 },
          cacheableResponse: { statuses: [200] },
        },
      },
    ],
    // Hashed names never change what they hold.
    dontCacheBustURLsMatching: /\/_expo\/|\/assets\//,
    maximumFileSizeToCacheInBytes: 8_000_000,
    // A newer page waits until it is asked for: never in the middle of a cook.
    skipWaiting: false,
    clientsClaim: true,
  });
  for (const warning of warnings) process.stderr.write(`${warning}\n`);
};

/** Every stand-in of the bundle must still be asked for: one that is not may hide a renamed module. */
const checkStandIns = () => {
  const used = existsSync(STAND_INS) ? readFileSync(STAND_INS, 'utf8').split('\n') : [];
  const unused = readdirSync(path.join(ROOT, 'apps/app/bundle')).filter(
    (file) => !used.includes(file),
  );
  if (unused.length > 0) {
    giveUp(`Nothing asks for ${unused.join(', ')} any more; see apps/app/metro.config.js.`);
  }
};

export const build = async () => {
  const now = fingerprint();
  const site = path.join(SITE, 'index.html');
  if (existsSync(STAMP) && existsSync(site) && readFileSync(STAMP, 'utf8') === now) return;
  await timed('Building the server and the interface', () => buildFrom(now));
};

const buildFrom = async (now) => {
  const site = path.join(SITE, 'index.html');
  rmSync(STAMP, { force: true });
  mkdirSync(CACHE, { recursive: true });
  rmSync(STAND_INS, { force: true });
  await bundle('apps/server/src/main.ts', 'apps/server/dist/main.js');
  const exported = spawnSync(
    process.execPath,
    [
      path.join(ROOT, 'node_modules/expo/bin/cli'),
      ...['export', '-p', 'web', '--no-minify', '--output-dir', 'dist'],
    ],
    {
      cwd: path.join(ROOT, 'apps/app'),
      encoding: 'utf8',
      stdio: ['ignore', 'pipe', 'pipe'],
      env: {
        ...process.env,
        CI: '1',
        EXPO_NO_TELEMETRY: '1',
        NODE_ENV: 'production',
        CRUSTAN_STAND_INS: STAND_INS,
      },
    },
  );
  if (exported.status !== 0 || !existsSync(site)) {
    process.stderr.write(exported.stdout + exported.stderr);
    giveUp('The interface could not be built; the lines above say why.');
  }
  checkStandIns();
  minifySite();
  markBuild(now.slice(0, 12));
  await writeServiceWorker();
  compressSite();
  writeFileSync(STAMP, now);
};
