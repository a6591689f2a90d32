import { expect, findings, test } from '../kitchen';
import { layoutFaults } from './layoutFaults';
import { lengthenTexts } from './lengthenTexts';
import { TOUR } from './tour';

/** Settings with which a device shows the pages. */
interface Look {
  /** Width and height of the screen, px. */
  readonly screen: readonly [width: number, height: number];
  readonly units: 'metric' | 'imperial';
  readonly light: 'light' | 'dark';
  /** Size of text, %. */
  readonly text?: number;
  /** The views are measured once more in a made-up language with longer texts. */
  readonly lengthened?: true;
}

const SCREENS = [
  [320, 640],
  [390, 844],
  [768, 1024],
  [1280, 800],
] as const;
/** Every value of every setting on every screen. Units, light and text size do not depend on each other. */
const looksOf = (screen: Look['screen']): readonly Look[] => [
  { screen, units: 'metric', light: 'light', lengthened: true },
  { screen, units: 'imperial', light: 'dark' },
  { screen, units: 'metric', light: 'light', text: 200 },
];
/** Whether all looks are shown. `npm test` shows a phone in one. */
const DEEP = process.env['CRUSTAN_DEEP'] !== undefined;
const LOOKS: readonly Look[] = DEEP ? SCREENS.flatMap(looksOf) : looksOf([390, 844]).slice(0, 1);
/** Stops of the tour per check for accessibility barriers. */
const AXE_EVERY = DEEP ? 1 : 10;

/** Largest default text size of a browser, px. */
const NORMAL_TEXT = 16;

test.describe.configure({ mode: 'parallel' });

for (const { screen, units, light, text = 100, lengthened } of LOOKS) {
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
      const bounds = { touch: stove ? 44 : 24 };
      const faults = await layoutFaults(page, bounds);
      if (lengthened) {
        const restore = await lengthenTexts(page);
        const more = await layoutFaults(page, bounds);
        faults.push(...more.map((fault) => `with longer texts, ${fault}`));
        await restore();
      }
      const barriers = i % AXE_EVERY === 0 ? await findings(page) : [];
      found.push(...[...faults, ...barriers].map((fault) => `${name}: ${fault}`));
    }
    expect(found).toEqual([]);
  });
}
