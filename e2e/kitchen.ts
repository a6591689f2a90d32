import { test as base, expect, type Page } from '@playwright/test';
import { startServed, type Served } from '../scripts/served.mjs';

/** Each worker has a server of its own, with an empty book; `demo` one with the scenario. */
export const test = base.extend<object, { own: Served; demo: Served }>({
  own: [
    async ({}, use) => {
      const served = await startServed();
      await use(served);
      await served.stop();
    },
    { scope: 'worker' },
  ],
  demo: [
    async ({}, use) => {
      const served = await startServed({ demo: true });
      await use(served);
      await served.stop();
    },
    { scope: 'worker' },
  ],
});

export { expect };

/** Opens Plan and waits for the first figures, and for what comes at the first key. */
export const openPlan = async (page: Page, url: string): Promise<void> => {
  await page.goto(url);
  await expect(
    page
      .getByTestId('way-once')
      .getByText(/\d+:\d\d/)
      .first(),
  ).toBeVisible();
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

/** Presses the big button when it says so, as a thumb does: not twice within a second. */
export const pressOn = async (page: Page, label: string | RegExp): Promise<void> => {
  const happened = page.getByTestId('happened');
  await expect(happened).toHaveText(label);
  await page.waitForTimeout(1000);
  await happened.click();
};

/** The same press within this is the same press heard twice, ms. */
export const ECHO = 3200;
