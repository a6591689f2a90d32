import type { PieceSteps } from '../dishes/pieceSteps';

/** A stay in slots from the first heat; iron in whole cm2. */
export interface SlotStay {
  readonly place: 'pan' | 'oven';
  readonly from: number;
  readonly to: number;
  readonly celsius: number;
  readonly amount: number;
}

/** A piece's steps counted in slots of the grid, every stretch rounded up. */
export interface SlotSteps {
  readonly stays: readonly SlotStay[];
  readonly touches: readonly { readonly from: number; readonly to: number }[];
  readonly heat: number;
  /** Duration from the first heat to the end of the rest, with the mean delay of presses and the uncertainty. */
  readonly ready: number;
  readonly keeps: number;
  readonly recovery: number;
}

/** Mean delay of a busy cook's presses, s: a piece is ready later by this. Estimate. */
const PRESS_LATE = 10;

/** Largest margin for an uncertain duration, share of the time the piece stays warm. */
const MOST_MARGIN = 0.5;

/** cm2 of m2. */
export const wholeArea = (area: number): number => Math.round(area * 1e4);

export const slotSteps = (steps: PieceSteps, slot: number): SlotSteps => {
  const begins = (seconds: number): number => Math.floor(seconds / slot + 1e-6);
  const ends = (seconds: number): number => Math.ceil(seconds / slot - 1e-6);
  const heat = ends(steps.heatSeconds);
  const { keepsSeconds, uncertainSeconds, restSeconds, touches } = steps;
  const margin = Math.min(uncertainSeconds, MOST_MARGIN * keepsSeconds);
  return {
    stays: steps.stays.map(({ place, at, seconds, celsius, area, pieces = 1 }) => ({
      place,
      from: begins(at),
      to: ends(at + seconds),
      celsius: Math.round(celsius),
      amount: place === 'oven' ? pieces : wholeArea(area),
    })),
    touches: touches.map(({ at, seconds }) => {
      const from = begins(at);
      return { from, to: from + Math.max(1, ends(seconds)) };
    }),
    heat,
    ready: heat + ends(restSeconds + PRESS_LATE * touches.length + margin),
    keeps: begins(keepsSeconds - margin),
    recovery: ends(steps.recoverySeconds),
  };
};
