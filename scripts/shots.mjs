// npm run shots: one current picture of each main view, from the demo data, into docs/screenshots; or of
// those that are named.
import { Buffer } from 'node:buffer';
import path from 'node:path';
import { ensureInstalled, projectRequire } from './ensureInstalled.mjs';
import { build } from './build.mjs';
import { CHROMIUM_ARGS, ensureChromium } from './chromium.mjs';
import { ROOT } from './root.mjs';
import { startServed } from './served.mjs';

await ensureInstalled();
await build();
const { chromium } = projectRequire('@playwright/test');
const served = await startServed({ demo: true });
const browser = await chromium.launch({ executablePath: ensureChromium(), args: CHROMIUM_ARGS });

const PHONE = {
  viewport: { width: 390, height: 844 },
  isMobile: true,
  hasTouch: true,
  locale: 'en-GB',
};
const WIDE = { viewport: { width: 1280, height: 800 }, locale: 'en-GB' };

const plan = async (page) => {
  await page.goto(served.url, { waitUntil: 'networkidle' });
  await page.getByTestId('way-often').getByText(/±/).waitFor();
  await page.keyboard.press('Shift');
  await page.getByRole('slider', { name: 'Along the cook' }).waitFor();
  await page.waitForTimeout(1500);
};
/** A thick steak, with the method chosen. */
const thick = async (page, way) => {
  await plan(page);
  for (const [word, label, figure] of [
    ['thickness', 'Thickness in mm', '40'],
    ['weight', 'Weight in g', '450'],
  ]) {
    await page.getByTestId(`word-${word}`).click();
    await page.getByRole('textbox', { name: label }).fill(figure);
  }
  await page.getByRole('button', { name: 'Done' }).click();
  await page.getByTestId(`way-${way}`).click();
  await page.waitForTimeout(4000);
};
const start = async (page) => {
  await plan(page);
  await page.getByRole('button', { name: 'Start at the stove' }).click();
  await page.getByRole('timer').waitFor();
};
/** Tonight's service, continued, with its first tasks done. */
const tonight = async (page) => {
  await page.goto(`${served.url}/pass`);
  await page.getByRole('button', { name: 'Continue: tonight' }).click();
  await page.getByText('Along the clock').waitFor();
  await page.waitForTimeout(2500);
};
/** The big button answers nothing for a moment after it has changed. */
const press = async (page) => {
  await page.waitForTimeout(1000);
  await page.getByTestId('happened').click();
};
/** A thick steak in its oven, the stand-in thermometers linked, time run fast. */
const live = async (page) => {
  await thick(page, 'oven-sear');
  await page.getByRole('button', { name: 'Start at the stove' }).click();
  await page.getByRole('timer').waitFor();
  await press(page);
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('radio', { name: 'Thermometers' }).click();
  await page.getByRole('button', { name: /Link the stand-in/ }).click();
  await page.getByRole('radio', { name: '60×' }).click();
  await page.getByRole('button', { name: 'Back to the cook' }).click();
  await page.getByText(/Your oven is behaving like/).waitFor();
  await page.waitForTimeout(8000);
};
const book = async (page, title) => {
  await page.goto(`${served.url}/book`);
  const link = page.getByRole('link', { name: title });
  await link.waitFor();
  return link;
};

const VIEWS = [
  ['plan-phone', PHONE, plan],
  ['plan-wide', WIDE, (page) => thick(page, 'oven-sear').then(() => page.mouse.wheel(0, -3000))],
  [
    'whole-phone',
    PHONE,
    async (page) => {
      await plan(page);
      await page.getByTestId('word-cut').click();
      await page.getByRole('radio', { name: 'Rib of beef on the bone', exact: true }).click();
      await page.getByTestId('word-oven').click();
      await page.getByRole('radio', { name: /^Tented/ }).click();
      await page.getByRole('button', { name: 'Done' }).click();
      await page.getByTestId('way-oven-blast').click();
      await page.waitForTimeout(6000);
      await page
        .getByRole('heading', { name: 'Low oven, then a blast' })
        .evaluate((heading) => heading.scrollIntoView({ block: 'start' }));
      await page.waitForTimeout(1000);
    },
  ],
  [
    'card-phone',
    PHONE,
    async (page) => {
      await plan(page);
      await page.getByTestId('way-oven-sear').click();
      await page.goto(`${served.url}/card`);
      await page.getByRole('button', { name: /^Compute/ }).click();
      await page.getByRole('progressbar').waitFor();
      await page.getByRole('progressbar').waitFor({ state: 'hidden', timeout: 60_000 });
    },
  ],
  [
    'run-phone',
    PHONE,
    async (page) => {
      await thick(page, 'sear-oven-sear');
      await page.getByRole('button', { name: 'Add a side or sauce' }).click();
      await page.getByRole('button', { name: 'Mashed potatoes' }).click();
      await page.getByRole('button', { name: 'Close' }).click();
      await page.getByText(/^Timeline, back from/).scrollIntoViewIfNeeded();
      await page.mouse.wheel(0, 700);
    },
  ],
  [
    'kitchen-phone',
    PHONE,
    async (page) => {
      await page.goto(`${served.url}/kitchen`);
      await page.getByRole('heading', { name: 'Pans' }).waitFor();
    },
  ],
  [
    'stove-phone',
    PHONE,
    async (page) => {
      await start(page);
      await press(page);
      await press(page);
      await page.getByText('All steps saved.').waitFor();
    },
  ],
  ['stove-before-phone', PHONE, start],
  ['stove-live-phone', PHONE, live],
  [
    'trouble-phone',
    PHONE,
    async (page) => {
      await live(page);
      await page.getByRole('button', { name: 'Trouble' }).click();
      await page.getByRole('button', { name: 'Guests are late' }).click();
      await page
        .getByText(/^Ends at/)
        .first()
        .waitFor();
    },
  ],
  ['pass-phone', PHONE, tonight],
  ['pass-wide', WIDE, tonight],
  [
    'par-phone',
    PHONE,
    async (page) => {
      await page.goto(`${served.url}/pass`);
      await page.getByRole('tab', { name: 'Prep' }).click();
      await page.getByTestId('par-Duck breast').waitFor();
      await page.waitForTimeout(600);
    },
  ],
  [
    'practice-phone',
    PHONE,
    async (page) => {
      await page.goto(`${served.url}/practice`);
      await page.getByRole('button', { name: 'A strip in the pan' }).click();
      await page.getByRole('radio', { name: '100', exact: true }).click();
      await page.getByRole('radio', { name: '30×' }).click();
      await page.waitForTimeout(11_000);
      await page.getByRole('button', { name: 'Into the pan' }).click();
      await page.waitForTimeout(3000);
      await page.getByRole('button', { name: 'Turn it' }).click();
      await page.waitForTimeout(700);
      await page.mouse.wheel(0, -3000);
    },
  ],
  ['book-phone', PHONE, (page) => book(page, /Sunday ribeye/)],
  [
    'cook-phone',
    PHONE,
    async (page) => {
      await (await book(page, /Sunday ribeye/)).click();
      await page.getByText('The slice, simulated with your times').waitFor();
    },
  ],
  [
    'learned-phone',
    PHONE,
    async (page) => {
      await page.goto(`${served.url}/book/learned`);
      await page.getByText(/past cooks are foreseen/).waitFor({ timeout: 90_000 });
    },
  ],
  [
    'files-phone',
    PHONE,
    async (page) => {
      await page.goto(`${served.url}/book/files`);
      await page.getByLabel('A file for the logbook').setInputFiles({
        name: 'grandfather.csv',
        mimeType: 'text/csv',
        buffer: Buffer.from(
          'started,title,piece,thickness_mm,cooked_s,end_C,oven\n2025-12-24 19:30,Christmas rib,ribeye,32,690,55,old\n2025-12-26 19:00,The duck,duck-breast,24,1140,58,old\nspring,A chop,pork-chop,30,600,62,old\n',
        ),
      });
      await page.getByText('A table of 2 cooks').waitFor();
    },
  ],
  [
    'cook-wide',
    WIDE,
    async (page) => {
      await (await book(page, /Long-bone rib/)).click();
      await page.getByText('The slice, simulated with your times').waitFor();
    },
  ],
];

const BOOK = /book|cook|learned|trends|trial|files/;

try {
  // The logbook first: later views add cooks of their own.
  const wanted = process.argv.slice(2);
  const views = VIEWS.filter(([name]) => wanted.length === 0 || wanted.includes(name));
  for (const [name, device, show] of views.sort(
    ([a], [b]) => Number(BOOK.test(b)) - Number(BOOK.test(a)),
  )) {
    const context = await browser.newContext(device);
    const page = await context.newPage();
    await show(page);
    await page.waitForTimeout(400);
    await page.screenshot({ path: path.join(ROOT, 'docs/screenshots', `${name}.png`) });
    await context.close();
  }
} finally {
  await browser.close();
  await served.stop();
}
