import { expect, findings, fits, openPlan, test } from './kitchen';

test('axe finds nothing in the dark, nor at a stove in the light', async ({ page, demo }) => {
  // A dozen views are looked through.
  test.setTimeout(240_000);
  const inLight = (light: string): Promise<void> =>
    page.evaluate((kept) => localStorage.setItem('crustan.light', JSON.stringify(kept)), light);
  const look = async (where: string, shown: string | RegExp): Promise<void> => {
    await page.goto(`${demo.url}${where}`);
    await expect(page.getByText(shown).first()).toBeVisible({ timeout: 60_000 });
    expect(await findings(page)).toEqual([]);
    await fits(page);
  };
  await page.goto(`${demo.url}/kitchen`);
  await page.getByRole('radio', { name: 'Dark', exact: true }).click();
  await expect(page.locator('html')).toHaveAttribute('data-light', 'dark');
  await look('/kitchen', 'On this screen');
  await openPlan(page, demo.url);
  expect(await findings(page)).toEqual([]);
  await page.getByTestId('word-target').click();
  await expect(page.getByTestId('editor').locator('> *')).toHaveCount(2);
  expect(await findings(page)).toEqual([]);
  await look('/book', 'Sunday ribeye');
  await page.getByRole('link', { name: /Sunday ribeye/ }).click();
  await expect(page.getByText('The slice, simulated with your times')).toBeVisible();
  expect(await findings(page)).toEqual([]);
  await look('/book/learned', /past cooks are foreseen/);
  await look('/book/trends', 'Liked best');
  await look('/book/files', 'Into the book');
  await look('/pass', /./);
  await look('/card', 'Strip steak: in the pan, turned once');

  await inLight('light');
  await look('/practice', 'The course');
  await openPlan(page, demo.url);
  await page.getByRole('button', { name: 'Start at the stove' }).click();
  await expect(page.getByRole('timer')).toBeVisible();
  expect(await findings(page)).toEqual([]);
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('radio', { name: 'Calling me' }).click();
  expect(await findings(page)).toEqual([]);
});
