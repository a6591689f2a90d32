import { KITCHEN_AIR } from '../../heat/places/kitchenAir';
import { READY_SECONDS } from '../../schedule/run';
import type { PieceJob } from '../dishes/dish';
import type { ServiceGear } from '../orders/serviceGear';
import type { PlacedPiece, PlacedTicket } from '../slots/serviceSchedule';
import { ServiceSearch } from './serviceSearch';

/** Rest of a piece beyond what it stays warm: the most before the plate is served in parts, s. Estimate. */
const MOST_EXTRA_REST_S = 3600;
/** Moves of the search for the least waiting. */
const MOVES = 40;

export interface PlateTarget {
  readonly gear: ServiceGear;
  /** Until the plate, s. */
  readonly plateIn: number;
}

/** Pieces as they are placed for one plate. Seconds from now. */
export interface PlacedPlate {
  readonly ticket: PlacedTicket;
  readonly pieces: readonly PlacedPiece[];
}

/**
 * Schedules pieces for one plate in a home kitchen, by the search that schedules a service.
 * @returns undefined if they cannot be placed within hours
 */
export const schedulePlate = (
  pieces: readonly PieceJob[],
  { gear, plateIn }: PlateTarget,
): PlacedPlate | undefined => {
  const cold = { pans: gear.pans.map(() => KITCHEN_AIR), ovens: gear.ovens.map(() => KITCHEN_AIR) };
  const promised = Math.max(0, plateIn);
  const search = new ServiceSearch(
    {
      gear: { ...gear, holding: Math.max(gear.holding, pieces.length) },
      now: 0,
      heat: cold,
      tickets: [{ id: 'plate', from: Math.min(READY_SECONDS, promised), promised, pieces }],
    },
    { waits: true, mostExtraRest: MOST_EXTRA_REST_S },
  );
  for (let move = 0; move < MOVES; move += 1) search.improve(move / MOVES);
  const { pieces: placed, tickets } = search.schedule();
  const ticket = tickets.at(0);
  return ticket && { ticket, pieces: placed };
};
