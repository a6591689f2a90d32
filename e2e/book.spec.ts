import { readFileSync } from 'node:fs';
import { bookFileSchema, cookListSchema } from '@crustan/core/formats';
import type { Page } from '@playwright/test';
import { startServed } from '../scripts/served.mjs';
import { expect, openPlan, pressOn, test } from './kitchen';
import { settled } from './layout/settled';

/** The parts of the logbook, by their links. */
const part = (page: Page, name: string) =>
  page.getByRole('navigation', { name: 'Parts of the logbook' }).getByRole('link', { name });

/** Gives the page a file, as choosing or dropping one does. */
const give = (page: Page, name: string, content: string | Buffer): Promise<void> =>
  page.getByLabel('A file for the logbook').setInputFiles({
    name,
    mimeType: 'application/octet-stream',
    buffer: Buffer.from(content),
  });

/** A picture a phone could have taken: one pixel will do. */
const PIXEL = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
  'base64',
);

test(
  'learns the kitchen from its cooks; accepted, the next plan uses it and says so',
  { tag: '@deep' },
  async ({ page, demo }) => {
    await page.goto(`${demo.url}/book/learned`);
    await expect(page.getByText(/past cooks are foreseen/)).toBeVisible({ timeout: 60_000 });
    const oven = page.getByRole('group', { name: /Oven offset/ });
    await expect(oven.getByText(/known|sure/).first()).toBeVisible();
    await oven.getByRole('button', { name: /^Use −/ }).click();
    await expect(oven.getByText(/^Plans use −.*learned\.$/)).toBeVisible();
    const eye = page.getByRole('group', { name: /thickness you measure/ });
    await eye.getByRole('button', { name: /^Use / }).click();
    await expect(eye.getByText(/learned\.$/)).toBeVisible();

    await page.getByRole('link', { name: 'Plan', exact: true }).click();
    await expect(page.getByText(/Planned with what was learned or set: pieces/)).toBeVisible();
    await page.getByRole('radio', { name: /low oven, then sear/i }).click();
    await expect(page.getByText(/the oven .* cooler than its dial; pieces/)).toBeVisible();

    // Another phone has it from the logbook.
    const other = await page.context().browser()?.newPage();
    if (!other) throw new Error('no browser');
    await other.goto(`${demo.url}/kitchen`);
    await expect(other.getByRole('textbox', { name: /Oven offset/ })).toHaveValue(/^-1\d/);
    await other.close();
  },
);

test('finds a cook by its words, judges it anew, adds a photograph, deletes it and puts it back', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/book`);
  await page.getByRole('searchbox').fill('glass skin');
  await expect(page.getByText('1 cook found')).toBeVisible();
  await page.getByRole('listitem').getByRole('link').click();
  await expect(page.getByRole('heading', { name: 'Seat two, duck breast' })).toBeVisible();
  await page.getByLabel('Photograph of the slice').setInputFiles({
    name: 'slice.png',
    mimeType: 'image/png',
    buffer: PIXEL,
  });
  const photo = page.getByRole('img', { name: 'Photograph of Seat two, duck breast' });
  await expect(photo).toBeVisible();
  expect(await photo.evaluate((img: HTMLImageElement) => img.naturalWidth)).toBe(1);

  await page.getByRole('button', { name: 'Edit the judgement' }).click();
  await page.getByRole('radio', { name: 'never again' }).click();
  await page.getByRole('textbox', { name: /^Rested/ }).fill('999');
  await page.getByRole('button', { name: 'Write it in the logbook' }).click();
  await expect(page.getByRole('alert')).toContainText('more rested than raw');
  await page.getByRole('textbox', { name: /^Rested/ }).fill('200');
  await page.getByRole('button', { name: 'Write it in the logbook' }).click();
  await expect(page.getByText('never again')).toBeVisible();
  await expect(page.getByText(/^20 %; the model had/)).toBeVisible();

  // The page simulates the slice again above the button, and the button moves.
  await settled(page);
  await page.getByRole('button', { name: 'Delete' }).click();
  await expect(page.getByText('“Seat two, duck breast” is out of the logbook.')).toBeVisible();
  await page.getByRole('searchbox').fill('duck breast over 5 cm');
  await expect(page.getByText('duck breast · at least 50 mm')).toBeVisible();
  await expect(page.getByText('0 cooks found')).toBeVisible();
  await page.getByRole('searchbox').fill('duck');
  await expect(page.getByText('1 cook found')).toBeVisible();
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(page.getByText('2 cooks found')).toBeVisible();

  await page.getByRole('button', { name: 'Filters' }).click();
  await page
    .getByRole('radiogroup', { name: 'Would cook it' })
    .getByRole('radio', { name: 'Never again' })
    .click();
  await expect(page.getByText('1 cook found')).toBeVisible();
  await page.getByRole('listitem').getByRole('link').click();
  await page.getByRole('button', { name: '5 mm thicker' }).click();
  await expect(page.getByTestId('word-thickness')).toHaveText('29 mm');
});

test('takes the whole logbook out and into another one, exactly, and stops with nothing left', async ({
  page,
  demo,
}) => {
  const empty = await startServed();
  try {
    await page.goto(`${demo.url}/book/files`);
    const [taken] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('link', { name: 'The whole logbook' }).click(),
    ]);
    const file = await taken.path();
    const written = readFileSync(file, 'utf8');
    const { cooks } = bookFileSchema.parse(JSON.parse(written));

    const listed = async (): Promise<number> =>
      cookListSchema.parse(await (await fetch(`${empty.url}/api/cooks`)).json()).found;
    await page.goto(`${empty.url}/book/files`);
    await give(page, 'book.json', written);
    await expect(
      page.getByText(`It would add ${cooks.length} cooks`, { exact: false }),
    ).toBeVisible();
    expect(await listed()).toBe(0);
    await page.getByRole('button', { name: 'Cancel' }).click();
    await expect(page.getByText('Stopped: nothing was added to the logbook.')).toBeVisible();
    expect(await listed()).toBe(0);

    await give(page, 'book-again.json', written);
    await page.getByRole('button', { name: 'Import it' }).click();
    await expect(
      page.getByText(`In the logbook: ${cooks.length} cooks`, { exact: false }),
    ).toBeVisible();
    const back = await (await fetch(`${empty.url}/api/book/book.json`)).text();
    expect(back).toBe(written);

    // A backup of the one, put in place of the other while it runs.
    const backup = Buffer.from(await (await fetch(`${demo.url}/api/book/backup`)).arrayBuffer());
    await give(page, 'backup.sqlite', backup);
    await page.getByRole('button', { name: 'Put the backup in its place' }).click();
    await expect(page.getByText(/Restored: a logbook of \d+ cooks/)).toBeVisible();
    await part(page, 'Cooks').click();
    await expect(page.getByText(`${cooks.length} cooks`)).toBeVisible();
  } finally {
    await empty.stop();
  }
});

test(
  'takes tables and logs, row by row, and says what it leaves out',
  { tag: '@deep' },
  async ({ page, own }) => {
    await page.goto(`${own.url}/book/files`);
    await give(
      page,
      'old book.csv',
      'Started;Piece;Thickness_mm;Cooked_s;End_C;Crust;Notes\n2025-12-24 19:30;ribeye;31,5;640;55,2;dark;"=Rich; ""very"""\nyesterday;ribeye;30;600;55;dark;\n2025-12-25 19:30;griffin;30;600;55;dark;\n',
    );
    await expect(page.getByText('A table of 1 cook.', { exact: false })).toBeVisible();
    await expect(
      page.getByText('Row 2: “yesterday” is not a date', { exact: false }),
    ).toBeVisible();
    await expect(page.getByText('Row 3: “griffin” is not a piece', { exact: false })).toBeVisible();
    await page.getByRole('button', { name: 'Plan it' }).click();
    await page.getByRole('button', { name: 'Import it' }).click();
    await expect(page.getByText('In the logbook: 1 cook', { exact: false })).toBeVisible();

    await page.getByRole('button', { name: 'Another file' }).click();
    await give(
      page,
      'log.csv',
      'min\ttemp F\n0\t41\n2\t55,5\n4\t77\n6\tERR\n8\t104\n9\t113\n9.5\t122\n9.6\t125\n9.7\t126\n',
    );
    await expect(page.getByText(/8 readings over 9:42/)).toBeVisible();
    await expect(page.getByText('Row 4: “ERR” is no temperature.')).toBeVisible();
    await page
      .getByRole('radio', { name: /ribeye/i })
      .first()
      .click();
    await page.getByRole('button', { name: /^Add 8 readings/ }).click();
    await expect(page.getByText('8 readings are on the cook’s page.')).toBeVisible();
    await page
      .getByRole('link', { name: /ribeye/i })
      .last()
      .click();
    await expect(page.getByText('=Rich; "very"')).toBeVisible();
    await expect(page.getByText('And 8 readings by the thermometers.')).toBeVisible();
    await expect(page.getByRole('img', { name: /Measured 8 times, last 52\.2 °C/ })).toBeVisible();

    await part(page, 'Import & export').click();
    for (const [name, content, why] of [
      ['cut off.json', '{"format": "crustan-book/1", "cooks": [{"id"', /It would add 0 cooks/],
      ['tea.json', '{"format": "tea/1"}', /“tea\/1”/],
      ['diary.txt', 'Dear diary', /neither a table of cooks/],
      ['nested.json', `{"format":"crustan-book/1","cooks":[${'['.repeat(99)}]}`, /nested/],
    ] as const) {
      await give(page, name, content);
      await expect(page.getByText(why).first()).toBeVisible();
    }
  },
);

test(
  'writes a cook down from memory, and finds it learned from',
  { tag: '@deep' },
  async ({ page, own }) => {
    await openPlan(page, own.url);
    await page.getByRole('link', { name: 'Logbook', exact: true }).click();
    await page.getByRole('link', { name: 'Write down a cook from memory' }).click();
    await page.getByRole('button', { name: /another time than planned/ }).click();
    await page.getByRole('textbox', { name: /Over heat in all/ }).fill('8.5');
    await page.getByRole('button', { name: 'Write it in the logbook' }).click();
    await expect(page.getByRole('row', { name: /On the heat in all .* 8:30/ })).toBeVisible();
    await page.getByRole('button', { name: 'Judge it' }).click();
    await page.getByRole('textbox', { name: /Measured peak/ }).fill('57,5');
    await page.getByRole('button', { name: 'Write it in the logbook' }).click();
    await expect(page.getByRole('row', { name: /Core at the end 54\.0° 57\.5°/ })).toBeVisible();
    await part(page, 'Calibration').click();
    await expect(page.getByText(/past cooks? (is|are) foreseen/)).toBeVisible({ timeout: 60_000 });
  },
);

test(
  'plans a trial, puts its pieces on together, and compares them',
  { tag: '@deep' },
  async ({ page, own }) => {
    await page.goto(`${own.url}/book/trials`);
    await page.getByRole('radio', { name: 'Rested open or covered' }).click();
    await expect(page.getByRole('checkbox', { checked: true })).toHaveCount(2);
    await page.getByRole('button', { name: 'Start 2 for one plate' }).click();
    await expect(page).toHaveURL(/stove/, { timeout: 60_000 });
    // Two pieces, each with its pan on, in, turned, out, sliced: whichever is due first says so.
    for (let press = 0; press < 10; press += 1) {
      await pressOn(page, /pan is on|in the pan|turned|out of|sliced/);
    }
    await expect(page.getByTestId('kept')).toHaveText('All steps saved.');
    await page.goto(`${own.url}/book/trials`);
    await page.getByRole('listitem').first().getByRole('link').click();
    await expect(page.getByRole('table')).toHaveCount(2);
    await expect(page.getByText(/not measured on both/).first()).toBeVisible();
    await page.getByRole('button', { name: 'Draw the order' }).click();
    await page.getByRole('button', { name: 'One more likes it best' }).first().click();
    await expect(page.getByText(/1 of 1 chose the same; by guessing/)).toBeVisible();
  },
);
