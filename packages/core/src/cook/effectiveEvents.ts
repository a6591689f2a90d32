import { isPress, type CookEvent } from './event';
import type { PressKind } from './press';

/** Two presses of one kind within this time are one press, ms. */
export const DUPLICATE_PRESS_MS = 3000;

/** Map from a duplicate press's id to the original's id. */
const echoesOf = (inOrder: readonly CookEvent[]): ReadonlyMap<string, string> => {
  const echoes = new Map<string, string>();
  const lead = new Map<PressKind, CookEvent>();
  const takenBack = new Map<string, number>();
  for (const event of inOrder) if (event.kind === 'undo') takenBack.set(event.of, event.at);
  for (const event of inOrder) {
    if (!isPress(event)) continue;
    const before = lead.get(event.kind);
    // A step taken back and pressed again counts separately.
    const standsYet = before && (takenBack.get(before.id) ?? Infinity) > event.at;
    if (before && standsYet && event.at - before.at <= DUPLICATE_PRESS_MS)
      echoes.set(event.id, before.id);
    else lead.set(event.kind, event);
  }
  return echoes;
};

/**
 * Events in order of time, without those undone and without duplicates, with times as
 * corrected. Whatever order they arrive in, they mean the same.
 */
export const effectiveEvents = (events: readonly CookEvent[]): readonly CookEvent[] => {
  const inOrder = events.toSorted((a, b) => a.at - b.at || (a.id < b.id ? -1 : 1));
  const echoes = echoesOf(inOrder);
  const undone = new Set<string>();
  const corrected = new Map<string, number>();
  // An undo may undo a correction: newest first, an undone event has no effect.
  for (const event of inOrder.toReversed()) {
    if (undone.has(event.id)) continue;
    if (event.kind === 'undo') {
      undone.add(event.of);
      const lead = echoes.get(event.of);
      if (lead !== undefined) undone.add(lead);
    } else if (event.kind === 'corrected' && !corrected.has(event.of)) {
      corrected.set(event.of, event.to);
    }
  }
  return inOrder
    .filter(
      ({ id, kind }) =>
        kind !== 'undo' && kind !== 'corrected' && !undone.has(id) && !echoes.has(id),
    )
    .map((event) => {
      const to = corrected.get(event.id);
      return to === undefined ? event : { ...event, at: to };
    })
    .toSorted((a, b) => a.at - b.at);
};
