import type { PieceSteps } from './pieceSteps';

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
  /** From the first heat to the end of the rest, with presses as late as usual and what is uncertain. */
  readonly ready: number;
  readonly keeps: number;
  readonly recovery: number;
}

/** Every press of a busy cook is so late on average, s: a piece is ready by so much later. Estimate. */
const PRESS_LATE = 10;

/** A piece is begun early by what its time is uncertain by, but by no more than this share of what it keeps. */
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
