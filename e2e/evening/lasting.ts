/** Something that holds for too long is counted once, until it has stopped. */
export class Lasting {
  private readonly since = new Map<string, { readonly at: number; counted: boolean }>();

  constructor(private readonly allowed: number) {}

  /**
   * @param from time before which nothing counts, ms
   * @returns names that have lasted longer than allowed
   */
  look(now: number, holding: readonly string[], from = 0): readonly string[] {
    for (const name of this.since.keys()) if (!holding.includes(name)) this.since.delete(name);
    return holding.filter((name) => {
      const found = this.since.get(name) ?? { at: now, counted: false };
      this.since.set(name, found);
      const late = now - Math.max(found.at, from) > this.allowed && !found.counted;
      if (late) found.counted = true;
      return late;
    });
  }
}
