// npm run shots: one current picture of each main view, from the demo data, into docs/screenshots.
import path from 'node:path';
import { ensureInstalled, projectRequire } from './ensureInstalled.mjs';
import { build } from './build.mjs';
import { CHROMIUM_ARGS, ensureChromium } from './chromium.mjs';
import { ROOT } from './root.mjs';
import { startServed } from './served.mjs';

ensureInstalled();
await build();
const { chromium } = projectRequire('@playwright/test');
const served = await startServed({ demo: true });
const browser = await chromium.launch({ executablePath: ensureChromium(), args: CHROMIUM_ARGS });

const PHONE = { viewport: { width: 390, height: 844 }, isMobile: true, hasTouch: true };
const WIDE = { viewport: { width: 1280, height: 800 } };

const plan = async (page) => {
  await page.goto(served.url, { waitUntil: 'networkidle' });
  await page.getByTestId('way-often').getByText(/±/).waitFor();
  await page.keyboard.press('Shift');
  await page.getByRole('slider', { name: 'Along the cook' }).waitFor();
  await page.waitForTimeout(1500);
};
/** A thick steak, the chosen way of it. */
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
    'larder-phone',
    PHONE,
    async (page) => {
      await plan(page);
      await page.getByTestId('word-cut').click();
    },
  ],
  [
    'thickness-phone',
    PHONE,
    async (page) => {
      await plan(page);
      await page.getByTestId('word-thickness').click();
    },
  ],
  [
    'way-phone',
    PHONE,
    async (page) => {
      await thick(page, 'oven-sear');
      await page.getByRole('heading', { name: 'Low oven, then sear' }).scrollIntoViewIfNeeded();
      await page.mouse.wheel(0, 700);
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
      await page.getByText(/^The run, back from/).scrollIntoViewIfNeeded();
      await page.mouse.wheel(0, 700);
    },
  ],
  [
    'salt-phone',
    PHONE,
    async (page) => {
      await plan(page);
      await page.getByTestId('word-salt').click();
      await page.getByText('golden after').waitFor();
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
    'blocked-phone',
    PHONE,
    async (page) => {
      await plan(page);
      for (const [word, label, figure] of [
        ['thickness', 'Thickness in mm', '50'],
        ['weight', 'Weight in g', '700'],
        ['pan', 'Pan temperature in °C', '250'],
      ]) {
        await page.getByTestId(`word-${word}`).click();
        await page.getByRole('textbox', { name: label }).fill(figure);
      }
      await page.getByRole('button', { name: 'Done' }).click();
      await page.getByRole('button', { name: /Cooler pan/ }).waitFor();
      await page.getByRole('heading', { name: 'This will not work' }).scrollIntoViewIfNeeded();
      await page.mouse.wheel(0, 300);
    },
  ],
  [
    'stove-phone',
    PHONE,
    async (page) => {
      await start(page);
      await press(page);
      await page.getByText('Every press is in the book.').waitFor();
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
  [
    'lanes-phone',
    PHONE,
    async (page) => {
      await page.goto(`${served.url}/stove`);
      for (const i of [0, 1, 2]) await page.getByRole('checkbox').nth(i).click();
      await page.getByRole('button', { name: 'Put 3 on together' }).click();
      await press(page);
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
  [
    'judge-phone',
    PHONE,
    async (page) => {
      await start(page);
      for (let i = 0; i < 4; i += 1) await press(page);
      await page.getByRole('heading', { name: 'How was it?' }).waitFor();
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
    'cook-wide',
    WIDE,
    async (page) => {
      await (await book(page, /Fillet for the late/)).click();
      await page.getByText('The slice, simulated with your times').waitFor();
    },
  ],
];

try {
  // The book first: later views add cooks of their own.
  for (const [name, device, show] of [...VIEWS].sort(
    ([a], [b]) => Number(/book|cook/.test(b)) - Number(/book|cook/.test(a)),
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
