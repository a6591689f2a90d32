import { expect, test } from '../kitchen';
import { layoutFaults } from './layoutFaults';
import { TOUR } from './tour';

/** How a device shows the pages. */
interface Look {
  /** Width and height of the screen; undefined: the project's. */
  readonly screen?: readonly [width: number, height: number];
  /** The project that shows it; undefined: the wide one, which sets the screen. */
  readonly project?: 'phone' | 'wide';
  readonly units: 'metric' | 'imperial';
  readonly light: 'light' | 'dark';
  /** Size of text, %. */
  readonly text?: number;
}

const UNITS = ['metric', 'imperial'] as const;
const LIGHTS = ['light', 'dark'] as const;
/** Every screen in every look; a large text on each. `npm test` runs one look on the screen of each project. */
const DEEP: readonly Look[] = (
  [
    [320, 640],
    [390, 844],
    [768, 1024],
    [1280, 800],
  ] as const
).flatMap((screen): readonly Look[] => [
  ...UNITS.flatMap((units) => LIGHTS.map((light) => ({ screen, units, light }))),
  { screen, units: 'metric', light: 'light', text: 200 },
]);
const LOOKS: readonly Look[] =
  process.env['CRUSTAN_DEEP'] === undefined
    ? [
        { project: 'phone', units: 'metric', light: 'light' },
        { project: 'wide', units: 'imperial', light: 'dark' },
      ]
    : DEEP;

/** Largest default text size of a browser, px. */
const NORMAL_TEXT = 16;

for (const { screen, project = 'wide', units, light, text = 100 } of LOOKS) {
  const title = `${screen ? `${screen[0]} px, ` : ''}${units}, ${light}, text at ${text} %`;
  test(`every view fits its screen: ${title}`, async ({ page, demo }, info) => {
    test.setTimeout(900_000);
    test.skip(info.project.name !== project);
    if (screen) await page.setViewportSize({ width: screen[0], height: screen[1] });
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
    for (const { name, stove, open } of TOUR) {
      await open(page, demo.url).catch((error: unknown) => {
        found.push(`${name}: not reached: ${String(error).split('\n')[0]}`);
      });
      const faults = await layoutFaults(page, { touch: stove ? 44 : 24 });
      found.push(...faults.map((fault) => `${name}: ${fault}`));
    }
    expect(found).toEqual([]);
  });
}
