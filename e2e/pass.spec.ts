import { expect, test } from './kitchen';
import { inBook, openService, order, SALMON, STRIP } from './passLine';

test('a held course is fired, its moment taken back, a piece cooked again', async ({
  page,
  demo,
}) => {
  await openService(page, demo.url);
  await order(page, '9', [STRIP], 'Held until fired');
  const ticket = page.getByRole('listitem').filter({ hasText: 'Table 9' });
  await expect(ticket.getByText('held')).toBeVisible();
  await page.getByRole('tab', { name: 'Tasks' }).click();
  await expect(page.getByText('Nothing to do yet.')).toBeVisible();
  await page.getByRole('tab', { name: 'Tickets' }).click();
  await page.getByRole('button', { name: 'Fire table 9' }).click();
  await expect(ticket.getByText(/^ready/)).toBeVisible();
  await page.getByRole('button', { name: 'Take back: table 9 fired' }).click();
  await expect(ticket.getByText('held')).toBeVisible();
  await page.getByRole('button', { name: 'Fire table 9' }).click();

  await page.getByRole('tab', { name: 'Tasks' }).click();
  await expect(page.getByRole('heading', { name: /Heat to/ })).toBeVisible();
  await page.getByTestId('happened').click();
  await expect(page.getByRole('heading', { name: /Set to|Into/ }).first()).toBeVisible();
  await expect(async () => {
    await page.getByTestId('happened').click();
    await expect(
      page
        .getByText('in the pan')
        .or(page.getByText(/^Strip/))
        .first(),
    ).toBeVisible();
    await page.getByRole('tab', { name: 'Tickets' }).click();
    await expect(ticket.getByRole('button', { name: 'Cook again' })).toBeVisible({ timeout: 500 });
  }).toPass();
  await ticket.getByRole('button', { name: 'Cook again' }).click();
  await expect(ticket.getByText(/cooked again/)).toBeVisible();
  await expect(page.getByTestId('service-kept')).toHaveText('All entries saved.');
  const { state } = await inBook(demo.url);
  expect(state.tickets[0]?.dropped).toHaveLength(1);
});

test('tomorrow’s pars come from a table of past days', async ({ page, demo }) => {
  await page.goto(`${demo.url}/pass`);
  await page.getByRole('tab', { name: 'Prep' }).click();
  await expect(page.getByTestId('par-Duck breast')).toBeVisible();
  const day = (ago: number): string =>
    new Date(Date.now() - ago * 86_400_000).toISOString().slice(0, 10);
  const rows = Array.from({ length: 60 }, (_, i) => `${day(i + 1)},Hanger,${10 + (i % 3)}`);
  const csv = ['date,dish,count', ...rows, 'someday,Hanger,4'].join('\n');
  await page
    .getByLabel('Read a table of past days')
    .setInputFiles({ name: 'past.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  await expect(page.getByText('60 days of dishes read.')).toBeVisible();
  await expect(page.getByText(/Row 61 left out: the date/)).toBeVisible();
  const par = page.getByTestId('par-Hanger');
  await expect(par).toHaveText(/prepare 1[0-6]/);
  await page.getByRole('textbox', { name: 'Prepared already, Hanger' }).fill('5');
  await expect(par).toHaveText(/prepare ([5-9]|1[01])$/);
});

test(
  'a service goes out as a file and into another logbook; an order is changed',
  { tag: '@deep' },
  async ({ page, demo, own }) => {
    await page.goto(`${demo.url}/pass`);
    await page.getByRole('tab', { name: 'Report' }).click();
    await page.getByRole('radio', { name: 'last week' }).click();
    await expect(page.getByText(/^5 tables, 10 pieces/)).toBeVisible();
    const coming = page.waitForEvent('download');
    await page.getByRole('button', { name: 'The service as a file' }).click();
    const file = await (await coming).path();
    await page.goto(`${own.url}/pass`);
    await page.getByRole('tab', { name: 'Report' }).click();
    const input = page.getByLabel('Read a service from a file');
    await input.setInputFiles({
      name: 'x.json',
      mimeType: 'application/json',
      buffer: Buffer.from('{}'),
    });
    await expect(page.getByText(/^Not read\. format/)).toBeVisible();
    await input.setInputFiles(file);
    await expect(page.getByText('last week is in the logbook: 5 tables.')).toBeVisible();
    await expect(page.getByText(/^5 tables, 10 pieces/)).toBeVisible();

    // Its dishes were imported too: an order of them is taken, and changed.
    await page.getByRole('tab', { name: 'Tasks' }).click();
    await page.getByRole('button', { name: 'Open a service' }).click();
    await page.getByRole('tab', { name: 'Tickets' }).click();
    const counting = page.getByRole('button', { name: /count Strip/ });
    await counting.click();
    await page.getByRole('textbox', { name: 'Left to be ordered' }).fill('2');
    await page.getByRole('button', { name: 'Keep' }).click();
    await expect(counting).toHaveText('2 left');
    await order(page, '11', [STRIP]);
    await expect(counting).toHaveText('1 left');
    await page.getByRole('button', { name: 'Change', exact: true }).click();
    await page.getByRole('button', { name: `Add ${SALMON}` }).click();
    await page.getByRole('button', { name: 'Add an allergy' }).click();
    await page.getByRole('checkbox', { name: 'fish', exact: true }).click();
    await page.getByRole('button', { name: 'Change the order' }).click();
    const ticket = page.getByRole('listitem').filter({ hasText: 'Table 11' });
    await expect(ticket.getByText('Check this order.')).toBeVisible();
    await expect(ticket.getByText('Salmon on its skin contains fish.')).toBeVisible();
  },
);
