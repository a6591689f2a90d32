import { startServed } from '../scripts/served.mjs';
import { expect, test } from './kitchen';
import {
  cookOn,
  fastClock,
  inBook,
  openService,
  order,
  SALMON,
  sentIn,
  slicedIn,
  STRIP,
  withClock,
} from './passLine';

test(
  'a dinner for six from one pan and one oven is on the table together',
  { tag: '@deep' },
  async ({ page, demo }) => {
    test.setTimeout(240_000);
    await withClock(page.context(), fastClock(30));
    await openService(page, demo.url);
    await order(page, 'Sunday', [STRIP, STRIP, STRIP, STRIP, SALMON, SALMON], 'In 45 min');
    await page.getByRole('tab', { name: 'Tasks' }).click();
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
  },
);

test(
  'twelve tickets on two pages at sixty times, the server killed in the middle: nothing lost or doubled',
  { tag: '@deep' },
  async ({ page, browser }) => {
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
          table % 3 === 0 ? 'In an hour' : 'As soon as possible',
        );
      }
      await page.getByRole('tab', { name: 'Tasks' }).click();
      await page.getByRole('radio', { name: 'Stove' }).click();

      const second = await browser.newContext();
      await withClock(second, clock);
      const plates = await second.newPage();
      await plates.goto(`${served.url}/pass`);
      // The service that was opened here has the day for its name.
      await plates
        .getByRole('button', { name: /^Continue: (?!tonight)/ })
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

      // Events that waited for the server are sent within a minute.
      await expect.poll(() => slicedIn(served.url), { timeout: 90_000 }).toBe(12);
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
  },
);
