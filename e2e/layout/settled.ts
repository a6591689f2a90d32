import type { Page } from '@playwright/test';

/** Time without a new element or another height after which a page has settled, ms. */
const QUIET = 250;
/** Time after which a page that keeps changing is checked anyway, ms. */
const MOST = 4000;

/** Waits until a page has settled. A countdown changes its words, which does not count. */
export const settled = (page: Page): Promise<void> =>
  page.evaluate(
    ([quiet, most]) =>
      new Promise<void>((done) => {
        const began = performance.now();
        let changedAt = began;
        let height = document.documentElement.scrollHeight;
        const observer = new MutationObserver(() => {
          changedAt = performance.now();
        });
        observer.observe(document.body, { subtree: true, childList: true });
        const timer = setInterval(() => {
          const now = performance.now();
          const { scrollHeight } = document.documentElement;
          if (scrollHeight !== height) changedAt = now;
          height = scrollHeight;
          if (now - changedAt < quiet && now - began < most) return;
          clearInterval(timer);
          observer.disconnect();
          done();
        }, 50);
      }),
    [QUIET, MOST] as const,
  );
