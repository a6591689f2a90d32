import { crustColour, firmnessAt, type CrustColour, type Firmness } from '../doneness';
import { BURNER_EFFICIENCY, LiveOven, OvenBody, type PanOnBurner } from '../gear';
import { fatOf } from '../gear/fats';
import {
  browningIndex,
  greyBand,
  faceArea,
  KITCHEN_AIR,
  onThePan,
  PieceOnIron,
  resting,
  restingOn,
  runFor,
  SLAB,
  solverFor,
  STILL_OVEN,
  PRESS,
  TwoZonePan,
  heardSteam,
  sizzleLevel,
  sizzleOf,
  type Sizzle,
  type Environment,
  type PieceSolver,
  type Surroundings,
} from '../heat';
import type { PieceInSurroundings } from '../plan/legs/legSurroundings';
import { pieceOf, pieceInSurroundings } from '../plan/legs/pieceOf';
import type { PlanRequest } from '../plan/request/request';
import type { HiddenKitchen } from './trueKitchen';

/** Places of a practised piece. */
export const PRACTICE_PLACES = ['board', 'pan', 'oven', 'rest'] as const;
export type PracticePlace = (typeof PRACTICE_PLACES)[number];

/** Signs that a cook sees, hears and feels without instruments. */
export interface Senses {
  /** Seconds since the start. */
  readonly time: number;
  readonly place: PracticePlace;
  readonly sound: Sizzle;
  /** 0 to 1, by its steam. */
  readonly loudness: number;
  readonly smoke: 'none' | 'wisp' | 'thick';
  /** Of the face that can be seen. */
  readonly colour: CrustColour;
  readonly firmness: Firmness;
  readonly butter: 'none' | 'foaming' | 'brown' | 'burnt';
}

/** Result of a practised piece. */
export interface PracticeResult {
  readonly peak: number;
  readonly browning: readonly [number, number];
  readonly greyBand: number;
  readonly butter: Senses['butter'];
  readonly panAtIn: number | undefined;
  readonly pulledAt: number | undefined;
}

/** Butter in a pan hotter than this browns, and burns, C; how long it takes, s. */
const BUTTER_BROWNS = 150;
const BUTTER_LIMITS = [60, 150] as const;

/** Start of a practice that differs from the default: a cold pan, a hot oven and the piece on the board. */
export interface PracticeStart {
  /** Temperature of the pan, C, and the burner's share of full power. */
  readonly pan?: number;
  readonly burner?: number;
  /** First place of the piece. */
  readonly place?: PracticePlace;
  /** Temperature of the oven, C; default: that of its dial with its offset. */
  readonly oven?: number;
  /** Error of the thermometer, K. */
  readonly reads?: number;
}

/** Objects that a thermometer can measure. */
export const READABLE = ['middle', 'pan', 'ice'] as const;
export type Readable = (typeof READABLE)[number];

/** Time over which the steam of the sound is averaged, s: steam dies away in this time. */
const HEARD_OVER = 2;

/**
 * A hidden kitchen for practice: the cook sets the burner and the oven, moves and turns the piece, and sees only what
 * a cook would notice.
 */
export class PracticeKitchen {
  time = 0;
  place: PracticePlace = 'board';
  readonly pan: TwoZonePan;
  readonly oven: OvenBody;
  readonly solver: PieceSolver;
  private butterFor: number | undefined;
  private panAtIn: number | undefined;
  private pulledAt: number | undefined;
  private around: Surroundings | Environment = resting('open');
  /** The steam that is heard, kg/(m2 s). */
  private heard = 0;
  private readonly reads: number;

  constructor(
    readonly request: PlanRequest,
    readonly hidden: HiddenKitchen,
    onBurner: PanOnBurner,
    ovenDial: number,
    { pan, burner = 0, place, oven = ovenDial + hidden.oven, reads = 0 }: PracticeStart = {},
  ) {
    const stated: PlanRequest = {
      ...request,
      ...hidden.habits,
      thickness: request.thickness + hidden.thickness,
      start: request.start + hidden.start,
    };
    this.placed = pieceInSurroundings(stated, true, onBurner);
    const { model, foodArea, knob, spot } = this.placed;
    this.solver = solverFor(pieceOf(stated, SLAB), { model });
    const power = onBurner.power * BURNER_EFFICIENCY[onBurner.burner] * hidden.burner;
    this.pan = new TwoZonePan({ ...onBurner, power }, foodArea, pan ?? KITCHEN_AIR, knob, spot);
    this.pan.setting = burner;
    this.reads = reads;
    this.oven = new OvenBody(
      { offset: hidden.oven, timeConstant: 700, swing: 6, hottest: 320 },
      ovenDial,
      KITCHEN_AIR,
      oven,
    );
    if (place) this.move(place);
  }

  private readonly placed: PieceInSurroundings;

  /** Temperature of the pan's floor, C: under the piece where it lies in it. */
  get panTemperature(): number {
    return this.place === 'pan' ? this.pan.under : this.pan.mean;
  }

  /** @param setting share of the burner's full power */
  setBurner(setting: number): void {
    this.pan.setting = Math.min(1, Math.max(0, setting));
  }

  /** @param dial what the oven's knob is turned to, C; its walls take their time */
  setOven(dial: number): void {
    this.oven.dial = dial;
  }

  /** Reading of the thermometer, C. */
  read(at: Readable): number {
    const truth = { middle: this.core, pan: this.panTemperature, ice: 0 }[at];
    return truth + this.reads;
  }

  move(place: PracticePlace): void {
    if (place === this.place) return;
    this.place = place;
    if (place === 'rest') this.pulledAt = this.time;
    this.around = this.arriving(place);
  }

  /** Surroundings of the piece after it is moved to a place. */
  private arriving(place: PracticePlace): Surroundings | Environment {
    const { request, hidden, pan, placed, solver } = this;
    const { model, restOn, sectionMultiple } = placed;
    switch (place) {
      case 'pan': {
        const { press } = request;
        this.panAtIn ??= pan.mean;
        const contact = hidden.contact * PRESS[press];
        const on = onThePan(pan.under, { contact, press, model });
        return new PieceOnIron(on, pan, sectionMultiple, model.sideSeesIron);
      }
      case 'oven':
        this.oven.openDoor(10);
        return new LiveOven(this.oven, STILL_OVEN * hidden.ovenHeat);
      case 'board':
        return resting('open');
      case 'rest': {
        const on = model.restSurface ? restOn : undefined;
        return restingOn(resting(request.cover), on, request.cover, faceArea(solver.section));
      }
    }
  }

  turn(): void {
    this.solver.flip();
    if (this.place === 'pan') this.pan.turn();
  }

  addButter(): void {
    this.butterFor ??= 0;
  }

  /** Lets time pass. */
  follow(seconds: number): void {
    const { solver } = this;
    const area = faceArea(solver.section);
    // Only the last part can be heard at its end.
    const last = Math.min(seconds, HEARD_OVER);
    if (seconds > last) runFor(solver, this.around, seconds - last);
    const before = solver.evaporated;
    if (last > 0) runFor(solver, this.around, last);
    this.heard =
      this.place === 'pan' && last > 0
        ? heardSteam({
            left: (solver.evaporated - before) / last / area,
            flux: solver.lowerPower / area,
            iron: this.panTemperature,
          })
        : 0;
    if (this.place !== 'pan') this.pan.follow(seconds, 0);
    if (this.place !== 'oven') this.oven.follow(seconds);
    const { panTemperature } = this;
    if (this.butterFor !== undefined && panTemperature > BUTTER_BROWNS) {
      this.butterFor += seconds * 2 ** ((panTemperature - 180) / 20);
    }
    this.time += seconds;
  }

  get core(): number {
    return this.solver.core;
  }

  get butter(): Senses['butter'] {
    if (this.butterFor === undefined) return 'none';
    const [browns, burns] = BUTTER_LIMITS;
    return this.butterFor > burns ? 'burnt' : this.butterFor > browns ? 'brown' : 'foaming';
  }

  senses(): Senses {
    const { solver, place, panTemperature } = this;
    const [smokes, surely] = fatOf(this.request.fat).smokes;
    const oiled = this.panAtIn !== undefined || panTemperature > 150;
    return {
      time: this.time,
      place,
      sound: sizzleOf(this.heard),
      loudness: sizzleLevel(this.heard),
      smoke:
        !oiled || panTemperature < smokes - 5 ? 'none' : panTemperature < surely ? 'wisp' : 'thick',
      colour: crustColour(browningIndex(solver.browned(solver.upperSide)), this.request),
      firmness: firmnessAt(solver.core),
      butter: this.butter,
    };
  }

  /** Rests it until the core is past its peak. */
  finish(): PracticeResult {
    if (this.place !== 'rest') this.move('rest');
    let peak = this.solver.core;
    runFor(this.solver, this.around, 1800, () => {
      peak = Math.max(peak, this.solver.core);
      return this.solver.core < peak - 0.1;
    });
    return {
      peak,
      browning: [browningIndex(this.solver.browned(0)), browningIndex(this.solver.browned(1))],
      greyBand: greyBand(this.solver),
      butter: this.butter,
      panAtIn: this.panAtIn,
      pulledAt: this.pulledAt,
    };
  }
}
