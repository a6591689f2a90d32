import type { Page } from '@playwright/test';

/** Sets the clocks of a phone and of its kitchen's server to a moment, from which they run on. */
export const standAt = async (page: Page, moment: Date): Promise<void> => {
  await page.clock.install({ time: moment });
  const from = Date.now();
  await page.unrouteAll();
  await page.route('**/api/v1/clock', (route) =>
    route.fulfill({ json: { now: moment.getTime() + Date.now() - from } }),
  );
};
