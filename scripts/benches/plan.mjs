// A 40 mm steak by all its methods in headless Chromium, at the processor's full speed.
import { build } from '../build.mjs';
import { CHROMIUM_ARGS, ensureChromium } from '../chromium.mjs';
import { projectRequire } from '../ensureInstalled.mjs';
import { startServed } from '../served.mjs';
import { median, PHONE, watchLongTasks } from './page.mjs';

const CHANGES = 9;
const WAYS = ['once', 'often', 'sear-oven', 'oven-sear', 'sear-oven-sear'];

/**
 * From a change of the thickness to the first new figure on the screen and to every way's own figures
 * and window or its refusal, ms, and the longest task on the main thread meanwhile.
 */
const changeOnce = (page, figure) =>
  page.evaluate(
    ([value, ways]) =>
      new Promise((resolve) => {
        const rows = ways.map((way) => document.querySelector(`[data-testid="way-${way}"]`));
        const before = rows.map((row) => row.textContent);
        const field = document.querySelector('input[aria-label="Thickness in mm"]');
        const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
        window.longTasks.length = 0;
        const begin = performance.now();
        let first;
        const watch = new MutationObserver(() => {
          const changed = rows.map((row, i) => row.textContent !== before[i]);
          if (changed.some(Boolean)) first ??= performance.now() - begin;
          // A way that is refused has no figures to come.
          const refused = (row) => row.querySelector('[data-testid="way-refused"]') !== null;
          const settled = (row, i) => refused(row) || (changed[i] && row.textContent.includes('±'));
          if (!changed.some(Boolean) || !rows.every(settled)) return;
          watch.disconnect();
          const all = performance.now() - begin;
          setTimeout(
            () => resolve({ first, all, longest: Math.max(0, ...window.longTasks) }),
            1500,
          );
        });
        for (const row of rows) {
          watch.observe(row, { subtree: true, childList: true, characterData: true });
        }
        set.call(field, value);
        field.dispatchEvent(new Event('input', { bubbles: true }));
      }),
    [figure.toFixed(1), WAYS],
  );

const WHOLE_WAYS = ['oven-sear', 'oven-blast', 'sear-oven-sear'];
const REPEATS = 3;

/** A rib for several over all its ways, from a change of its weight, ms. */
const wholeOnce = async (page, grams) => {
  const changed = await page.evaluate(
    ([value, ways]) =>
      new Promise((resolve) => {
        const rows = ways.map((way) => document.querySelector(`[data-testid="way-${way}"]`));
        const before = rows.map((row) => row.textContent);
        const field = document.querySelector('input[aria-label="Weight in g"]');
        const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
        const begin = performance.now();
        const look = () => {
          const settled = rows.every(
            (row, i) => row.textContent !== before[i] && row.textContent.includes('±'),
          );
          if (settled) resolve(performance.now() - begin);
          else requestAnimationFrame(look);
        };
        set.call(field, value);
        field.dispatchEvent(new Event('input', { bubbles: true }));
        requestAnimationFrame(look);
      }),
    [String(grams), WHOLE_WAYS],
  );
  await page.waitForTimeout(3000);
  return changed;
};

const wholePiece = async (page) => {
  await page.getByTestId('word-cut').click();
  await page.getByRole('radio', { name: 'Rib of beef on the bone', exact: true }).click();
  await page.getByTestId('word-weight').click();
  await page.waitForTimeout(3000);
  const times = [];
  for (let i = 0; i < REPEATS; i += 1) times.push(await wholeOnce(page, 2600 + 150 * i));
  return median(times);
};

/** A card of 24 plans, ms, and the longest task on the main thread meanwhile. */
const card = async (page, url) => {
  await page.goto(`${url}/card`, { waitUntil: 'networkidle' });
  const times = [];
  let longest = 0;
  for (let i = 0; i < REPEATS; i += 1) {
    await page.evaluate(() => (window.longTasks.length = 0));
    const begin = Date.now();
    await page.getByRole('button', { name: 'Compute 24 plans' }).click();
    await page.getByRole('progressbar').waitFor({ state: 'visible' });
    await page.getByRole('progressbar').waitFor({ state: 'hidden', timeout: 120_000 });
    times.push(Date.now() - begin);
    longest = Math.max(longest, await page.evaluate(() => Math.max(0, ...window.longTasks)));
  }
  return { ms: median(times), longest };
};

export const benchPlan = async () => {
  await build();
  const { chromium } = projectRequire('@playwright/test');
  const served = await startServed();
  const browser = await chromium.launch({
    executablePath: ensureChromium(),
    args: CHROMIUM_ARGS,
  });
  try {
    const page = await (await browser.newContext(PHONE)).newPage();
    await watchLongTasks(page);
    await page.goto(served.url, { waitUntil: 'networkidle' });
    await page.getByTestId('word-weight').click();
    await page.getByRole('textbox', { name: 'Weight in g' }).fill('450');
    await page.getByTestId('word-thickness').click();
    await page.getByRole('textbox', { name: 'Thickness in mm' }).fill('38');
    await page.waitForTimeout(3000);
    const changes = [];
    // The first is not counted: it is made while everything is still being compiled.
    for (let i = 0; i <= CHANGES; i += 1) changes.push(await changeOnce(page, 39 + 0.2 * i));
    changes.shift();
    const wholeMs = await wholePiece(page);
    await page.getByTestId('word-cut').click();
    await page.getByRole('radio', { name: 'Strip steak', exact: true }).click();
    await page.waitForTimeout(3000);
    const ofCard = await card(page, served.url);
    return {
      firstFigureMs: Math.round(median(changes.map(({ first }) => first))),
      allWaysMs: Math.round(median(changes.map(({ all }) => all))),
      longestTaskMs: Math.round(median(changes.map(({ longest }) => longest))),
      wholeMs: Math.round(wholeMs),
      cardMs: Math.round(ofCard.ms),
      cardLongestTaskMs: Math.round(ofCard.longest),
    };
  } finally {
    await browser.close();
    await served.stop();
  }
};
