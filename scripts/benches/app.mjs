// Figures of the interface in headless Chromium at phone size, the processor slowed.
import { build } from '../build.mjs';
import { CHROMIUM_ARGS, ensureChromium } from '../chromium.mjs';
import { projectRequire } from '../ensureInstalled.mjs';
import { startServed } from '../served.mjs';
import { median, PHONE, watchLongTasks } from './page.mjs';

const SLOWED = 4;
const LOADS = 3;
const CHANGES = 9;

const loadPage = async (browser, url, { slowed = 1, encoding = 'br' } = {}) => {
  const context = await browser.newContext(PHONE);
  const page = await context.newPage();
  const session = await context.newCDPSession(page);
  await session.send('Network.enable');
  if (slowed > 1) await session.send('Emulation.setCPUThrottlingRate', { rate: slowed });
  const scripts = new Set();
  let scriptBytes = 0;
  session.on('Network.responseReceived', ({ requestId, response }) => {
    if (/\.js(\?|$)/.test(response.url)) scripts.add(requestId);
  });
  session.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    if (scripts.has(requestId)) scriptBytes += encodedDataLength;
  });
  await watchLongTasks(page);
  await context.setExtraHTTPHeaders({ 'Accept-Encoding': encoding });
  await page.goto(url, { waitUntil: 'networkidle' });
  await page
    .getByTestId('way-once')
    .getByText(/\d+:\d\d/)
    .first()
    .waitFor();
  await page.waitForTimeout(700);
  return { context, page, scriptBytes: () => scriptBytes };
};

/**
 * From a change of the thickness to the first new figure of the chosen way on the screen, ms, and
 * the longest task on the main thread meanwhile.
 */
const changeOnce = (page, figure) =>
  page.evaluate(
    (value) =>
      new Promise((resolve) => {
        const way = document.querySelector('[data-testid="way-once"]');
        const before = way.textContent;
        const field = document.querySelector('input[aria-label="Thickness in mm"]');
        const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
        window.longTasks.length = 0;
        const begin = performance.now();
        const watch = new MutationObserver(() => {
          if (way.textContent === before) return;
          watch.disconnect();
          requestAnimationFrame(() => {
            const first = performance.now() - begin;
            setTimeout(() => resolve({ first, longest: Math.max(0, ...window.longTasks) }), 1500);
          });
        });
        watch.observe(way, { subtree: true, childList: true, characterData: true });
        set.call(field, value);
        field.dispatchEvent(new Event('input', { bubbles: true }));
      }),
    String(figure),
  );

export const benchApp = async () => {
  await build();
  const { chromium } = projectRequire('@playwright/test');
  const served = await startServed();
  const browser = await chromium.launch({
    executablePath: ensureChromium(),
    args: CHROMIUM_ARGS,
  });
  try {
    const paints = [];
    const initialJsKb = {};
    for (const encoding of ['gzip', 'br']) {
      for (let i = 0; i < LOADS; i += 1) {
        const { context, page, scriptBytes } = await loadPage(browser, served.url, { encoding });
        if (encoding === 'br') paints.push(await page.evaluate(() => window.largestPaint));
        initialJsKb[encoding] = Math.round(scriptBytes() / 100) / 10;
        await context.close();
      }
    }
    const { context, page } = await loadPage(browser, served.url, { slowed: SLOWED });
    await page.getByTestId('word-thickness').click();
    await page.getByRole('textbox', { name: 'Thickness in mm' }).waitFor();
    // The code of the first touch is loaded before anything is timed.
    await page.waitForTimeout(2500);
    const changes = [];
    for (let i = 0; i < CHANGES; i += 1) changes.push(await changeOnce(page, 18 + i));
    await context.close();
    return {
      firstFigureMs: Math.round(median(changes.map(({ first }) => first))),
      longestTaskMs: Math.round(median(changes.map(({ longest }) => longest))),
      initialJsGzipKb: initialJsKb.gzip,
      initialJsBrotliKb: initialJsKb.br,
      lcpMs: Math.round(median(paints)),
    };
  } finally {
    await browser.close();
    await served.stop();
  }
};
