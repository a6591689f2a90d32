import { cookListSchema, cookRecordSchema } from '@crustan/core/formats';
import { effectiveEvents } from '@crustan/core/cook';
import { expect, openPlan, test } from '../kitchen';
import { fastClock, withClock } from '../passLine';

/** Longest time between slicing the first and the last piece for one plate, s. */
const TOGETHER = 300;

/** When each cook in the book was sliced, ms since 1970. */
const slicedIn = async (url: string): Promise<readonly number[]> => {
  const { cooks } = cookListSchema.parse(await (await fetch(`${url}/api/cooks`)).json());
  const all = await Promise.all(
    cooks.map(async ({ id }) => {
      const answer = await fetch(`${url}/api/cooks/${id}`);
      return effectiveEvents(cookRecordSchema.parse(await answer.json()).events);
    }),
  );
  return all.flatMap((events) =>
    events.filter(({ kind }) => kind === 'sliced').map(({ at }) => at),
  );
};

test(
  'four steaks at home, two of them more done: every call is answered, and they are sliced together',
  { tag: '@deep' },
  async ({ page, own }) => {
    test.setTimeout(400_000);
    await withClock(page.context(), fastClock(20));
    await openPlan(page, own.url);
    await page.getByTestId('word-count').click();
    await page.getByRole('radio', { name: '4', exact: true }).click();
    await page.getByRole('button', { name: 'Done' }).click();
    await page.getByRole('button', { name: 'Some cooked differently' }).click();
    await page.getByTestId('word-target').click();
    await page.getByRole('radio', { name: /^medium-well/ }).click();
    await page.getByRole('button', { name: 'Done' }).click();
    const plate = page.getByRole('list', { name: 'Onto the heat' });
    await expect(plate.getByText(/^2 × Strip steak, 25 mm, medium-well/)).toBeVisible({
      timeout: 60_000,
    });
    await expect(plate.getByText(/^2 × Strip steak, 25 mm, medium-rare/)).toBeVisible();
    await page.getByRole('button', { name: 'Start all at the stove' }).click();
    const lanes = page.getByRole('list', { name: 'Pieces' }).getByRole('listitem');
    await expect(lanes).toHaveCount(2, { timeout: 60_000 });

    // Whatever is due is pressed, until both lanes were sliced.
    const happened = page.getByTestId('happened');
    const due = page.getByRole('timer', { name: /late$/ });
    await expect(async () => {
      if (await due.isVisible()) await happened.click({ timeout: 1000 });
      expect(await slicedIn(own.url)).toHaveLength(2);
    }).toPass({ timeout: 300_000, intervals: [200] });
    const sliced = await slicedIn(own.url);
    expect((Math.max(...sliced) - Math.min(...sliced)) / 1000).toBeLessThan(TOGETHER);
  },
);
