import type { SideJob } from '../dishes/dish';
import type { ServiceGrid } from './serviceGrid';
import type { PlacedServiceSide, PlacedTicket, ServiceJob } from './serviceSchedule';
import type { ResourceConflict } from './timeline';

/** Conflict of a side with the interval from a slot; undefined if the interval is free. */
const refuses = (
  grid: ServiceGrid,
  { needs, oven = 0 }: SideJob,
  { from, hands, to }: Stretch,
): ResourceConflict | undefined => {
  if (!grid.hands.fits(from, hands)) return { reason: 'hands' };
  switch (needs) {
    case 'nothing':
      return undefined;
    // A side that needs a pan has a separate pan: the pans of the service are for pieces.
    case 'burner':
    case 'pan':
      return grid.spare.fits(from, to) ? undefined : { reason: 'burner' };
    case 'oven': {
      const found = grid.inUse.oven.map((i) => grid.ovens[i].findConflict(from, to, oven, 1));
      if (found.length === 0 || found.includes(undefined)) return undefined;
      const [first] = found;
      return typeof first === 'number' ? { reason: 'oven-heat', set: first } : { reason: 'oven' };
    }
  }
};

/** In slots: begun, hands off it, ready. */
interface Stretch {
  readonly from: number;
  readonly hands: number;
  readonly to: number;
}

/** @returns gives back what it took */
const take = (
  grid: ServiceGrid,
  { needs, oven = 0 }: SideJob,
  { from, hands, to }: Stretch,
): (() => void) => {
  const burner = needs === 'burner' || needs === 'pan';
  const place =
    needs === 'oven'
      ? grid.inUse.oven
          .map((i) => grid.ovens[i])
          .find((one) => one.findConflict(from, to, oven, 1) === undefined)
      : undefined;
  grid.hands.take(from, hands);
  if (burner) grid.spare.take(from, to);
  place?.take(from, to, oven, 1);
  return () => {
    grid.hands.take(from, hands, -1);
    if (burner) grid.spare.take(from, to, -1);
    place?.give(from, to, 1);
  };
};

/**
 * Places the sides of the tickets on the grid, in the order of plating, and the longest of a ticket first: each as
 * late before the plating as persons, burners and ovens allow, but no earlier than it keeps. A side without a place is
 * put at its wanted time, with its conflict. The grid is unchanged on return.
 */
export const placeServiceSides = (
  grid: ServiceGrid,
  { tickets }: Pick<ServiceJob, 'tickets'>,
  placedTickets: readonly PlacedTicket[],
): readonly PlacedServiceSide[] => {
  const taken: (() => void)[] = [];
  const placed = placedTickets
    .toSorted((a, b) => a.landsAt - b.landsAt)
    .flatMap(({ id, landsAt }) => {
      const ticket = tickets.find((one) => one.id === id);
      if (!ticket?.sides) return [];
      const plated =
        grid.slotOf(landsAt) - Math.ceil((ticket.pieces.length * grid.plating) / grid.slot);
      return ticket.sides
        .toSorted((a, b) => b.handsOn + b.handsOff - (a.handsOn + a.handsOff))
        .map((side) => placeSide(grid, side, id, plated, taken));
    });
  for (const giveBack of taken) giveBack();
  return placed;
};

const placeSide = (
  grid: ServiceGrid,
  side: SideJob,
  ticket: string,
  plated: number,
  stretches: (() => void)[],
): PlacedServiceSide => {
  const { name, handsOn, handsOff, keeps, begun } = side;
  if (begun !== undefined) {
    return { ticket, name, start: begun, readyAt: begun + handsOn + handsOff };
  }
  const hands = Math.ceil(handsOn / grid.slot);
  const takes = Math.ceil((handsOn + handsOff) / grid.slot);
  const at = (from: number): Stretch => ({ from, hands: from + hands, to: from + takes });
  const latest = Math.max(0, plated - takes);
  const earliest = Math.max(0, latest - Math.floor(keeps / grid.slot));
  let taken: ResourceConflict | undefined;
  for (let from = latest; from >= earliest; from -= 1) {
    const found = refuses(grid, side, at(from));
    if (!found) {
      stretches.push(take(grid, side, at(from)));
      return { ticket, name, start: grid.secondsOf(from), readyAt: grid.secondsOf(from + takes) };
    }
    taken ??= found;
  }
  const start = grid.secondsOf(latest);
  return { ticket, name, start, readyAt: start + handsOn + handsOff, ...(taken ? { taken } : {}) };
};
