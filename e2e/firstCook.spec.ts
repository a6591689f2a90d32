import { cookRecordSchema } from '@crustan/core/formats';
import { startServed } from '../scripts/served.mjs';
import { ECHO, expect, openPlan, pressOn, test } from './kitchen';

test('loses nothing to a reload, a killed server, a second phone', async ({ page, browser }) => {
  let served = await startServed();
  try {
    await openPlan(page, served.url);
    await page.getByRole('radio', { name: /turned often/ }).click();
    await page.getByRole('button', { name: 'Start at the stove' }).click();
    const kept = page.getByTestId('kept');
    await pressOn(page, 'It is in the pan');
    await expect(kept).toHaveText('All steps saved.');

    // Acknowledged, then killed outright: on disk.
    await served.kill('SIGKILL');
    await pressOn(page, 'I turned it');
    await page.waitForTimeout(ECHO);
    await pressOn(page, 'I turned it');
    await expect(kept).toContainText('2 presses are kept on this device');
    await page.reload().catch(() => undefined);

    served = await startServed({ data: served.folder, port: served.port });
    // The browser loads its own error page again by itself when the server is back: that may come first.
    await expect(() => page.goto(`${served.url}/stove`)).toPass();
    await expect(kept).toHaveText('All steps saved.');
    await expect(page.getByRole('heading', { name: 'Turn 3' })).toBeVisible();

    const list = await (await fetch(`${served.url}/api/cooks`)).json();
    const answer = await fetch(`${served.url}/api/cooks/${list.cooks[0].id}`);
    const cook = cookRecordSchema.parse(await answer.json());
    expect(cook.events.map(({ kind }) => kind)).toEqual([
      'started',
      'pan-on',
      'in',
      'turned',
      'turned',
    ]);

    // Another device takes the same cook up where it is.
    const other = await browser.newPage();
    await other.goto(`${served.url}/stove`);
    await other.getByRole('button', { name: /Strip steak, 25 mm, started/ }).click();
    await expect(other.getByRole('heading', { name: 'Turn 3' })).toBeVisible();
    await other.close();
  } finally {
    await served.kill('SIGKILL');
  }
});
