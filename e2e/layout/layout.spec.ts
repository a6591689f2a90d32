import { expect, findings, test } from '../kitchen';
import { layoutFaults } from './layoutFaults';
import { TOUR } from './tour';

/** Settings with which a device shows the pages. */
interface Look {
  /** Width and height of the screen, px. */
  readonly screen: readonly [width: number, height: number];
  readonly units: 'metric' | 'imperial';
  readonly light: 'light' | 'dark';
  /** Size of text, %. */
  readonly text?: number;
}

const UNITS = ['metric', 'imperial'] as const;
const LIGHTS = ['light', 'dark'] as const;
const SCREENS = [
  [320, 640],
  [390, 844],
  [768, 1024],
  [1280, 800],
] as const;
/** Whether every screen is shown in every look, and a large text on each. `npm test` shows a phone in one. */
const DEEP = process.env['CRUSTAN_DEEP'] !== undefined;
const LOOKS: readonly Look[] = DEEP
  ? SCREENS.flatMap((screen): readonly Look[] => [
      ...UNITS.flatMap((units) => LIGHTS.map((light) => ({ screen, units, light }))),
      { screen, units: 'metric', light: 'light', text: 200 },
    ])
  : [{ screen: [390, 844], units: 'metric', light: 'light' }];
/** Stops of the tour per check for accessibility barriers. */
const AXE_EVERY = DEEP ? 1 : 3;

/** Largest default text size of a browser, px. */
const NORMAL_TEXT = 16;

for (const { screen, units, light, text = 100 } of LOOKS) {
  const title = `${screen[0]} px, ${units}, ${light}, text at ${text} %`;
  test(`every view fits its screen and has no barriers: ${title}`, async ({ page, demo }) => {
    test.setTimeout(900_000);
    await page.setViewportSize({ width: screen[0], height: screen[1] });
    await page.addInitScript(
      ([system, kept, size]) => {
        localStorage.setItem('crustan.units', JSON.stringify(system));
        localStorage.setItem('crustan.light', JSON.stringify(kept));
        document.addEventListener('DOMContentLoaded', () => {
          document.documentElement.style.fontSize = `${size}px`;
        });
      },
      [units, light, (NORMAL_TEXT * text) / 100] as const,
    );
    const found: string[] = [];
    for (const [i, { name, stove, open }] of TOUR.entries()) {
      await open(page, demo.url).catch((error: unknown) => {
        found.push(`${name}: not reached: ${String(error).split('\n')[0]}`);
      });
      const faults = await layoutFaults(page, { touch: stove ? 44 : 24 });
      const barriers = i % AXE_EVERY === 0 ? await findings(page) : [];
      found.push(...[...faults, ...barriers].map((fault) => `${name}: ${fault}`));
    }
    expect(found).toEqual([]);
  });
}
