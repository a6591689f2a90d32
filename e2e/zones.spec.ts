import { expect, test } from './kitchen';

/** Moments at which the day in the kitchen is not the day in UTC, or is 23 or 25 hours long. */
const CASES = [
  ['America/New_York', '2026-11-27T17:00:00Z', 'Saturday 28 November'],
  ['America/New_York', '2026-11-28T01:30:00Z', 'Saturday 28 November'],
  ['Pacific/Auckland', '2026-11-27T12:30:00Z', 'Sunday 29 November'],
  // The night in which the clocks go back, and the one in which they go forward.
  ['Europe/Berlin', '2026-10-24T21:30:00Z', 'Sunday 25 October'],
  ['Europe/Berlin', '2026-10-25T22:30:00Z', 'Monday 26 October'],
  ['Europe/Berlin', '2026-03-28T22:30:00Z', 'Sunday 29 March'],
  ['Europe/Berlin', '2026-03-29T21:30:00Z', 'Monday 30 March'],
] as const;

for (const [i, [zone, moment, tomorrow]] of CASES.entries()) {
  const tag = i % 3 === 0 ? [] : ['@deep'];
  test(
    `tomorrow is the kitchen’s next day: ${zone} at ${moment}`,
    { tag },
    async ({ browser, demo }) => {
      const context = await browser.newContext({ timezoneId: zone, locale: 'en-GB' });
      const page = await context.newPage();
      await page.clock.setFixedTime(new Date(moment));
      await page.route('**/clock', (route) => route.fulfill({ json: { now: Date.parse(moment) } }));
      const asked = page.waitForRequest(/\/demand$/);
      await page.goto(`${demo.url}/pass`);
      await page.getByRole('tab', { name: 'Prep' }).click();
      await asked;
      await expect(page.getByRole('heading', { level: 1 })).toHaveText(`How many for ${tomorrow}`);
      await context.close();
    },
  );
}
