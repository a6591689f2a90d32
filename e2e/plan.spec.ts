import { expect, openPlan, pressOn, setFigure, test } from './kitchen';

test('plans a crust that chars before the middle is done, and what avoids it works', async ({
  page,
  own,
}) => {
  await openPlan(page, own.url);
  await setFigure(page, 'thickness', /Thickness in mm/, '32');
  await setFigure(page, 'weight', /Weight in g/, '400');
  await setFigure(page, 'pan', /Pan temperature in °C/, '260');
  await expect(page.getByText(/^This crust chars before the middle is done/)).toBeVisible();
  await page.getByRole('button', { name: /^Burner down to \d+ °C once browned/ }).click();
  await expect(page.getByText(/^This crust chars/)).toBeHidden();
  await expect(page.getByRole('slider', { name: 'Along the cook' })).toBeVisible();
});

test('refuses what is out of range with the range, and plans on with the last good figure', async ({
  page,
  own,
}) => {
  await openPlan(page, own.url);
  await page.getByTestId('word-thickness').click();
  const field = page.getByRole('textbox', { name: 'Thickness in mm' });
  for (const wrong of ['2', '181', 'x']) {
    await field.fill(wrong);
    await expect(page.getByRole('alert')).toHaveText('Thickness runs from 3 mm to 180 mm.');
    await expect(page.getByTestId('word-thickness')).toHaveText('25 mm');
  }
});

test('thicker takes longer, and turning often is quicker, on the same screen', async ({
  page,
  own,
}) => {
  const minutes = async (way: RegExp): Promise<number> => {
    const text = await page.getByRole('radio', { name: way }).innerText();
    const [, m = '0', s = '0'] = /(\d+):(\d\d)/.exec(text) ?? [];
    return Number(m) * 60 + Number(s);
  };
  await openPlan(page, own.url);
  const thin = await minutes(/turned once/);
  expect(await minutes(/turned often/)).toBeLessThan(thin);
  await setFigure(page, 'thickness', /Thickness in mm/, '30');
  await expect.poll(() => minutes(/turned once/)).toBeGreaterThan(thin + 60);
});

test('shows everything in the other units at once', async ({ page, own }) => {
  await openPlan(page, own.url);
  await page.getByRole('button', { name: /^Units/ }).click();
  await expect(page.getByTestId('word-thickness')).toHaveText('1 in');
  await expect(page.getByTestId('word-pan')).toContainText('420 °F pan');
  await expect(page.getByRole('main')).not.toContainText(/\d °C/);
  await page.reload();
  await expect(page.getByTestId('word-pan')).toContainText('420 °F pan');
});

test('is filled by a sentence in the cook’s own words, here or from a link, and undone', async ({
  page,
  own,
}) => {
  await openPlan(page, own.url);
  await page.getByRole('button', { name: 'Describe what you cook' }).click();
  const field = page.getByRole('textbox', { name: 'Describe what you cook' });
  await field.fill('two ribeyes, 4 cm, medium rare at eight, with chips');
  await page.getByRole('button', { name: 'Fill the sentence' }).click();
  await expect(page.getByTestId('word-cut')).toHaveText('ribeye');
  await expect(page.getByTestId('word-count')).toHaveText('2 ×');
  await expect(page.getByTestId('word-thickness')).toHaveText('40 mm');
  await expect(page.getByTestId('word-plate')).toContainText('20:00');
  await expect(page.getByText(/^“chips” was not used/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByTestId('word-cut')).toHaveText('strip steak');
  await expect(page.getByTestId('word-count')).toHaveText('one');
  await page.goto(`${own.url}/?say=${encodeURIComponent('duck breast from cold, at 7:15 pm')}`);
  await expect(page.getByTestId('word-cut')).toHaveText('duck breast');
  await expect(page.getByTestId('word-plate')).toContainText('19:15');
});

test('scrubs the slice along the cook by keyboard', async ({ page, own }) => {
  await openPlan(page, own.url);
  const slider = page.getByRole('slider', { name: 'Along the cook' });
  await slider.focus();
  await page.keyboard.press('Home');
  await expect(page.getByText(/, in the pan: core 5 °C/)).toBeVisible();
  await page.keyboard.press('End');
  await expect(page.getByText(/, on the board: core 54 °C/)).toBeVisible();
});

test(
  'judges a recipe’s times on this piece, and the times it mended',
  { tag: '@deep' },
  async ({ page, own }) => {
    await openPlan(page, own.url);
    await page.getByRole('button', { name: /^Your own times/ }).click();
    const steps = page.getByLabel('Your steps');
    await steps.fill('3 min a side, hop');
    await expect(
      page.getByRole('alert').filter({ hasText: '“hop” was not understood' }),
    ).toBeVisible();
    await steps.fill('3 min a side, rest 5');
    await expect(page.getByText(/^It ends .* under what was wanted\.$/)).toBeVisible();
    await expect(page.getByText(/^These times are right for a piece of \d+ mm/)).toBeVisible();
    const more = await page.getByText(/more in the pan would bring it there/).textContent();
    const [, minutes = '0', seconds = '0'] = /^(?:(\d+) min)? ?(?:(\d+) s)?/.exec(more ?? '') ?? [];
    const side = 180 + (Number(minutes) * 60 + Number(seconds)) / 2;
    await steps.fill(`${side} s a side`);
    await expect(page.getByText(/^It ends .*: as wanted\.$/)).toBeVisible();

    // Saved, continued with its line, and cooked with its times.
    await page.getByRole('button', { name: 'Keep these times' }).click();
    await expect(page.getByRole('button', { name: 'Kept; keep another' })).toBeVisible();
    await steps.fill('');
    await page
      .getByRole('button', { name: /, your times/ })
      .first()
      .click();
    await expect(steps).toHaveValue(/^\d+ (s|min), turn, \d+ (s|min)$/);
    await page.getByRole('button', { name: 'Start these at the stove' }).click();
    await pressOn(page, 'It is in the pan');
    await expect(page.getByRole('heading', { name: 'Turn it' })).toBeVisible();
  },
);

test('keeps a plan and takes it up again', async ({ page, own }) => {
  await openPlan(page, own.url);
  await setFigure(page, 'weight', /Weight in g/, '260');
  await page.getByRole('button', { name: 'Save this plan' }).click();
  await expect(page.getByRole('button', { name: 'Kept; keep another' })).toBeVisible();
  await setFigure(page, 'weight', /Weight in g/, '400');
  await page
    .getByRole('button', { name: /^Strip steak, 25 mm/ })
    .first()
    .click();
  await expect(page.getByTestId('word-weight')).toHaveText('260 g');
});

test('too late for its plate, it offers the earliest one', async ({ page, own }) => {
  await openPlan(page, own.url);
  const soon = await page.evaluate(() =>
    new Date(Date.now() + 5 * 60_000).toLocaleTimeString('en-GB', {
      hour: '2-digit',
      minute: '2-digit',
    }),
  );
  await page.getByTestId('word-plate').click();
  await page.getByLabel('On the plate at').fill(soon);
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByText(/It should have begun/)).toBeVisible();
  await page.getByRole('button', { name: /^Plate .*, \d\d:\d\d instead$/ }).click();
  await expect(page.getByText(/It should have begun/)).toBeHidden();
});
