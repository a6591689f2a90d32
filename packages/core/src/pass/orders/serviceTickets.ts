import { causalOrder, subjectsOf } from './causalOrder';
import { WASHING } from '../dishes/cleanPans';
import type {
  BegunEvent,
  Order,
  OrderedPiece,
  OutGear,
  OutReason,
  ServiceEvent,
} from './serviceEvent';

export const TICKET_STATES = ['held', 'open', 'sent', 'cancelled'] as const;
export type TicketState = (typeof TICKET_STATES)[number];

/** Current state of a piece of a ticket. */
export interface TicketPiece extends OrderedPiece {
  /** The way that was chosen in place of the menu's. */
  readonly option: number | undefined;
  /** Place where it was begun. */
  readonly begun: BegunEvent | undefined;
  /** It is cooked in place of this one. */
  readonly instead: string | undefined;
}

/** A ticket as its events have it. Times in ms since 1970. */
export interface Ticket extends Omit<Order, 'pieces'> {
  readonly state: TicketState;
  readonly orderedAt: number;
  /** Time before which no piece begins. */
  readonly firedAt: number;
  readonly sentAt: number | undefined;
  /** Pieces to serve, without a piece that was replaced by another. */
  readonly pieces: readonly TicketPiece[];
  /** Pieces that were cooked again, and how many times in all. */
  readonly dropped: readonly TicketPiece[];
  /** Sides that were begun, and when. */
  readonly sidesBegun: readonly { readonly name: string; readonly at: number }[];
}

/** Setting of a pan or an oven by its id: temperature, C, and time. */
export interface GearSet {
  readonly gear: 'pan' | 'oven';
  readonly of: string;
  readonly celsius: number;
  readonly at: number;
  /** It was measured: it is at this, whatever it was set to. */
  readonly measured?: true | undefined;
}

/** Something of the kitchen that is out of use, by its id, and since when. */
export interface GearOut {
  readonly gear: OutGear;
  readonly of: string;
  readonly why: OutReason;
  readonly at: number;
}

/** Everything a service's events say. */
export interface ServiceState {
  /** In the order in which they were ordered. */
  readonly tickets: readonly Ticket[];
  /** In the order of their time. */
  readonly set: readonly GearSet[];
  readonly out: readonly GearOut[];
  /** Pans that were washed, by id, in the order of their time. */
  readonly washed: readonly { readonly of: string; readonly at: number }[];
  /** Pieces that were put into each pan, by id. */
  readonly inPans: readonly { readonly of: string; readonly piece: string; readonly at: number }[];
  /** Number of cooks on the line, if stated; undefined: the kitchen's. */
  readonly hands: number | undefined;
  /** Pieces that are left to be ordered, by dish, where they were counted. */
  readonly stock: ReadonlyMap<string, number>;
  /** The last event that can be taken back. */
  readonly last: ServiceEvent | undefined;
}

/** Events in causal order, without those taken back; an undo may be taken back too. */
const effectiveServiceEvents = (events: readonly ServiceEvent[]): readonly ServiceEvent[] => {
  const seen = new Set<string>();
  const inOrder = causalOrder(events.filter(({ id }) => !seen.has(id) && seen.add(id)));
  const undone = new Set<string>();
  for (const event of inOrder.toReversed()) {
    if (event.kind === 'undo' && !undone.has(event.id)) undone.add(event.of);
  }
  return inOrder.filter(({ id, kind }) => kind !== 'undo' && !undone.has(id));
};

const asPiece = (piece: OrderedPiece, instead?: string): TicketPiece => ({
  ...piece,
  option: undefined,
  begun: undefined,
  instead,
});

const started = (order: Order, at: number): Ticket => ({
  ...order,
  state: order.held ? 'held' : 'open',
  orderedAt: at,
  firedAt: at,
  sentAt: undefined,
  pieces: order.pieces.map((piece) => asPiece(piece)),
  dropped: [],
  sidesBegun: [],
});

/**
 * Change of an order: it replaces the whole order, and clears a field that it leaves out. The state of the ticket, and
 * of the pieces that stay, is kept.
 */
const changed = (
  { state, orderedAt, firedAt, sentAt, dropped, sidesBegun, ...ticket }: Ticket,
  order: Order,
): Ticket => ({
  ...order,
  ...{ state, orderedAt, firedAt, sentAt, dropped, sidesBegun },
  pieces: order.pieces.map((piece) => {
    const before = ticket.pieces.find(({ id }) => id === piece.id);
    return before ? { ...before, ...piece } : asPiece(piece);
  }),
});

const withPiece = (
  ticket: Ticket,
  id: string,
  change: (piece: TicketPiece) => TicketPiece,
): Ticket => ({
  ...ticket,
  pieces: ticket.pieces.map((piece) => (piece.id === id ? change(piece) : piece)),
});

const withEvent = (ticket: Ticket, event: ServiceEvent): Ticket => {
  switch (event.kind) {
    case 'changed':
      return event.order.id === ticket.id ? changed(ticket, event.order) : ticket;
    case 'fired':
      return { ...ticket, state: 'open', firedAt: event.at };
    case 'held':
      return { ...ticket, state: 'held' };
    case 'cancelled':
      return { ...ticket, state: 'cancelled' };
    case 'sent':
      return { ...ticket, state: 'sent', sentAt: event.at };
    case 'refired': {
      const old = ticket.pieces.find(({ id }) => id === event.instead);
      if (!old) return ticket;
      // It takes the place of the old one: boards number the pieces of a table by their order.
      const replaced = asPiece(event.piece, old.id);
      return {
        ...ticket,
        state: 'open',
        sentAt: undefined,
        pieces: ticket.pieces.map((piece) => (piece === old ? replaced : piece)),
        dropped: [...ticket.dropped, old],
      };
    }
    case 'moved':
      return { ...ticket, wanted: event.wanted };
    case 'way':
      return withPiece(ticket, event.piece, (piece) => ({ ...piece, option: event.option }));
    case 'begun':
      return withPiece(ticket, event.piece, (piece) =>
        // Two phones may say it: the first stands.
        piece.begun ? piece : { ...piece, begun: event },
      );
    case 'put':
      return withPiece(ticket, event.piece, (piece) =>
        piece.begun
          ? { ...piece, begun: { ...piece.begun, ...putInto(event, piece.begun) } }
          : piece,
      );
    case 'side':
      return { ...ticket, sidesBegun: [...ticket.sidesBegun, { name: event.side, at: event.at }] };
    case 'ordered':
    case 'set':
    case 'measured':
    case 'out':
    case 'back':
    case 'washed':
    case 'hands':
    case 'stock':
    case 'undo':
      return ticket;
  }
};

/** A pan or an oven that an event does not name stays unchanged. */
const putInto = (
  { pan, oven }: Extract<ServiceEvent, { kind: 'put' }>,
  begun: BegunEvent,
): Pick<BegunEvent, 'pan' | 'oven'> => ({ pan: pan ?? begun.pan, oven: oven ?? begun.oven });

/** Whether an event is about a ticket or one of its pieces. */
const speaksOf = (event: ServiceEvent, { id, pieces }: Ticket): boolean =>
  subjectsOf(event).some((of) => of === id || pieces.some((piece) => piece.id === of));

/** Pieces of a dish that a ticket has used up: of a cancelled one, those that were begun. */
const used = (ticket: Ticket | undefined, dish: string): number =>
  [...(ticket?.pieces ?? []), ...(ticket?.dropped ?? [])].filter(
    (piece) => piece.dish === dish && (ticket?.state !== 'cancelled' || piece.begun),
  ).length;

/** Derives the tickets of a service from its events, in whatever order and however often they come. */
export const serviceState = (events: readonly ServiceEvent[]): ServiceState => {
  const tickets = new Map<string, Ticket>();
  const set: GearSet[] = [];
  const stock = new Map<string, number>();
  const out = new Map<string, GearOut>();
  const washed: { of: string; at: number }[] = [];
  const inPans: { of: string; piece: string; at: number }[] = [];
  let hands: number | undefined;
  const put = (ticket: Ticket): void => {
    const before = tickets.get(ticket.id);
    for (const [dish, left] of stock) {
      stock.set(dish, left - used(ticket, dish) + used(before, dish));
    }
    tickets.set(ticket.id, ticket);
  };
  const effective = effectiveServiceEvents(events);
  for (const event of effective) {
    if (event.kind === 'ordered' && !tickets.has(event.order.id)) {
      put(started(event.order, event.at));
    } else if (event.kind === 'set') {
      const { gear, of, celsius, at } = event;
      set.push({ gear, of, celsius, at });
    } else if (event.kind === 'measured') {
      const { gear, of, celsius, at } = event;
      set.push({ gear, of, celsius, at, measured: true });
    } else if (event.kind === 'out') {
      const { gear, of, why, at } = event;
      out.set(`${gear} ${of}`, { gear, of, why, at });
    } else if (event.kind === 'back') {
      out.delete(`${event.gear} ${event.of}`);
    } else if (event.kind === 'washed') {
      const { of, at } = event;
      washed.push({ of, at });
      // It stands off the heat after that.
      const cold = { gear: 'pan', of, celsius: WASHING.celsius, at } as const;
      set.push(cold, { ...cold, measured: true });
    } else if (event.kind === 'hands') {
      hands = event.count;
    } else if (event.kind === 'stock') {
      stock.set(event.dish, event.count);
    } else {
      if ((event.kind === 'begun' || event.kind === 'put') && event.pan !== undefined) {
        inPans.push({ of: event.pan, piece: event.piece, at: event.at });
      }
      for (const ticket of tickets.values()) {
        if (speaksOf(event, ticket)) put(withEvent(ticket, event));
      }
    }
  }
  return {
    tickets: [...tickets.values()],
    set,
    out: [...out.values()],
    washed,
    inPans,
    hands,
    stock,
    last: effective.findLast(({ kind }) => kind !== 'set' && kind !== 'begun'),
  };
};
