import { isPress, type CookEvent } from './event';
import type { PressKind } from './press';

/** The same press within this of the last one is the same press, heard twice, ms. */
export const ECHO_MS = 3000;

/** Each press that another phone, or the same thumb, made a moment before: its id, and whose it is. */
const echoesOf = (inOrder: readonly CookEvent[]): ReadonlyMap<string, string> => {
  const echoes = new Map<string, string>();
  const lead = new Map<PressKind, CookEvent>();
  const takenBack = new Map<string, number>();
  for (const event of inOrder) if (event.kind === 'undo') takenBack.set(event.of, event.at);
  for (const event of inOrder) {
    if (!isPress(event)) continue;
    const before = lead.get(event.kind);
    // Taken back and pressed again is a press of its own.
    const standsYet = before && (takenBack.get(before.id) ?? Infinity) > event.at;
    if (before && standsYet && event.at - before.at <= ECHO_MS) echoes.set(event.id, before.id);
    else lead.set(event.kind, event);
  }
  return echoes;
};

/**
 * Events in order of time as they stand: those taken back and those heard twice left out, times as
 * corrected. Whatever order they arrive in, they mean the same.
 */
export const effectiveEvents = (events: readonly CookEvent[]): readonly CookEvent[] => {
  const inOrder = events.toSorted((a, b) => a.at - b.at || (a.id < b.id ? -1 : 1));
  const echoes = echoesOf(inOrder);
  const undone = new Set<string>();
  const corrected = new Map<string, number>();
  // An undo may itself be of a correction: newest first, what is taken back says nothing.
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
