import { AxeBuilder } from '@axe-core/playwright';
import { test as base, expect, type Page } from '@playwright/test';
import { DEFAULT_KITCHEN } from '@crustan/core/formats';
import { startServed, type Served } from '../scripts/served.mjs';

/** The kitchen is stored with the logbook: a test begins with the default one. */
const usualKitchen = async (url: string): Promise<void> => {
  const address = `${url}/api/kitchen`;
  const version = (await fetch(address)).headers.get('ETag') ?? '"0"';
  await fetch(address, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/json', 'If-Match': version },
    body: JSON.stringify({ kitchen: DEFAULT_KITCHEN }),
  });
};

/** Each worker has a server of its own, with an empty logbook; `demo` one with the scenario. */
export const test = base.extend<
  { own: Served; demo: Served },
  { ownServer: Served; demoServer: Served }
>({
  ownServer: [
    async ({}, use) => {
      const served = await startServed();
      await use(served);
      await served.stop();
    },
    { scope: 'worker' },
  ],
  demoServer: [
    async ({}, use) => {
      const served = await startServed({ demo: true });
      await use(served);
      await served.stop();
    },
    { scope: 'worker' },
  ],
  own: async ({ ownServer }, give) => {
    await usualKitchen(ownServer.url);
    await give(ownServer);
  },
  demo: async ({ demoServer }, give) => {
    await usualKitchen(demoServer.url);
    await give(demoServer);
  },
});

export { expect };

/** The first figures of Plan are there. */
export const showsFigures = async (page: Page): Promise<void> => {
  await expect(
    page
      .getByTestId('way-once')
      .getByText(/\d+:\d\d/)
      .first(),
  ).toBeVisible();
};

/** Opens Plan and waits for the first figures, and for the parts that load at the first key. */
export const openPlan = async (page: Page, url: string): Promise<void> => {
  await page.goto(url);
  await showsFigures(page);
  await page.keyboard.press('Shift');
  await expect(page.getByRole('slider', { name: 'Along the cook' })).toBeVisible();
};

/** Types a figure into the control behind a word of the sentence. */
export const setFigure = async (
  page: Page,
  word: string,
  label: RegExp,
  figure: string,
): Promise<void> => {
  await page.getByTestId(`word-${word}`).click();
  await page.getByRole('textbox', { name: label }).fill(figure);
  await page.getByRole('button', { name: 'Done' }).click();
};

const IN_THE_PAN = 'It is in the pan';

/** Presses the big button when it says so, as a thumb does: not twice within a second. The pan is put on first. */
export const pressOn = async (page: Page, label: string | RegExp): Promise<void> => {
  const happened = page.getByTestId('happened');
  await expect(happened).toHaveText(/./);
  if (label === IN_THE_PAN && (await happened.textContent()) === 'The pan is on') {
    await pressOn(page, 'The pan is on');
  }
  await expect(happened).toHaveText(label);
  await page.waitForTimeout(1000);
  await happened.click();
};

/** Links the simulated thermometers of a cook at the stove and runs their kitchen sixty times faster. */
export const linkStandIn = async (page: Page): Promise<void> => {
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('radio', { name: 'Thermometers' }).click();
  await page.getByRole('button', { name: /Link the stand-in/ }).click();
  await page.getByRole('radio', { name: '60×' }).click();
  await page.getByRole('button', { name: 'Back to the cook' }).click();
};

/** The same press within this is the same press heard twice, ms. */
export const ECHO = 3200;

/** Faults that axe finds on a page, each with its elements. */
export const findings = async (page: Page): Promise<readonly string[]> => {
  const { violations } = await new AxeBuilder({ page }).analyze();
  return violations.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.html).join(' | ')}`);
};

/** Nothing is wider than the screen. */
export const fits = async (page: Page): Promise<void> => {
  const overflow = await page.evaluate(
    () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
  );
  expect(overflow).toBeLessThanOrEqual(0);
};
