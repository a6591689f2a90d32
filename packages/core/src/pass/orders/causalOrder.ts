import type { ServiceEvent } from './serviceEvent';

/** Ids of the ticket, the piece or the event that an event is about: it happened after these came into being. */
export const subjectsOf = (event: ServiceEvent): readonly string[] => {
  switch (event.kind) {
    case 'changed':
      return [event.order.id];
    case 'refired':
      return [event.of, event.instead];
    case 'fired':
    case 'held':
    case 'cancelled':
    case 'sent':
    case 'moved':
    case 'side':
    case 'undo':
      return [event.of];
    case 'way':
    case 'begun':
    case 'put':
      return [event.piece];
    case 'ordered':
    case 'set':
    case 'measured':
    case 'out':
    case 'back':
    case 'washed':
    case 'hands':
    case 'stock':
      return [];
  }
};

/** Ids of the ticket and the pieces that an event creates, and of the event itself. */
const createdBy = (event: ServiceEvent): readonly string[] => {
  switch (event.kind) {
    case 'ordered':
    case 'changed':
      return [event.id, event.order.id, ...event.order.pieces.map(({ id }) => id)];
    case 'refired':
      return [event.id, event.piece.id];
    default:
      return [event.id];
  }
};

/**
 * Sorts events by time, but never before the ticket, the piece or the event that it is about: the clock of
 * one phone may be behind that of another. The result does not depend on the order of the argument.
 */
export const causalOrder = (events: readonly ServiceEvent[]): readonly ServiceEvent[] => {
  /** Time of creation by id, ms. */
  const created = new Map<string, number>();
  const placed: { readonly event: ServiceEvent; readonly from: number }[] = [];
  let left = events.toSorted((a, b) => a.at - b.at || (a.id < b.id ? -1 : 1));
  while (left.length > 0) {
    const waiting: ServiceEvent[] = [];
    for (const event of left) {
      const since = subjectsOf(event).map((id) => created.get(id) ?? Infinity);
      const from = Math.max(event.at, ...since);
      if (from === Infinity) {
        waiting.push(event);
        continue;
      }
      placed.push({ event, from });
      for (const id of createdBy(event)) if (!created.has(id)) created.set(id, from);
    }
    // Their ticket, piece or event has not arrived: they have no effect yet.
    if (waiting.length === left.length) {
      placed.push(...waiting.map((event) => ({ event, from: event.at })));
      break;
    }
    left = waiting;
  }
  return placed.toSorted((a, b) => a.from - b.from).map(({ event }) => event);
};
