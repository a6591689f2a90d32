import { readFile } from 'node:fs/promises';
import { expect, openPlan, pressOn, test } from './kitchen';

test(
  'a rib for six is planned low, held an hour and blasted, and followed at the stove',
  { tag: '@deep' },
  async ({ page, own }) => {
    await openPlan(page, own.url);
    await page.getByTestId('word-cut').click();
    await page.getByRole('radio', { name: 'Rib of beef on the bone', exact: true }).click();
    await page.getByTestId('word-oven').click();
    await page.getByRole('radio', { name: /^Tented/ }).click();
    const held = page.getByRole('slider', { name: 'Held for' });
    await held.focus();
    for (let i = 0; i < 6; i += 1) await held.press('ArrowRight');
    await expect(page.getByTestId('editor')).toContainText('held 60 min tented');
    await page.getByRole('button', { name: 'Done' }).click();
    for (const way of ['oven-sear', 'oven-blast', 'sear-oven-sear']) {
      await expect(page.getByTestId(`way-${way}`)).toContainText('±');
    }
    await page.getByTestId('way-oven-blast').click();
    await expect(page.getByTestId('word-oven')).toContainText('held 60 min tented, then 260°');
    await expect(
      page.getByText(/^Held 60 min: the middle climbs from \d\d° to \d\d°/),
    ).toBeVisible();
    await expect(page.getByTestId('probe').first()).toBeVisible();

    // The run says when it leaves the oven, when that goes up, and when it goes back in.
    await expect(page.getByText(/^Out at \d\d°, loosely tented$/)).toBeVisible();
    await expect(page.getByText('Oven up to 260°')).toBeVisible();
    await expect(page.getByText('Into the oven at 260°')).toBeVisible();

    await page.getByRole('button', { name: /^Carving/ }).click();
    await page.getByRole('radio', { name: '8', exact: true }).click();
    await expect(page.getByText(/ the ribs left out: \d+ g for each of 8,/)).toBeVisible();

    await page.getByRole('button', { name: 'Start at the stove' }).click();
    await pressOn(page, 'It is in the oven');
    await expect(page.getByTestId('happened')).toContainText(/out|board/);
  },
);

test(
  'both muscles of a T-bone are told, and how to lay it',
  { tag: '@deep' },
  async ({ page, own }) => {
    await openPlan(page, own.url);
    await page.getByTestId('word-cut').click();
    await page.getByRole('radio', { name: 'T-bone steak', exact: true }).click();
    await page.getByRole('button', { name: 'Done' }).click();
    await page.getByTestId('way-oven-sear').click();
    await expect(
      page.getByText(/^The fillet beyond the bone ends .+, the larger side at \d\d°\./),
    ).toBeVisible();
  },
);

test(
  'a card of 24 plans of this kitchen is computed, stopped, begun again, printed and saved',
  { tag: '@deep' },
  async ({ page, own }) => {
    await openPlan(page, own.url);
    await page.getByRole('button', { name: 'Time chart' }).click();
    const begin = page.getByRole('button', { name: 'Compute 24 plans' });
    await begin.click();
    await page.getByRole('button', { name: 'Stop' }).click();
    await expect(page.getByRole('progressbar')).toBeHidden();
    await begin.click();
    await expect(page.getByRole('progressbar')).toBeHidden({ timeout: 60_000 });
    const card = page.getByTestId('card');
    await expect(card.getByRole('cell')).toHaveCount(24);
    await expect(card.getByText(/^pull \d\d°$/).first()).toBeVisible();
    expect(await card.getByText(/^(pull \d{1,2}°|too thin: over)$/).count()).toBe(24);

    await page.emulateMedia({ media: 'print' });
    await expect(card).toBeVisible();
    await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
    expect((await page.pdf({ format: 'A4' })).byteLength).toBeGreaterThan(10_000);
    await page.emulateMedia({ media: 'screen' });

    const saved = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Save as CSV' }).click();
    const lines = (await readFile(await (await saved).path(), 'utf8')).trim().split('\n');
    expect(lines).toHaveLength(25);
    expect(lines[0]).toContain('thickness_mm');
    expect(lines[24]).toMatch(/^strip-steak,once,/);
  },
);
