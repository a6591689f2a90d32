import type { KitchenDeviation, PanOnBurner } from '../../gear';
import {
  browningGoal,
  DISPLAY_COLUMNS,
  faceArea,
  continueRun,
  runFor,
  SEARCH_STEP_CONTROL,
  SLAB,
  solverFor,
  type Observer,
  type PieceSnapshot,
  type PieceSolver,
} from '../../heat';
import { CookPlaces, type PlacesSnapshot } from './cookPlaces';
import type { CookRecording } from './cookRecording';
import type { PieceInSurroundings } from './legSurroundings';
import type { Leg } from './legs';
import {
  LONGEST_BLAST,
  LONGEST_RENDER,
  LONGEST_SEAR,
  SHORTEST_BLAST,
  SHORTEST_RENDER,
  SHORTEST_SEAR,
} from './longest';
import { pieceInSurroundings, pieceOf, shapeOf } from './pieceOf';
import { modelOf, type PlanRequest } from '../request/request';
import { carvingAfter } from './carving';
import { restToPeak, type RestPeak } from './restToPeak';
import { timedFor, type TimedLeg } from './timedLeg';

/** Resolution and kitchen of a simulated cook. */
export interface PieceCookOptions {
  /** Columns of the section; absent solves in one dimension with the lateral correction. */
  readonly columns: number | undefined;
  readonly deviation: KitchenDeviation;
  readonly pan: PanOnBurner;
  /** Lateral area ratio of a piece solved in one dimension; default: by rule. */
  readonly lateralAreaRatio: number | undefined;
}

/** A cook at a moment: its piece, what its pan and its board have been through, and its recording. */
export interface CookSnapshot {
  readonly piece: PieceSnapshot;
  readonly places: PlacesSnapshot;
  /** s since the heat. */
  readonly passed: number;
  readonly recording: CookRecording | undefined;
}

/** The shortest and the longest that a leg lasts whose crust decides, s. */
const boundsOf = (heat: Leg['heat']): readonly [number, number] => {
  if (heat.on === 'cold-pan') return [SHORTEST_RENDER, LONGEST_RENDER];
  if (heat.on === 'rack') return [SHORTEST_BLAST, LONGEST_BLAST];
  const share = heat.on === 'pan' ? (heat.share ?? 1) : 1;
  return [SHORTEST_SEAR / share, LONGEST_SEAR / share];
};

/** One piece in its places: it can be cooked leg by leg, and put back to where it was. */
export class PieceCook {
  readonly solver: PieceSolver;
  protected readonly places: CookPlaces;
  private readonly placed: PieceInSurroundings;
  private passed = 0;
  private recording: CookRecording | undefined;

  /** @param request as it turns out in the kitchen: the piece as thick and as warm as it really is */
  constructor(
    readonly request: PlanRequest,
    { columns, deviation, pan, lateralAreaRatio }: PieceCookOptions,
  ) {
    const flat = columns === undefined;
    const coarse = columns !== undefined && columns < DISPLAY_COLUMNS;
    const shape = shapeOf(request);
    this.solver = solverFor(pieceOf(request, flat && shape.kind !== 'rolled' ? SLAB : shape), {
      model: modelOf(request),
      ...(flat ? {} : { columns }),
      ...(coarse ? { control: SEARCH_STEP_CONTROL } : {}),
    });
    const placed = pieceInSurroundings(request, flat, pan);
    this.placed = lateralAreaRatio === undefined ? placed : { ...placed, lateralAreaRatio };
    this.places = new CookPlaces(this.placed, deviation, faceArea(this.solver.section));
  }

  /** Lateral area ratio that stands for the edges of a piece solved without them. */
  get lateralAreaRatio(): number {
    return this.placed.lateralAreaRatio;
  }

  /** Records the cook from now on. */
  recordWith(recording: CookRecording): void {
    this.recording = recording;
    recording.see(this.passed, this.places.floor);
  }

  /** Recording so far, if the cook is recorded. */
  get recorded(): CookRecording | undefined {
    return this.recording;
  }

  /** Present state of the cook. */
  snapshot(): CookSnapshot {
    const { passed, recording } = this;
    const piece = this.solver.snapshot();
    const places = this.places.snapshot();
    this.solver.save(piece);
    this.places.save(places);
    return { piece, places, passed, recording: recording?.copy() };
  }

  /** Puts the cook back to a moment. */
  restore(from: CookSnapshot): void {
    this.solver.restore(from.piece);
    this.places.restore(from.places);
    this.passed = from.passed;
    this.recording = from.recording?.copy();
  }

  /** Lets the recording see each step too, and `watch` count from `from`. */
  private seenBy(watch: Observer | undefined, from: number): Observer | undefined {
    const { recording, passed } = this;
    if (recording === undefined) return watch && ((t) => watch(from + t));
    return (t) => {
      recording.see(passed + t, this.places.floor);
      return watch?.(from + t) ?? false;
    };
  }

  /** Stands on the counter before the heat. */
  protected temper(air: number, seconds: number): void {
    runFor(this.solver, this.places.enter({ on: 'counter', air }), seconds);
  }

  /** Cooks a leg until its crust is there, within the shortest and the longest it may last. */
  protected sear(leg: Leg, crust: number, watch?: Observer): TimedLeg {
    const { solver } = this;
    const [shortest, longest] = boundsOf(leg.heat);
    const around = this.places.enter(leg.heat);
    // In an oven's air the upper face browns first, and is the one that is seen.
    const goal = browningGoal(crust, shortest, leg.heat.on === 'rack' ? 'upper' : 'lower');
    const seconds = runFor(solver, around, longest, this.seenBy(watch, 0), goal);
    this.passed += seconds;
    const reached = goal.of(solver) >= crust - 2 * goal.tolerance;
    if (leg.thenFlip) this.turn();
    const timed = { ...timedFor(leg, seconds), ...(reached ? {} : { cutShort: true as const }) };
    this.recording?.legEnds(timed);
    return timed;
  }

  /**
   * Runs a leg with its turns, or a part of the leg: a later part continues from the end of the part before it. A turn at
   * the end of a part belongs to the next. `watch` counts from the leg's start.
   */
  runLeg(leg: TimedLeg, watch?: Observer, from = 0, until = leg.seconds): void {
    const { solver } = this;
    const around = this.places.enter(leg.heat);
    const ends = until >= leg.seconds;
    // Interval of the snapshots from which other durations continue: its steps end there at every duration.
    const apart = leg.unknownShare > 0 ? this.places.goesOnEvery(leg.heat) : Infinity;
    let at = from;
    let run = from > 0 ? continueRun : runFor;
    for (const flip of [...leg.flips, Infinity]) {
      if (flip < from) continue;
      const to = Math.min(flip, until);
      while (at < to) {
        const next = Math.min(to, apart * (Math.floor(at / apart + 1e-9) + 1));
        const ran = run(solver, around, next - at, this.seenBy(watch, at));
        this.passed += ran;
        // Stopped by its watcher: what is left of the leg is not cooked.
        if (ran < next - at - 1e-6) return;
        at = next;
        run = continueRun;
      }
      if (ends ? flip > leg.seconds : flip >= until) break;
      this.turn();
      run = runFor;
    }
    if (ends) this.recording?.legEnds(leg);
  }

  private turn(): void {
    this.solver.flip();
    this.places.turned();
  }

  /** It rests with the face that was seared first up, however often it was turned. */
  private layDown(): void {
    if (!this.solver.flipped) this.solver.flip();
  }

  /** Rests from the present state until the core is past its peak and the piece is carved. */
  restToPeak(watch?: Observer): RestPeak {
    this.layDown();
    const rest = this.places.enter({ on: 'rest', cover: this.request.cover });
    return restToPeak(this.solver, rest, watch, carvingAfter(this.request));
  }

  /** Rests for a fixed time. */
  rest(seconds: number, watch?: Observer): void {
    this.layDown();
    const around = this.places.enter({ on: 'rest', cover: this.request.cover });
    this.passed += runFor(this.solver, around, seconds, this.seenBy(watch, 0));
  }
}
