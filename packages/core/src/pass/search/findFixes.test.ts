import { describe, expect, it } from '@jest/globals';
import type { PieceOption, TicketJob } from '../dishes/dish';
import { serviceGear } from '../orders/serviceGear';
import { LINE } from '../../tests/serviceCases';
import type { PieceSteps } from '../dishes/pieceSteps';
import { scheduleService } from './scheduleService';
import type { ServiceJob } from '../slots/serviceSchedule';
import { findFixes } from './findFixes';

const steps = (place: 'pan' | 'oven', seconds: number): PieceSteps => ({
  way: 'once',
  stays: [{ place, at: 0, seconds, celsius: place === 'pan' ? 230 : 180, area: 0.02 }],
  touches: [{ kind: 'in', at: 0, seconds: 10 }],
  heatSeconds: seconds,
  restSeconds: 60,
  keepsSeconds: 300,
  uncertainSeconds: 0,
  recoverySeconds: 0,
});
const option = (of: PieceSteps): PieceOption => ({ alone: of, full: of, fullArea: 0.1 });

/** Four tables at once whose pieces each fill a pan, with a way through the oven where `others` says. */
const job = (pans: number, others: readonly PieceSteps[]): ServiceJob => {
  const small = { diameter: 0.2, mass: 2 };
  const gear = serviceGear({
    ...LINE,
    pans: Array.from({ length: pans }, (_, i) => ({ id: `p${i}`, name: 'P', ...small })),
  });
  const tickets = ['a', 'b', 'c', 'd'].map((id): TicketJob => ({
    id,
    from: 0,
    promised: 700,
    pieces: [{ id: `${id}1`, options: [steps('pan', 600), ...others].map(option) }],
  }));
  const heat = { pans: gear.pans.map(() => 230), ovens: [180] };
  return { gear, now: 0, heat, tickets };
};

describe('ways out for a late table', () => {
  it('one more pan is offered where it lands the table sooner, with the time it would', () => {
    const asked = job(1, []);
    const late = scheduleService(asked).tickets.toSorted((a, b) => b.late - a.late)[0];
    const found = findFixes(asked, { ticket: late.id, piece: `${late.id}1` }, job(2, []));
    expect(found).toMatchObject([{ by: { kind: 'pan' } }]);
    expect(found[0].landsAt).toBeLessThan(late.landsAt - 60);
    expect(scheduleService(job(2, [])).late).toBe(found[0].late);
  });

  it('another way is offered only where it helps, and never one that delays the evening', () => {
    const of = { ticket: 'a', piece: 'a1' };
    // Already taken by itself where it is the soonest: nothing is left to offer.
    expect(findFixes(job(1, [steps('oven', 500)]), of)).toEqual([]);
    const slow = findFixes(job(1, [steps('oven', 6000)]), of);
    expect(slow).toEqual([]);
  });

  it('a way that was chosen may be given up for the sooner one', () => {
    const asked = job(2, [steps('oven', 5000)]);
    const stuck: ServiceJob = {
      ...asked,
      tickets: asked.tickets.map((ticket) => ({
        ...ticket,
        pieces: ticket.pieces.map((piece) => (piece.id === 'a1' ? { ...piece, only: 1 } : piece)),
      })),
    };
    const [best] = findFixes(stuck, { ticket: 'a', piece: 'a1' });
    expect(best).toMatchObject({ by: { kind: 'way', option: 0 } });
    expect(best.landsAt).toBeLessThan(4000);
  });

  it('a fix that leaves the table without a place is not offered', () => {
    const endless = [steps('pan', 30_000), steps('oven', 30_000)].map(option);
    const asked = job(1, []);
    const stuck: ServiceJob = {
      ...asked,
      tickets: asked.tickets.map((ticket) =>
        ticket.id === 'a' ? { ...ticket, pieces: [{ id: 'a1', options: endless }] } : ticket,
      ),
    };
    expect(scheduleService(stuck).unplaced).toEqual(['a']);
    const more = { ...stuck, gear: job(2, []).gear, heat: job(2, []).heat };
    expect(findFixes(stuck, { ticket: 'a', piece: 'a1' }, more)).toEqual([]);
  });
});
