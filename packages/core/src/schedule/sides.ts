import type { AllergenId } from '../food/allergens';
import type { Run, RunStep } from './run';

/** Something else for the plate, with its own minutes. Seconds and C. */
export interface Side {
  readonly name: string;
  /** With the cook's hands, at its start. */
  readonly handsOn: number;
  /** By itself after that. */
  readonly handsOff: number;
  readonly needs: 'nothing' | 'burner' | 'oven' | 'pan';
  /** Oven it wants, C. */
  readonly oven?: number | undefined;
  /** It may wait this long before the plate. */
  readonly keeps: number;
  /** Declarable allergens in it; undefined: not stated. */
  readonly allergens?: AllergenId[] | undefined;
}

export type SideConflict =
  /** No stretch of free hands is long enough. */
  | { readonly reason: 'hands'; readonly busy: RunStep['kind'] }
  /** The oven is wanted at another temperature, C. */
  | { readonly reason: 'oven'; readonly set: number; readonly wanted: number }
  /** The one pan is in use until then. */
  | { readonly reason: 'pan' };

export interface PlacedSide {
  readonly side: Side;
  /** Seconds from the first heat at which it is begun. */
  readonly at: number;
  readonly conflict?: SideConflict;
}

interface Stretch {
  readonly from: number;
  readonly to: number;
  readonly kind: RunStep['kind'];
}

/** Difference from the wanted oven temperature that is acceptable, K. */
const SAME_OVEN = 10;
const GRAIN = 15;

const busyHands = (run: Run): readonly Stretch[] =>
  run.steps
    .filter(({ hands }) => hands === 'on')
    .map(({ kind, at, seconds }) => ({ kind, from: at, to: at + seconds }));

const overlap = (taken: readonly Stretch[], from: number, to: number): Stretch | undefined =>
  taken.find((stretch) => from < stretch.to - 1e-6 && to > stretch.from + 1e-6);

/** Times and temperature at which the piece uses an oven, and the times at which it uses the pan. */
export interface Shared {
  readonly oven?: { readonly from: number; readonly to: number; readonly air: number } | undefined;
  readonly pan: readonly { readonly from: number; readonly to: number }[];
}

/**
 * Places sides, the longest first, as late before the plate as hands, oven and pan allow, so that
 * everything is hot at once; what cannot be placed says why and goes where it would have to.
 */
export const placeSides = (
  run: Run,
  shared: Shared,
  sides: readonly Side[],
): readonly PlacedSide[] => {
  const hands = [...busyHands(run)];
  const pans: Stretch[] = shared.pan.map((stretch) => ({ ...stretch, kind: 'in' }));
  const placed: PlacedSide[] = [];
  const longest = sides.toSorted((a, b) => b.handsOn + b.handsOff - (a.handsOn + a.handsOff));
  for (const side of longest) {
    const takes = side.handsOn + side.handsOff;
    const ideal = run.panToPlate - takes;
    const earliest = ideal - side.keeps;
    let at: number | undefined;
    let why: SideConflict | undefined;
    const { oven } = shared;
    if (
      side.needs === 'oven' &&
      oven &&
      side.oven !== undefined &&
      Math.abs(side.oven - oven.air) > SAME_OVEN
    ) {
      why = { reason: 'oven', set: oven.air, wanted: side.oven };
    }
    for (let try_ = ideal; try_ >= earliest - 1e-6; try_ -= GRAIN) {
      const busy = overlap(hands, try_, try_ + side.handsOn);
      const panBusy = side.needs === 'pan' ? overlap(pans, try_, try_ + takes) : undefined;
      if (!busy && !panBusy) {
        at = try_;
        break;
      }
      why ??= busy ? { reason: 'hands', busy: busy.kind } : { reason: 'pan' };
    }
    const begun = at ?? ideal;
    hands.push({ kind: 'ready', from: begun, to: begun + side.handsOn });
    if (side.needs === 'pan') pans.push({ kind: 'in', from: begun, to: begun + takes });
    const conflict = at === undefined || why?.reason === 'oven' ? why : undefined;
    placed.push({ side, at: begun, ...(conflict ? { conflict } : {}) });
  }
  return placed.toSorted((a, b) => a.at - b.at);
};
