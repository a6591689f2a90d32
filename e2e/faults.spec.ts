import type { Page } from '@playwright/test';
import { cookListSchema, cookRecordSchema } from '@crustan/core/formats';
import { startServed, type Served } from '../scripts/served.mjs';
import { expect, openPlan, pressOn, test as base } from './kitchen';
import { fillStorage, meetFaults, moveClock } from './faults/browserFaults';

/** Each test has a server and a logbook to itself: it may break both. */
const test = base.extend<{ served: Served }>({
  served: async ({}, give) => {
    const served = await startServed();
    await give(served);
    await served.kill('SIGKILL');
  },
});

const newest = async (url: string) => {
  const { cooks } = cookListSchema.parse(await (await fetch(`${url}/api/cooks`)).json());
  const id = cooks[0]?.id ?? '';
  return cookRecordSchema.parse(await (await fetch(`${url}/api/cooks/${id}`)).json());
};
const kinds = async (url: string) => (await newest(url)).events.map(({ kind }) => kind);
const start = async (page: Page, url: string): Promise<void> => {
  await openPlan(page, url);
  await page.getByRole('button', { name: 'Start at the stove' }).click();
  await expect(page.getByTestId('happened')).toHaveText('The pan is on');
};
const EVERY_PRESS = 'All steps saved.';

test(
  'requests that fail on the way, in every way, lose no press and double none',
  { tag: '@deep' },
  async ({ page, served }) => {
    const met = await meetFaults(page, /\/api\/v1\/log$/, [
      { kind: 'status', status: 500 },
      { kind: 'lost' },
      { kind: 'status', status: 409 },
      { kind: 'unanswered' },
      { kind: 'status', status: 408 },
      { kind: 'late', ms: 1500 },
      { kind: 'status', status: 413 },
    ]);
    await start(page, served.url);
    await pressOn(page, 'It is in the pan');
    await pressOn(page, 'I turned it');
    await expect(page.getByTestId('kept')).toHaveText(EVERY_PRESS, { timeout: 90_000 });
    expect(met()).toBeGreaterThanOrEqual(4);
    expect(await kinds(served.url)).toEqual(['started', 'pan-on', 'in', 'turned']);
  },
);

test('a device that keeps nothing says so, and the logbook has it all the same', async ({
  page,
  served,
}) => {
  await fillStorage(page);
  await meetFaults(page, /\/api\/v1\/log$/, [{ kind: 'lost' }]);
  await start(page, served.url);
  await expect(page.getByTestId('not-kept')).toContainText('storage is full or blocked');
  await pressOn(page, 'It is in the pan');
  await expect(page.getByTestId('kept')).toHaveText(EVERY_PRESS, { timeout: 30_000 });
  expect(await kinds(served.url)).toEqual(['started', 'pan-on', 'in']);
});

test(
  'two pages of one phone press on one cook, and nothing of either is lost',
  { tag: '@deep' },
  async ({ page, context, served }) => {
    await start(page, served.url);
    const other = await context.newPage();
    await other.goto(`${served.url}/stove`);
    await expect(other.getByTestId('happened')).toHaveText('The pan is on');
    await served.kill('SIGKILL');
    await pressOn(page, 'It is in the pan');
    // The other page has it from this device: the server is gone.
    await pressOn(other, 'I turned it');
    await expect(page.getByTestId('happened')).toHaveText('It is out of the pan');
    const again = await startServed({ data: served.folder, port: served.port });
    try {
      for (const one of [page, other]) {
        await expect(one.getByTestId('kept')).toHaveText(EVERY_PRESS, { timeout: 90_000 });
      }
      expect(await kinds(served.url)).toEqual(['started', 'pan-on', 'in', 'turned']);
    } finally {
      await again.kill('SIGKILL');
    }
  },
);

test(
  'a clock that jumps an hour stamps no press, and is said to have jumped',
  { tag: '@deep' },
  async ({ page, served }) => {
    await start(page, served.url);
    await moveClock(page, 3_600_000);
    await pressOn(page, 'It is in the pan');
    await expect(page.getByText(/clock jumped by 60 min; your presses keep/)).toBeVisible();
    await expect(page.getByTestId('kept')).toHaveText(EVERY_PRESS);
    const { events } = await newest(served.url);
    expect(Math.abs((events.at(-1)?.at ?? 0) - Date.now())).toBeLessThan(20_000);
  },
);

test(
  'a cook that is deleted while it is on is put back with its presses',
  { tag: '@deep' },
  async ({ page, served }) => {
    await start(page, served.url);
    await expect(page.getByTestId('kept')).toHaveText(EVERY_PRESS);
    const { id } = await newest(served.url);
    await fetch(`${served.url}/api/cooks/${id}`, { method: 'DELETE' });
    await expect(page.getByText(/This cook was deleted from the logbook/)).toBeVisible();
    await pressOn(page, 'It is in the pan');
    await page.getByRole('button', { name: 'Put it back' }).click();
    await expect(page.getByTestId('kept')).toHaveText(EVERY_PRESS);
    expect(await kinds(served.url)).toEqual(['started', 'pan-on', 'in']);
  },
);

test(
  'after a restore the phone sends what the logbook lacks',
  { tag: '@deep' },
  async ({ page, served }) => {
    const backup = await (await fetch(`${served.url}/api/book/backup`)).arrayBuffer();
    await start(page, served.url);
    await pressOn(page, 'It is in the pan');
    await expect(page.getByTestId('kept')).toHaveText(EVERY_PRESS);
    const restored = await fetch(`${served.url}/api/book/backup`, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/vnd.sqlite3' },
      body: backup,
    });
    expect(restored.status).toBe(200);
    // The restored logbook had no cook at all: the phone brings it back, press by press.
    await expect
      .poll(async () => (await (await fetch(`${served.url}/api/cooks`)).json()).found, {
        timeout: 40_000,
      })
      .toBe(1);
    await expect
      .poll(() => kinds(served.url), { timeout: 40_000 })
      .toEqual(['started', 'pan-on', 'in']);
  },
);

test(
  'a change of the kitchen survives a 500 and a reload without a server',
  { tag: '@deep' },
  async ({ page, context, served }) => {
    await page.goto(`${served.url}/kitchen`);
    await meetFaults(page, /\/api\/v1\/kitchen$/, [{ kind: 'status', status: 500 }]);
    const offset = page.getByRole('textbox', { name: /^Oven offset/ });
    await offset.fill('-9');
    await offset.blur();
    // The page keeps itself once it has been touched.
    await page.keyboard.press('Shift');
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
    await context.setOffline(true);
    await page.reload();
    await context.setOffline(false);
    await expect
      .poll(
        async () =>
          (await (await fetch(`${served.url}/api/kitchen`)).json()).kitchen?.ovens[0].offset,
        { timeout: 60_000 },
      )
      .toBe(-9);
  },
);
