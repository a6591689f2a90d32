/** Resource conflict: the resource that is occupied, and the set temperature if that is the reason. */
export type ResourceConflict =
  | { readonly reason: 'pan' | 'oven' | 'hands' | 'holding' | 'burner' }
  /** Another temperature stands there, C. */
  | { readonly reason: 'pan-heat' | 'oven-heat'; readonly set: number };

/** Time of one place from one temperature to another, s. */
export type ChangeSeconds = (from: number, to: number) => number;

/** A stay as starts are cleared for it: slots after the start, C, what it takes of the place. */
export interface ClearedStay {
  readonly from: number;
  readonly length: number;
  readonly celsius: number;
  readonly amount: number;
}

/**
 * A pan or an oven over time: its occupied amount and its setting in each slot. Amounts are integers, so that a
 * reservation and its release cancel exactly.
 */
export class HeatedTimeline {
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
   * Finds the conflict of an amount with an interval.
   * @returns the set temperature of the interval, or 'full'; undefined if the amount fits
   */
  findConflict(
    from: number,
    to: number,
    celsius: number,
    amount: number,
  ): number | 'full' | undefined {
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

  /**
   * Marks the starts at which a stay would find this place occupied. Equal to `findConflict` at each start, in one pass.
   * @param free 1 for each start from `base` on that is free
   * @param from of the stay, slots after the start
   * @param length slots
   */
  clear(free: Uint8Array, base: number, { from, length, celsius, amount }: ClearedStay): void {
    const { taken, celsius: set, capacity, within, slots } = this;
    const [first, count] = [base + from, free.length];
    // The last stay before this one must leave time to change the temperature.
    let last = Math.min(slots, first) - 1;
    while (last >= 0 && taken[last] === 0) last -= 1;
    let wait = this.changeSlots(last >= 0 ? set[last] : this.start, celsius);
    for (let k = 0; k < count; k += 1) {
      const s = first + k;
      if (s - 1 - last < wait || s + length > slots) free[k] = 0;
      if (s >= slots || taken[s] === 0) continue;
      if (last < 0 || set[s] !== set[last]) wait = this.changeSlots(set[s], celsius);
      last = s;
    }
    // Nothing that is here during the stay stands in its way, and what comes next finds its own temperature.
    const end = Math.min(slots, first + count - 1 + length);
    let next = end;
    while (next < slots && taken[next] === 0) next += 1;
    let needs = next < slots ? this.changeSlots(celsius, set[next]) : 0;
    let bad = slots + 1;
    for (let s = end; s >= first; s -= 1) {
      if (s < slots && taken[s] > 0) {
        if (Math.abs(set[s] - celsius) > within || taken[s] + amount > capacity) bad = s;
        if (s < next) {
          if (next === slots || set[s] !== set[next]) needs = this.changeSlots(celsius, set[s]);
          next = s;
        }
      }
      if (s - first < count && bad < s + length) free[s - first] = 0;
      const start = s - length - first;
      if (start >= 0 && next < slots && next - s < needs) free[start] = 0;
    }
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

/** Persons or holding places over time, each used by one task at a time. */
export class CapacityTimeline {
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

  /**
   * Marks the starts at which a stretch would find no free one.
   * @param free 1 for each start from `base` on that is free
   * @param from of the stretch, slots after the start
   */
  clear(free: Uint8Array, base: number, from: number, length: number): void {
    const first = base + from;
    let full = this.slots;
    for (let s = Math.min(this.slots, first + free.length - 1 + length) - 1; s >= first; s -= 1) {
      if (this.taken[s] >= this.capacity) full = s;
      if (s - first < free.length && full < s + length) free[s - first] = 0;
    }
    free.fill(0, Math.min(free.length, Math.max(0, this.slots - length - first + 1)));
  }

  take(from: number, to: number, by: 1 | -1 = 1): void {
    for (let s = Math.max(0, from); s < Math.min(to, this.slots); s += 1) this.taken[s] += by;
  }
}
