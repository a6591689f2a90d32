import { expect, test } from '@playwright/test';
import { eveningPlan } from './eveningPlan';
import { runEvening } from './runEvening';

/** With DEBUG set, what happens is written as it happens. */
const tell = (words: string): void => {
  if (process.env['DEBUG'] === 'evening') process.stderr.write(`${words}\n`);
};

test('a short evening on three phones, the server killed, a restore, a phone cut off', async ({
  browser,
}) => {
  test.setTimeout(600_000);
  const plan = eveningPlan(7, { tables: 5, minutes: 30, restore: true });
  const { orders, pressMs, notes, ...wrong } = await runEvening(browser, plan, 30, tell);
  expect(orders).toBe(6);
  expect(notes).toEqual([]);
  expect(Object.values(wrong).reduce((sum, count) => sum + count, 0)).toBe(0);
  expect(pressMs.length).toBeGreaterThan(20);
});
