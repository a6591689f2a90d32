import type { CookStart } from '@crustan/core/formats/messages';
import type { CookEvent } from '@crustan/core/cook/event';
import { isKnown, type KnownBook, type LogStream } from './logStream';

/** First message about a started piece. */
export type Started = CookStart;

/** One piece on this device's stove. */
export interface ActiveCook extends Started {
  readonly events: readonly CookEvent[];
  /** Whether the server has the cook itself. */
  readonly startKnown: boolean;
  /** Events the server has acknowledged: they are on its disk. */
  readonly known: readonly string[];
  /** Events the server will never take, and its words for why. */
  readonly refused: Readonly<Record<string, string>>;
  /** The server's words for why it does not take the cook itself. */
  readonly startRefused?: string;
  /** The cook was deleted from the logbook. */
  readonly gone?: true;
}

/** Events that are not in the logbook: those that wait, and those that it refused. */
export const unsentEvents = ({ events, known }: ActiveCook): readonly CookEvent[] => {
  const there = new Set(known);
  return events.filter(({ id }) => !there.has(id));
};

/** Events that wait to be sent, oldest first. */
export const waitingEvents = (cook: ActiveCook): readonly CookEvent[] =>
  unsentEvents(cook).filter(({ id }) => cook.refused[id] === undefined);

/** The cook of a stream; undefined while what opens it is not there. */
const derived = ({ id, entries, gone }: LogStream, book: KnownBook): ActiveCook | undefined => {
  const events: CookEvent[] = [];
  const known: string[] = [];
  const refused: Record<string, string> = {};
  let opened: ActiveCook | undefined;
  for (const kept of entries) {
    const { entry } = kept;
    if (entry.of !== 'cook') continue;
    const { event } = entry;
    const inBook = isKnown(kept, book);
    if (event.kind === 'opened') {
      const { at: startedAt, plan, together } = event;
      opened = {
        ...{ id, startedAt, plan, events, known, refused, startKnown: inBook },
        ...(together ? { together } : {}),
        ...(inBook || kept.refused === undefined ? {} : { startRefused: kept.refused }),
        ...(gone ? { gone } : {}),
      };
      continue;
    }
    events.push(event);
    if (inBook) known.push(event.id);
    else if (kept.refused !== undefined) refused[event.id] = kept.refused;
  }
  return opened;
};

const derivedBefore = new WeakMap<
  LogStream,
  { readonly book: KnownBook; readonly cook: ActiveCook | undefined }
>();

/** The cook of a stream, the same object while the stream is; undefined while what opens it is not there. */
export const cookOf = (stream: LogStream, book: KnownBook): ActiveCook | undefined => {
  const before = derivedBefore.get(stream);
  if (before?.book === book) return before.cook;
  const cook = derived(stream, book);
  derivedBefore.set(stream, { book, cook });
  return cook;
};
