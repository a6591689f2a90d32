import { runFor, type PieceSolver } from '../heat';
import { LivePan } from './livePan';
import type { PanOnBurner } from './pan';
import { PanBody } from './panBody';

/** Effect of the food on the pan's temperature. */
export interface Loading {
  /** Coldest it gets, C. */
  readonly lowest: number;
  /** Seconds on full after the pieces come out until it is back. */
  readonly recovery: number;
}

/** First minutes in which a loaded pan falls furthest, s. */
const WATCHED = 240;
const LONGEST_RECOVERY = 900;

/**
 * Lays pieces in a hot pan on its burner at full and takes them out again.
 * @param times the solved piece's power is taken: pieces x area or length of one
 */
export const loadPan = (
  piece: PieceSolver,
  pan: PanOnBurner,
  celsius: number,
  times: number,
): Loading => {
  const body = new PanBody(pan, 22, celsius);
  const live = new LivePan(body, { times, hold: celsius });
  runFor(piece, live, WATCHED);
  body.setting = 1;
  let recovery = 0;
  while (body.temperature < celsius && recovery < LONGEST_RECOVERY) {
    body.follow(1, 0);
    recovery += 1;
  }
  return { lowest: live.lowest, recovery };
};
