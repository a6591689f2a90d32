import {
  browningIndex,
  DANGER_ZONE_C,
  readingBand,
  readingOf,
  USUAL_THERMOMETER,
  type PieceSolver,
} from '../../heat';
import { Lethality } from '../../safety';
import type { HoldCost, PlannedLeg, ReadingBand, SliceFrame, Trace } from './planResult';
import type { PlanRequest } from '../request/request';
import type { TimedLeg } from './timedLeg';

const round = (value: number, digits: number): number => Number(value.toFixed(digits));

/** Resolution of a recording. */
export interface RecordingSpacing {
  /** Between points of the curves, s. */
  readonly points: number;
  /** Between frames of the slice, s. */
  readonly frames: number;
  /** Index of the leg that ends by the thermometer. */
  readonly decides: number;
}

/** Recording of a cook for the interface, made while it runs. Times in s from the heat. */
export class CookRecording {
  readonly planned: PlannedLeg[] = [];
  readonly frames: SliceFrame[] = [];
  /** Expected reading of the thermometer at the pull. */
  pullReading: ReadingBand;
  private readonly time: number[] = [];
  private readonly core: number[] = [];
  private readonly surface: number[] = [];
  private meat: Lethality;
  private side: Lethality;
  private inDanger = 0;
  private last = 0;
  private nextPoint = 0;
  private nextFrame = 0;
  private floor: number | undefined;
  private held: HoldCost | undefined;
  /** Totals at the end of the last leg. */
  private lastLeg = { inDanger: 0, evaporated: 0 };

  constructor(
    private readonly solver: PieceSolver,
    private readonly request: PlanRequest,
    private readonly spacing: RecordingSpacing,
  ) {
    this.pullReading = readingBand(solver, request.stem);
    this.meat = new Lethality(solver.meat.innerCells);
    this.side = new Lethality(solver.meat.rimCells);
  }

  get trace(): Trace {
    const { time, core, surface } = this;
    return { time: time.slice(), core: core.slice(), surface: surface.slice() };
  }

  /** Log10 reductions in the meat that had least, and at the side face. */
  get lethality(): readonly [number, number] {
    return [this.meat.logs, this.side.logs];
  }

  /** Seconds of the coldest meat in the heat between fridge and hot holding. */
  get inRange(): number {
    return this.inDanger;
  }

  /**
   * Records the piece after a step.
   * @param floor temperature of the iron under it, C, on a pan that it cools
   */
  see(now: number, floor: number | undefined): void {
    const { solver, spacing } = this;
    const dt = now - this.last;
    const { coldest } = solver;
    this.floor = floor;
    this.last = now;
    this.meat.follow(solver.temperature, dt);
    this.side.follow(solver.temperature, dt);
    if (coldest > DANGER_ZONE_C[0] && coldest < DANGER_ZONE_C[1]) this.inDanger += dt;
    if (now >= this.nextPoint) {
      this.time.push(round(now, 1));
      this.core.push(round(solver.core, 2));
      this.surface.push(round(solver.temperature[solver.section.middle * solver.rows], 1));
      this.nextPoint = now + spacing.points;
    }
    if (now >= this.nextFrame) {
      this.takeFrame(now);
      this.nextFrame = now + spacing.frames;
    }
  }

  /** Records the last frame of the slice. */
  takeLastFrame(now: number): void {
    if (this.frames.at(-1)?.time !== round(now, 1)) this.takeFrame(now);
    this.nextFrame = Infinity;
  }

  private takeFrame(now: number): void {
    const { solver } = this;
    this.frames.push({
      time: round(now, 1),
      peak: Float32Array.from(solver.peak),
      browning: [
        round(browningIndex(solver.browned(0)), 3),
        round(browningIndex(solver.browned(1)), 3),
      ],
    });
  }

  /** Cost of all legs on a board or in a warm oven; undefined without any. */
  get hold(): HoldCost | undefined {
    return this.held;
  }

  /** Notes what a leg off the heat has cost, with those before it. */
  private holdEnds(seconds: number): void {
    const { solver, held, planned, lastLeg } = this;
    this.held = {
      seconds: (held?.seconds ?? 0) + seconds,
      from: held?.from ?? planned.at(-1)?.core ?? solver.core,
      to: solver.core,
      surface: solver.temperature[solver.upperSide === 0 ? 0 : solver.rows - 1],
      inRange: (held?.inRange ?? 0) + this.inDanger - lastLeg.inDanger,
      evaporated: (held?.evaporated ?? 0) + solver.evaporatedShare - lastLeg.evaporated,
    };
  }

  /** Notes a leg that has ended. */
  legEnds(leg: TimedLeg): void {
    const { solver, request, planned, floor } = this;
    const { kind, seconds, flips, heat, gear, cutShort } = leg;
    if (kind === 'board') this.holdEnds(seconds);
    this.lastLeg = { inDanger: this.inDanger, evaporated: solver.evaporatedShare };
    if (planned.length === this.spacing.decides) {
      this.pullReading = readingBand(solver, request.stem);
    }
    planned.push({
      kind,
      at: planned.reduce((sum, before) => sum + before.seconds, 0),
      seconds,
      heat,
      flips,
      core: solver.core,
      coldest: solver.coldest,
      rim: solver.rim,
      reading: readingOf(solver, { ...USUAL_THERMOMETER, from: request.stem }),
      ...(floor === undefined ? {} : { floor }),
      ...(Object.keys(gear).length > 0 ? { gear } : {}),
      ...('pan' in heat ? { pan: heat.pan } : {}),
      ...('air' in heat ? { air: heat.air } : {}),
      ...(cutShort ? { cutShort } : {}),
    });
  }

  /** A copy with the same recording so far. */
  copy(): CookRecording {
    const made = new CookRecording(this.solver, this.request, this.spacing);
    made.planned.push(...this.planned);
    made.frames.push(...this.frames);
    made.time.push(...this.time);
    made.core.push(...this.core);
    made.surface.push(...this.surface);
    made.pullReading = this.pullReading;
    made.meat = this.meat.copy();
    made.side = this.side.copy();
    made.inDanger = this.inDanger;
    made.last = this.last;
    made.nextPoint = this.nextPoint;
    made.nextFrame = this.nextFrame;
    made.floor = this.floor;
    made.held = this.held;
    made.lastLeg = this.lastLeg;
    return made;
  }
}
