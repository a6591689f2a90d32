import { expect, test } from '@playwright/test';
import { startServed } from '../../scripts/served.mjs';
import { eveningPlan } from './eveningPlan';
import { runEvening, THREE_PHONES, type EveningCounts } from './runEvening';

/** With DEBUG set, what happens is written as it happens. */
const tell = (words: string): void => {
  if (process.env['DEBUG'] === 'evening') process.stderr.write(`${words}\n`);
};

/**
 * Nothing is lost, doubled, forgotten or wrongly shown as saved. Calls and agreement within seconds are counted by
 * `bench -- evening` and by the deep tier: other browsers beside this one make its phones slow.
 */
const expectNothingWrong = (found: EveningCounts): void => {
  const { unscheduled, lost, duplicated, falselySaved, pageErrors, notes } = found;
  const lasting = { unscheduled, lost, duplicated, falselySaved, pageErrors };
  const none = { unscheduled: 0, lost: 0, duplicated: 0, falselySaved: 0, pageErrors: 0 };
  expect(lasting, notes.join('\n')).toEqual(none);
  if (process.env['CRUSTAN_DEEP'] !== undefined) expect(notes).toEqual([]);
};

test('a short evening on three phones, the server killed, a restore, a phone cut off', async ({
  browser,
}) => {
  test.setTimeout(600_000);
  const plan = eveningPlan(7, { tables: 5, minutes: 30, restore: true });
  const found = await runEvening(browser, plan, {
    ...{ start: startServed, speed: 30, stations: THREE_PHONES, tell },
  });
  expectNothingWrong(found);
  expect(found.orders).toBe(6);
  expect(found.pressMs.length).toBeGreaterThan(20);
});

test('four steaks for four people, two of them rare, out of one pan by one cook', async ({
  browser,
}) => {
  test.setTimeout(400_000);
  const pieces = ['rare', 'rare', 'strip', 'strip'] as const;
  const plan = [
    { at: 0, deed: { kind: 'order', table: 'home', pieces, when: 'In 45 min' } },
    { at: 15, deed: { kind: 'reload', phone: 0 } },
  ] as const;
  const found = await runEvening(browser, plan, {
    ...{ start: startServed, speed: 30, tell },
    stations: ['Everything'],
  });
  expectNothingWrong(found);
  expect(found.orders).toBe(1);
});
