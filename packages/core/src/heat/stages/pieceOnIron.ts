import type { PieceSolver } from '../solver/pieceSolver';
import type { Environment } from './runFor';
import { besidePan, type Surroundings } from '../places/surroundings';
import type { TwoZonePan } from '../places/twoZonePan';

/** The floor under the food follows it within half a minute: no step of the piece is longer, s. */
const LONGEST = 6;

/** A piece in a pan that it cools: the piece feels the iron under it, its side sees the rest. */
export class PieceOnIron implements Environment {
  readonly around: Surroundings;
  readonly longest = LONGEST;
  private readonly lower: { temperature: number; radiant: number };
  private readonly edge: { radiant: number };

  /**
   * @param around a piece on iron of any heat: the pan's own takes its place
   * @param times the solved section's power is taken: pieces x area of one over the section's
   */
  constructor(
    around: Surroundings,
    readonly pan: TwoZonePan,
    private readonly times: number,
    private readonly sideSeesIron: boolean,
  ) {
    const lower = { ...around.lower };
    const edge = { ...around.edge };
    this.lower = lower;
    this.edge = edge;
    this.around = { ...around, lower, edge };
    this.feel();
  }

  private feel(): void {
    const { pan, lower } = this;
    lower.temperature = pan.under;
    lower.radiant = pan.under;
    if (this.sideSeesIron) this.edge.radiant = besidePan(pan.rest);
  }

  /** The pan may have been turned on, or have stood, since the last run. */
  begin(): void {
    this.feel();
  }

  follow(solver: PieceSolver, dt: number): void {
    this.pan.follow(dt, this.times * solver.lowerPower);
    this.feel();
  }
}
