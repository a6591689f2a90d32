import type { Page } from '@playwright/test';

/** Memory that the scripts of a page use after what is unused was collected, bytes. */
export const heapBytes = async (page: Page): Promise<number> => {
  const session = await page.context().newCDPSession(page);
  await session.send('HeapProfiler.collectGarbage');
  const { usedSize } = await session.send('Runtime.getHeapUsage');
  await session.detach();
  return usedSize;
};
