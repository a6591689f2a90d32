import { planFourSteaks, startAll, TIMED } from './fourSteaks';
import { expect, test } from './kitchen';

test('four steaks, two of them more done: timed for one plate, kept, and followed as lanes', async ({
  page,
  own,
}) => {
  test.slow();
  const plate = await planFourSteaks(page, own.url);
  await page.reload();
  await expect(plate.getByText(/^2 × Strip steak, 25 mm, medium-well/)).toBeVisible(TIMED);
  const lanes = await startAll(page, 2);
  await expect(lanes.filter({ hasText: 'medium-well' })).toHaveCount(1);
});

test(
  'a duck breast beside them begins in the cold pan',
  { tag: '@deep' },
  async ({ page, own }) => {
    test.slow();
    const plate = await planFourSteaks(page, own.url);
    await page.getByRole('button', { name: 'Another piece' }).click();
    await page.getByTestId('word-cut').click();
    await page.getByRole('radio', { name: 'Duck breast', exact: true }).click();
    await page.getByRole('button', { name: 'Done' }).click();
    await expect(plate.getByText(/^Duck breast/)).toBeVisible(TIMED);
    const lanes = await startAll(page, 3);
    // Those that follow find the pan hot.
    await expect(lanes.first()).toContainText('Duck breast');
    await expect(lanes.filter({ hasText: 'Put the pan on' })).toHaveCount(0);
  },
);
