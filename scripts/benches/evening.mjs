// Random evenings on three phones with the real interface and server, and what a press costs with a full house.
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from '../build.mjs';
import { bundle } from '../bundle.mjs';
import { CHROMIUM_ARGS, ensureChromium } from '../chromium.mjs';
import { CACHE } from '../root.mjs';
import { startServed } from '../served.mjs';
import { askedNumber, askedSeed, isAsked } from './seeded.mjs';

const EVENINGS = 20;
/** Times faster than the world's clock. Faster, an evening takes longer by it: each tap takes its time in the world. */
const SPEED = 45;
const SIZE = { tables: 12, minutes: 45, restore: true, second: true };

const share = (sorted, part) =>
  sorted[Math.min(sorted.length - 1, Math.floor(part * sorted.length))];

export const benchEvening = async () => {
  const seed = Number(askedSeed());
  const evenings = askedNumber('evenings', EVENINGS);
  // Evenings take minutes: a seed can be run in parts.
  const from = askedNumber('from', 0);
  // Two slower evenings at the same time take less of the world's time than two fast ones in turn.
  const together = askedNumber('together', 1);
  const speed = askedNumber('speed', SPEED);
  await build();
  const built = path.join(CACHE, 'evening.mjs');
  await bundle('e2e/evening/index.ts', built);
  const { eveningPlan, fullHouse, runEvening, THREE_PHONES } = await import(
    pathToFileURL(built).href
  );
  const { chromium } = await import('@playwright/test');
  const house = await fullHouse(startServed);
  const browser = await chromium.launch({
    executablePath: ensureChromium(),
    args: CHROMIUM_ARGS,
  });
  const counts = [];
  try {
    const left = Array.from({ length: evenings }, (_, i) => from + i);
    const runOn = async () => {
      for (let i = left.shift(); i !== undefined; i = left.shift()) {
        const tell = (words) => process.stderr.write(`evening ${i}: ${words}\n`);
        const found = await runEvening(browser, eveningPlan(seed * 1000 + i, SIZE), {
          start: startServed,
          speed,
          stations: THREE_PHONES,
          ...(isAsked('events') ? { tell } : {}),
        });
        tell(`${found.orders} orders`);
        found.notes.forEach(tell);
        counts.push(found);
      }
    };
    await Promise.all(Array.from({ length: together }, runOn));
  } finally {
    await browser.close();
  }
  const sum = (key) => counts.reduce((total, one) => total + one[key], 0);
  const pressMs = counts.flatMap((one) => one.pressMs).toSorted((a, b) => a - b);
  return {
    evenings,
    orders: sum('orders'),
    unscheduled: sum('unscheduled'),
    uncalled: sum('uncalled'),
    calledTwice: sum('calledTwice'),
    disagreed: sum('disagreed'),
    lost: sum('lost'),
    duplicated: sum('duplicated'),
    falselySaved: sum('falselySaved'),
    pageErrors: sum('pageErrors'),
    layoutFaults: sum('layoutFaults'),
    memoryExceeded: sum('memoryExceeded'),
    slowestPressMs: Math.round(pressMs.at(-1) ?? 0),
    eveningPressP99Ms: Math.round(share(pressMs, 0.99) ?? 0),
    ...house,
  };
};
