import type { Page } from '@playwright/test';
import { cookRecordSchema } from '@crustan/core/formats';
import { effectiveEvents } from '@crustan/core/cook';
import { startServed } from '../scripts/served.mjs';
import { expect, findings, linkStandIn, openPlan, pressOn, setFigure, test } from './kitchen';
import { fastClock, withClock } from './passLine';

/** The cooks of a server's book, in full, newest first. */
const cooksOf = async (url: string) => {
  const { cooks } = await (await fetch(`${url}/api/cooks`)).json();
  return Promise.all(
    cooks.map(async ({ id }: { id: string }) =>
      cookRecordSchema.parse(await (await fetch(`${url}/api/cooks/${id}`)).json()),
    ),
  );
};
const kindsOf = async (url: string) => {
  const [cook] = await cooksOf(url);
  return effectiveEvents(cook.events).map(({ kind }) => kind);
};

/** Plans a thick steak, low oven first, and starts it. */
const startThick = async (page: Page, url: string): Promise<void> => {
  await openPlan(page, url);
  await setFigure(page, 'thickness', /Thickness in mm/, '40');
  await setFigure(page, 'weight', /Weight in g/, '450');
  await page.getByTestId('way-oven-sear').click();
  await page.getByRole('button', { name: 'Start at the stove' }).click();
  await expect(page.getByRole('timer')).toBeVisible();
};

test(
  'readings from the stand-in kitchen find its oven out, and trouble is computed from there',
  { tag: '@deep' },
  async ({ page, own }) => {
    await startThick(page, own.url);
    await pressOn(page, 'It is in the oven');
    await linkStandIn(page);
    await expect(page.getByTestId('devices')).toContainText(/probe \d+\.\d °C · oven \d+°/);
    // Kitchen 7's oven is far from its dial.
    await expect(page.getByTestId('forecast')).toContainText(
      /Your oven is behaving like 1[123]\d°/,
      {
        timeout: 60_000,
      },
    );
    await expect(page.getByTestId('forecast')).toContainText(
      /(give or take|to \d\d:\d\d;) .* ends \d\d° to \d\d°/,
    );

    await page.getByRole('button', { name: 'Trouble' }).click();
    await page.getByRole('button', { name: 'I am late' }).click();
    await page.getByRole('button', { name: /^Oven to 150°.*Ends at/ }).click();
    await page.getByRole('button', { name: 'More' }).click();
    await expect(page.getByText('Changed course: i am late')).toBeVisible();
    // Its own course again, by taking the change back.
    await page.getByText('Changed course: i am late').click();
    await page.getByRole('button', { name: 'Take it back' }).click();
    await expect(page.getByText('Changed course: i am late')).toBeHidden();
    // Another place shows the next step, and calls it; a tap on it opens the stove again.
    await page.getByRole('link', { name: 'Kitchen' }).click();
    await expect(page.getByTestId('call-strip')).toContainText(/^Stove.*Out at/);
    await page.getByTestId('call-strip').click();
    await expect(page.getByRole('timer')).toBeVisible();
    // While it is linked its readings are added to the logbook.
    await expect
      .poll(async () => (await kindsOf(own.url)).filter((kind) => kind === 'reading').length)
      .toBeGreaterThan(5);
    await page.getByRole('button', { name: 'More' }).click();
    await page.getByRole('radio', { name: 'Thermometers' }).click();
    await page.getByRole('button', { name: 'Unlink' }).click();
  },
);

test(
  'a late step on another screen can be read in every light',
  { tag: '@deep' },
  async ({ page, context, own }) => {
    await withClock(context, fastClock(60));
    await startThick(page, own.url);
    await page.getByRole('link', { name: 'Kitchen' }).click();
    await expect(page.getByTestId('call-strip')).toContainText(/late$/, { timeout: 60_000 });
    for (const light of ['light', 'dark'] as const) {
      await page.evaluate(
        (kept) => localStorage.setItem('crustan.light', JSON.stringify(kept)),
        light,
      );
      await page.reload();
      await expect(page.getByTestId('call-strip')).toContainText(/late$/);
      expect(await findings(page)).toEqual([]);
    }
  },
);

test('works with the network gone, opened anew, and catches up', async ({ page, context }) => {
  const served = await startServed();
  try {
    await openPlan(page, served.url);
    await page.getByRole('button', { name: 'Start at the stove' }).click();
    await pressOn(page, 'It is in the pan');
    await expect(page.getByTestId('kept')).toHaveText('All steps saved.');
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
    await context.setOffline(true);
    await page.reload();
    await pressOn(page, 'I turned it');
    await expect(page.getByTestId('kept')).toContainText('1 press is kept on this device');
    await context.setOffline(false);
    await expect(page.getByTestId('kept')).toHaveText('All steps saved.');
    expect(await kindsOf(served.url)).toEqual(['started', 'pan-on', 'in', 'turned']);
    // Nothing ends by itself: after the tab is closed and opened, the cook is in the same state.
    const other = await context.newPage();
    await page.close();
    await other.goto(`${served.url}/stove`);
    await expect(other.getByTestId('happened')).toHaveText('It is out of the pan');
  } finally {
    await served.kill('SIGKILL');
  }
});

test(
  'two phones on one cook agree, one of them minutes wrong, the server killed between',
  { tag: '@deep' },
  async ({ page, browser }) => {
    let served = await startServed();
    try {
      await openPlan(page, served.url);
      await page.getByRole('button', { name: 'Start at the stove' }).click();
      await pressOn(page, 'It is in the pan');
      await expect(page.getByTestId('kept')).toHaveText('All steps saved.');
      const other = await (await browser.newContext()).newPage();
      await other.addInitScript(() => {
        const real = Date.now.bind(Date);
        Date.now = () => real() + 7 * 60_000;
      });
      await other.goto(`${served.url}/stove`);
      await other.getByRole('button', { name: /Strip steak, 25 mm, started/ }).click();
      await expect(other.getByTestId('happened')).toHaveText('I turned it');
      await expect(other.getByText(/clock is 7 min fast; the kitchen’s is used/)).toBeVisible();

      // Both press at once, and each twice: one turn.
      await page.waitForTimeout(1000);
      await Promise.all([
        page.getByTestId('happened').dblclick(),
        other.getByTestId('happened').dblclick(),
      ]);
      for (const phone of [page, other]) {
        await expect(phone.getByTestId('happened')).toHaveText('It is out of the pan');
        await expect(phone.getByTestId('kept')).toHaveText('All steps saved.');
      }
      expect(await kindsOf(served.url)).toEqual(['started', 'pan-on', 'in', 'turned']);

      await served.kill('SIGKILL');
      await pressOn(other, 'It is out of the pan');
      await expect(other.getByTestId('kept')).toContainText('kept on this device');
      served = await startServed({ data: served.folder, port: served.port });
      // The other phone receives it once the server is back.
      await expect(page.getByTestId('happened')).toHaveText('I sliced it', { timeout: 40_000 });
      const [cook] = await cooksOf(served.url);
      const pulled = cook.events.find(({ kind }: { kind: string }) => kind === 'pulled');
      expect(Math.abs((pulled?.at ?? 0) - Date.now())).toBeLessThan(60_000);
      await other.close();
    } finally {
      await served.kill('SIGKILL');
    }
  },
);

test(
  'several pieces for one plate: a lane each, one next thing for all',
  { tag: '@deep' },
  async ({ page }) => {
    const served = await startServed({ demo: true });
    try {
      await page.goto(`${served.url}/stove`);
      const plans = page.getByRole('checkbox');
      await plans.nth(0).click();
      await plans.nth(1).click();
      await expect(page.getByRole('list', { name: 'In which order' })).toBeVisible();
      await page.getByRole('button', { name: 'Start 2 together' }).click();
      const lanes = page.getByRole('list', { name: 'Pieces' }).getByRole('listitem');
      await expect(lanes).toHaveCount(2);
      // Each piece's lane is looked at and pressed, and both are followed.
      const happened = page.getByTestId('happened');
      for (const piece of [0, 1]) {
        const look = (): Promise<void> => lanes.nth(piece).getByRole('button').click();
        await look();
        await expect(happened).toHaveText(/pan is on|It is in the/);
        if ((await happened.textContent()) === 'The pan is on') {
          await pressOn(page, 'The pan is on');
          await look();
        }
        await pressOn(page, /It is in the/);
      }
      await expect(page.getByTestId('kept')).toHaveText('All steps saved.');
      const on = (await cooksOf(served.url)).filter(({ together }) => together);
      expect(on).toHaveLength(2);
      expect(on[0].together?.id).toBe(on[1].together?.id);
      for (const { events } of on)
        expect(events.map(({ kind }: { kind: string }) => kind)).toContain('in');
      // A third joins them.
      await page.getByRole('button', { name: 'More' }).click();
      await page.getByRole('radio', { name: 'Another piece' }).click();
      await page.getByRole('checkbox').nth(2).click();
      await page.getByRole('button', { name: 'Start it' }).click();
      await expect(lanes).toHaveCount(3);
    } finally {
      await served.kill('SIGKILL');
    }
  },
);

test(
  'practice: a pan too cold is heard, and the verdict says what was lost',
  { tag: '@deep' },
  async ({ page, own }) => {
    await page.goto(`${own.url}/practice`);
    await page.getByRole('button', { name: 'A strip in the pan' }).click();
    await page.getByRole('button', { name: 'Into the pan' }).click();
    await page.getByRole('radio', { name: '30×' }).click();
    const notices = page.getByRole('list', { name: 'What you notice' });
    await expect(notices).toContainText('silence');
    await page.getByRole('radio', { name: '100', exact: true }).click();
    await expect(notices).toContainText(/murmur|sizzle/, { timeout: 30_000 });
    await page.getByRole('button', { name: 'Read the pan' }).click();
    await expect(page.getByText(/^Pan \d+ °C$/)).toBeVisible();
    await page.getByRole('button', { name: /Out: let it rest/ }).click();
    await expect(page.getByTestId('score')).toHaveText(/^\d+$/);
    await expect(page.getByText(/A face stayed pale/)).toBeVisible();
    await expect(page.getByText(/A cook who knew this kitchen/)).toBeVisible();
  },
);
