import type { Response } from 'express';

/** A client that reads nothing for this time is disconnected, ms. */
const READS_WITHIN = 60_000;

/** Waits until there is room for more or the reader is gone; leaves no listener behind. */
const roomOrEnd = (res: Response): Promise<void> =>
  new Promise((done) => {
    const either = (): void => {
      res.off('drain', either);
      res.off('close', either);
      done();
    };
    res.on('drain', either);
    res.on('close', either);
  });

/** Writes on, waiting for a slow reader. @returns false once the reader is gone */
export const writeOn = async (res: Response, text: string): Promise<boolean> => {
  if (res.destroyed) return false;
  if (!res.write(text)) {
    const given = setTimeout(() => res.destroy(), READS_WITHIN);
    await roomOrEnd(res);
    clearTimeout(given);
  }
  return !res.destroyed;
};
