import { readFile } from 'node:fs/promises';
import ICAL from 'ical.js';
import { expect, openPlan, test } from './kitchen';
import { standAt } from './standAt';

// Clocks go back in the night to Sunday the 25th.
const WEDNESDAY = new Date('2026-10-21T18:00:00+02:00');
const SATURDAY_NOON = new Date('2026-10-24T12:00:00+02:00');
const SUNDAY_DINNER = new Date('2026-10-25T19:30:00+01:00');
const TWO_DAYS = 172_800_000;

test.use({ timezoneId: 'Europe/Berlin', permissions: ['clipboard-read', 'clipboard-write'] });

test(
  'Sunday’s dinner planned on Wednesday from the freezer, across a change of clocks and of zones',
  { tag: '@deep' },
  async ({ page, own, browser }) => {
    await standAt(page, WEDNESDAY);
    await openPlan(page, own.url);
    await page.getByTestId('word-salt').click();
    await page.getByRole('radio', { name: 'Two days' }).click();
    await page.getByTestId('word-start').click();
    await page.getByRole('radio', { name: 'Bagged in the fridge' }).click();
    await page.getByTestId('word-plate').click();
    await page.getByRole('radio', { name: 'Sunday' }).click();
    await page.getByLabel('On the plate at').fill('19:30');
    await page.getByRole('button', { name: 'Done' }).click();
    await expect(page.getByTestId('word-plate')).toHaveText('on Sunday at 19:30');
    await expect(
      page.getByRole('heading', { name: 'Timeline, back from Sunday, 19:30' }),
    ).toBeVisible();
    await expect(page.getByRole('heading', { name: 'Friday', exact: true })).toBeVisible();
    await expect(page.getByRole('heading', { name: 'Sunday', exact: true })).toBeVisible();

    await expect(page.getByText('Out of the freezer: it thaws bagged in the fridge')).toBeVisible();

    const saved = page.waitForEvent('download');
    await page.getByRole('button', { name: 'To a calendar' }).click();
    const file = await (await saved).path();
    const calendar = new ICAL.Component(ICAL.parse(await readFile(file, 'utf8')));
    const starts = new Map(
      calendar.getAllSubcomponents('vevent').map((component) => {
        const event = new ICAL.Event(component);
        return [event.summary, event.startDate.toJSDate().getTime()];
      }),
    );
    const startOf = (does: RegExp): number =>
      [...starts].find(([summary]) => does.test(summary))?.[1] ?? NaN;
    // The plating takes a minute and ends on the plate.
    expect(Math.abs(startOf(/^On the plate/) - SUNDAY_DINNER.getTime())).toBeLessThan(90_000);
    expect(startOf(/and in, away/) - startOf(/^Salt it/)).toBeCloseTo(TWO_DAYS, -4);

    // The thaw begins in time for a cool fridge: as early as the longer of the hours that the step names.
    const thawing = (startOf(/^Salt it/) - startOf(/^Out of the freezer/)) / 3_600_000;
    const named = await page.getByText(/\d+ to \d+ hours until no ice is left/).innerText();
    const [least, most] = [...named.matchAll(/\d+/g)].map(([hours]) => Number(hours));
    expect(least).toBeGreaterThan(6);
    expect(Math.abs(thawing - (most ?? NaN))).toBeLessThan(1);

    await page.getByRole('button', { name: 'Save this plan' }).click();
    await expect(
      page.getByText(/^Next: out of the freezer: it thaws .*: tomorrow, /),
    ).toBeVisible();

    // Too late for two days: a day and a bit is what can still be done.
    await standAt(page, SATURDAY_NOON);
    await page.reload();
    await page
      .getByRole('button', { name: /^Strip steak, 25 mm .* 19:30/ })
      .first()
      .click();
    await expect(page.getByTestId('word-plate')).toHaveText('tomorrow at 19:30');
    await expect(page.getByText(/^Salting was due yesterday, 20:1\d\.$/)).toBeVisible();
    await page.getByRole('button', { name: 'Salt now, a day ahead' }).click();
    await expect(page.getByText(/^Salting was due/)).toBeHidden();
    await expect(page.getByTestId('word-salt')).toHaveText('salted a day ahead');

    await page.getByRole('button', { name: 'Copy a link' }).click();
    const link = await page.evaluate(() => navigator.clipboard.readText());
    const elsewhere = await browser.newContext({ timezoneId: 'America/New_York' });
    const phone = await elsewhere.newPage();
    await standAt(phone, SATURDAY_NOON);
    await phone.goto(link);
    await expect(phone.getByTestId('word-plate')).toHaveText('tomorrow at 14:30');
    await elsewhere.close();

    // The calendar is the plan again.
    await page.goto(`${own.url}/book/files`);
    await page.getByLabel('A file for the logbook').setInputFiles(file);
    await expect(page.getByText(/on the plate tomorrow at 19:30/)).toBeVisible();
  },
);
