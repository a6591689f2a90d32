import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { seededRandom } from '../../maths/random';
import { faultsOf } from '../../tests/checkSchedule';
import { drawnService, withAllergens } from '../../tests/serviceCases';
import { runsOf } from '../../tests/tier';
import type { ServiceJob } from '../slots/serviceSchedule';
import { scheduleService } from './scheduleService';
import { ServiceSearch } from './serviceSearch';

const SLOT_S = 5;
/** Service in which the tickets but the last have been published, and time has passed. */
const withNewTicket = (seed: number, pieces: number, passed: number): ServiceJob => {
  const random = seededRandom(seed);
  const job = withAllergens(random, drawnService(random, pieces));
  const before = scheduleService({ ...job, tickets: job.tickets.slice(0, -1) });
  return {
    ...job,
    now: job.now + passed,
    published: new Map(before.pieces.map((piece) => [piece.id, piece])),
  };
};
const services = fc.tuple(
  fc.integer({ min: 1, max: 1e6 }),
  fc.integer({ min: 4, max: 20 }),
  fc.double({ min: 0, max: 60, noNaN: true }),
);

describe('a search that begins with published places', () => {
  it('breaks no rule before its first move', () => {
    fc.assert(
      fc.property(services, (drawn) => {
        const job = withNewTicket(...drawn);
        expect(faultsOf(job, new ServiceSearch(job).schedule())).toEqual([]);
      }),
      { numRuns: runsOf(60, 12) },
    );
  });

  it('leaves tables where they were published, to a slot, if the new one is on time beside them', () => {
    let [begun, kept, all] = [0, 0, 0];
    fc.assert(
      fc.property(services, (drawn) => {
        const job = withNewTicket(...drawn);
        const search = new ServiceSearch(job);
        const { pieces, tickets, unplaced } = search.schedule();
        expect(unplaced).toEqual([]);
        if (!search.isAsPublished) return;
        begun += 1;
        expect(tickets.find(({ id }) => id === job.tickets.at(-1)?.id)?.late).toBe(0);
        const places = pieces.flatMap(({ id, start }) => {
          const was = job.published?.get(id);
          return was ? [Math.abs(start - was.start) <= SLOT_S] : [];
        });
        all += places.length;
        kept += places.filter(Boolean).length;
      }),
      { numRuns: runsOf(60, 12) },
    );
    expect(begun).toBeGreaterThan(0);
    expect(kept / all).toBeGreaterThan(0.9);
  });

  it('says what delays a late table that stays where it was', () => {
    const late = Array.from({ length: 24 }, (_, i) => withNewTicket(i + 1, 16, 10)).flatMap(
      (job) => {
        const search = new ServiceSearch(job);
        const { tickets } = search.schedule();
        return search.isAsPublished ? tickets.filter(({ late: seconds }) => seconds > 60) : [];
      },
    );
    expect(late.length).toBeGreaterThan(0);
    const explained = late.filter(({ hindered }) => hindered !== undefined);
    expect(explained.length / late.length).toBeGreaterThan(0.8);
  });

  it('then places all tables again, and never returns a worse schedule', () => {
    fc.assert(
      fc.property(services, (drawn) => {
        const search = new ServiceSearch(withNewTicket(...drawn));
        const { cost, isAsPublished } = search;
        if (search.improve(0)) expect(search.isAsPublished).toBe(false);
        else expect(isAsPublished).toBe(search.isAsPublished);
        expect(search.cost).toBeLessThanOrEqual(cost);
      }),
      { numRuns: runsOf(40, 8) },
    );
  });
});
