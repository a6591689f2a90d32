// Shared settings of the benches of the interface.
export const PHONE = {
  viewport: { width: 390, height: 844 },
  isMobile: true,
  hasTouch: true,
  locale: 'en-GB',
};

export const median = (values) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];

/** Has a page note its long tasks and its largest paint, from the start. */
export const watchLongTasks = (page) =>
  page.addInitScript(() => {
    window.longTasks = [];
    window.largestPaint = 0;
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) window.longTasks.push(entry.duration);
    }).observe({ type: 'longtask', buffered: true });
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) window.largestPaint = entry.startTime;
    }).observe({ type: 'largest-contentful-paint', buffered: true });
  });
