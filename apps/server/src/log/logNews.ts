import { setImmediate as breath } from 'node:timers/promises';
import type { NewEntry, Stream } from '../db/logStore';

/** Writes entries as a message of the stream; it writes the same entries once for all followers. */
export type WrittenEntries = (entries: readonly NewEntry[]) => string;

/** A page that follows streams of the log. */
export interface LogFollower {
  readonly entries: (added: readonly NewEntry[], written: WrittenEntries) => void;
  /** Anything else that is said of a stream. */
  readonly notice: (about: Stream, event: string, data: unknown) => void;
}

/** Tells the pages that follow the log what was added to it. */
export interface LogNews {
  /** Returns at once: pages hear of the entries after the sender has its answer. */
  readonly tell: (added: readonly NewEntry[]) => void;
  readonly notice: LogFollower['notice'];
  /** @returns stops following */
  readonly follow: (follower: LogFollower) => () => void;
  readonly followers: () => number;
}

/** Number of pages that receive a message before the next request is answered. */
const SENT_AT_ONCE = 8;

/** @param write writes entries as a message */
export const logNews = (write: WrittenEntries): LogNews => {
  const followers = new Set<LogFollower>();
  let waiting: (() => void)[] = [];
  let telling = false;
  const tellAll = async (): Promise<void> => {
    telling = true;
    let sent = 0;
    try {
      await breath();
      while (waiting.length > 0) {
        const now = waiting;
        waiting = [];
        for (const say of now) {
          say();
          sent += 1;
          if (sent % SENT_AT_ONCE === 0) await breath();
        }
      }
    } finally {
      telling = false;
    }
  };
  const each = (say: (follower: LogFollower) => void): void => {
    for (const follower of followers) {
      waiting.push(() => {
        if (followers.has(follower)) say(follower);
      });
    }
    // A page whose stream is full is disconnected; it reconnects and reads the logbook.
    if (!telling) tellAll().catch(() => undefined);
  };
  return {
    tell: (added) => {
      if (added.length === 0) return;
      const written = new Map<string, string>();
      const once: WrittenEntries = (entries) => {
        const key = entries.map(({ seq }) => seq).join();
        const text = written.get(key) ?? write(entries);
        written.set(key, text);
        return text;
      };
      each((follower) => follower.entries(added, once));
    },
    notice: (about, event, data) => each((follower) => follower.notice(about, event, data)),
    follow: (follower) => {
      followers.add(follower);
      return () => followers.delete(follower);
    },
    followers: () => followers.size,
  };
};
