import { cookRecordSchema } from '@crustan/core/formats';
import { startServed } from '../scripts/served.mjs';
import { ECHO, expect, openPlan, pressOn, setFigure, test } from './kitchen';

test('plans a piece from an empty page, cooks it, judges it, finds it in the book', async ({
  page,
  own,
}) => {
  await openPlan(page, own.url);
  await page.getByTestId('word-cut').click();
  await page.getByRole('textbox', { name: 'Search the larder' }).fill('beef rib');
  await page.getByRole('radio', { name: 'Ribeye' }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await setFigure(page, 'thickness', /Thickness in mm/, '28');
  await page.getByTestId('word-target').click();
  await page.getByRole('radio', { name: /^rare/ }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByTestId('word-target')).toHaveText('rare 50°');
  await expect(page.getByRole('button', { name: /^pull at: \d\d°/ })).toBeVisible();
  await expect(page.getByText(/The run, back from/)).toBeVisible();
  await expect(page.getByText(/USDA FSIS/).first()).toBeVisible();

  await page.getByRole('button', { name: 'Start at the stove' }).click();
  await expect(page.getByRole('heading', { name: 'Put the pan on' })).toBeVisible();
  await expect(page.getByText(/Into the pan at 215°/).first()).toBeVisible();
  await expect(page.getByRole('timer')).toBeVisible();
  const happened = page.getByTestId('happened');
  await pressOn(page, 'It is in the pan');
  await expect(page.getByRole('heading', { name: 'Turn it' })).toBeVisible();
  await pressOn(page, 'I turned it');
  await expect(page.getByRole('heading', { name: /^Out at/ })).toBeVisible();

  await page.getByRole('button', { name: 'Add a reading' }).click();
  await page.getByRole('textbox', { name: /Core temperature/ }).fill('300');
  await page.getByRole('button', { name: 'Keep reading' }).click();
  await expect(page.getByRole('alert')).toContainText('-5 °C to 120 °C');
  await page.getByRole('textbox', { name: /Core temperature/ }).fill('61,5');
  await page.getByRole('button', { name: 'Keep reading' }).click();
  // Seconds after the pan no middle is there yet: it is asked about, and kept when the cook insists.
  await expect(page.getByRole('alert')).toContainText('over what the middle should have');
  await page.getByRole('button', { name: 'Keep reading' }).click();
  await expect(page.getByText(/61\.5 °C at .* over the plan/)).toBeVisible();

  // A press by mistake is taken back.
  await pressOn(page, 'It is out of the pan');
  await page.getByRole('button', { name: /Take back “out”/ }).click();
  await expect(happened).toHaveText('It is out of the pan');
  await page.waitForTimeout(ECHO);
  await pressOn(page, 'It is out of the pan');
  await pressOn(page, 'I sliced it');

  await expect(page.getByRole('heading', { name: 'How was it?' })).toBeVisible();
  await page.getByRole('textbox', { name: /Highest the middle/ }).fill('51.2');
  await page.getByRole('radio', { name: 'deep brown' }).click();
  await page.getByRole('textbox', { name: /Notes/ }).fill('Rested on the rack.');
  await page.getByRole('button', { name: 'Write it in the book' }).click();

  await expect(page.getByRole('heading', { name: 'Ribeye, 28 mm' })).toBeVisible();
  await expect(page.getByRole('row', { name: /Core at the end 50\.0° 51\.2°/ })).toBeVisible();
  await expect(page.getByText('Rested on the rack.')).toBeVisible();

  // Tomorrow: a fresh page finds it, newest first.
  await page.goto(`${own.url}/book`);
  await page.getByRole('listitem').first().getByRole('link').click();
  await expect(page.getByText('Core read 61.5 °C')).toBeVisible();
  await page.getByRole('button', { name: 'Plan it again' }).click();
  await expect(page.getByTestId('word-cut')).toHaveText('ribeye');
});

test('loses nothing to a reload, a killed server, a second phone', async ({ page, browser }) => {
  let served = await startServed();
  try {
    await openPlan(page, served.url);
    await page.getByRole('radio', { name: /turned often/ }).click();
    await page.getByRole('button', { name: 'Start at the stove' }).click();
    const kept = page.getByTestId('kept');
    await pressOn(page, 'It is in the pan');
    await expect(kept).toHaveText('Every press is in the book.');

    // Acknowledged, then killed outright: on disk.
    await served.kill('SIGKILL');
    await pressOn(page, 'I turned it');
    await page.waitForTimeout(ECHO);
    await pressOn(page, 'I turned it');
    await expect(kept).toContainText('2 presses are kept on this device');
    await page.reload().catch(() => undefined);

    served = await startServed({ data: served.folder, port: served.port });
    // The browser loads its own error page anew by itself when the server is back: that may come first.
    await expect(() => page.goto(`${served.url}/stove`)).toPass();
    await expect(kept).toHaveText('Every press is in the book.');
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
