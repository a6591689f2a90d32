import type { Page } from '@playwright/test';

/** Fault of a request on its way. */
export type Fault =
  | { readonly kind: 'status'; readonly status: number }
  /** Answered, but so late. */
  | { readonly kind: 'late'; readonly ms: number }
  /** Cut off before the server receives it, or after it has processed it. */
  | { readonly kind: 'lost' }
  | { readonly kind: 'unanswered' };

/**
 * Applies these faults to requests of a page to a path, one after another, then none.
 * @returns the number of faults applied
 */
export const meetFaults = async (
  page: Page,
  path: RegExp,
  faults: readonly Fault[],
): Promise<() => number> => {
  let met = 0;
  await page.route(path, async (route) => {
    const fault = faults[met];
    if (fault === undefined) {
      await route.continue();
      return;
    }
    met += 1;
    switch (fault.kind) {
      case 'status':
        await route.fulfill({ status: fault.status, body: '<html>not this kitchen</html>' });
        break;
      case 'late':
        await new Promise((done) => setTimeout(done, fault.ms));
        await route.continue();
        break;
      case 'lost':
        await route.abort('connectionreset');
        break;
      case 'unanswered':
        // Stored by the server, which the page never hears.
        await route.fetch();
        await route.abort('connectionreset');
        break;
    }
  });
  return () => met;
};

/** A device whose storage is full from the beginning: every write fails. */
export const fillStorage = async (page: Page): Promise<void> => {
  await page.addInitScript(() => {
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('The device is full.', 'QuotaExceededError');
    };
  });
};

/** The phone's own clock is moved while the page is open; the monotonic one is not. */
export const moveClock = (page: Page, ms: number): Promise<void> =>
  page.evaluate((by) => {
    const real = Date.now.bind(Date);
    Date.now = () => real() + by;
  }, ms);
