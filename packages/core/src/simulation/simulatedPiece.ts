import { normal } from '../maths/random';
import type { AbsoluteStay, BegunPiece, PieceJob } from '../pass/dishes/dish';
import type { PieceSteps, PieceStay } from '../pass/dishes/pieceSteps';
import type { PlacedPiece } from '../pass/slots/serviceSchedule';
import { toActualTime, type TrueTimes } from './trueTimes';

/** Remaining share of a forecast's error after a reading: `bench -- live`. */
const ERROR_LEFT = 0.15;
/** Time of the first reading, share of the cook. */
const READ_AT = 0.6;

/** A piece on order, and how long each of its options really takes. */
export interface TruePiece extends PieceJob {
  readonly truth: (option: number) => TrueTimes;
}

/** A piece that is on in a simulated service: its true course, and its expected one. */
export class SimulatedPiece {
  readonly steps: PieceSteps;
  /** Touches made; the next one comes so late, s. */
  done = 1;
  /** End of the heat. */
  outAt: number | undefined;
  private readonly truth: TrueTimes;
  /** Delay of later touches, s. */
  private slip = 0;
  private read = false;
  /** By how much the forecast after a reading is off, s. */
  private readonly error: number;

  constructor(
    piece: TruePiece,
    readonly placed: PlacedPiece,
    readonly start: number,
    public lateness: number,
    random: () => number,
  ) {
    const option = piece.options[placed.option];
    this.steps = placed.full ? option.full : option.alone;
    this.truth = piece.truth(placed.option);
    const { heatSeconds } = this.steps;
    this.error =
      ERROR_LEFT * (heatSeconds - toActualTime(this.truth, heatSeconds)) * normal(random);
  }

  /** Actual time of a planned moment. */
  actual(at: number): number {
    return this.start + this.slip + toActualTime(this.truth, at);
  }

  /** Expected time of a planned moment: by the plan, later by readings. */
  expected(at: number): number {
    if (!this.read) return this.start + this.slip + at;
    return this.actual(at) + (this.error * at) / this.steps.heatSeconds;
  }

  /** The thermometer is read when it is time to. @returns how much that moved the end, s */
  readWhenDue(now: number): number {
    const end = this.steps.heatSeconds;
    if (this.read || now - this.start <= READ_AT * end) return 0;
    const before = this.expected(end);
    this.read = true;
    return Math.abs(this.expected(end) - before);
  }

  /** The next touch, when it should be made. */
  get nextTouch(): { readonly at: number; readonly seconds: number } | undefined {
    const touch = this.steps.touches.at(this.done);
    return touch && { at: this.actual(touch.at), seconds: touch.seconds };
  }

  /** The next touch is made. @returns how late it was, s */
  touch(now: number, lateness: number): number {
    const slip = Math.max(0, now - (this.nextTouch?.at ?? now));
    this.slip += slip;
    this.done += 1;
    this.lateness = lateness;
    if (this.done === this.steps.touches.length) this.outAt = now;
    return slip;
  }

  /** Rested from here on; Infinity while it is on the heat. */
  get readyAt(): number {
    return this.outAt === undefined ? Infinity : this.outAt + this.steps.restSeconds;
  }

  /** Whether it is in a place or has yet to go there. */
  stillNeeds(place: PieceStay['place'], now: number): boolean {
    return (
      this.outAt === undefined &&
      this.steps.stays.some(
        (stay) => stay.place === place && this.actual(stay.at + stay.seconds) > now,
      )
    );
  }

  /** The stay it is in, if it is in one. */
  stayAt(now: number): PieceStay | undefined {
    if (this.outAt !== undefined) return undefined;
    return this.steps.stays.find(
      ({ at, seconds }) => this.actual(at) <= now && now < this.actual(at + seconds) - 1,
    );
  }

  /** Course of the piece as a schedule receives it. */
  begun(now: number): BegunPiece {
    const { steps, placed, start, done } = this;
    const due = (at: number): number => Math.max(now, this.expected(at));
    const outAt = this.outAt ?? due(steps.heatSeconds);
    const readyAt = outAt + steps.restSeconds;
    const stays = steps.stays.flatMap((stay): readonly AbsoluteStay[] => {
      const to = due(stay.at + stay.seconds);
      if (this.outAt !== undefined || to <= now) return [];
      const { place, celsius, area } = stay;
      const index = placed[place];
      return [{ place, index, from: due(stay.at), to, celsius, area }];
    });
    const touches = steps.touches.slice(done).map(({ at, seconds }) => ({ at: due(at), seconds }));
    const { option, pan, oven } = placed;
    const keepsUntil = readyAt + steps.keepsSeconds;
    return { option, pan, oven, start, stays, touches, outAt, readyAt, keepsUntil };
  }
}
