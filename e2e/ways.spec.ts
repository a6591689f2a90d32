import { readFile } from 'node:fs/promises';
import ICAL from 'ical.js';
import type { Page } from '@playwright/test';
import { planFileSchema } from '@crustan/core/formats';
import { expect, openPlan, pressOn, setFigure, test } from './kitchen';

/** Takes a cut from the larder by its name. */
const take = async (page: Page, name: string): Promise<void> => {
  await page.getByTestId('word-cut').click();
  await page.getByRole('textbox', { name: 'Search the cut list' }).fill(name);
  await page.getByRole('radio', { name, exact: true }).click();
  await page.getByRole('button', { name: 'Done' }).click();
};

/** A way's figure under a label: `54:00` or `12 mm` as a number of its first unit. */
const figure = async (page: Page, way: string, label: string): Promise<number> => {
  const text = await page.getByTestId(`way-${way}`).innerText();
  const lines = text.split('\n').map((line) => line.trim());
  const said = lines[lines.indexOf(label) - 1] ?? '';
  const [, minutes = 'NaN', seconds = '0'] = /(\d+)(?::(\d\d))?/.exec(said) ?? [];
  return Number(minutes) + Number(seconds) / 60;
};

const allWays = async (page: Page, ways: readonly string[]): Promise<void> => {
  for (const way of ways) await expect(page.getByTestId(`way-${way}`)).toContainText('±');
};

test(
  'a thick steak is compared every way for the same end, and the even one is planned',
  { tag: '@deep' },
  async ({ page, own }) => {
    await openPlan(page, own.url);
    await setFigure(page, 'thickness', /Thickness in mm/, '32');
    await setFigure(page, 'weight', /Weight in g/, '380');
    await allWays(page, ['once', 'often', 'sear-oven', 'oven-sear', 'sear-oven-sear']);
    expect(await figure(page, 'oven-sear', 'grey')).toBeLessThan(
      await figure(page, 'once', 'grey'),
    );
    expect(await figure(page, 'oven-sear', 'at the stove')).toBeLessThan(
      (await figure(page, 'once', 'all of it at the stove')) / 3,
    );
    await page.getByTestId('way-oven-sear').click();
    await expect(page.getByRole('heading', { name: 'Low oven, then sear' })).toBeVisible();
    await expect(page.getByRole('button', { name: /^out of the oven at: \d\d°/ })).toBeVisible();
    await expect(page.getByText('Oven on, to 110°')).toBeVisible();
    await expect(page.getByText(/^Out of the oven at \d\d°, into the pan$/)).toBeVisible();
    await expect(page.getByText('What matters most', { exact: true })).toBeVisible();

    // And it is followed at the stove, from the oven to the pan.
    await page.getByRole('button', { name: 'Start at the stove' }).click();
    await pressOn(page, 'It is in the oven');
    await pressOn(page, 'It is out, in the pan');
    await expect(page.getByRole('heading', { name: 'Turn it' })).toBeVisible();
    await pressOn(page, 'I turned it');
    await expect(page.getByTestId('happened')).toHaveText('It is out of the pan');
  },
);

test('a duck breast is planned skin down from a cold pan', async ({ page, own }) => {
  await openPlan(page, own.url);
  await take(page, 'Duck breast');
  await expect(page.getByTestId('word-pan')).toContainText('175 °C pan');
  await expect(page.getByTestId('way-cold-pan')).toHaveAttribute('aria-checked', 'true');
  await allWays(page, ['cold-pan', 'sear-oven', 'once']);
  await expect(page.getByText('Skin down in the cold pan')).toBeVisible();
  await expect(page.getByText(/poultry, duck breast included \(USDA FSIS/)).toBeVisible();
});

test(
  'a fish fillet is planned on its skin, its hazards said',
  { tag: '@deep' },
  async ({ page, own }) => {
    await openPlan(page, own.url);
    await take(page, 'Salmon fillet with its skin');
    await allWays(page, ['skin-down', 'once']);
    await expect(page.getByText('In, skin down')).toBeVisible();
    await expect(page.getByText('Only fish that has been frozen.')).toBeVisible();
    await expect(page.getByText('Contains fish (salmon).').first()).toBeVisible();
  },
);

test(
  'a pork chop on its bone: edges first, and how far the bone lags',
  { tag: '@deep' },
  async ({ page, own }) => {
    await openPlan(page, own.url);
    await take(page, 'Pork chop on the bone');
    await page.getByTestId('word-moves').click();
    await page.getByRole('radio', { name: 'Fat edge first' }).click();
    await page.getByRole('button', { name: 'Done' }).click();
    await expect(page.getByTestId('word-moves')).toHaveText('fat edge first');
    await expect(page.getByText('Stand it on its fat edge')).toBeVisible();
    await expect(page.getByRole('button', { name: /^by the bone/ })).toBeVisible();
  },
);

test(
  'salted two days ahead, with a side: exported, and read back by a calendar',
  { tag: '@deep' },
  async ({ page, own }) => {
    await openPlan(page, own.url);
    await page.getByTestId('word-salt').click();
    await page.getByRole('radio', { name: 'Two days' }).click();
    await page.getByRole('button', { name: 'Done' }).click();
    await expect(page.getByTestId('word-salt')).toHaveText('salted 2 days ahead');
    await page.getByRole('button', { name: 'Add a side or sauce' }).click();
    await page.getByRole('button', { name: 'Mashed potatoes' }).click();
    await expect(page.getByText('Salt it, 2 days ahead')).toBeVisible();

    const saved = page.waitForEvent('download');
    await page.getByRole('button', { name: 'To a calendar' }).click();
    const file = await (await saved).path();
    const calendar = new ICAL.Component(ICAL.parse(await readFile(file, 'utf8')));
    const events = calendar.getAllSubcomponents('vevent').map((event) => new ICAL.Event(event));
    const named = (start: RegExp) => events.find(({ summary }) => start.test(summary));
    const salt =
      named(/^Salt it/)
        ?.startDate.toJSDate()
        .getTime() ?? NaN;
    const into =
      named(/and in, away/)
        ?.startDate.toJSDate()
        .getTime() ?? NaN;
    expect(into - salt).toBeCloseTo(172_800_000, -4);
    expect(named(/^Mashed potatoes/)).toBeDefined();
    expect(named(/^Turn it/)?.component.getAllSubcomponents('valarm')).toHaveLength(1);
    const plate = named(/^On the plate/)?.startDate.toJSDate();
    const hour = await page.getByTestId('word-plate').textContent();
    const shown = plate?.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
    expect(`at ${shown}`).toBe(hour);
  },
);

test('a plan goes by link and by file', { tag: '@deep' }, async ({ page, own, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await openPlan(page, own.url);
  await setFigure(page, 'thickness', /Thickness in mm/, '33');
  await expect(page.getByTestId('way-once')).toContainText('±');
  await page.getByRole('button', { name: 'Copy a link' }).click();
  const link = await page.evaluate(() => navigator.clipboard.readText());
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as a file' }).click();
  const text = await readFile(await (await saved).path(), 'utf8');
  expect(planFileSchema.parse(JSON.parse(text)).thickness).toBe(0.033);
  const other = await context.newPage();
  await other.evaluate(() => undefined);
  await other.goto(own.url);
  await other.evaluate(() => localStorage.clear());
  await other.goto('about:blank');
  await other.goto(link);
  await expect(other.getByTestId('word-thickness')).toHaveText('33 mm');
});

test(
  'units switched half-way change every figure, and nothing that was chosen',
  { tag: '@deep' },
  async ({ page, own }) => {
    await openPlan(page, own.url);
    await page.getByTestId('word-oven').click();
    await page.getByRole('textbox', { name: 'Low oven in °C' }).fill('100');
    await page.getByRole('button', { name: /^Units/ }).click();
    await expect(page.getByRole('textbox', { name: 'Low oven in °F' })).toHaveValue('212');
    await page.getByRole('button', { name: 'Done' }).click();
    await expect(page.getByTestId('word-oven')).toHaveText('212° or 360° oven');
    await page.getByRole('link', { name: 'Kitchen' }).click();
    await page.getByRole('radio', { name: '°C · mm · g' }).click();
    await page.getByRole('link', { name: 'Plan' }).click();
    await expect(page.getByTestId('word-oven')).toHaveText('100° or 180° oven');
  },
);

test('the lock keeps every plan to the table, and its remedy meets it', async ({ page, own }) => {
  await openPlan(page, own.url);
  await page.getByRole('link', { name: 'Kitchen' }).click();
  await page.getByRole('radio', { name: /^Locked to the published minimum/ }).click();
  await page.getByRole('link', { name: 'Plan' }).click();
  await page.keyboard.press('Shift');
  await expect(page.getByRole('heading', { name: 'This will not work' })).toBeVisible();
  await expect(page.getByText(/keeps to the published table: 62.8 °C/)).toBeVisible();
  // Turned once, the meat above the middle is the coldest: its middle must end hotter than the minimum.
  const remedy = page.getByRole('button', { name: /^End at \d+ °C/ });
  const target = Number(/\d+/.exec(await remedy.innerText())?.[0]);
  expect(target).toBeGreaterThan(63);
  await remedy.click();
  await expect(page.getByRole('slider', { name: 'Along the cook' })).toBeVisible();
  await page.reload();
  await expect(page.getByTestId('word-target')).toContainText(`${target}°`);
});

test(
  'a piece of the cook’s own is kept, planned, and still there tomorrow',
  { tag: '@deep' },
  async ({ page, own }) => {
    await openPlan(page, own.url);
    await page.getByTestId('word-cut').click();
    await page.getByRole('button', { name: 'Describe your own' }).click();
    await page.getByRole('button', { name: 'Save this piece' }).click();
    await expect(page.getByRole('alert')).toHaveText(/Give it a name/);
    await page.getByRole('textbox', { name: 'What you call it' }).fill('Elk back strap');
    await page.getByRole('radio', { name: 'Venison' }).first().click();
    await page.getByRole('textbox', { name: 'Usual thickness in mm' }).fill('42');
    await page.getByRole('button', { name: 'Save this piece' }).click();
    await page.getByRole('button', { name: 'Done' }).click();
    await expect(page.getByTestId('word-cut')).toHaveText('Elk back strap');
    await expect(page.getByTestId('word-thickness')).toHaveText('42 mm');
    await expect(page.getByTestId('way-often')).toContainText('±');
    await page.reload();
    await expect(page.getByTestId('word-cut')).toHaveText('Elk back strap');
  },
);
