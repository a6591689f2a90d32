// 60 tables of 4 on four pans, in headless Chromium: from an order on a phone to its schedule and to the board of another
// page, and the longest tasks of the board.
import { randomUUID } from 'node:crypto';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from '../build.mjs';
import { bundle } from '../bundle.mjs';
import { CHROMIUM_ARGS, ensureChromium } from '../chromium.mjs';
import { projectRequire } from '../ensureInstalled.mjs';
import { CACHE } from '../root.mjs';
import { startServed } from '../served.mjs';
import { median, PHONE, watchLongTasks } from './page.mjs';

const TABLES = 60;
const PIECES = 4;
const PANS = 4;
/** Tables that order one after another, on a phone, once the house is full. */
const LATER = 8;
/** Time between two steps, ms: the search of the step before has ended. */
const BETWEEN = 8000;

const WIDE = { viewport: { width: 1280, height: 800 }, locale: 'en-GB' };

/** Notes when the order is added, and when the worker of schedules answers, ms of the clock that all pages share. */
const watchAnswers = (page) =>
  page.addInitScript(() => {
    window.answers = [];
    const { Worker } = window;
    window.Worker = class extends Worker {
      constructor(url, options) {
        super(url, options);
        if (options?.name !== 'pass schedule') return;
        this.addEventListener('message', () => window.answers.push(Date.now()));
      }
    };
    // The capture phase comes before the button's own handler, which may stop the event.
    const noteOrder = ({ target }) => {
      if (target.closest('[role="button"], button')?.textContent !== 'Add the order') return;
      window.answers = [];
      window.began = Date.now();
    };
    document.addEventListener('click', noteOrder, { capture: true });
  });

/** Waits until a table stands on the board with its time; returns when, ms of the clock that all pages share. */
const boardShows = (page, table) =>
  page.evaluate(
    (label) =>
      new Promise((resolve) => {
        const look = () => {
          if (!document.querySelector(`[aria-label^="${label}"]`)) return false;
          // The screen is painted after the next frame.
          requestAnimationFrame(() => resolve(Date.now()));
          return true;
        };
        const watch = new MutationObserver(() => {
          if (look()) watch.disconnect();
        });
        const all = { subtree: true, childList: true, attributes: true };
        if (!look()) watch.observe(document.body, all);
      }),
    `Table ${table}: ready`,
  );

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
    const board = await (await browser.newContext(WIDE)).newPage();
    const phone = await (await browser.newContext(PHONE)).newPage();
    await watchLongTasks(board);
    await watchAnswers(phone);
    await board.goto(`${served.url}/pass`);
    await board.getByRole('button', { name: 'Open a service' }).click();
    await board.getByText('No orders yet.').first().waitFor();
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
    await board.getByText(`Table ${TABLES}`).first().waitFor({ timeout: 120_000 });
    await phone.goto(`${served.url}/pass`);
    await phone
      .getByRole('button', { name: /^Continue/ })
      .first()
      .click();
    await phone.getByRole('tab', { name: 'Tickets' }).click();
    const tickets = phone.getByRole('list', { name: 'Tickets' });
    await tickets.getByText(`Table ${TABLES}`, { exact: true }).waitFor({ timeout: 120_000 });
    await phone.waitForTimeout(2 * BETWEEN);
    const scheduleMs = [];
    const boardMs = [];
    const longestTasks = [];
    for (let i = 0; i < LATER; i += 1) {
      const table = TABLES + 1 + i;
      await phone.getByRole('textbox', { name: 'Table' }).fill(String(table));
      const piece = phone.getByRole('button', { name: /^Add .*, / }).nth(i % portions.length);
      for (let n = 0; n < PIECES; n += 1) await piece.click();
      await phone.getByRole('radio', { name: 'As soon as possible' }).click();
      await board.evaluate(() => (window.longTasks.length = 0));
      const shown = boardShows(board, table);
      await phone.getByRole('button', { name: 'Add the order' }).click();
      const shownAt = await shown;
      await board.waitForTimeout(BETWEEN);
      const { began, answers } = await phone.evaluate(() => ({
        began: window.began,
        answers: [...window.answers],
      }));
      const [first] = answers;
      if (first === undefined) throw new Error('The phone made no schedule.');
      scheduleMs.push(first - began);
      boardMs.push(shownAt - first);
      longestTasks.push(await board.evaluate(() => Math.max(0, ...window.longTasks)));
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
