import { crustColour } from '../doneness';
import { LivePan, OvenBody, PanBody, type PanOnBurner } from '../gear';
import { fatOf } from '../gear/fats';
import {
  browningIndex,
  greyBand,
  onARack,
  resting,
  runFor,
  SLAB,
  solverFor,
  STILL_OVEN,
  PRESS,
  type PieceSolver,
} from '../heat';
import { LiveOven } from '../gear';
import { pieceOf, pieceInSurroundings } from '../plan/pieceOf';
import type { PlanRequest } from '../plan/request';
import type { HiddenKitchen } from './trueKitchen';

/** Where a practised piece may be put. */
export const PRACTICE_PLACES = ['board', 'pan', 'oven', 'rest'] as const;
export type PracticePlace = (typeof PRACTICE_PLACES)[number];

/** What a cook without instruments sees, hears and feels. */
export interface Senses {
  /** Seconds since the start. */
  readonly time: number;
  readonly place: PracticePlace;
  readonly sound: 'silence' | 'a murmur' | 'a steady sizzle' | 'a fierce crackle';
  readonly smoke: 'none' | 'a wisp' | 'thick';
  /** Of the face that can be seen. */
  readonly colour: string;
  readonly firmness: 'soft' | 'yielding' | 'springy' | 'firm' | 'hard';
  readonly butter: 'none' | 'foaming' | 'brown' | 'burnt';
}

/** How a practised piece came out. */
export interface PracticeResult {
  readonly peak: number;
  readonly browning: readonly [number, number];
  readonly greyBand: number;
  readonly butter: Senses['butter'];
  readonly panAtIn: number | undefined;
  readonly pulledAt: number | undefined;
}

/** Flux into the lower face from which each sound is heard, W/m2. Estimates: a hot pan gives 40 kW/m2 at first. */
const SOUNDS = [
  [24_000, 'a fierce crackle'],
  [9000, 'a steady sizzle'],
  [2500, 'a murmur'],
] as const;
/** Core from which meat feels so to a finger, C. Usual practice. */
const FIRMNESS = [
  [68, 'hard'],
  [60, 'firm'],
  [53, 'springy'],
  [45, 'yielding'],
] as const;
/** Butter in a pan hotter than this browns, and burns, C; how long it takes, s. */
const BUTTER_BROWNS = 150;
const BUTTER_LIMITS = [60, 150] as const;

/**
 * A hidden kitchen to practise in: the cook sets the burner and the oven, moves and turns the
 * piece, and is told only what a cook would notice.
 */
export class PracticeKitchen {
  time = 0;
  place: PracticePlace = 'board';
  readonly pan: PanBody;
  readonly oven: OvenBody;
  readonly solver: PieceSolver;
  private butterFor: number | undefined;
  private panAtIn: number | undefined;
  private pulledAt: number | undefined;
  private inside: LivePan | LiveOven | undefined;

  constructor(
    readonly request: PlanRequest,
    readonly hidden: HiddenKitchen,
    onBurner: PanOnBurner,
    ovenDial: number,
  ) {
    const told: PlanRequest = {
      ...request,
      thickness: request.thickness + hidden.thickness,
      start: request.start + hidden.start,
    };
    this.solver = solverFor(pieceOf(told, SLAB));
    this.pan = new PanBody(onBurner);
    this.pan.setting = 0;
    this.oven = new OvenBody(
      { offset: hidden.oven, timeConstant: 700, swing: 6, hottest: 320 },
      ovenDial,
      22,
      ovenDial + hidden.oven,
    );
    this.contact = hidden.contact * PRESS[request.press];
    this.times = pieceInSurroundings(told, true, onBurner).sectionMultiple;
  }

  private readonly contact: number;
  private readonly times: number;

  /** @param setting share of the burner's full power */
  setBurner(setting: number): void {
    this.pan.setting = Math.min(1, Math.max(0, setting));
  }

  move(place: PracticePlace): void {
    if (place === this.place) return;
    this.place = place;
    this.inside = undefined;
    if (place === 'pan') {
      this.panAtIn ??= this.pan.temperature;
      this.inside = new LivePan(this.pan, { times: this.times, contact: this.contact });
    }
    if (place === 'oven') {
      this.oven.openDoor(10);
      this.inside = new LiveOven(this.oven, STILL_OVEN);
    }
    if (place === 'rest') this.pulledAt = this.time;
  }

  turn(): void {
    this.solver.flip();
  }

  addButter(): void {
    this.butterFor ??= 0;
  }

  /** Lets time pass. */
  follow(seconds: number): void {
    const around =
      this.inside ?? (this.place === 'oven' ? onARack(this.oven.air, STILL_OVEN) : resting('open'));
    runFor(this.solver, around, seconds);
    if (!(this.inside instanceof LivePan)) this.pan.follow(seconds, 0);
    if (!(this.inside instanceof LiveOven)) this.oven.follow(seconds);
    if (this.butterFor !== undefined && this.pan.temperature > BUTTER_BROWNS) {
      this.butterFor += seconds * 2 ** ((this.pan.temperature - 180) / 20);
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
    const { solver, place, pan } = this;
    const flux = place === 'pan' ? solver.lowerPower : 0;
    const [smokes, surely] = fatOf(this.request.fat).smokes;
    const oiled = this.panAtIn !== undefined || pan.temperature > 150;
    return {
      time: this.time,
      place,
      sound: SOUNDS.find(([least]) => flux >= least)?.[1] ?? 'silence',
      smoke:
        !oiled || pan.temperature < smokes - 5
          ? 'none'
          : pan.temperature < surely
            ? 'a wisp'
            : 'thick',
      colour: crustColour(browningIndex(solver.browned(solver.upperSide)), this.request),
      firmness: FIRMNESS.find(([least]) => solver.core >= least)?.[1] ?? 'soft',
      butter: this.butter,
    };
  }

  /** Rests it until the core is past its peak. */
  finish(): PracticeResult {
    if (this.place !== 'rest') this.move('rest');
    let peak = this.solver.core;
    runFor(this.solver, resting(this.request.cover), 1800, () => {
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
