import type { BrowserContext, Page } from '@playwright/test';
import { serviceInFullSchema, serviceListSchema } from '@crustan/core/formats';
import { serviceState } from '@crustan/core/pass';
import { startServed } from '../scripts/served.mjs';
import { expect, findings, fits, test } from './kitchen';

/** A clock that runs so many times faster, the same on every page that is given it. */
const fastClock = (speed: number) => {
  const now = Date.now();
  return { offset: 0, speed, real: now, shown: now };
};

const withClock = async (
  context: BrowserContext,
  clock: ReturnType<typeof fastClock>,
): Promise<void> => {
  await context.addInitScript((kept) => {
    localStorage.setItem('crustan.clock', JSON.stringify(kept));
  }, clock);
};

const openService = async (page: Page, url: string): Promise<void> => {
  await page.goto(`${url}/pass`);
  await page.getByRole('button', { name: 'Open a service' }).click();
  await page.getByRole('tab', { name: 'Tickets' }).click();
};

const order = async (
  page: Page,
  table: string,
  pieces: readonly string[],
  when = 'As soon as can be',
): Promise<void> => {
  await page.getByRole('textbox', { name: 'Table' }).fill(table);
  for (const piece of pieces) await page.getByRole('button', { name: `Add ${piece}` }).click();
  await page.getByRole('radio', { name: when }).click();
  await page.getByRole('button', { name: 'Add the order' }).click();
  await expect(page.getByText(`Table ${table}`, { exact: true })).toBeVisible();
};

/** Does what the board says when it says it, until it has nothing more or `until` holds. */
const cookOn = async (page: Page, until: () => Promise<boolean>): Promise<void> => {
  const happened = page.getByTestId('happened');
  while (!(await until())) {
    const due = await page.getByTestId('due').allTextContents();
    const ready = due.findIndex((words) => words === 'now' || words.endsWith('late'));
    if (ready === -1) await page.waitForTimeout(60);
    // What was due may have been done on the other page meanwhile.
    else
      await happened
        .nth(ready)
        .click({ timeout: 1000 })
        .catch(() => undefined);
  }
};

/** What the book has of the newest service. */
const inBook = async (url: string) => {
  const { services } = serviceListSchema.parse(await (await fetch(`${url}/api/services`)).json());
  const [newest] = services.toSorted((a, b) => b.opensAt - a.opensAt);
  const answer = await fetch(`${url}/api/services/${newest?.id}`);
  const found = serviceInFullSchema.parse(await answer.json());
  return { ...found, state: serviceState(found.events) };
};

const sentIn = async (url: string): Promise<number> => {
  try {
    return (await inBook(url)).state.tickets.filter(({ state }) => state === 'sent').length;
  } catch {
    // The server is down for a moment.
    return 0;
  }
};

const slicedIn = async (url: string): Promise<number> =>
  (await inBook(url)).cooks.filter(({ events }) => events.some(({ kind }) => kind === 'sliced'))
    .length;

const STRIP = 'Strip, 30 mm, medium-rare';
const SALMON = 'Salmon on its skin, just set';

test('a dinner for six from one pan and one oven is on the table together', async ({
  page,
  demo,
}) => {
  test.setTimeout(240_000);
  await withClock(page.context(), fastClock(30));
  await openService(page, demo.url);
  await order(page, 'Sunday', [STRIP, STRIP, STRIP, STRIP, SALMON, SALMON], 'In 45 min');
  await page.getByRole('tab', { name: 'Board' }).click();
  const done = async (): Promise<boolean> => (await sentIn(demo.url)) === 1;
  await cookOn(page, done);
  // The table was sent; the last presses of its pieces follow.
  await expect.poll(() => slicedIn(demo.url)).toBe(6);
  const { state, cooks } = await inBook(demo.url);
  const [ticket] = state.tickets;
  expect(ticket?.pieces).toHaveLength(6);
  expect(cooks).toHaveLength(6);
  // A tap of the test takes a third of a second, which is ten of this clock: near its time, not on it.
  expect(Math.abs((ticket?.sentAt ?? 0) - (ticket?.wanted ?? 0))).toBeLessThan(6 * 60_000);
  const sliced = cooks.map(({ events }) => events.find(({ kind }) => kind === 'sliced')?.at ?? 0);
  expect(Math.max(...sliced) - Math.min(...sliced)).toBeLessThan(60_000);
  for (const { events } of cooks) {
    expect(events.filter(({ kind }) => kind === 'in')).toHaveLength(1);
    expect(events.filter(({ kind }) => kind === 'pulled')).toHaveLength(1);
  }
});

test('twelve tickets on two pages at sixty times, the server killed in the middle: nothing lost or doubled', async ({
  page,
  browser,
}) => {
  test.setTimeout(400_000);
  let served = await startServed({ demo: true });
  try {
    const clock = fastClock(60);
    await withClock(page.context(), clock);
    await page.goto(`${served.url}/kitchen`);
    await page.getByRole('radiogroup', { name: 'Cooks on the line' }).getByText('2').click();
    await openService(page, served.url);
    for (let table = 1; table <= 12; table += 1) {
      await order(
        page,
        String(table),
        [SALMON],
        table % 3 === 0 ? 'In an hour' : 'As soon as can be',
      );
    }
    await page.getByRole('tab', { name: 'Board' }).click();
    await page.getByRole('radio', { name: 'Stove' }).click();

    const second = await browser.newContext();
    await withClock(second, clock);
    const plates = await second.newPage();
    await plates.goto(`${served.url}/pass`);
    // The service that was opened here has the day for its name.
    await plates
      .getByRole('button', { name: /^Take up: (?!tonight)/ })
      .first()
      .click();
    await plates.getByRole('radio', { name: 'Plates' }).click();

    let all = false;
    const done = async (): Promise<boolean> => Promise.resolve(all);
    const cooking = Promise.all([cookOn(page, done), cookOn(plates, done)]);
    await expect.poll(() => sentIn(served.url), { timeout: 200_000 }).toBeGreaterThan(3);
    await served.kill('SIGKILL');
    await page.waitForTimeout(3000);
    served = await startServed({ data: served.folder, port: served.port });
    await expect.poll(() => sentIn(served.url), { timeout: 300_000 }).toBe(12);
    all = true;
    await cooking;

    await expect.poll(() => slicedIn(served.url)).toBe(12);
    const { state, cooks } = await inBook(served.url);
    expect(state.tickets.map(({ state: is }) => is)).toEqual(
      Array.from({ length: 12 }, () => 'sent'),
    );
    expect(cooks).toHaveLength(12);
    for (const { events } of cooks) {
      for (const kind of ['in', 'pulled', 'sliced'] as const) {
        expect(events.filter((event) => event.kind === kind)).toHaveLength(1);
      }
    }
    await second.close();
  } finally {
    await served.stop();
  }
});

test('a held course is fired, its moment taken back, a piece cooked again', async ({
  page,
  demo,
}) => {
  await openService(page, demo.url);
  await order(page, '9', [STRIP], 'Held until fired');
  const ticket = page.getByRole('listitem').filter({ hasText: 'Table 9' });
  await expect(ticket.getByText('held')).toBeVisible();
  await page.getByRole('tab', { name: 'Board' }).click();
  await expect(page.getByText('Nothing to do yet.')).toBeVisible();
  await page.getByRole('tab', { name: 'Tickets' }).click();
  await page.getByRole('button', { name: 'Fire table 9' }).click();
  await expect(ticket.getByText(/^lands/)).toBeVisible();
  await page.getByRole('button', { name: 'Take back: table 9 fired' }).click();
  await expect(ticket.getByText('held')).toBeVisible();
  await page.getByRole('button', { name: 'Fire table 9' }).click();

  await page.getByRole('tab', { name: 'Board' }).click();
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
  await expect(page.getByTestId('service-kept')).toHaveText('Everything said is in the book.');
  const { state } = await inBook(demo.url);
  expect(state.tickets[0]?.dropped).toHaveLength(1);
});

test('tomorrow’s pars come from a table of past days', async ({ page, demo }) => {
  await page.goto(`${demo.url}/pass`);
  await page.getByRole('tab', { name: 'Tomorrow' }).click();
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

test('axe finds nothing in the Pass, and nothing is wider than the screen', async ({
  page,
  demo,
}) => {
  test.setTimeout(240_000);
  await page.goto(`${demo.url}/pass`);
  await page.getByRole('button', { name: 'Take up: tonight' }).click();
  await expect(page.getByText('Along the clock')).toBeVisible();
  for (const section of ['Board', 'Tickets', 'Menu', 'Tomorrow', 'After']) {
    await page.getByRole('tab', { name: section }).click();
    await expect(page.getByRole('heading').first()).toBeVisible();
    expect(await findings(page)).toEqual([]);
    await fits(page);
  }
});
