/** An oven and its thermostat. */
export interface Oven {
  /** Air temperature minus set temperature once settled, K. */
  readonly offset: number;
  /** Time constant of walls and racks coming up, s. */
  readonly timeConstant: number;
  /** The thermostat lets the walls swing this far either way, K. */
  readonly swing: number;
  /** Hottest the elements could make it, C. */
  readonly hottest: number;
}

/** A common household oven, until a kitchen's own is learned; estimate. */
export const DEFAULT_OVEN: Oven = { offset: 0, timeConstant: 700, swing: 6, hottest: 320 };

/** The air follows the walls, and with the door open the kitchen, within, s. Estimates. */
const AIR_FOLLOWS_WALLS = 45;
const AIR_LEAVES_BY_DOOR = 12;
/** Walls cool through the insulation this many times slower than they heat. */
const COOLS_SLOWER = 4;
/** Longest step taken at once, s. */
const LONGEST_STEP = 2;

/**
 * An oven's air and walls under a thermostat: warm-up, cycling, and what an open door costs. The
 * element heats the walls, which the thermostat feels; the air follows the walls, and the kitchen
 * while the door is open.
 */
export class OvenBody {
  /** C */
  air: number;
  /** C */
  walls: number;
  private heating = true;
  private doorOpenFor = 0;

  constructor(
    readonly oven: Oven,
    /** C */
    public dial: number,
    readonly kitchen = 22,
    start = kitchen,
  ) {
    this.air = start;
    this.walls = start;
  }

  /** Mean air temperature of the settled oven, C. */
  get settles(): number {
    return this.dial + this.oven.offset;
  }

  /** Sets air and walls to a measured temperature, C. */
  measured(celsius: number): void {
    this.air = celsius;
    this.walls = celsius;
  }

  /** Opens the door for some seconds, from now. */
  openDoor(seconds: number): void {
    this.doorOpenFor = Math.max(this.doorOpenFor, seconds);
  }

  follow(seconds: number): void {
    for (let left = seconds; left > 1e-9; left -= LONGEST_STEP) {
      this.step(Math.min(left, LONGEST_STEP));
    }
  }

  private step(dt: number): void {
    const { oven, kitchen } = this;
    if (this.walls >= this.settles + oven.swing) this.heating = false;
    else if (this.walls <= this.settles - oven.swing) this.heating = true;
    const towards = this.heating ? oven.hottest : kitchen;
    const constant = oven.timeConstant * (this.heating ? 1 : COOLS_SLOWER);
    this.walls += (towards - this.walls) * -Math.expm1(-dt / constant);
    const open = this.doorOpenFor > 0 ? 1 / AIR_LEAVES_BY_DOOR : 0;
    const rate = 1 / AIR_FOLLOWS_WALLS + open;
    const drawn = (this.walls / AIR_FOLLOWS_WALLS + kitchen * open) / rate;
    this.air += (drawn - this.air) * -Math.expm1(-dt * rate);
    this.doorOpenFor = Math.max(0, this.doorOpenFor - dt);
  }
}

/** Seconds from cold until the air first reaches what it settles about; undefined when never. */
export const ovenWarmUp = (oven: Oven, dial: number, kitchen = 22): number | undefined => {
  const body = new OvenBody(oven, dial, kitchen);
  for (let t = 0; t < 7200; t += LONGEST_STEP) {
    if (body.air >= body.settles) return t;
    body.follow(LONGEST_STEP);
  }
  return undefined;
};
