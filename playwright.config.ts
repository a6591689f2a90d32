import { defineConfig } from '@playwright/test';
import { CHROMIUM_ARGS, ensureChromium } from './scripts/chromium.mjs';

/** `npm run test:deep`: slow scenarios, and every screen where its size may make a difference. */
const DEEP = process.env['CRUSTAN_DEEP'] !== undefined;

/** Tests of `npm test` on a wide screen: many others use Plan on the phone's. The deep tier runs them on both. */
const ON_WIDE = '**/plan.spec.ts';
/** Tests that take minutes. */
const EVENINGS = '**/evening/*.spec.ts';
const TOUR = '**/layout/layout.spec.ts';

const PHONE = { viewport: { width: 390, height: 844 }, isMobile: true, hasTouch: true };

export default defineConfig({
  testDir: './e2e',
  globalSetup: './e2e/demoTemplate.ts',
  // A tag of a slow test.
  grepInvert: DEEP ? [] : /@deep/,
  outputDir: './test-results',
  // Bounds against hanging, not measures of speed: two busy cores are slow.
  timeout: 120_000,
  expect: { timeout: 20_000 },
  // One more try where a busy machine may starve a browser; the report names what needed it.
  retries: process.env['CI'] ? 1 : 0,
  fullyParallel: false,
  workers: 2,
  reporter: [['list'], ['json', { outputFile: 'test-results/e2e.json' }]],
  use: {
    launchOptions: { executablePath: ensureChromium(), args: CHROMIUM_ARGS },
    trace: 'off',
    locale: 'en-GB',
  },
  projects: [
    // First, so that the last minutes are not those of one long test on one worker.
    { name: 'long', testMatch: DEEP ? EVENINGS : [EVENINGS, TOUR], use: PHONE },
    {
      name: 'phone',
      // A phone's browser lays a wide page out at its own width: the deep tier's looks run on the other screen.
      testIgnore: [EVENINGS, TOUR, ...(DEEP ? [] : [ON_WIDE])],
      use: PHONE,
    },
    {
      name: 'wide',
      use: { viewport: { width: 1280, height: 800 } },
      // Tests in which the size of the screen makes a difference: the others run on the phone's only.
      testMatch: DEEP
        ? ['layout', 'pass', 'plan', 'book', 'stove'].map((name) => `**/${name}.spec.ts`)
        : ON_WIDE,
    },
  ],
});
