// Figures of the heat core: in Node, and the same in a worker of headless Chromium.
import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { bundle } from '../bundle.mjs';
import { CHROMIUM_ARGS, ensureChromium } from '../chromium.mjs';
import { projectRequire } from '../ensureInstalled.mjs';
import { CACHE, giveUp } from '../root.mjs';

const inNode = async () => {
  const built = path.join(CACHE, 'heatBench.mjs');
  await bundle('apps/cli/src/bench/heatInNode.ts', built);
  const ran = spawnSync(process.execPath, ['--expose-gc', built], {
    encoding: 'utf8',
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  if (ran.status !== 0) giveUp('The heat core could not be measured; its words are above.');
  return JSON.parse(ran.stdout);
};

/** Collects a page's worker's garbage and reads its heap, by the browser's own protocol. */
const heapOfWorker = async (page) => {
  const session = await page.context().newCDPSession(page);
  let target;
  let asked = 0;
  const waiting = new Map();
  session.on('Target.attachedToTarget', ({ sessionId }) => (target = sessionId));
  session.on('Target.receivedMessageFromTarget', ({ message }) => {
    const { id, result } = JSON.parse(message);
    waiting.get(id)?.(result);
  });
  await session.send('Target.setAutoAttach', { autoAttach: true, waitForDebuggerOnStart: false });
  const ask = (method) =>
    new Promise((resolve) => {
      asked += 1;
      waiting.set(asked, resolve);
      const message = JSON.stringify({ id: asked, method });
      void session.send('Target.sendMessageToTarget', { sessionId: target, message });
    });
  return async () => {
    await ask('HeapProfiler.collectGarbage');
    return (await ask('Runtime.getHeapUsage')).usedSize;
  };
};

const inWorker = async () => {
  const built = path.join(CACHE, 'heatBench.worker.js');
  await projectRequire('esbuild').build({
    entryPoints: ['apps/cli/src/bench/heatInWorker.ts'],
    outfile: built,
    bundle: true,
    format: 'iife',
    logLevel: 'warning',
  });
  const { chromium } = projectRequire('@playwright/test');
  const browser = await chromium.launch({
    executablePath: ensureChromium(),
    args: CHROMIUM_ARGS,
  });
  try {
    const page = await browser.newPage();
    await page.exposeFunction('heapOfWorker', await heapOfWorker(page));
    return await page.evaluate(
      (source) =>
        new Promise((resolve, reject) => {
          const url = URL.createObjectURL(new Blob([source], { type: 'text/javascript' }));
          const worker = new Worker(url);
          worker.onmessage = async ({ data }) => {
            if (data === 'heap') worker.postMessage(await window.heapOfWorker());
            else resolve(data);
          };
          worker.onerror = ({ message }) => reject(new Error(message));
        }),
      readFileSync(built, 'utf8'),
    );
  } finally {
    await browser.close();
  }
};

export const benchHeat = async () => ({ ...(await inNode()), worker: await inWorker() });
