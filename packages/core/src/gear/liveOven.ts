import { onARack, type Environment, type PieceSolver, type Surroundings } from '../heat';
import type { OvenBody } from './ovenBody';

/** The thermostat swings over minutes: no step of the piece is longer while it does, s. */
const LONGEST = 15;

/** A piece on a rack in an oven that warms, cycles and has its door opened. */
export class LiveOven implements Environment {
  readonly around: Surroundings;
  readonly longest = LONGEST;
  private readonly face: { temperature: number };

  /** @param coefficient of the oven's air, W/m2 K */
  constructor(
    readonly body: OvenBody,
    coefficient: number,
  ) {
    const face = { ...onARack(body.air, coefficient).lower };
    this.face = face;
    this.around = { lower: face, upper: face, edge: face };
  }

  follow(_solver: PieceSolver, dt: number): void {
    this.body.follow(dt);
    this.face.temperature = this.body.air;
  }
}
