import { startServed } from '../scripts/served.mjs';
import { expect, findings, fits, openPlan, showsFigures, test } from './kitchen';

test('a new logbook greets once: a kitchen set up in a minute, and a first plan that explains itself', async ({
  page,
}) => {
  const served = await startServed();
  try {
    await openPlan(page, served.url);
    const greeting = page.getByRole('region', { name: 'A new logbook' });
    await expect(greeting).toBeVisible();
    expect(await findings(page)).toEqual([]);
    await greeting.getByRole('button', { name: 'Set up my kitchen first' }).click();
    const kitchen = page.getByRole('region', { name: 'Your kitchen' });
    await kitchen.getByRole('radio', { name: '300 mm' }).click();
    await kitchen.getByRole('radio', { name: 'Induction' }).click();
    await kitchen.getByRole('radio', { name: 'Runs cool' }).click();
    await kitchen.getByRole('radio', { name: '58°' }).click();
    expect(await findings(page)).toEqual([]);
    await fits(page);
    await kitchen.getByRole('button', { name: /^Done/ }).click();
    await expect(kitchen).toBeHidden();
    await expect(page.getByTestId('word-target')).toHaveText('medium-rare 58°');
    // The words of the first plan, until they are known.
    const words = page.getByRole('region', { name: 'What the words mean' });
    await expect(words).toContainText('Window:');
    await words.getByRole('button', { name: 'I know them now' }).click();
    await expect(words).toBeHidden();
    // A word is tapped for its meaning ever after.
    await page.getByRole('button', { name: /^window: .* Why\?$/ }).click();
    await expect(page.getByText(/^How early or late the pull can be/)).toBeVisible();
    await page.getByRole('button', { name: 'Grey band: what is it?' }).click();
    await expect(page.getByText(/cooked past pink/).last()).toBeVisible();

    await page.reload();
    await showsFigures(page);
    await page.waitForTimeout(1500);
    await expect(greeting).toBeHidden();
    // The settings belong to the kitchen, and are stored with the logbook.
    await page.goto(`${served.url}/kitchen`);
    await expect(page.getByRole('textbox', { name: 'Cooking width in mm' })).toHaveValue('300');
    await expect(page.getByRole('radio', { name: 'Induction' })).toBeChecked();
    await expect(page.getByRole('list', { name: 'Words' })).toContainText('Carryover');
  } finally {
    await served.stop();
  }
});

test(
  'a made-up kitchen is shown at once, and a logbook with cooks greets nobody',
  { tag: '@deep' },
  async ({ page, browser, demo }) => {
    await openPlan(page, demo.url);
    await page.waitForTimeout(1500);
    await expect(page.getByRole('region', { name: 'A new logbook' })).toBeHidden();

    // Units and clock by the browser's language.
    const served = await startServed();
    const there = await browser.newContext({ locale: 'en-US' });
    try {
      const other = await there.newPage();
      await other.goto(served.url);
      await other.getByRole('button', { name: /^Show me/ }).click();
      await expect(other.getByTestId('word-thickness')).toHaveText('1 in');
      await expect(other.getByTestId('word-plate')).toHaveText(/^at \d{1,2}:\d\d [ap]m$/i);
      await expect(other.getByRole('region', { name: 'A new logbook' })).toBeHidden();
      await expect(other.getByRole('region', { name: 'What the words mean' })).toBeVisible();
    } finally {
      await there.close();
      await served.stop();
    }
  },
);
