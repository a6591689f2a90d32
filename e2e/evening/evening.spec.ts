import { expect, test } from '@playwright/test';
import { startServed } from '../../scripts/served.mjs';
import { eveningPlan } from './eveningPlan';
import type { EveningCounts } from './eveningCounts';
import { runEvening, THREE_PHONES } from './runEvening';

/** With DEBUG set, events are printed as they happen. */
const tell = (words: string): void => {
  if (process.env['DEBUG'] === 'evening') process.stderr.write(`${words}\n`);
};

/** Expects an evening without faults; the notes describe each fault. */
const expectNoFaults = ({ orders: _, pressMs: __, notes, ...faults }: EveningCounts): void => {
  expect(notes).toEqual([]);
  expect(Object.values(faults).every((count) => count === 0)).toBe(true);
};

for (const { title, second, language, tag } of [
  { title: 'a short evening on three phones', second: false, language: 'en', tag: [] },
  {
    title: 'a short evening and a second service of the same day, in Spanish',
    second: true,
    language: 'es',
    tag: ['@deep'],
  },
] as const) {
  test(
    `${title}: the server killed, a restore, a phone cut off`,
    { tag: [...tag] },
    async ({ browser }) => {
      test.setTimeout(600_000);
      const plan = eveningPlan(21, { tables: 3, minutes: 12, restore: true, second });
      const found = await runEvening(browser, plan, {
        ...{ start: startServed, speed: 30, stations: THREE_PHONES, language, tell },
      });
      expectNoFaults(found);
      expect(found.orders).toBe(second ? 5 : 4);
      expect(found.pressMs.length).toBeGreaterThan(20);
    },
  );
}

test(
  'the only pan breaks with food in it, is back later, and every table is sent',
  { tag: '@deep' },
  async ({ browser }) => {
    test.setTimeout(400_000);
    const pieces = ['strip', 'strip'] as const;
    const plan = [
      { at: 0, deed: { kind: 'order', table: '1', pieces, when: 'as-soon-as-possible' } },
      { at: 9, deed: { kind: 'pan-out', minutes: 6 } },
      {
        at: 10,
        deed: { kind: 'order', table: '2', pieces: ['rare'], when: 'as-soon-as-possible' },
      },
    ] as const;
    const found = await runEvening(browser, plan, {
      ...{ start: startServed, speed: 30, tell },
      stations: ['everything'],
    });
    expectNoFaults(found);
    expect(found.orders).toBe(2);
  },
);

test(
  'four steaks for four people, two of them rare, out of one pan by one cook',
  { tag: '@deep' },
  async ({ browser }) => {
    test.setTimeout(400_000);
    const pieces = ['rare', 'rare', 'strip', 'strip'] as const;
    const plan = [
      { at: 0, deed: { kind: 'order', table: 'home', pieces, when: 'in-30-min' } },
      { at: 15, deed: { kind: 'reload', phone: 0 } },
    ] as const;
    const found = await runEvening(browser, plan, {
      ...{ start: startServed, speed: 30, tell },
      stations: ['everything'],
    });
    expectNoFaults(found);
    expect(found.orders).toBe(1);
  },
);
