import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import type { Ticket } from '../orders/serviceTickets';
import { whyLate, type CookedPiece } from './whyLate';

const MINUTE = 60_000;
const ticket = (more: Partial<Ticket>): Ticket => ({
  id: '7',
  table: '7',
  state: 'sent',
  orderedAt: 0,
  firedAt: 0,
  sentAt: 60 * MINUTE,
  pieces: [
    {
      id: 'a',
      dish: 'd',
      doneness: 'rare',
      option: undefined,
      begun: undefined,
      instead: undefined,
    },
  ],
  dropped: [],
  sidesBegun: [],
  ...more,
});
/** Ten minutes over heat, five of rest, by its plan. */
const cooked = (began: number, minutes = 10): CookedPiece => ({
  beganAt: began * MINUTE,
  pulledAt: (began + minutes) * MINUTE,
  cookSeconds: 600,
  restSeconds: 300,
});
const due = 50 * MINUTE;

describe('why a table was late', () => {
  it('is what cost it the most', () => {
    const sent = (minutes: number) => ticket({ sentAt: minutes * MINUTE });
    expect(whyLate(sent(60), due, [cooked(44.75)])).toMatchObject({
      reason: 'begun-late',
      seconds: 600,
    });
    expect(whyLate(sent(60), due, [cooked(34.75, 20)])).toMatchObject({
      reason: 'cooked-longer',
      seconds: 600,
    });
    expect(whyLate(sent(60), due, [cooked(34.75)])).toMatchObject({
      reason: 'stood-ready',
      seconds: 600,
    });
    const asked = ticket({ sentAt: 60 * MINUTE, firedAt: 44 * MINUTE });
    expect(whyLate(asked, due, [cooked(44.75)])?.reason).toBe('asked-late');
    const again = ticket({ sentAt: 60 * MINUTE, dropped: ticket({}).pieces });
    expect(whyLate(again, due, [cooked(44)])).toEqual({ reason: 'cooked-again', seconds: 600 });
  });

  it('is never more than the whole with what was made up for, and unknown without pieces', () => {
    expect(whyLate(ticket({}), due, [])).toBeUndefined();
    expect(whyLate(ticket({ sentAt: undefined }), due, [cooked(30)])).toBeUndefined();
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 45, noNaN: true }),
        fc.double({ min: 5, max: 25, noNaN: true }),
        fc.double({ min: 0, max: 30, noNaN: true }),
        fc.double({ min: 0, max: 40, noNaN: true }),
        (began, minutes, stood, fired) => {
          const sentAt = (began + minutes + 5 + stood) * MINUTE;
          const late = (sentAt - due) / 1000;
          fc.pre(late > 90 && fired <= began);
          const found = whyLate(ticket({ sentAt, firedAt: fired * MINUTE }), due, [
            cooked(began, minutes),
          ]);
          // Four causes add up to the lateness: the greatest of them is at least a quarter.
          expect(found?.seconds).toBeGreaterThanOrEqual(late / 4 - 15);
        },
      ),
    );
  });
});
