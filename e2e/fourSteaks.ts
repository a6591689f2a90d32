import type { Locator, Page } from '@playwright/test';
import { expect, openPlan } from './kitchen';

/** Several plans and a schedule are computed meanwhile, ms. */
export const TIMED = { timeout: 60_000 };

/**
 * Opens Plan and requests four steaks, two of them medium-well.
 * @returns the list of pieces in the order of their start
 */
export const planFourSteaks = async (page: Page, url: string): Promise<Locator> => {
  await openPlan(page, url);
  await page.getByTestId('word-count').click();
  await page.getByRole('radio', { name: '4', exact: true }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByTestId('word-count')).toHaveText('4 ×');
  await page.getByRole('button', { name: 'Some cooked differently' }).click();
  await page.getByTestId('word-target').click();
  await page.getByRole('radio', { name: /^medium-well/ }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  const plate = page.getByRole('list', { name: 'Onto the heat' });
  await expect(plate.getByText(/^2 × Strip steak, 25 mm, medium-well/)).toBeVisible(TIMED);
  await expect(plate.getByText(/^2 × Strip steak, 25 mm, medium-rare/)).toBeVisible();
  return plate;
};

/**
 * Starts all pieces at the stove.
 * @returns a lane for each group
 */
export const startAll = async (page: Page, groups: number): Promise<Locator> => {
  await page.getByRole('button', { name: 'Start all at the stove' }).click();
  const lanes = page.getByRole('list', { name: 'Pieces' }).getByRole('listitem');
  await expect(lanes).toHaveCount(groups, TIMED);
  return lanes;
};
