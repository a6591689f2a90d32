import type { TimedAction } from '../../cook/progress';
import type { Side } from '../../schedule/sides';
import { begunPiece } from '../dishes/begunPiece';
import { allergenBits, WASHING, type PieceAllergens } from '../dishes/cleanPans';
import type { GearHeat, PieceJob, TicketJob } from '../dishes/dish';
import { GearState } from '../orders/gearState';
import { portionOf, sidesOf, type MenuDish } from '../dishes/menuDish';
import { avoidedBy } from '../orders/orderAllergens';
import { pansHeld, pieceCarries } from '../orders/pansHeld';
import { ovenReady, panReady, type ServiceGear } from '../orders/serviceGear';
import type { PlacedPiece, ServiceJob, ServiceSchedule } from '../slots/serviceSchedule';
import type { ServiceState, Ticket, TicketPiece } from '../orders/serviceTickets';
import { STATION_OF, TOUCH, type Station, type Task } from './task';

/** A service at a moment: what is on order, what the pieces that are on have come to, and the gear. */
export interface LineNow {
  readonly gear: ServiceGear;
  readonly dishes: readonly MenuDish[];
  readonly state: ServiceState;
  /** Second 0 of the service and now, ms since 1970. */
  readonly epoch: number;
  readonly now: number;
  /** Actions of the pieces that have begun, done and due, by the piece's id. */
  readonly on: ReadonlyMap<string, readonly TimedAction[]>;
}

const secondsIn = ({ epoch }: Pick<LineNow, 'epoch'>, at: number): number => (at - epoch) / 1000;

/** Position in the gear's list; undefined for equipment that the kitchen no longer has. */
const indexOf = (
  all: readonly { readonly id: string }[],
  id: string | undefined,
): number | undefined => {
  const found = all.findIndex((each) => each.id === id);
  return found === -1 ? undefined : found;
};

/** Temperatures of pans and ovens, C: from the settings, the measurements and the pieces in them. */
export const heatNow = (line: LineNow): GearHeat => {
  const { gear, state, dishes, now } = line;
  const laid = state.tickets.flatMap(({ pieces, dropped }) =>
    [...pieces, ...dropped].flatMap((piece) => {
      const option = piece.begun && portionOf(dishes, piece)?.options.at(piece.begun.option);
      return (option?.steps.alone.stays ?? []).map((stay) => ({
        gear: stay.place,
        of: piece.begun?.[stay.place],
        celsius: stay.celsius,
        at: (piece.begun?.at ?? now) + stay.at * 1000,
        measured: undefined,
      }));
    }),
  );
  // An event has happened, even if the clock of its phone is ahead.
  const said = state.set.map((one) => ({ ...one, at: Math.min(one.at, now) }));
  const sets = [...said, ...laid.filter(({ at }) => at <= now)].toSorted((a, b) => a.at - b.at);
  const body = new GearState(gear);
  let last = sets[0]?.at ?? now;
  for (const { gear: place, of, celsius, at, measured } of sets) {
    followFor(body, (at - last) / 1000);
    last = at;
    const index = indexOf(place === 'pan' ? gear.pans : gear.ovens, of);
    if (index === undefined) continue;
    if (measured) body.measure(place, index, celsius);
    else if (place === 'pan') body.setPan(index, celsius);
    else body.setOven(index, celsius);
  }
  followFor(body, (now - last) / 1000);
  return body.heat;
};

/** Step in which bodies are simulated, s. */
const STEP = 5;
const followFor = (body: GearState, seconds: number): void => {
  for (let left = seconds; left > 1e-6; left -= STEP) body.follow(Math.min(STEP, left));
};

interface JobLine extends LineNow {
  /** Whether an open table must not be served something. */
  readonly someAvoid: boolean;
}

/** Allergens that a piece carries and avoids; undefined if no open table avoids any. */
const allergensOf = (
  { dishes, someAvoid }: JobLine,
  ticket: Ticket,
  piece: TicketPiece,
): PieceAllergens | undefined => {
  if (!someAvoid) return undefined;
  const carries = pieceCarries(dishes, piece, piece.begun?.option ?? piece.option);
  return { ticket: ticket.id, carries, avoids: allergenBits(avoidedBy(ticket)) };
};

const pieceJob = (line: JobLine, ticket: Ticket, piece: TicketPiece): PieceJob | undefined => {
  const { gear, on, now } = line;
  const portion = portionOf(line.dishes, piece);
  if (!portion) return undefined;
  const options = portion.options.map(({ steps }) => steps);
  const { id, option: only, begun } = piece;
  const allergens = allergensOf(line, ticket, piece);
  const actions = on.get(id);
  const option = begun && options.at(begun.option);
  if (!begun || !option || !actions) return { id, options, only, allergens };
  const where = {
    option: begun.option,
    full: begun.full,
    pan: indexOf(gear.pans, begun.pan),
    oven: indexOf(gear.ovens, begun.oven),
  };
  const due = actions.map(({ kind, at, done, dueAt }) => ({
    kind,
    at,
    done,
    due: secondsIn(line, dueAt),
  }));
  const begunNow = begunPiece(where, option, due, secondsIn(line, now));
  return { id, options, only, allergens, begun: begunNow };
};

/** Open tickets to be scheduled; tickets with a dish that no longer exists are left out. */
export const openTickets = ({ tickets }: ServiceState): readonly Ticket[] =>
  tickets.filter(({ state, pieces }) => state === 'open' && pieces.length > 0);

/** Input of the search: the service at a moment. */
export const serviceJob = (
  now: LineNow,
  published?: ReadonlyMap<string, PlacedPiece>,
): ServiceJob => {
  const open = openTickets(now.state);
  const line = { ...now, someAvoid: open.some((ticket) => avoidedBy(ticket).length > 0) };
  return {
    gear: line.gear,
    now: secondsIn(line, line.now),
    heat: heatNow(line),
    held: pansHeld(line),
    published: published,
    tickets: open.flatMap((ticket): readonly TicketJob[] => {
      const pieces = ticket.pieces.flatMap((piece) => pieceJob(line, ticket, piece) ?? []);
      if (pieces.length === 0) return [];
      const at = (moment: number | undefined): number | undefined =>
        moment === undefined ? undefined : secondsIn(line, moment);
      const { id, wanted, quoted, firedAt, sidesBegun } = ticket;
      const sides = sidesOf(line.dishes, ticket.pieces).map(({ side }) => ({
        ...side,
        begun: at(sidesBegun.find(({ name }) => name === side.name)?.at),
      }));
      const from = secondsIn(line, firedAt);
      return [{ id, pieces, sides, from, promised: at(wanted), soonest: at(quoted) }];
    }),
  };
};

/** A pan or an oven within this of its wanted temperature needs no task, K. */
const NEAR = { pan: 20, oven: 5 } as const;

const heating = (line: LineNow, schedule: ServiceSchedule, heat: GearHeat): readonly Task[] => {
  const { gear, dishes, state } = line;
  const pieces = new Map(
    state.tickets.flatMap((ticket) => ticket.pieces.map((piece) => [piece.id, piece] as const)),
  );
  const stays = schedule.pieces.flatMap((placed) => {
    const piece = pieces.get(placed.id);
    const option = piece && portionOf(dishes, piece)?.options.at(placed.option);
    if (!piece || piece.begun || !option) return [];
    return option.steps.alone.stays.map((stay) => ({
      place: stay.place,
      index: placed[stay.place],
      celsius: stay.celsius,
      at: placed.start + stay.at,
    }));
  });
  const next = (place: 'pan' | 'oven', index: number) => {
    const here = stays.filter((stay) => stay.place === place && stay.index === index);
    return here.reduce((first, stay) => (stay.at < first.at ? stay : first), here[0]);
  };
  const thingFor = (place: 'pan' | 'oven', index: number, at: number): readonly Task[] => {
    const wanted = next(place, index);
    const lastSet = state.set.findLast(
      ({ gear: kind, of }) =>
        kind === place && of === (place === 'pan' ? gear.pans : gear.ovens)[index].id,
    );
    const isSet = lastSet && Math.abs(lastSet.celsius - (wanted?.celsius ?? 0)) <= NEAR[place];
    if (!wanted || isSet || Math.abs(wanted.celsius - at) <= NEAR[place]) return [];
    const { celsius } = wanted;
    const takes =
      place === 'pan'
        ? panReady(gear.pans[index].pan, at, celsius)
        : ovenReady(gear.ovens[index].oven, at, celsius);
    const due = wanted.at - takes;
    const station = place === 'pan' ? 'stove' : 'oven';
    return [{ kind: 'heat', station, due, seconds: TOUCH.heat, place, index, celsius }];
  };
  return [
    ...heat.pans.flatMap((at, i) => thingFor('pan', i, at)),
    ...heat.ovens.flatMap((at, i) => thingFor('oven', i, at)),
  ];
};

/** Everything that is to be done in a service by hand, by when it is due. */
export const tasksNow = (
  line: LineNow,
  schedule: ServiceSchedule,
  heat: GearHeat,
): readonly Task[] => {
  const things: Task[] = [...heating(line, schedule, heat)];
  const placed = new Map(schedule.pieces.map((piece) => [piece.id, piece]));
  const readyTickets = new Map(schedule.tickets.map((ticket) => [ticket.id, ticket]));
  const starts = new Map(
    schedule.sides.map(({ ticket, name, start }) => [sideKey(ticket, name), start] as const),
  );
  for (const ticket of openTickets(line.state)) {
    for (const piece of ticket.pieces) {
      const base = { piece: piece.id, ticket: ticket.id };
      const actions = line.on.get(piece.id);
      if (piece.begun && actions) {
        for (const { kind: action, dueAt, done } of actions) {
          if (done !== undefined || action === 'slice') continue;
          const due = secondsIn(line, dueAt);
          const station = STATION_OF[action];
          things.push({ kind: 'touch', station, due, seconds: TOUCH.touch, action, ...base });
        }
        continue;
      }
      const where = placed.get(piece.id);
      if (!where) continue;
      if (where.washAt !== undefined) things.push(washing(ticket.id, where.pan, where.washAt));
      const first = portionOf(line.dishes, piece)?.options.at(where.option)?.steps.alone.stays[0];
      const station = first?.place === 'oven' ? 'oven' : 'stove';
      const due = where.start;
      things.push({ kind: 'touch', station, due, seconds: TOUCH.touch, action: 'in', ...base });
    }
    things.push(...sidesToBegin(line, starts, ticket));
    const found = readyTickets.get(ticket.id);
    if (found) {
      const seconds = TOUCH.plate * ticket.pieces.length;
      const due = found.landsAt - seconds;
      things.push({ kind: 'plate', station: 'plates', due, seconds, ticket: ticket.id });
    }
  }
  return things.toSorted((a, b) => a.due - b.due);
};

const washing = (ticket: string, index: number, due: number): Task => ({
  ...{ kind: 'wash', station: 'stove', due, seconds: WASHING.seconds, index, ticket },
});

/** Station of a side by the gear that it needs. */
const SIDE_STATION = {
  nothing: 'plates',
  burner: 'stove',
  pan: 'stove',
  oven: 'oven',
} as const satisfies Record<Side['needs'], Station>;

/** Key of a table's side in a schedule. */
const sideKey = (ticket: string, name: string): string => `${ticket} ${name}`;

const sidesToBegin = (
  { dishes }: LineNow,
  starts: ReadonlyMap<string, number>,
  { id, pieces, sidesBegun }: Ticket,
): readonly Task[] =>
  sidesOf(dishes, pieces).flatMap(({ side, plates }): readonly Task[] => {
    const { name, needs, handsOn } = side;
    const due = starts.get(sideKey(id, name));
    if (due === undefined || sidesBegun.some((begun) => begun.name === name)) return [];
    const station = SIDE_STATION[needs];
    return [{ kind: 'side', station, due, seconds: handsOn, name, plates, ticket: id }];
  });
