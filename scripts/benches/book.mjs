// A logbook of 5,000 cooks and two million readings: brought in, its list opened, one cook opened.
import { createReadStream, mkdtempSync, rmSync, statSync } from 'node:fs';
import http from 'node:http';
import os from 'node:os';
import path from 'node:path';
import { spawnSync } from 'node:child_process';
import { parseArgs } from 'node:util';
import { build } from '../build.mjs';
import { bundle } from '../bundle.mjs';
import { CHROMIUM_ARGS, ensureChromium } from '../chromium.mjs';
import { projectRequire } from '../ensureInstalled.mjs';
import { CACHE, giveUp } from '../root.mjs';
import { startServed } from '../served.mjs';
import { median, PHONE } from './page.mjs';

const COOKS = 5000;
const READINGS = 400;
/** Number of times that each is opened; the median counts. */
const TIMES = 5;
/** Spent on Plan before the logbook is opened, ms. */
const READ_FIRST = 3000;

const written = async (file, seed) => {
  const built = path.join(CACHE, 'bookBench.mjs');
  await bundle('apps/server/src/bench/bookInNode.ts', built);
  const ran = spawnSync(process.execPath, [built, file, seed, String(COOKS), String(READINGS)], {
    stdio: 'inherit',
  });
  if (ran.status !== 0) giveUp('The logbook to bring in was not written; the words are above.');
};

const send = (url, file) =>
  new Promise((resolve, reject) => {
    const request = http.request(
      `${url}/api/book/imports`,
      {
        method: 'POST',
        headers: { 'Content-Length': statSync(file).size, 'Content-Type': 'application/json' },
      },
      (answer) => {
        let text = '';
        answer.on('data', (chunk) => (text += chunk));
        answer.on('end', () => resolve(JSON.parse(text)));
      },
    );
    request.on('error', reject);
    createReadStream(file).pipe(request);
  });

/** Brings the file in; also how long the server kept anybody waiting meanwhile, ms. */
const bringIn = async (url, file) => {
  const begin = performance.now();
  let { id, phase } = await send(url, file);
  let longest = 0;
  let state;
  while (phase === 'receiving' || phase === 'checking') {
    await new Promise((done) => setTimeout(done, 100));
    const asked = performance.now();
    state = await (await fetch(`${url}/api/book/imports/${id}`)).json();
    longest = Math.max(longest, performance.now() - asked);
    phase = state.phase;
  }
  if (phase !== 'ready') giveUp(`The import ended ${phase}: ${JSON.stringify(state)}`);
  const stored = await fetch(`${url}/api/book/imports/${id}/store`, { method: 'POST' });
  if (!stored.ok) giveUp('The import was not stored.');
  return { seconds: (performance.now() - begin) / 1000, longest };
};

/** Longest wait of a request during an export of the whole logbook, ms. */
const longestWhileWritten = async (url) => {
  let over = false;
  const writing = fetch(`${url}/api/book/book.json`)
    .then((answer) => answer.body.pipeTo(new WritableStream()))
    .finally(() => (over = true));
  let longest = 0;
  while (!over) {
    const asked = performance.now();
    await fetch(`${url}/api/clock`);
    longest = Math.max(longest, performance.now() - asked);
    await new Promise((done) => setTimeout(done, 20));
  }
  await writing;
  return longest;
};

/** Time from the tap until the opened page is drawn, ms. */
const timed = async (page, tap, shown) => {
  await page.evaluate((selector) => {
    window.openedAt = undefined;
    addEventListener('click', (event) => (window.tappedAt = event.timeStamp), {
      capture: true,
      once: true,
    });
    const look = () => {
      if (document.querySelector(selector)) {
        window.openedAt = performance.now();
      } else requestAnimationFrame(look);
    };
    look();
  }, shown);
  await tap();
  await page.waitForFunction(() => window.openedAt !== undefined);
  return page.evaluate(() => window.openedAt - window.tappedAt);
};

export const benchBook = async () => {
  const { values } = parseArgs({
    args: process.argv.slice(3),
    options: { seed: { type: 'string', default: '1' } },
  });
  if (!/^\d{1,9}$/.test(values.seed)) giveUp('--seed wants a whole number, as in --seed 7');
  await build();
  const folder = mkdtempSync(path.join(os.tmpdir(), 'crustan-book-'));
  const file = path.join(folder, 'book.json');
  await written(file, values.seed);
  const served = await startServed();
  const { chromium } = projectRequire('@playwright/test');
  const browser = await chromium.launch({
    executablePath: ensureChromium(),
    args: CHROMIUM_ARGS,
  });
  try {
    const { seconds, longest } = await bringIn(served.url, file);
    const writtenOut = await longestWhileWritten(served.url);
    const page = await (await browser.newContext(PHONE)).newPage();
    const book = () =>
      page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: 'Logbook' });
    const lists = [];
    const cooks = [];
    for (let i = 0; i < TIMES; i += 1) {
      // A page just opened knows nothing of the logbook.
      await page.goto(served.url);
      await book().waitFor();
      await page.waitForLoadState('networkidle');
      // Plan is computed by then: nobody taps sooner than they have read a line.
      await page.waitForTimeout(READ_FIRST);
      lists.push(await timed(page, () => book().click(), '[role="listitem"]:nth-child(50)'));
      cooks.push(
        await timed(
          page,
          () => page.getByRole('listitem').nth(i).getByRole('link').click(),
          '[role="table"]',
        ),
      );
    }
    await book().click();
    await page.getByRole('listitem').nth(40).waitFor();
    const box = page.getByRole('searchbox');
    const found = [];
    for (const words of ['thyme', 'smoky late', 'cook 4321']) {
      const asked = performance.now();
      await box.fill(words);
      await page.waitForFunction(() =>
        /found/.test(document.querySelector('[role="status"]')?.textContent ?? ''),
      );
      found.push(performance.now() - asked);
      await box.fill('');
      await page.waitForFunction(() =>
        / cooks$/.test(document.querySelector('[role="status"]')?.textContent ?? ''),
      );
    }
    return {
      seed: Number(values.seed),
      cooks: COOKS,
      readings: COOKS * READINGS,
      listMs: Math.round(median(lists)),
      cookMs: Math.round(median(cooks)),
      importSeconds: Math.round(seconds * 10) / 10,
      searchMs: Math.round(median(found)),
      longestWaitMs: Math.round(longest),
      exportLongestWaitMs: Math.round(writtenOut),
      fileMB: Math.round(statSync(file).size / 1e6),
    };
  } finally {
    await browser.close();
    await served.stop();
    rmSync(folder, { recursive: true, force: true });
  }
};
