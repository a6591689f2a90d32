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

/** Stretches of a timeline that are taken in one way: the first `count` elements of each list. Slots, amounts, C. */
interface Stretches {
  count: number;
  readonly begins: number[];
  readonly ends: number[];
  readonly taken: number[];
  readonly set: number[];
}

/**
 * A pan or an oven over time: its occupied amount and its setting in each slot. Amounts are integers, so that a
 * reservation and its release cancel exactly.
 */
export class HeatedTimeline {
  private readonly taken: Int32Array;
  private readonly celsius: Int16Array;
  private readonly changes = new Map<number, number>();
  private readonly stretches: Stretches = { count: 0, begins: [], ends: [], taken: [], set: [] };
  private isChanged = true;

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
    const { capacity, within, slots } = this;
    const { count, begins, ends, taken, set } = this.busyStretches();
    const first = base + from;
    const mark = (begin: number, end: number): void => {
      if (end > first) free.fill(0, Math.max(0, begin - first), end - first);
    };
    // The next stay finds its own temperature, and the last one before this leaves time for the change to this.
    mark(0, Math.min(this.changeSlots(this.start, celsius), (count > 0 ? begins[0] : slots) + 1));
    for (let i = 0; i < count; i += 1) {
      const next = i + 1 < count ? begins[i + 1] : slots;
      if (Math.abs(set[i] - celsius) <= within) {
        if (taken[i] + amount > capacity) mark(begins[i] - length + 1, ends[i]);
        continue;
      }
      const before = i > 0 ? ends[i - 1] : 0;
      const needs = this.changeSlots(celsius, set[i]);
      mark(Math.max(before, begins[i] - needs + 1) - length, ends[i]);
      mark(ends[i], Math.min(ends[i] + this.changeSlots(set[i], celsius), next + 1));
    }
    mark(Math.max(0, slots - length + 1), first + free.length);
  }

  /** Stretches that are taken in one way, in the order of time. They are found again after a change. */
  private busyStretches(): Stretches {
    if (!this.isChanged) return this.stretches;
    const { taken, celsius, slots, stretches } = this;
    let count = -1;
    let last = 0;
    for (let s = 0; s < slots; s += 1) {
      const amount = taken[s];
      if (amount > 0) {
        if (last !== amount || stretches.set[count] !== celsius[s]) {
          count += 1;
          stretches.begins[count] = s;
          stretches.taken[count] = amount;
          stretches.set[count] = celsius[s];
        }
        stretches.ends[count] = s + 1;
      }
      last = amount;
    }
    stretches.count = count + 1;
    this.isChanged = false;
    return stretches;
  }

  take(from: number, to: number, celsius: number, amount: number): void {
    this.isChanged = true;
    for (let s = from; s < Math.min(to, this.slots); s += 1) {
      this.taken[s] += amount;
      this.celsius[s] = celsius;
    }
  }

  give(from: number, to: number, amount: number): void {
    this.isChanged = true;
    for (let s = from; s < Math.min(to, this.slots); s += 1) this.taken[s] -= amount;
  }
}

/** Persons or holding places over time, each used by one task at a time. */
export class CapacityTimeline {
  private readonly taken: Int16Array;
  private full: readonly (readonly [number, number])[] | undefined;

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
    for (const [begin, end] of this.fullStretches()) {
      if (end > first) free.fill(0, Math.max(0, begin - length + 1 - first), end - first);
    }
    free.fill(0, Math.min(free.length, Math.max(0, this.slots - length - first + 1)));
  }

  /** Stretches in which none is free, in the order of time. They are found again after a change. */
  private fullStretches(): readonly (readonly [number, number])[] {
    if (this.full) return this.full;
    const { taken, capacity, slots } = this;
    const full: [number, number][] = [];
    for (let s = 0; s < slots; s += 1) {
      if (taken[s] < capacity) continue;
      const from = s;
      while (s < slots && taken[s] >= capacity) s += 1;
      full.push([from, s]);
    }
    this.full = full;
    return full;
  }

  take(from: number, to: number, by: 1 | -1 = 1): void {
    this.full = undefined;
    for (let s = Math.max(0, from); s < Math.min(to, this.slots); s += 1) this.taken[s] += by;
  }
}
