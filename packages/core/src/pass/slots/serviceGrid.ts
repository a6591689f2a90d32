import { MOST_COVERED } from '../../gear/crowding';
import {
  CleanPan,
  WASHING,
  type Clean,
  type PanStay,
  type PieceAllergens,
} from '../dishes/cleanPans';
import type { BegunPiece, GearHeat, PansHeld, PieceOption } from '../dishes/dish';
import { ovenReady, panReady, type ServiceGear } from '../orders/serviceGear';
import { slotSteps, wholeArea, type SlotSteps } from './slotSteps';
import { CapacityTimeline, HeatedTimeline, type ResourceConflict } from './timeline';

/** Pans and ovens this near are one, K. */
const SAME_PAN = 20;
const SAME_OVEN = 5;
/** Time of a person for plating one piece, s. Estimate. */
const PLATING = 15;

/** Placement of a piece: its method, its pan and oven by their position in the lists of equipment, in slots. */
export interface Placement {
  readonly option: number;
  readonly full: boolean;
  readonly pan: number;
  readonly oven: number;
  readonly start: number;
  readonly steps: SlotSteps;
  /** Allergens to avoid in its pan; undefined: none. */
  readonly allergens?: PieceAllergens | undefined;
  readonly clean?: Clean | undefined;
}

export interface GridOptions {
  readonly gear: ServiceGear;
  readonly heat: GearHeat;
  /** Seconds of one slot. */
  readonly slot: number;
  readonly slots: number;
  /** The moment of the first slot, seconds of the service. */
  readonly now: number;
  /** Time of a person for plating one piece, s; default: 15. */
  readonly plating?: number | undefined;
  readonly held?: PansHeld | undefined;
}

const panArea = (diameter: number): number =>
  wholeArea((MOST_COVERED * Math.PI * diameter * diameter) / 4);

/** The gear and the hands of a service over time, in slots: what is taken, and what still fits. */
export class ServiceGrid {
  readonly slot: number;
  readonly slots: number;
  readonly plating: number;
  readonly pans: readonly HeatedTimeline[];
  readonly ovens: readonly HeatedTimeline[];
  readonly hands: CapacityTimeline;
  readonly holding: CapacityTimeline;
  /** Burners without a pan of the service. */
  readonly spare: CapacityTimeline;
  /** Indices of the pans and ovens that are in use. */
  readonly inUse: { readonly pan: readonly number[]; readonly oven: readonly number[] };
  /** Number of placements examined: the effort of a search. */
  tried = 0;
  private readonly now: number;
  private readonly clean: readonly CleanPan[];

  constructor({ gear, heat, slot, slots, now, plating = PLATING, held = [] }: GridOptions) {
    this.slot = slot;
    this.slots = slots;
    this.now = now;
    this.plating = plating;
    this.pans = gear.pans.map(
      ({ pan }, i) =>
        new HeatedTimeline(slots, slot, panArea(pan.diameter), SAME_PAN, heat.pans[i], (from, to) =>
          panReady(pan, from, to),
        ),
    );
    this.ovens = gear.ovens.map(
      ({ oven, slots: places }, i) =>
        new HeatedTimeline(slots, slot, places, SAME_OVEN, heat.ovens[i], (from, to) =>
          ovenReady(oven, from, to),
        ),
    );
    const used = (all: readonly { readonly out?: true | undefined }[]): readonly number[] =>
      [...all.keys()].filter((i) => all[i].out !== true);
    this.inUse = { pan: used(gear.pans), oven: used(gear.ovens) };
    this.hands = new CapacityTimeline(slots, gear.hands);
    this.holding = new CapacityTimeline(slots, gear.holding);
    this.spare = new CapacityTimeline(slots, gear.spare);
    this.clean = gear.pans.map((_, i) => new CleanPan(held.at(i) ?? 0));
  }

  /** The slot of a moment, seconds of the service. */
  slotOf(seconds: number): number {
    return Math.round((seconds - this.now) / this.slot);
  }

  secondsOf(slot: number): number {
    return this.now + slot * this.slot;
  }

  /** Share of the place that a stay takes: a piece that fits in an empty pan always fits. */
  private amountIn(pan: number, amount: number): number {
    return Math.min(amount, this.pans[pan].capacity);
  }

  /** Conflict of a piece with the grid at a place; undefined if the place is free. */
  findConflict(
    placement: Omit<Placement, 'option' | 'full' | 'clean'>,
  ): ResourceConflict | undefined {
    const { pan, oven, start, steps, allergens } = placement;
    this.tried += 1;
    if (start < 0) return { reason: 'hands' };
    for (const { from, to } of steps.touches) {
      if (!this.hands.fits(start + from, start + to)) return { reason: 'hands' };
    }
    for (const stay of steps.stays) {
      const inPan = stay.place === 'pan';
      if (!this.inUse[stay.place].includes(inPan ? pan : oven)) return { reason: stay.place };
      const place = inPan ? this.pans[pan] : this.ovens[oven];
      const to = start + stay.to + (inPan ? steps.recovery : 0);
      const amount = inPan ? this.amountIn(pan, stay.amount) : stay.amount;
      const found = place.findConflict(start + stay.from, to, stay.celsius, amount);
      if (found === 'full') return { reason: stay.place };
      if (found !== undefined) return { reason: `${stay.place}-heat`, set: found };
    }
    return allergens && !this.cleanFor(placement) ? { reason: 'pan' } : undefined;
  }

  /** Slots that washing takes of the hands. */
  private get washing(): number {
    return Math.ceil(WASHING.seconds / this.slot);
  }

  /**
   * Way in which the pan of a piece is made clean for it; undefined if it cannot be. A washing takes the pan, which is
   * empty then, and a person.
   */
  cleanFor({
    pan,
    start,
    steps,
    allergens,
  }: Omit<Placement, 'option' | 'full' | 'clean'>): Clean | undefined {
    const stay = panStayOf(start, steps, allergens);
    if (!stay) return { from: 0 };
    const { celsius } = stay;
    const place = this.pans[pan];
    const washes = this.washing + place.changeSlots(WASHING.celsius, celsius);
    const clean = this.clean[pan].cleanFor(stay, washes);
    if (clean?.washAt === undefined) return clean;
    const { washAt } = clean;
    const until = washAt + this.washing;
    const busy = steps.touches.some(({ from, to }) => start + from < until && start + to > washAt);
    if (busy || washAt < 0 || !this.hands.fits(washAt, until)) return undefined;
    return place.findConflict(washAt, stay.from, celsius, place.capacity) === undefined
      ? clean
      : undefined;
  }

  /**
   * Marks the starts at which persons are occupied, or an oven if one is given, or else a pan: three parts, so that
   * places with the same one compute it once.
   * @param free 1 for each start from `base` on that is free
   */
  clearHands(free: Uint8Array, base: number, { touches }: SlotSteps): void {
    for (const { from, to } of touches) this.hands.clear(free, base, from, to - from);
  }

  clearOven(free: Uint8Array, base: number, { stays }: SlotSteps, oven: number): void {
    for (const { place, from, to, celsius, amount } of stays) {
      if (place !== 'oven') continue;
      this.ovens[oven].clear(free, base, { from, length: to - from, celsius, amount });
    }
  }

  clearPan(
    free: Uint8Array,
    base: number,
    steps: SlotSteps,
    pan: number,
    allergens?: PieceAllergens,
  ): void {
    const { stays, recovery } = steps;
    const stay = panStayOf(0, steps, allergens);
    if (stay) this.clean[pan].clear(free, base, stay);
    for (const { place, from, to, celsius, amount } of stays) {
      if (place !== 'pan') continue;
      const length = to - from + recovery;
      this.pans[pan].clear(free, base, {
        from,
        length,
        celsius,
        amount: this.amountIn(pan, amount),
      });
    }
  }

  /** Reserves, or releases, the needs of a placed piece until its plating. */
  place(placement: Placement, readySlot: number, by: 1 | -1 = 1): void {
    const { pan, oven, start, steps } = placement;
    this.keepApart(placement, by);
    for (const { from, to } of steps.touches) this.hands.take(start + from, start + to, by);
    for (const stay of steps.stays) {
      const inPan = stay.place === 'pan';
      const place = inPan ? this.pans[pan] : this.ovens[oven];
      const from = start + stay.from;
      const to = start + stay.to + (inPan ? steps.recovery : 0);
      const amount = inPan ? this.amountIn(pan, stay.amount) : stay.amount;
      if (by === 1) place.take(from, to, stay.celsius, amount);
      else place.give(from, to, amount);
    }
    this.holding.take(start + steps.heat, readySlot, by);
  }

  /** Takes, or gives back, the pan for an allergic table, with its washing. */
  private keepApart({ pan, start, steps, allergens, clean }: Placement, by: 1 | -1): void {
    const stay = panStayOf(start, steps, allergens);
    if (!stay) return;
    if (by === 1) this.clean[pan].take(stay, clean);
    else this.clean[pan].give(stay);
    if (clean?.washAt === undefined) return;
    const place = this.pans[pan];
    const from = Math.max(0, clean.washAt);
    if (by === 1) place.take(from, stay.from, stay.celsius, place.capacity);
    else place.give(from, stay.from, place.capacity);
    this.hands.take(from, clean.washAt + this.washing, by);
  }

  /** Takes what a piece that is on still needs of the gear and the hands. */
  placeBegun({ stays, touches }: BegunPiece, allergens?: PieceAllergens): void {
    for (const { place, index, from, to, celsius, area } of stays) {
      const gear = place === 'pan' ? this.pans.at(index) : this.ovens.at(index);
      if (!gear) continue;
      const amount = place === 'pan' ? Math.min(wholeArea(area), gear.capacity) : 1;
      const stay = { from: Math.max(0, this.slotOf(from)), to: this.slotOf(to) };
      gear.take(stay.from, stay.to, Math.round(celsius), amount);
      if (place === 'pan' && allergens) {
        this.clean[index].take({ ...stay, allergens }, { from: 0 });
      }
    }
    for (const { at, seconds } of touches) {
      const from = this.slotOf(at);
      this.hands.take(from, from + Math.max(1, Math.ceil(seconds / this.slot)));
    }
  }

  /** Whether a piece that is laid in finds its pan so covered that it needs the full pan's time. */
  findsFull(pan: number, start: number, { alone, fullArea }: PieceOption): boolean {
    const stay = alone.stays.find(({ place }) => place === 'pan');
    if (!stay) return false;
    const from = start + Math.floor(stay.at / this.slot);
    const to = from + Math.ceil(stay.seconds / this.slot);
    const covered = this.pans[pan].mostTaken(from, to) + wholeArea(stay.area);
    return covered > wholeArea((stay.area + fullArea) / 2);
  }
}

/** Stay of a piece in its pan, from its first heat there to its last; undefined without allergens to avoid. */
const panStayOf = (
  start: number,
  { stays, recovery }: SlotSteps,
  allergens: PieceAllergens | undefined,
): (PanStay & { readonly celsius: number }) | undefined => {
  const first = stays.find(({ place }) => place === 'pan');
  const last = stays.findLast(({ place }) => place === 'pan');
  if (!allergens || !first || !last) return undefined;
  const to = start + last.to + recovery;
  return { from: start + first.from, to, allergens, celsius: first.celsius };
};

/** Slot steps of every option, in a pan by itself and in a full pan: one object if both are the same. */
export const optionSteps = (
  options: readonly PieceOption[],
  slot: number,
): readonly { readonly alone: SlotSteps; readonly full: SlotSteps }[] =>
  options.map(({ alone, full }) => {
    const steps = slotSteps(alone, slot);
    return { alone: steps, full: full === alone ? steps : slotSteps(full, slot) };
  });
