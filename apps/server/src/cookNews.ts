import { setImmediate as breath } from 'node:timers/promises';

/** Tells every page that follows a cook that something was said of it. */
export interface CookNews {
  /** Returns at once: pages are told after whoever said it has its answer. */
  readonly tell: (cookId: string) => void;
  /** @returns stops following */
  readonly follow: (cookId: string, heard: () => void) => () => void;
  readonly followers: () => number;
}

/** Pages told before the next press is looked at. */
const TOLD_AT_ONCE = 8;

export const cookNews = (): CookNews => {
  const followers = new Map<string, Set<() => void>>();
  const waiting = new Set<string>();
  let telling = false;
  const tellAll = async (): Promise<void> => {
    telling = true;
    let told = 0;
    try {
      await breath();
      for (const cookId of waiting) {
        waiting.delete(cookId);
        for (const heard of [...(followers.get(cookId) ?? [])]) {
          heard();
          told += 1;
          if (told % TOLD_AT_ONCE === 0) await breath();
        }
      }
    } finally {
      telling = false;
    }
  };
  return {
    tell: (cookId) => {
      waiting.add(cookId);
      // A page whose stream is full is disconnected; it reconnects and reads the book.
      if (!telling) tellAll().catch(() => undefined);
    },
    follow: (cookId, heard) => {
      const all = followers.get(cookId) ?? new Set();
      followers.set(cookId, all.add(heard));
      return () => {
        all.delete(heard);
        if (all.size === 0) followers.delete(cookId);
      };
    },
    followers: () => [...followers.values()].reduce((sum, { size }) => sum + size, 0),
  };
};
