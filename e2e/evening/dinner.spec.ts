import { cookListSchema, cookRecordSchema } from '@crustan/core/formats';
import { effectiveEvents } from '@crustan/core/cook';
import { startServed } from '../../scripts/served.mjs';
import { expect, linkStandIn, openPlan, pressOn, setFigure, test } from '../kitchen';
import { standAt } from '../standAt';
import { layoutFaults } from '../layout/layoutFaults';
import { heapBytes } from './heapBytes';

const WEDNESDAY = new Date('2026-10-07T18:00:00+02:00');
const THURSDAY = new Date('2026-10-08T19:35:00+02:00');
const FRIDAY = new Date('2026-10-09T18:00:00+02:00');
/** Memory that a page may use after any step, bytes. */
const MOST_HEAP = 120e6;

const pressesIn = async (url: string) => {
  const { cooks } = cookListSchema.parse(await (await fetch(`${url}/api/cooks`)).json());
  const answer = await fetch(`${url}/api/cooks/${cooks[0]?.id}`);
  return effectiveEvents(cookRecordSchema.parse(await answer.json()).events).map(
    ({ kind }) => kind,
  );
};

test.use({ timezoneId: 'Europe/Berlin' });

test('dinner: bought frozen on Wednesday, thawed, salted, cooked on Friday with a probe, the guests late; judged, learned from, planned again', async ({
  page,
}) => {
  test.setTimeout(300_000);
  const errors: string[] = [];
  page.on('pageerror', (error) => errors.push(error.message));
  /** Checks after every step: layout, page errors, memory. */
  const holds = async (step: string, touch = 24): Promise<void> => {
    expect(await layoutFaults(page, { touch }), step).toEqual([]);
    expect(errors, step).toEqual([]);
    expect(await heapBytes(page), step).toBeLessThan(MOST_HEAP);
  };
  const served = await startServed();
  try {
    // Wednesday: planned for Friday, from the freezer.
    await standAt(page, WEDNESDAY);
    await openPlan(page, served.url);
    await page.getByTestId('word-cut').click();
    await page.getByRole('textbox', { name: 'Search the cut list' }).fill('beef rib');
    await page.getByRole('radio', { name: 'Ribeye' }).click();
    await page.getByRole('button', { name: 'Done' }).click();
    await setFigure(page, 'thickness', /Thickness in mm/, '30');
    await page.getByTestId('way-oven-sear').click();
    await page.getByTestId('word-salt').click();
    await page.getByRole('radio', { name: 'Overnight' }).click();
    await page.getByTestId('word-start').click();
    await page.getByRole('radio', { name: 'Bagged in the fridge' }).click();
    await page.getByTestId('word-plate').click();
    await page.getByRole('radio', { name: 'Friday' }).click();
    await page.getByLabel('On the plate at').fill('19:30');
    await page.getByRole('button', { name: 'Done' }).click();
    await expect(page.getByTestId('word-plate')).toHaveText('on Friday at 19:30');
    await expect(page.getByText('Out of the freezer: it thaws bagged in the fridge')).toBeVisible();
    await page.getByRole('button', { name: 'Save this plan' }).click();
    await expect(page.getByText(/^Next: out of the freezer: it thaws/)).toBeVisible();
    await holds('planned on Wednesday');

    // Thursday: it has thawed and is salted.
    await standAt(page, THURSDAY);
    await page.reload();
    const kept = page.getByRole('button', { name: /^Ribeye, 30 mm .* 19:30/ }).first();
    await expect(kept).toBeVisible();
    await kept.click();
    await expect(page.getByTestId('word-plate')).toHaveText('at 19:30');
    await holds('salted on Thursday');

    // Friday: at the stove, with a probe in it.
    await standAt(page, FRIDAY);
    await page.reload();
    await kept.click();
    await expect(page.getByTestId('word-plate')).toHaveText('at 19:30');
    await page.getByRole('button', { name: 'Start at the stove' }).click();
    await pressOn(page, 'It is in the oven');
    await linkStandIn(page);
    await expect(page.getByTestId('forecast')).toContainText(
      /(give or take|to \d\d:\d\d;) .* ends \d\d° to \d\d°/,
    );
    await holds('in the oven', 44);

    // The guests are late: one of the ways to wait is taken.
    await page.getByRole('button', { name: 'Trouble' }).click();
    await page.getByRole('button', { name: 'Guests are late' }).click();
    await page.getByRole('radio', { name: '20 min' }).click();
    await page
      .getByRole('button', { name: /Ends at/ })
      .first()
      .click();
    await holds('the guests are late', 44);

    // Every step is pressed when it is due.
    const happened = page.getByTestId('happened');
    const judging = page.getByRole('heading', { name: 'How was it?' });
    const due = page.getByRole('timer', { name: /late$/ });
    for (let i = 0; i < 30 && !(await judging.isVisible()); i += 1) {
      await expect(due.or(judging)).toBeVisible({ timeout: 150_000 });
      if (await due.isVisible()) await happened.click();
      await page.waitForTimeout(500);
    }
    await expect(judging).toBeVisible();
    await holds('to be judged');
    expect(await pressesIn(served.url)).toEqual(
      expect.arrayContaining(['started', 'in', 'reading', 'changed', 'sliced']),
    );

    await page.getByRole('textbox', { name: /Measured peak/ }).fill('56');
    await page.getByRole('radio', { name: 'deep brown' }).click();
    await page.getByRole('button', { name: 'Write it in the logbook' }).click();
    await expect(page.getByRole('heading', { name: 'Ribeye, 30 mm' })).toBeVisible();
    // The slice comes once the cook was run again: before it the page is half empty.
    await expect(page.getByText('The slice, simulated with your times')).toBeVisible({
      timeout: 60_000,
    });
    await holds('in the logbook');

    // Learned from, and planned again.
    await page.getByRole('link', { name: 'Calibration' }).click();
    await expect(page.getByText(/Ribeye, 30 mm/).first()).toBeVisible({ timeout: 60_000 });
    await holds('learned');
    await page.goto(`${served.url}/book`);
    await page.getByRole('listitem').first().getByRole('link').click();
    await page.getByRole('button', { name: 'Plan it again' }).click();
    await expect(page.getByTestId('word-cut')).toHaveText('ribeye');
    await holds('planned again');
  } finally {
    await served.stop();
  }
});
