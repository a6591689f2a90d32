import type { TimedAction } from '../../cook/progress';
import { portionOf, type MenuDish } from '../dishes/menuDish';
import type { ServiceState, Ticket, TicketPiece } from '../orders/serviceTickets';
import { whyLate, type CookedPiece, type WhyLate } from './whyLate';

/** Result of a ticket. Seconds; times in ms since 1970. */
export interface SentTable {
  readonly id: string;
  readonly table: string;
  readonly orderedAt: number;
  /** Due time: the wanted one, else the quoted one. */
  readonly dueAt: number | undefined;
  readonly sentAt: number;
  /** After its time; below 0: before. */
  readonly late: number | undefined;
  /** Reason why it was late, if its pieces show one. */
  readonly why: WhyLate | undefined;
  readonly pieces: number;
  /** Time between the first ready piece and the sending, and its excess over the time a piece stays warm. */
  readonly waited: number;
}

/** Result of a service. */
export interface ServiceReport {
  readonly sent: readonly SentTable[];
  readonly pieces: number;
  /** Tables sent within a minute and a half of their time, of those that had one. */
  readonly onTime: number;
  readonly timed: number;
  readonly refired: number;
  readonly cancelled: number;
  /** Mean time that a pan and an oven had a piece in it, share of the service, by id. */
  readonly use: readonly {
    readonly place: 'pan' | 'oven';
    readonly id: string;
    readonly share: number;
  }[];
  /** Cost of the pieces, with those cooked again, if the menu has prices. */
  readonly cost: number | undefined;
  /** Number of each dish. */
  readonly byDish: readonly {
    readonly dish: string;
    readonly name: string;
    readonly count: number;
  }[];
}

const ON_TIME = 90;

/** The moment an action was done, ms. */
const doneAt = (
  actions: readonly TimedAction[] | undefined,
  kind: TimedAction['kind'],
): number | undefined =>
  actions?.find((action) => action.kind === kind && action.done !== undefined)?.dueAt;

/** A piece as cooked and as planned; undefined if it was not followed to its end. */
const cookedPiece = (
  piece: TicketPiece,
  dishes: readonly MenuDish[],
  actions: readonly TimedAction[] | undefined,
): CookedPiece | undefined => {
  const plan = piece.begun && portionOf(dishes, piece)?.options.at(piece.begun.option)?.plan;
  const [beganAt, pulledAt] = [doneAt(actions, 'in'), doneAt(actions, 'pull')];
  if (!plan || beganAt === undefined || pulledAt === undefined) return undefined;
  const { cookSeconds, restSeconds } = plan;
  return { beganAt, pulledAt, cookSeconds, restSeconds };
};

const tableOf = (
  ticket: Ticket,
  sentAt: number,
  dishes: readonly MenuDish[],
  on: ReadonlyMap<string, readonly TimedAction[]>,
): SentTable => {
  const { id, table, orderedAt, wanted, quoted, pieces } = ticket;
  const dueAt = wanted ?? quoted;
  const out = pieces.flatMap((piece) => doneAt(on.get(piece.id), 'pull') ?? []);
  const late = dueAt === undefined ? undefined : (sentAt - dueAt) / 1000;
  const cooked = pieces.flatMap((piece) => cookedPiece(piece, dishes, on.get(piece.id)) ?? []);
  const wasLate = dueAt !== undefined && late !== undefined && late > ON_TIME;
  return {
    id,
    table,
    orderedAt,
    dueAt,
    sentAt,
    late,
    why: wasLate ? whyLate(ticket, dueAt, cooked) : undefined,
    pieces: pieces.length,
    waited: out.length === 0 ? 0 : Math.max(0, (sentAt - Math.min(...out)) / 1000),
  };
};

/**
 * Result of a service, from its events and its cooks.
 * @param on actions of its pieces, by id
 */
export const serviceReport = (
  state: ServiceState,
  dishes: readonly MenuDish[],
  on: ReadonlyMap<string, readonly TimedAction[]>,
): ServiceReport => {
  const sent = state.tickets.flatMap((ticket) =>
    ticket.sentAt === undefined ? [] : [tableOf(ticket, ticket.sentAt, dishes, on)],
  );
  const timed = sent.filter(({ late }) => late !== undefined);
  const served = state.tickets.filter(({ sentAt }) => sentAt !== undefined);
  const cooked = served.flatMap(({ pieces, dropped }) => [...pieces, ...dropped]);
  const costs = cooked.map((piece) => dishes.find(({ id }) => id === piece.dish)?.cost);
  const counts = new Map<string, number>();
  for (const { dish } of served.flatMap(({ pieces }) => pieces)) {
    counts.set(dish, (counts.get(dish) ?? 0) + 1);
  }
  return {
    sent,
    pieces: served.reduce((sum, { pieces }) => sum + pieces.length, 0),
    onTime: timed.filter(({ late = 0 }) => late <= ON_TIME).length,
    timed: timed.length,
    refired: state.tickets.reduce((sum, { dropped }) => sum + dropped.length, 0),
    cancelled: state.tickets.filter((ticket) => ticket.state === 'cancelled').length,
    use: usesOf(state, dishes, on, sent),
    cost: costs.every((cost) => cost === undefined)
      ? undefined
      : costs.reduce<number>((sum, cost = 0) => sum + cost, 0),
    byDish: [...counts].map(([dish, count]) => ({
      dish,
      name: dishes.find(({ id }) => id === dish)?.name ?? '',
      count,
    })),
  };
};

type HeatedPlace = 'pan' | 'oven';

/** Place of a piece after an action; undefined: on no equipment. */
const PLACE_FROM: Partial<Readonly<Record<TimedAction['kind'], HeatedPlace | 'none'>>> = {
  'into-oven': 'oven',
  out: 'pan',
  back: 'pan',
  lift: 'none',
  pull: 'none',
};

interface Stay {
  readonly place: HeatedPlace;
  readonly from: number;
  readonly to: number;
}

/** Stays of a piece in pan and oven, as its actions were done; ms since 1970. Empty until it was pulled. */
const staysOf = (
  actions: readonly TimedAction[] | undefined,
  first: HeatedPlace,
): readonly Stay[] => {
  if (doneAt(actions, 'pull') === undefined) return [];
  const stays: Stay[] = [];
  let now: { readonly place: HeatedPlace | 'none'; readonly from: number } | undefined;
  const done = (actions ?? []).filter(({ done: how }) => how !== undefined && how !== 'skipped');
  for (const { kind, dueAt } of done.toSorted((a, b) => a.dueAt - b.dueAt)) {
    const place = kind === 'in' ? first : PLACE_FROM[kind];
    if (place === undefined || place === now?.place) continue;
    if (now && now.place !== 'none') stays.push({ place: now.place, from: now.from, to: dueAt });
    now = { place, from: dueAt };
  }
  return stays;
};

const usesOf = (
  { tickets }: ServiceState,
  dishes: readonly MenuDish[],
  on: ReadonlyMap<string, readonly TimedAction[]>,
  sent: readonly SentTable[],
): ServiceReport['use'] => {
  const from = Math.min(...sent.map(({ orderedAt }) => orderedAt));
  const to = Math.max(...sent.map(({ sentAt }) => sentAt));
  if (!(to > from)) return [];
  const busy = new Map<string, Stay[]>();
  for (const piece of tickets.flatMap(({ pieces, dropped }) => [...pieces, ...dropped])) {
    const { id, begun } = piece;
    if (!begun) continue;
    const option = portionOf(dishes, piece)?.options.at(begun.option);
    const actions = on.get(id);
    // A dish of another logbook has no steps here: a piece that left an oven first was put into it.
    const moved = actions?.find(({ kind }) => kind === 'into-oven' || kind === 'out');
    const first = option?.steps.alone.stays[0]?.place ?? (moved?.kind === 'out' ? 'oven' : 'pan');
    for (const stay of staysOf(actions, first)) {
      const gear = begun[stay.place];
      if (gear === undefined) continue;
      const key = `${stay.place} ${gear}`;
      busy.set(key, [...(busy.get(key) ?? []), stay]);
    }
  }
  return [...busy].map(([key, stays]) => {
    const place = key.startsWith('pan') ? ('pan' as const) : ('oven' as const);
    return { place, id: key.slice(place.length + 1), share: union(stays) / (to - from) };
  });
};

/** Length of a union of stretches. */
const union = (stays: readonly { readonly from: number; readonly to: number }[]): number => {
  let [sum, end] = [0, -Infinity];
  for (const stay of stays.toSorted((a, b) => a.from - b.from)) {
    sum += Math.max(0, stay.to - Math.max(stay.from, end));
    end = Math.max(end, stay.to);
  }
  return sum;
};
