import { onThePan, type Environment, type PieceSolver, type Surroundings } from '../heat';
import type { PanBody } from './panBody';

/** Degrees under its hold at which a burner is turned up full, K. */
const HOLD_BAND = 15;
/** The pan answers food within seconds: no step of the piece is longer while it does. */
const LONGEST = 2;

/** Food in a pan besides the simulated piece. */
export interface PanLoad {
  /** Times the solved section's power is to be taken: pieces x area or length of one. */
  readonly times: number;
  /** Scales the contact coefficient. */
  readonly contact?: number;
  /** Temperature that the cook holds by the burner, C; undefined leaves its setting unchanged. */
  readonly hold?: number;
  /** The burner is never turned up beyond this share of full. */
  readonly most?: number;
}

/**
 * A pan with the pieces in it: its drop when they go in, what the burner gives back, what crowding
 * costs. The piece that is solved feels the pan's own temperature.
 */
export class LivePan implements Environment {
  readonly around: Surroundings;
  readonly longest = LONGEST;
  /** Coldest the pan has been since it was loaded, C. */
  lowest: number;
  private readonly lower: { temperature: number };

  constructor(
    readonly body: PanBody,
    private readonly load: PanLoad,
  ) {
    const around = onThePan(
      body.temperature,
      load.contact === undefined ? {} : { contact: load.contact },
    );
    const lower = { ...around.lower };
    this.lower = lower;
    this.around = { ...around, lower };
    this.lowest = body.temperature;
  }

  follow(solver: PieceSolver, dt: number): void {
    const { body, load } = this;
    if (load.hold !== undefined) {
      const short = load.hold - body.temperature;
      body.setting = Math.min(load.most ?? 1, Math.max(0, 0.5 + short / HOLD_BAND));
    }
    body.follow(dt, load.times * solver.lowerPower);
    this.lower.temperature = body.temperature;
    this.lowest = Math.min(this.lowest, body.temperature);
  }
}
