/** Why a piece does not fit into a moment: what is taken, and by what heat where that is the reason. */
export type Taken =
  | { readonly reason: 'pan' | 'oven' | 'hands' | 'holding' | 'burner' }
  /** Another temperature stands there, C. */
  | { readonly reason: 'pan-heat' | 'oven-heat'; readonly set: number };

/** How long one place takes from one temperature to another, s. */
export type ChangeSeconds = (from: number, to: number) => number;

/**
 * A pan or an oven over time: how much of it is taken in each slot, and what it is set to. Amounts are
 * integers, so that what is taken and given back leaves nothing behind.
 */
export class HeatedPlace {
  private readonly taken: Int32Array;
  private readonly celsius: Int16Array;
  private readonly changes = new Map<number, number>();

  /**
   * @param within temperatures this near are one, K
   * @param start what it is at before the first slot, C
   */
  constructor(
    readonly slots: number,
    readonly slot: number,
    readonly capacity: number,
    private readonly within: number,
    private readonly start: number,
    private readonly change: ChangeSeconds,
  ) {
    this.taken = new Int32Array(slots);
    this.celsius = new Int16Array(slots);
  }

  /** Slots that a change of temperature takes. */
  changeSlots(from: number, to: number): number {
    if (Math.abs(from - to) <= this.within) return 0;
    const key = Math.round(from) * 4096 + Math.round(to);
    let slots = this.changes.get(key);
    if (slots === undefined) {
      slots = Math.ceil(this.change(from, to) / this.slot);
      this.changes.set(key, slots);
    }
    return slots;
  }

  /** Most that is taken at once in a stretch. */
  mostTaken(from: number, to: number): number {
    let most = 0;
    for (let s = from; s < to; s += 1) if (this.taken[s] > most) most = this.taken[s];
    return most;
  }

  /**
   * What keeps an amount out of a stretch; undefined where it fits.
   * @returns the temperature that stands there, or 'full'
   */
  refuses(from: number, to: number, celsius: number, amount: number): number | 'full' | undefined {
    const { taken, celsius: set, capacity, within, slots } = this;
    if (to > slots) return 'full';
    for (let s = from; s < to; s += 1) {
      if (taken[s] === 0) continue;
      if (Math.abs(set[s] - celsius) > within) return set[s];
      if (taken[s] + amount > capacity) return 'full';
    }
    let s = from - 1;
    while (s >= 0 && taken[s] === 0) s -= 1;
    const before = s >= 0 ? set[s] : this.start;
    if (from - 1 - s < this.changeSlots(before, celsius)) return before;
    s = to;
    while (s < slots && taken[s] === 0) s += 1;
    if (s < slots && s - to < this.changeSlots(celsius, set[s])) return set[s];
    return undefined;
  }

  take(from: number, to: number, celsius: number, amount: number): void {
    for (let s = from; s < Math.min(to, this.slots); s += 1) {
      this.taken[s] += amount;
      this.celsius[s] = celsius;
    }
  }

  give(from: number, to: number, amount: number): void {
    for (let s = from; s < Math.min(to, this.slots); s += 1) this.taken[s] -= amount;
  }
}

/** Hands or holding places over time: so many, each taken by one thing at a time. */
export class Counted {
  private readonly taken: Int16Array;

  constructor(
    readonly slots: number,
    readonly capacity: number,
  ) {
    this.taken = new Int16Array(slots);
  }

  fits(from: number, to: number): boolean {
    if (to > this.slots) return false;
    for (let s = from; s < to; s += 1) if (this.taken[s] >= this.capacity) return false;
    return true;
  }

  take(from: number, to: number, by: 1 | -1 = 1): void {
    for (let s = Math.max(0, from); s < Math.min(to, this.slots); s += 1) this.taken[s] += by;
  }
}
