import { MOST_COVERED } from '../gear/crowding';
import type { BegunPiece, GearHeat, PieceOption } from './dish';
import { ovenReady, panReady, type ServiceGear } from './serviceGear';
import { slotSteps, wholeArea, type SlotSteps } from './slotSteps';
import { Counted, HeatedPlace, type Taken } from './timeline';

/** Pans and ovens this near are one, K. */
const SAME_PAN = 20;
const SAME_OVEN = 5;
/** Hands on one piece as it is plated, s. Estimate. */
const PLATING = 15;

/** Where a piece is placed: its way, its pan and oven by their place in the gear's list, in slots. */
export interface Placement {
  readonly option: number;
  readonly full: boolean;
  readonly pan: number;
  readonly oven: number;
  readonly start: number;
  readonly steps: SlotSteps;
}

export interface GridOptions {
  readonly gear: ServiceGear;
  readonly heat: GearHeat;
  /** Seconds of one slot. */
  readonly slot: number;
  readonly slots: number;
  /** The moment of the first slot, seconds of the service. */
  readonly now: number;
  /** Hands on one piece as it is plated, s; absent: the usual. */
  readonly plating?: number | undefined;
}

const panArea = (diameter: number): number =>
  wholeArea((MOST_COVERED * Math.PI * diameter * diameter) / 4);

/** The gear and the hands of a service over time, in slots: what is taken, and what still fits. */
export class ServiceGrid {
  readonly slot: number;
  readonly slots: number;
  readonly plating: number;
  readonly pans: readonly HeatedPlace[];
  readonly ovens: readonly HeatedPlace[];
  readonly hands: Counted;
  readonly holding: Counted;
  /** Burners without a pan of the service. */
  readonly spare: Counted;
  /** Placements looked at so far: what a search spends. */
  tried = 0;
  private readonly now: number;

  constructor({ gear, heat, slot, slots, now, plating = PLATING }: GridOptions) {
    this.slot = slot;
    this.slots = slots;
    this.now = now;
    this.plating = plating;
    this.pans = gear.pans.map(
      ({ pan }, i) =>
        new HeatedPlace(slots, slot, panArea(pan.diameter), SAME_PAN, heat.pans[i], (from, to) =>
          panReady(pan, from, to),
        ),
    );
    this.ovens = gear.ovens.map(
      ({ oven, slots: places }, i) =>
        new HeatedPlace(slots, slot, places, SAME_OVEN, heat.ovens[i], (from, to) =>
          ovenReady(oven, from, to),
        ),
    );
    this.hands = new Counted(slots, gear.hands);
    this.holding = new Counted(slots, gear.holding);
    this.spare = new Counted(slots, gear.spare);
  }

  /** The slot of a moment, seconds of the service. */
  slotOf(seconds: number): number {
    return Math.round((seconds - this.now) / this.slot);
  }

  secondsOf(slot: number): number {
    return this.now + slot * this.slot;
  }

  /** What of a stay's place it takes: a piece that fits at all always goes in. */
  private amountIn(pan: number, amount: number): number {
    return Math.min(amount, this.pans[pan].capacity);
  }

  /** What keeps a piece from being placed so; undefined where nothing does. */
  refuses({ pan, oven, start, steps }: Omit<Placement, 'option' | 'full'>): Taken | undefined {
    this.tried += 1;
    if (start < 0) return { reason: 'hands' };
    for (const { from, to } of steps.touches) {
      if (!this.hands.fits(start + from, start + to)) return { reason: 'hands' };
    }
    for (const stay of steps.stays) {
      const inPan = stay.place === 'pan';
      const place = inPan ? this.pans[pan] : this.ovens[oven];
      const to = start + stay.to + (inPan ? steps.recovery : 0);
      const amount = inPan ? this.amountIn(pan, stay.amount) : stay.amount;
      const found = place.refuses(start + stay.from, to, stay.celsius, amount);
      if (found === 'full') return { reason: stay.place };
      if (found !== undefined) return { reason: `${stay.place}-heat`, set: found };
    }
    return undefined;
  }

  /** Takes, or gives back, what a placed piece needs until it lands. */
  place({ pan, oven, start, steps }: Placement, lands: number, by: 1 | -1 = 1): void {
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
    this.holding.take(start + steps.heat, lands, by);
  }

  /** Takes what a piece that is on still needs of the gear and the hands. */
  placeBegun({ stays, touches }: BegunPiece): void {
    for (const { place, index, from, to, celsius, area } of stays) {
      const gear = place === 'pan' ? this.pans.at(index) : this.ovens.at(index);
      if (!gear) continue;
      const amount = place === 'pan' ? Math.min(wholeArea(area), gear.capacity) : 1;
      gear.take(Math.max(0, this.slotOf(from)), this.slotOf(to), Math.round(celsius), amount);
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

/** The slot steps of every option, alone and in a full pan. */
export const optionSteps = (
  options: readonly PieceOption[],
  slot: number,
): readonly { readonly alone: SlotSteps; readonly full: SlotSteps }[] =>
  options.map(({ alone, full }) => ({
    alone: slotSteps(alone, slot),
    full: slotSteps(full, slot),
  }));
