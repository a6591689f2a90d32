import { KITCHEN_AIR } from '../places/kitchenAir';
import type { Environment } from './runFor';
import type { Surroundings } from '../places/surroundings';

/** Local alias for hot loops. */
const { exp, max, min } = Math;

/** An oven's air follows its walls, and with the door open the kitchen, within, s. Estimates. */
export const AIR_FOLLOWS_WALLS = 45;
export const AIR_LEAVES_BY_DOOR = 12;
/** Duration of an opening of the door, s. Common practice. */
export const DOOR_OPEN = 20;
/** No step of the piece is longer while the air moves, s. */
const MOVING_STEP = 4;
/** Distance from its final temperature at which the air counts as settled, K. */
const SETTLED = 0.5;

type MutableFace = { temperature: number; radiant: number };

/**
 * An oven whose door is opened: its air leaves and comes back, and what the faces see, the open door and
 * thin sheet that follows the air, goes with it.
 */
export class OvenDoors implements Environment {
  readonly around: Surroundings;
  private readonly faces: readonly (readonly [MutableFace, number, number])[];
  private time = 0;
  /** Air under what it settles at, K. */
  private short = 0;

  /** @param doors when the door is opened, s from the start, for 20 s each */
  constructor(
    around: Surroundings,
    private readonly air: number,
    private readonly doors: readonly number[],
  ) {
    const lower = { ...around.lower };
    const upper = { ...around.upper };
    const edge = { ...around.edge };
    this.around = { lower, upper, edge };
    this.faces = [lower, upper, edge].map(
      (face) => [face, face.temperature, face.radiant] as const,
    );
  }

  private open(at: number): boolean {
    for (const door of this.doors) if (at >= door - 1e-6 && at < door + DOOR_OPEN) return true;
    return false;
  }

  /** Short while the air moves, and never past the next opening. */
  get longest(): number {
    if (this.open(this.time) || this.short > SETTLED) return MOVING_STEP;
    let next = Infinity;
    for (const door of this.doors) if (door > this.time) next = min(next, door - this.time);
    return max(next, 1e-3);
  }

  follow(_solver: unknown, dt: number): void {
    const open = this.open(this.time) ? 1 / AIR_LEAVES_BY_DOOR : 0;
    const rate = 1 / AIR_FOLLOWS_WALLS + open;
    const towards = (open * (this.air - KITCHEN_AIR)) / rate;
    this.short = towards + (this.short - towards) * exp(-rate * dt);
    this.time += dt;
    for (const [face, air, walls] of this.faces) {
      face.temperature = air - this.short;
      face.radiant = walls - this.short;
    }
  }
}
