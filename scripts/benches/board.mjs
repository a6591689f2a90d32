// A board of 60 tables of 4 on four pans, in headless Chromium: from an order to the board, and its longest tasks.
import { randomUUID } from 'node:crypto';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from '../build.mjs';
import { bundle } from '../bundle.mjs';
import { CHROMIUM_ARGS, ensureChromium } from '../chromium.mjs';
import { projectRequire } from '../ensureInstalled.mjs';
import { CACHE } from '../root.mjs';
import { startServed } from '../served.mjs';
import { median, watchLongTasks } from './page.mjs';

const TABLES = 60;
const PIECES = 4;
const PANS = 4;
/** Tables that order one after another once the house is full. */
const LATER = 8;
/** Time between two steps, ms: the search of the step before has ended. */
const BETWEEN = 8000;

const WIDE = { viewport: { width: 1280, height: 800 }, locale: 'en-GB' };

/** Notes when the worker of schedules answers, and when the board changes. */
const watchBoard = (page) =>
  page.addInitScript(() => {
    window.answers = [];
    window.changes = [];
    const { Worker } = window;
    window.Worker = class extends Worker {
      constructor(url, options) {
        super(url, options);
        if (options?.name !== 'pass schedule') return;
        this.addEventListener('message', () => window.answers.push(performance.now()));
      }
    };
    document.addEventListener('DOMContentLoaded', () => {
      new MutationObserver(() => {
        // The screen is painted after the next frame.
        requestAnimationFrame(() => window.changes.push(performance.now()));
      }).observe(document.body, { subtree: true, childList: true, characterData: true });
    });
  });

const fourPans = (kitchen) => {
  const [pan] = kitchen.pans;
  const [burner] = kitchen.burners;
  const each = (one, i) => ({ ...one, id: `${one.id}-${i}` });
  const all = Array.from({ length: PANS }, (_, i) => i);
  return {
    ...kitchen,
    pans: all.map((i) => each(pan, i)),
    burners: all.map((i) => each(burner, i)),
    inUse: { ...kitchen.inUse, pan: `${pan.id}-0`, burner: `${burner.id}-0` },
    holding: 24,
    hands: 4,
  };
};

export const benchBoard = async () => {
  await build();
  const built = path.join(CACHE, 'kitchen.mjs');
  await bundle('packages/core/src/formats/kitchen.ts', built);
  const { DEFAULT_KITCHEN } = await import(pathToFileURL(built).href);
  const { chromium } = projectRequire('@playwright/test');
  const served = await startServed({ demo: true });
  const browser = await chromium.launch({ executablePath: ensureChromium(), args: CHROMIUM_ARGS });
  const ask = async (path, method = 'GET', body = undefined, headers = {}) => {
    const answer = await fetch(`${served.url}/api${path}`, {
      method,
      headers: { 'Content-Type': 'application/json', ...headers },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    });
    if (!answer.ok) throw new Error(`${method} ${path}: ${answer.status} ${await answer.text()}`);
    return answer.json();
  };
  try {
    const { headers } = await fetch(`${served.url}/api/kitchen`);
    const version = headers.get('ETag') ?? '"0"';
    await ask('/kitchen', 'PUT', { kitchen: fourPans(DEFAULT_KITCHEN) }, { 'If-Match': version });
    const { dishes } = await ask('/dishes');
    const portions = dishes.flatMap(({ id, portions: all }) =>
      all.map(({ doneness }) => ({ dish: id, doneness })),
    );
    const page = await (await browser.newContext(WIDE)).newPage();
    await watchLongTasks(page);
    await watchBoard(page);
    await page.goto(`${served.url}/pass`);
    await page.getByRole('button', { name: 'Open a service' }).click();
    await page.getByText('No orders yet.').first().waitFor();
    const { services } = await ask('/services');
    const [service] = services.toSorted((a, b) => b.opensAt - a.opensAt);
    const ordered = (table) => ({
      of: 'service',
      stream: service.id,
      device: 'bench',
      event: {
        id: randomUUID(),
        kind: 'ordered',
        at: Date.now(),
        order: {
          id: randomUUID(),
          table: String(table),
          wanted: Date.now() + (table % 20) * 300_000 + 1_800_000,
          pieces: Array.from({ length: PIECES }, (_, i) => ({
            id: randomUUID(),
            ...portions[(table + i) % portions.length],
          })),
        },
      },
    });
    const entries = Array.from({ length: TABLES }, (_, i) => ordered(i + 1));
    for (let i = 0; i < entries.length; i += 20) {
      await ask('/log', 'POST', { entries: entries.slice(i, i + 20) });
    }
    await page.getByText(`Table ${TABLES}`).first().waitFor({ timeout: 120_000 });
    await page.waitForTimeout(2 * BETWEEN);
    const scheduleMs = [];
    const boardMs = [];
    const longestTasks = [];
    for (let i = 0; i < LATER; i += 1) {
      await page.evaluate(() => {
        window.answers.length = 0;
        window.changes.length = 0;
        window.longTasks.length = 0;
        window.began = performance.now();
      });
      await ask('/log', 'POST', { entries: [ordered(TABLES + 1 + i)] });
      await page.waitForTimeout(BETWEEN);
      const seen = await page.evaluate(() => ({
        began: window.began,
        answers: [...window.answers],
        changes: [...window.changes],
        longest: Math.max(0, ...window.longTasks),
      }));
      const [first] = seen.answers;
      if (first === undefined) throw new Error('No schedule was made.');
      scheduleMs.push(first - seen.began);
      boardMs.push((seen.changes.find((at) => at > first) ?? Infinity) - first);
      longestTasks.push(seen.longest);
    }
    return {
      tables: TABLES + LATER,
      pieces: (TABLES + LATER) * PIECES,
      scheduleMs: Math.round(median(scheduleMs)),
      slowestScheduleMs: Math.round(Math.max(...scheduleMs)),
      boardMs: Math.round(median(boardMs)),
      slowestBoardMs: Math.round(Math.max(...boardMs)),
      longestTaskMs: Math.round(median(longestTasks)),
      longestTaskOfAllMs: Math.round(Math.max(...longestTasks)),
    };
  } finally {
    await browser.close();
    await served.stop();
  }
};
