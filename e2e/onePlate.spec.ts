import { expect, openPlan, test } from './kitchen';

test('four steaks, two of them more done, and a duck breast: timed for one plate and followed as lanes', async ({
  page,
  own,
}) => {
  test.slow();
  await openPlan(page, own.url);
  await page.getByTestId('word-count').click();
  await page.getByRole('radio', { name: '4', exact: true }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByTestId('word-count')).toHaveText('4 ×');
  await page.getByRole('button', { name: 'Some cooked differently' }).click();
  await page.getByTestId('word-target').click();
  await page.getByRole('radio', { name: /^medium-well/ }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  const plate = page.getByRole('list', { name: 'Onto the heat' });
  const timed = { timeout: 60_000 };
  await expect(plate.getByText(/^2 × Strip steak, 25 mm, medium-well/)).toBeVisible(timed);
  await expect(plate.getByText(/^2 × Strip steak, 25 mm, medium-rare/)).toBeVisible();
  await page.getByRole('button', { name: 'Another piece' }).click();
  await page.getByTestId('word-cut').click();
  await page.getByRole('radio', { name: 'Duck breast', exact: true }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(plate.getByText(/^Duck breast/)).toBeVisible(timed);
  await page.reload();
  await page.keyboard.press('Shift');
  await expect(plate.getByText(/^Duck breast/)).toBeVisible(timed);
  await page.getByRole('button', { name: 'Start all at the stove' }).click();
  const lanes = page.getByRole('list', { name: 'Pieces' }).getByRole('listitem');
  await expect(lanes).toHaveCount(3, timed);
  await expect(lanes.filter({ hasText: 'medium-well' })).toHaveCount(1);
  // The duck begins in the cold pan: those that follow find it hot.
  await expect(lanes.first()).toContainText('Duck breast');
  await expect(lanes.filter({ hasText: 'Put the pan on' })).toHaveCount(0);
});
