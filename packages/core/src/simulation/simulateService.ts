import { MOST_COVERED } from '../gear/crowding';
import { even } from '../maths/random';
import type { GearHeat, TicketJob } from '../pass/dishes/dish';
import { GearState } from '../pass/orders/gearState';
import type { PieceSteps } from '../pass/dishes/pieceSteps';
import type { ServiceGear } from '../pass/orders/serviceGear';
import type { PlacedPiece, ServiceJob, ServiceSchedule } from '../pass/slots/serviceSchedule';
import { SimulatedPiece, type TruePiece } from './simulatedPiece';

export interface SimulatedTicket {
  readonly id: string;
  /** Seconds of the service. */
  readonly orderedAt: number;
  readonly promised?: number | undefined;
  readonly pieces: readonly TruePiece[];
}

export interface SimulatedService {
  readonly gear: ServiceGear;
  readonly heat: GearHeat;
  /** In the order in which they come. */
  readonly tickets: readonly SimulatedTicket[];
  readonly random: () => number;
  /** Largest delay of a press, s. */
  readonly lateBy: number;
  readonly schedule: (job: ServiceJob) => ServiceSchedule;
}

/** Result of one ticket. Seconds of the service. */
export interface SentTicket {
  readonly id: string;
  readonly orderedAt: number;
  readonly promised: number | undefined;
  /** Ready time by the first schedule that contained it. */
  readonly quoted: number;
  /** Plating time of each piece, and the excess of its rest over the time it stays warm. */
  readonly pieces: readonly { readonly sentAt: number; readonly overRested: number }[];
}

export interface ServiceOutcome {
  readonly sent: readonly SentTicket[];
  /** Duration of every replanning, ms, and the number of open pieces. */
  readonly replans: readonly { readonly ms: number; readonly pieces: number }[];
}

/** Difference from its expected time within which a press moves nothing, s. */
const AS_EXPECTED = 15;
const STEP = 5;
const PLATING = 15;
/** A table is plated this much before its promise at the soonest, s. */
const EARLY = 60;
const LONGEST = 6 * 3600;
/** A pan takes a piece that overlaps what is there by so little, share of its floor. */
const SQUEEZED = 1.02;
/** Time ahead of a start within which equipment is brought to its temperature, s. */
const HEATED_AHEAD = 3600;

/** Something a pair of hands may do now. @returns in `act`: whether the schedule is to be made again */
interface Doing {
  readonly due: number;
  readonly seconds: number;
  readonly act: (now: number, until: number) => boolean;
}

/** A service cooked in hidden kitchens by cooks who follow the schedule a little late. */
class Line {
  readonly sent: SentTicket[] = [];
  readonly replans: { ms: number; pieces: number }[] = [];
  private readonly on = new Map<string, SimulatedPiece>();
  private readonly open: SimulatedTicket[] = [];
  private readonly quoted = new Map<string, number>();
  private readonly plated = new Map<string, number[]>();
  /** Delay of each piece's start, drawn once. */
  private readonly begins = new Map<string, number>();
  private readonly hands: number[];
  private readonly state: GearState;
  private published = new Map<string, PlacedPiece>();
  private arrived = 0;

  constructor(private readonly service: SimulatedService) {
    this.hands = Array.from({ length: service.gear.hands }, () => 0);
    this.state = new GearState(service.gear, service.heat);
  }

  run(): ServiceOutcome {
    const { tickets } = this.service;
    for (let now = 0; now < LONGEST && this.sent.length < tickets.length; now += STEP) {
      if (this.takeOrders(now)) this.replan(now);
      let changed = this.work(now);
      for (const piece of this.on.values()) {
        changed = piece.readWhenDue(now) > AS_EXPECTED || changed;
      }
      if (changed) this.replan(now);
      this.setHeats(now);
      this.state.follow(STEP);
    }
    return { sent: this.sent, replans: this.replans };
  }

  private takeOrders(now: number): boolean {
    const before = this.arrived;
    const { tickets } = this.service;
    while (this.arrived < tickets.length && tickets[this.arrived].orderedAt <= now) {
      this.open.push(tickets[this.arrived]);
      this.arrived += 1;
    }
    return this.arrived > before;
  }

  private replan(now: number): void {
    const { gear, schedule } = this.service;
    const tickets = this.open.map(({ id, orderedAt, promised, pieces }): TicketJob => ({
      id,
      from: orderedAt,
      promised,
      soonest: this.quoted.get(id),
      pieces: pieces.map((piece) => ({
        id: piece.id,
        options: piece.options,
        begun: this.on.get(piece.id)?.begun(now),
      })),
    }));
    const began = performance.now();
    const found = schedule({
      gear,
      now,
      heat: this.state.heat,
      tickets,
      published: this.published,
    });
    const pieces = tickets.reduce((sum, ticket) => sum + ticket.pieces.length, 0);
    this.replans.push({ ms: performance.now() - began, pieces });
    this.published = new Map(found.pieces.map((piece) => [piece.id, piece]));
    for (const { id, landsAt } of found.tickets) {
      if (!this.quoted.has(id)) this.quoted.set(id, landsAt);
    }
  }

  /** Every free pair of hands does what is most overdue. */
  private work(now: number): boolean {
    let changed = false;
    for (let h = 0; h < this.hands.length; h += 1) {
      while (this.hands[h] <= now) {
        const next = this.mostOverdue(now);
        if (!next) break;
        const until = Math.max(this.hands[h], now - STEP) + next.seconds;
        this.hands[h] = until;
        changed = next.act(now, until) || changed;
      }
    }
    return changed;
  }

  private mostOverdue(now: number): Doing | undefined {
    const offered = [
      ...[...this.on.values()].flatMap((piece) => this.touches(piece)),
      ...this.open.flatMap((ticket) => [
        ...ticket.pieces.flatMap((piece) => this.starts(piece, now)),
        ...this.plates(ticket, now),
      ]),
    ];
    let best: Doing | undefined;
    for (const doing of offered) {
      if (doing.due <= now && (best === undefined || doing.due < best.due)) best = doing;
    }
    return best;
  }

  private drawLateness(): number {
    return even(this.service.random, 0, this.service.lateBy);
  }

  private touches(piece: SimulatedPiece): readonly Doing[] {
    const next = piece.nextTouch;
    if (!next) return [];
    const act = (now: number): boolean =>
      piece.touch(now, this.drawLateness()) > AS_EXPECTED + this.service.lateBy ||
      piece.outAt !== undefined;
    return [{ due: next.at + piece.lateness, seconds: next.seconds, act }];
  }

  private starts(piece: TruePiece, now: number): readonly Doing[] {
    const placed = this.published.get(piece.id);
    if (this.on.has(piece.id) || !placed) return [];
    const late = this.begins.get(piece.id) ?? this.drawLateness();
    this.begins.set(piece.id, late);
    const option = piece.options[placed.option];
    const steps = placed.full ? option.full : option.alone;
    if (placed.start + late > now || !this.hasRoom(placed, steps, now)) return [];
    const act = (when: number): boolean => {
      const { random } = this.service;
      const begun = new SimulatedPiece(piece, placed, when, this.drawLateness(), random);
      this.on.set(piece.id, begun);
      return Math.abs(when - placed.start) > AS_EXPECTED + this.service.lateBy;
    };
    return [{ due: placed.start + late, seconds: steps.touches[0].seconds, act }];
  }

  private plates(ticket: SimulatedTicket, now: number): readonly Doing[] {
    const pieces = ticket.pieces.flatMap(({ id }) => this.on.get(id) ?? []);
    if (pieces.length < ticket.pieces.length) return [];
    const readyAt = Math.max(...pieces.map((piece) => piece.readyAt));
    if (readyAt > now) return [];
    const done = this.plated.get(ticket.id) ?? [];
    this.plated.set(ticket.id, done);
    const promised = (ticket.promised ?? 0) - EARLY - PLATING * pieces.length;
    const act = (_now: number, until: number): boolean => {
      done.push(until);
      if (done.length < pieces.length) return false;
      this.send(ticket, pieces, done);
      return true;
    };
    return [{ due: Math.max(readyAt, promised), seconds: PLATING, act }];
  }

  private send(
    ticket: SimulatedTicket,
    pieces: readonly SimulatedPiece[],
    plated: readonly number[],
  ): void {
    const { id, orderedAt, promised } = ticket;
    this.open.splice(this.open.indexOf(ticket), 1);
    this.sent.push({
      id,
      orderedAt,
      promised,
      quoted: this.quoted.get(id) ?? Math.max(...plated),
      pieces: pieces.map(({ readyAt, steps }, i) => ({
        sentAt: plated[i],
        overRested: Math.max(0, plated[i] - PLATING - readyAt - steps.keepsSeconds),
      })),
    });
    for (const piece of ticket.pieces) this.on.delete(piece.id);
  }

  private hasRoom(placed: PlacedPiece, { stays: [first] }: PieceSteps, now: number): boolean {
    const { gear } = this.service;
    const index = placed[first.place];
    let taken = 0;
    for (const piece of this.on.values()) {
      const stay = piece.stayAt(now);
      if (stay?.place === first.place && piece.placed[first.place] === index) {
        taken += stay.area || 1;
      }
    }
    if (first.place === 'oven') return taken < gear.ovens[index].slots;
    const { diameter } = gear.pans[index].pan;
    const floor = (MOST_COVERED * Math.PI * diameter * diameter) / 4;
    return taken === 0 || taken + first.area <= floor * SQUEEZED;
  }

  /** Empty pans and ovens are set for their next pieces. */
  private setHeats(now: number): void {
    const { gear } = this.service;
    const next = this.open
      .flatMap(({ pieces }) => pieces)
      .flatMap(({ id, options }) => {
        const placed = this.published.get(id);
        if (!placed || this.on.has(id) || placed.start > now + HEATED_AHEAD) return [];
        return options[placed.option].alone.stays.map((stay) => ({
          stay,
          index: placed[stay.place],
          at: placed.start + stay.at,
        }));
      })
      .toSorted((a, b) => a.at - b.at);
    const here = (place: 'pan' | 'oven', index: number): boolean =>
      [...this.on.values()].some(
        (piece) => piece.placed[place] === index && piece.stillNeeds(place, now),
      );
    gear.pans.forEach((_, i) => {
      const wanted = next.find(({ stay, index }) => stay.place === 'pan' && index === i);
      if (wanted && !here('pan', i)) this.state.setPan(i, wanted.stay.celsius);
    });
    gear.ovens.forEach((_, i) => {
      const wanted = next.find(({ stay, index }) => stay.place === 'oven' && index === i);
      if (wanted && !here('oven', i)) this.state.setOven(i, wanted.stay.celsius);
    });
  }
}

export const simulateService = (service: SimulatedService): ServiceOutcome =>
  new Line(service).run();
