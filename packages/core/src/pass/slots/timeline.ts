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

/** Stretches in which none of a capacity is free. */
type FullStretches = Pick<Stretches, 'count' | 'begins' | 'ends'>;

/** Index of the first of `count` ascending values that is at least `least`; `count` if there is none. */
const firstFrom = (values: readonly number[], count: number, least: number): number => {
  let [low, high] = [0, count];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (values[middle] < least) low = middle + 1;
    else high = middle;
  }
  return low;
};

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
  /** End of the last stay that was ever taken: all slots from there on are free. */
  private until = 0;

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
    const { taken } = this;
    let most = 0;
    for (let s = from; s < to; s += 1) if (taken[s] > most) most = taken[s];
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
    const { taken, celsius: set, capacity, within, slots, until } = this;
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
    while (s < until && taken[s] === 0) s += 1;
    if (s < until && s - to < this.changeSlots(celsius, set[s])) return set[s];
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
    const last = first + free.length;
    const mark = (begin: number, end: number): void => {
      if (end > first && begin < last) free.fill(0, Math.max(0, begin - first), end - first);
    };
    // The next stay finds its own temperature, and the last one before this leaves time for the change to this.
    mark(0, Math.min(this.changeSlots(this.start, celsius), (count > 0 ? begins[0] : slots) + 1));
    // A stretch clears no start before the end of the stretch before it, and none after the begin of the next.
    for (let i = Math.max(0, firstFrom(begins, count, first) - 1); i < count; i += 1) {
      if (i > 0 && ends[i - 1] - length >= last) break;
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
    mark(Math.max(0, slots - length + 1), last);
  }

  /** Stretches that are taken in one way, in the order of time. They are found again after a change. */
  private busyStretches(): Stretches {
    if (!this.isChanged) return this.stretches;
    const { taken, celsius, until, stretches } = this;
    let count = -1;
    let last = 0;
    for (let s = 0; s < until; s += 1) {
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
    const { taken, celsius: set } = this;
    const end = Math.min(to, this.slots);
    this.isChanged = true;
    this.until = Math.max(this.until, end);
    for (let s = from; s < end; s += 1) {
      taken[s] += amount;
      set[s] = celsius;
    }
  }

  give(from: number, to: number, amount: number): void {
    const { taken } = this;
    const end = Math.min(to, this.slots);
    this.isChanged = true;
    for (let s = from; s < end; s += 1) taken[s] -= amount;
  }
}

/** Persons or holding places over time, each used by one task at a time. */
export class CapacityTimeline {
  private readonly taken: Int16Array;
  private readonly full: FullStretches = {
    count: 0,
    begins: [],
    ends: [],
  };
  private isChanged = true;
  /** End of the last stretch that was ever taken. */
  private until = 0;

  constructor(
    readonly slots: number,
    readonly capacity: number,
  ) {
    this.taken = new Int16Array(slots);
  }

  fits(from: number, to: number): boolean {
    if (to > this.slots) return false;
    const { taken, capacity } = this;
    for (let s = from; s < to; s += 1) if (taken[s] >= capacity) return false;
    return true;
  }

  /**
   * Marks the starts at which a stretch would find no free one.
   * @param free 1 for each start from `base` on that is free
   * @param from of the stretch, slots after the start
   */
  clear(free: Uint8Array, base: number, from: number, length: number): void {
    const first = base + from;
    const last = first + free.length;
    const { count, begins, ends } = this.fullStretches();
    for (let i = firstFrom(ends, count, first + 1); i < count; i += 1) {
      const begin = begins[i] - length + 1;
      if (begin >= last) break;
      free.fill(0, Math.max(0, begin - first), ends[i] - first);
    }
    free.fill(0, Math.min(free.length, Math.max(0, this.slots - length - first + 1)));
  }

  /** Stretches in which none is free, in the order of time. They are found again after a change. */
  private fullStretches(): FullStretches {
    if (!this.isChanged) return this.full;
    const { taken, capacity, full } = this;
    // Without any capacity every slot is full.
    const until = capacity > 0 ? this.until : this.slots;
    let count = 0;
    for (let s = 0; s < until; s += 1) {
      if (taken[s] < capacity) continue;
      full.begins[count] = s;
      while (s < until && taken[s] >= capacity) s += 1;
      full.ends[count] = s;
      count += 1;
    }
    full.count = count;
    this.isChanged = false;
    return full;
  }

  take(from: number, to: number, by: 1 | -1 = 1): void {
    const { taken } = this;
    const end = Math.min(to, this.slots);
    this.isChanged = true;
    this.until = Math.max(this.until, end);
    for (let s = Math.max(0, from); s < end; s += 1) taken[s] += by;
  }
}
