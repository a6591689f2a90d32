import type { Leg } from './legs';
import type { CookSnapshot, PieceCook } from './pieceCook';
import type { TimedLeg } from './timedLeg';

/** Until when a leg is the same whatever its length: its end, or the first turn that its length moves, s. */
const sharedUntil = ({ seconds, flips, turnEvery }: TimedLeg): number =>
  turnEvery === undefined ? Math.min(seconds, flips[0] ?? seconds) : seconds;

/**
 * States of the unknown leg before its duration matters. They are computed once, and each trial duration continues
 * from the last state that it shares. The moments are fixed in advance, so that a result does not depend on the
 * durations tried before it.
 */
export class LegCheckpoints {
  private readonly moments: { readonly at: number; readonly cook: CookSnapshot }[];
  private readonly apart: number;

  /**
   * @param before the cook at the start of the leg
   * @param apart approximate interval of the snapshots, s
   */
  constructor(
    private readonly cook: PieceCook,
    { turnEvery }: Leg,
    before: CookSnapshot,
    apart: number,
  ) {
    this.moments = [{ at: 0, cook: before }];
    // At a turn, if there are any: the steps after it are short in any case.
    this.apart = turnEvery === undefined ? apart : turnEvery * Math.ceil(apart / turnEvery);
  }

  /** Puts the cook to the last shared moment of the leg; how far into it that is, s. */
  enter(leg: TimedLeg): number {
    const { cook, moments, apart } = this;
    const nth = Math.max(0, Math.ceil(sharedUntil(leg) / apart - 1e-9) - 1);
    let last = moments[Math.min(nth, moments.length - 1)];
    while (moments.length <= nth) {
      const at = moments.length * apart;
      cook.restore(last.cook);
      cook.runLeg(leg, undefined, last.at, at);
      last = { at, cook: cook.snapshot() };
      moments.push(last);
    }
    cook.restore(last.cook);
    return last.at;
  }
}
