import type { PanOnBurner } from './pan';

/** Share of the floor that pieces may cover and steam still find its way out; estimate. */
export const MOST_COVERED = 0.65;

export interface Crowding {
  /** Pieces the pan takes at once and still sears. */
  readonly most: number;
  /** Share of the floor that many pieces cover. */
  readonly covered: (pieces: number) => number;
}

/** Number of pieces of a footprint (m2) that a pan sears at once without steaming. */
export const crowding = (pan: PanOnBurner, area: number): Crowding => {
  const floor = (Math.PI / 4) * pan.diameter * pan.diameter;
  return {
    // One piece that fits at all always goes in.
    most: Math.max(1, Math.floor((MOST_COVERED * floor) / area)),
    covered: (pieces) => (pieces * area) / floor,
  };
};
