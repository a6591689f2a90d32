import { expect, test } from '../kitchen';
import { layoutFaults } from './layoutFaults';
import { TOUR } from './tour';

/** How a device shows the pages. */
interface Look {
  readonly units: 'metric' | 'imperial';
  readonly light: 'light' | 'dark';
}
const LOOKS: readonly Look[] = [
  { units: 'metric', light: 'light' },
  { units: 'imperial', light: 'dark' },
];

for (const { units, light } of LOOKS) {
  test(`every view fits its screen, ${units}, ${light}`, async ({ page, demo }, info) => {
    test.setTimeout(600_000);
    await page.addInitScript(
      ([system, kept]) => {
        localStorage.setItem('crustan.units', JSON.stringify(system));
        localStorage.setItem('crustan.light', JSON.stringify(kept));
      },
      [units, light] as const,
    );
    const found: string[] = [];
    for (const { name, stove, open } of TOUR) {
      await open(page, demo.url).catch((error: unknown) => {
        found.push(`${name}: not reached: ${String(error).split('\n')[0]}`);
      });
      const faults = await layoutFaults(page, { touch: stove ? 44 : 24 });
      found.push(...faults.map((fault) => `${name}: ${fault}`));
      if (process.env['LAYOUT_SHOTS'] && faults.length > 0) {
        await page.screenshot({ path: info.outputPath(`${name}.png`) });
      }
    }
    expect(found).toEqual([]);
  });
}
