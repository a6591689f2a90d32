import { breathe, SPELL } from './breathe';

/** The searches of one worker: a later question drops the one before it. */
export class LatestSearch {
  private asked = 0;

  /** Begins a question. What it gives tells whether that question is still the latest. */
  begin(): () => boolean {
    this.asked += 1;
    const mine = this.asked;
    return () => mine === this.asked;
  }

  /** Drops what is being searched: nobody waits for it any more. */
  drop(): void {
    this.asked += 1;
  }

  /**
   * Runs a search to its end; undefined once another question has come.
   * @param tell hears the last step that was made
   */
  async finish<S, T>(search: Generator<S, T>, tell?: (step: S) => void): Promise<T | undefined> {
    const wanted = this.begin();
    let spell = performance.now();
    for (;;) {
      const step = search.next();
      if (step.done === true) return step.value;
      if (performance.now() - spell < SPELL) continue;
      tell?.(step.value);
      await breathe();
      if (!wanted()) return undefined;
      spell = performance.now();
    }
  }
}
