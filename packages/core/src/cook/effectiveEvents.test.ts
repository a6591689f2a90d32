import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { type CookEvent } from './event';
import { PRESS_KINDS, type PressKind } from './press';
import { DUPLICATE_PRESS_MS, effectiveEvents } from './effectiveEvents';

const T0 = 1_700_000_000_000;
const press = (id: string, kind: PressKind, ms: number): CookEvent => ({ id, kind, at: T0 + ms });
const ids = (events: readonly CookEvent[]) => effectiveEvents(events).map(({ id }) => id);

describe('what stands of what was said', () => {
  it('takes two phones pressing at once for one press', () => {
    const events = [press('a', 'turned', 0), press('b', 'turned', 900)];
    expect(ids(events)).toEqual(['a']);
    expect(ids(events.toReversed())).toEqual(['a']);
    // A turn after the duplicate time counts separately.
    expect(ids([...events, press('c', 'turned', DUPLICATE_PRESS_MS + 1)])).toEqual(['a', 'c']);
    expect(ids([press('a', 'turned', 0), press('b', 'pulled', 900)])).toEqual(['a', 'b']);
  });

  it('takes both back when either is, and not a press made anew after it', () => {
    const both = [press('a', 'in', 0), press('b', 'in', 500)];
    const undo = (of: string, ms: number): CookEvent => ({
      id: `u${of}`,
      kind: 'undo',
      at: T0 + ms,
      of,
    });
    expect(ids([...both, undo('b', 4000)])).toEqual([]);
    expect(ids([press('a', 'in', 0), undo('a', 800), press('c', 'in', 1500)])).toEqual(['c']);
  });

  it('mends a time, the last mending counting, and takes a mending back', () => {
    const mend = (id: string, ms: number, to: number): CookEvent => ({
      id,
      kind: 'corrected',
      at: T0 + ms,
      of: 'a',
      to: T0 + to,
    });
    const events = [press('a', 'in', 60_000), mend('m', 70_000, 30_000), mend('n', 80_000, 20_000)];
    expect(effectiveEvents(events)[0]?.at).toBe(T0 + 20_000);
    const undone: CookEvent = { id: 'u', kind: 'undo', at: T0 + 90_000, of: 'n' };
    expect(effectiveEvents([...events, undone])[0]?.at).toBe(T0 + 30_000);
  });

  it('means the same in whatever order it arrives', () => {
    const said = fc.array(
      fc.record({
        kind: fc.constantFrom(...PRESS_KINDS),
        ms: fc.integer({ min: 0, max: 20_000 }),
        undoes: fc.boolean(),
      }),
      { maxLength: 12 },
    );
    fc.assert(
      fc.property(said, fc.infiniteStream(fc.nat(1000)), (all, shuffle) => {
        const events = all.flatMap(({ kind, ms, undoes }, i): CookEvent[] => [
          press(`${i}`, kind, ms),
          ...(undoes ? [{ id: `u${i}`, kind: 'undo', at: T0 + ms + 50, of: `${i}` } as const] : []),
        ]);
        const mixed = events
          .map((event) => ({ event, by: shuffle.next().value }))
          .toSorted((a, b) => (a.by ?? 0) - (b.by ?? 0))
          .map(({ event }) => event);
        expect(ids(mixed)).toEqual(ids(events));
      }),
    );
  });
});
