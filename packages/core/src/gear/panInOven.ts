import { CAPACITY_IRON, type Environment, type PieceSolver, type Surroundings } from '../heat';
import type { PanOnBurner } from './pan';
import { panSurface } from './panBody';

/** The iron moves over a minute or so: no step of the piece is longer while it does, s. */
const LONGEST = 5;

/** A hot pan moved into an oven with its piece: the iron drifts towards the air and feeds the food. */
export class PanInOven implements Environment {
  readonly around: Surroundings;
  readonly longest = LONGEST;
  private readonly lower: { temperature: number };
  /** 1/s, between iron and air. */
  private readonly rate: number;
  private readonly perJoule: number;

  /**
   * @param around with the pan as hot as it comes from the burner
   * @param times the solved section's power is taken: pieces x area or length of one
   */
  constructor(
    around: Surroundings,
    pan: PanOnBurner,
    private readonly air: number,
    coefficient: number,
    private readonly times: number,
  ) {
    const lower = { ...around.lower };
    this.lower = lower;
    this.around = { ...around, lower };
    this.perJoule = 1 / (pan.mass * CAPACITY_IRON);
    this.rate = coefficient * panSurface(pan) * this.perJoule;
  }

  follow(solver: PieceSolver, dt: number): void {
    const { lower, rate, air } = this;
    const drawn = this.times * solver.lowerPower * this.perJoule;
    const towards = air - drawn / rate;
    lower.temperature = towards + (lower.temperature - towards) * Math.exp(-rate * dt);
  }
}
