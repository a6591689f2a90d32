import { expect, findings, fits, openPlan, pressOn, test } from './kitchen';

/** A dozen views are looked through, ms. */
const ROOMY = 240_000;

test('axe finds nothing on Plan, whatever is open, and nothing is wider than the screen', async ({
  page,
  demo,
}) => {
  test.setTimeout(ROOMY);
  await openPlan(page, demo.url);
  await expect(page.getByText('Seat four, ribeye')).toBeVisible();
  expect(await findings(page)).toEqual([]);
  await fits(page);
  for (const word of [
    'cut',
    'thickness',
    'salt',
    'start',
    'pan',
    'moves',
    'oven',
    'target',
    'plate',
  ]) {
    await page.getByTestId(`word-${word}`).click();
    // The control itself comes a moment after the button that closes it.
    await expect(page.getByTestId('editor').locator('> *')).toHaveCount(2);
    expect(await findings(page)).toEqual([]);
    await fits(page);
  }

  await page.getByRole('button', { name: 'Done' }).click();
  for (const chapter of ['Pan and fat', 'Rest and serve', 'Buying']) {
    await page.getByRole('button', { name: chapter }).click();
  }
  await page.getByRole('button', { name: 'Add a side or sauce' }).click();
  await expect(page.getByText('A whole piece cut at home')).toBeVisible();
  expect(await findings(page)).toEqual([]);
  await fits(page);
});

test('axe finds nothing in the kitchen, the book and at the stove', async ({ page, demo }) => {
  test.setTimeout(ROOMY);
  await page.goto(`${demo.url}/kitchen`);
  await expect(page.getByRole('heading', { name: 'Pans' })).toBeVisible();
  expect(await findings(page)).toEqual([]);
  await fits(page);

  await page.goto(`${demo.url}/book`);
  await expect(page.getByText('Sunday ribeye')).toBeVisible();
  expect(await findings(page)).toEqual([]);
  await fits(page);
  await page.getByRole('link', { name: /Sunday ribeye/ }).click();
  await expect(page.getByText('The slice, simulated with your times')).toBeVisible();
  expect(await findings(page)).toEqual([]);
  await fits(page);

  await page.goto(`${demo.url}/stove`);
  await expect(page.getByText(/Nothing is on/)).toBeVisible();
  expect(await findings(page)).toEqual([]);
  await openPlan(page, demo.url);
  await page.getByRole('button', { name: 'Start at the stove' }).click();
  await expect(page.getByRole('timer')).toBeVisible();
  expect(await findings(page)).toEqual([]);
  await fits(page);

  await pressOn(page, 'It is in the pan');
  await page.getByRole('button', { name: 'Trouble' }).click();
  expect(await findings(page)).toEqual([]);
  await page.getByRole('button', { name: 'Guests are late' }).click();
  await expect(page.getByText(/^Ends at/).first()).toBeVisible();
  expect(await findings(page)).toEqual([]);
  await fits(page);
  await page.getByRole('button', { name: 'Nothing is wrong' }).click();
  await page.getByRole('button', { name: 'More' }).click();
  for (const panel of ['Thermometers', 'Calling me', 'Another piece', 'What happened']) {
    await page.getByRole('radio', { name: panel }).click();
    expect(await findings(page)).toEqual([]);
    await fits(page);
  }
  await page.goto(`${demo.url}/practice`);
  await page.getByRole('button', { name: 'A strip in the pan' }).click();
  await expect(page.getByTestId('practice-clock')).toBeVisible();
  expect(await findings(page)).toEqual([]);
  await fits(page);
});

test('axe finds nothing in the parts of the book', async ({ page, demo }) => {
  test.setTimeout(ROOMY);
  const look = async (where: string, shown: string | RegExp): Promise<void> => {
    await page.goto(`${demo.url}/book${where}`);
    await expect(page.getByText(shown).first()).toBeVisible({ timeout: 60_000 });
    expect(await findings(page)).toEqual([]);
    await fits(page);
  };
  await look('', 'Sunday ribeye');
  await page.getByRole('button', { name: 'Filters' }).click();
  expect(await findings(page)).toEqual([]);
  await fits(page);
  await page.getByRole('link', { name: /Sunday ribeye/ }).click();
  await page.getByRole('button', { name: 'Edit the judgement' }).click();
  await expect(page.getByRole('textbox', { name: /Highest the middle/ })).toBeVisible();
  expect(await findings(page)).toEqual([]);
  await fits(page);
  await look('/learned', /past cooks are foreseen/);
  await page.getByRole('button', { name: 'Set by hand' }).first().click();
  expect(await findings(page)).toEqual([]);
  await look('/trends', 'Liked best');
  await look('/trials', 'Plan a trial');
  await page.getByRole('radio', { name: 'When it is salted' }).click();
  expect(await findings(page)).toEqual([]);
  await fits(page);
  await page.getByRole('listitem').first().getByRole('link').click();
  await expect(page.getByText('What it shows, and what it cannot')).toBeVisible();
  expect(await findings(page)).toEqual([]);
  await fits(page);
  await look('/files', 'Into the book');
  await page.getByLabel('A file for the book').setInputFiles({
    name: 'old.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('started,piece,oven\n2026-01-02,ribeye,x\nsome day,ribeye,x\n'),
  });
  await expect(page.getByText(/A table of 1 cook/)).toBeVisible();
  expect(await findings(page)).toEqual([]);
  await fits(page);
  await look('/new', 'From memory');
});
