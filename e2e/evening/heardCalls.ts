import type { EveningWords } from './eveningWords';
import type { HeardCall } from './phone';

/**
 * A thing that moves by more than this is called again, ms of the world's time: the least tolerance of the board, 20 s,
 * less 2 s by which a page may have been behind its clock when it spoke the first time.
 */
const MOVED = 18_000;

/** Calls of one phone for due tasks, with those that were answered. */
export class HeardCalls {
  constructor(private readonly words: EveningWords) {}

  /** Number of calls of the page since it was loaded. */
  private count = 0;
  /** Time of the last call of each thing that was called and is not done, ms. */
  private readonly calledAt = new Map<string, number>();
  /** Tables of which a piece is cooked again, and their things that were called once more since. */
  private readonly again = new Map<string, Set<string>>();

  /** @returns calls of the page that were not heard yet */
  unheard(calls: readonly HeardCall[]): readonly HeardCall[] {
    return calls.slice(this.count);
  }

  /**
   * Hears the calls that are new.
   * @param calls all calls of the page since it was opened
   * @returns things that were called again though they were neither done nor put off
   */
  hear(calls: readonly HeardCall[]): readonly string[] {
    const fresh = this.unheard(calls).filter(({ text }) => !text.startsWith(this.words.soon));
    this.count = calls.length;
    return fresh.flatMap(({ text, at }) => {
      const thing = this.words.thingOf(text);
      const before = this.calledAt.get(thing);
      this.calledAt.set(thing, at);
      if (before === undefined || at - before >= MOVED) return [];
      const repeated = this.again.get(this.words.tableOf(thing) ?? '');
      if (!repeated || repeated.has(thing)) {
        return [`${text}, ${((at - before) / 1000).toFixed(1)} s after the call before`];
      }
      repeated.add(thing);
      return [];
    });
  }

  /** @returns whether a thing was called and is not done */
  awaits(thing: string): boolean {
    return this.calledAt.has(thing);
  }

  done(thing: string): void {
    this.calledAt.delete(thing);
  }

  /** A piece of a table is cooked again: the new one is called in the words of the one that it replaces. */
  cookedAgain(table: string): void {
    this.again.set(table, new Set());
  }

  /** Forgets the calls of a page that is reloaded: it calls again everything that is due. */
  reloaded(): void {
    this.count = 0;
    this.calledAt.clear();
  }
}
