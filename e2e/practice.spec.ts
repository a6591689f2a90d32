import { practiceListSchema } from '@crustan/core/formats/practiceSchema';
import { expect, findings, fits, test } from './kitchen';

test(
  'the course spans the ways; what was reached is kept with the logbook',
  { tag: '@deep' },
  async ({ page, own }) => {
    await page.goto(`${own.url}/practice`);
    const lessons = page.getByRole('list', { name: 'Lessons' });
    await expect(lessons.getByRole('listitem')).toHaveCount(9);
    expect(await findings(page)).toEqual([]);
    await fits(page);

    // A thermometer that lies is found out in ice.
    await lessons.getByRole('button', { name: /A thermometer that lies/ }).click();
    await page.getByRole('button', { name: 'Read melting ice' }).click();
    const ice = await page.getByText(/^Ice −?-?\d+\.\d °C$/).textContent();
    expect(Math.abs(Number(ice?.replace(/[^\d.]/g, '')))).toBeGreaterThanOrEqual(3);

    // The oven's dial is turned.
    await page.goto(`${own.url}/practice`);
    await lessons.getByRole('button', { name: /Low oven first/ }).click();
    await expect(page.getByText('in the oven', { exact: true })).toBeVisible();
    await page.getByRole('radio', { name: '160°' }).click();
    await page.getByRole('radio', { name: '30×' }).click();
    await page.waitForTimeout(2000);
    await fits(page);

    // Two pieces finish one after the other, and the page says it.
    await page.goto(`${own.url}/practice`);
    await lessons.getByRole('button', { name: /Two pieces/ }).click();
    await page.getByRole('radio', { name: '30×' }).click();
    await page.getByRole('button', { name: 'Into the pan' }).click();
    await page.waitForTimeout(1200);
    await page.getByRole('button', { name: /^Out: let it rest/ }).click();
    await page.getByRole('button', { name: 'Into the pan' }).click();
    await page.waitForTimeout(5000);
    await page.getByRole('button', { name: /^Out: let it rest/ }).click();
    await expect(page.getByTestId('score')).toHaveText(/^\d+$/);
    await expect(page.getByText(/came out .* apart/)).toBeVisible();
    await expect(page.getByText(/A cook who knew this kitchen/)).toHaveCount(2);
    expect(await findings(page)).toEqual([]);
    await page.getByRole('button', { name: 'Back to the course' }).click();
    await expect(lessons.getByText(/^best \d+$/)).toBeVisible();
    const kept = practiceListSchema.parse(await (await fetch(`${own.url}/api/v1/practice`)).json());
    expect(kept.results.map(({ of }) => of)).toContain('two');
  },
);

for (const [drill, asks, tag] of [
  ['Doneness by the finger', /Under the finger/, []],
  ['Doneness by the colour', /the middle reach/, ['@deep']],
  ['A pan by drop, wisp and sound', /How hot is the pan/, ['@deep']],
] as const) {
  test(
    `a round of “${drill}” tells which way the calls lean, and is kept`,
    { tag: [...tag] },
    async ({ page, own }) => {
      await page.goto(`${own.url}/practice`);
      await page.getByRole('button', { name: drill }).click();
      const calls = page.getByRole('group', { name: 'Your call' }).getByRole('button');
      await expect(page.getByText(asks)).toBeVisible();
      expect(await findings(page)).toEqual([]);
      for (let card = 0; card < 8; card += 1) {
        // Always the hottest there is: the lean is known.
        await calls.last().click();
        await expect(page.getByTestId('drill-asks')).toHaveText(/It (reached|is at)/);
        await page.getByRole('button', { name: /^(Next|How you call)$/ }).click();
      }
      await expect(page.getByTestId('drill-verdict')).toHaveText(
        /\d of 8 right.*hotter than it is/,
      );
      await page.getByRole('button', { name: 'Back to the course' }).click();
      await expect(
        page
          .getByRole('list', { name: 'Drills' })
          .getByText(/hotter than it is/)
          .first(),
      ).toBeVisible();
    },
  );
}
