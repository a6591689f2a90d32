import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import loadHighs from 'highs';
import { seededRandom } from '../../maths/random';
import { faultsOf } from '../../tests/checkSchedule';
import { exactLateness } from '../../tests/exactService';
import { drawnService, drawnSteps, LINE, withAllergens } from '../../tests/serviceCases';
import { runsOf, someOf } from '../../tests/tier';
import type { TicketJob } from '../dishes/dish';
import { scheduleInTurn, scheduleService } from './scheduleService';
import { serviceGear } from '../orders/serviceGear';

const serviceOf = (seed: number, pieces: number) => drawnService(seededRandom(seed), pieces);

describe('a service’s schedule', () => {
  it('never asks more of pans, ovens, hands and pieces than there is', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), fc.integer({ min: 1, max: 24 }), (seed, n) => {
        const job = serviceOf(seed, n);
        const schedule = scheduleService(job, { moves: 20 });
        expect(faultsOf(job, schedule)).toEqual([]);
        const placed = new Set(schedule.pieces.map(({ id }) => id));
        const unplaced = job.tickets.filter(({ id }) => schedule.unplaced.includes(id));
        expect(placed.size).toBe(n - unplaced.flatMap(({ pieces }) => pieces).length);
      }),
      { numRuns: runsOf(30, 6) },
    );
  });

  it('gives allergic tables a clean pan, washed where it held the allergen', () => {
    const scheduled = (seed: number, pieces: number) => {
      const job = withAllergens(seededRandom(seed), serviceOf(seed, pieces));
      const schedule = scheduleService(job, { moves: 20 });
      expect(faultsOf(job, schedule)).toEqual([]);
      expect(schedule.unplaced).toEqual([]);
      return schedule.pieces.filter(({ washAt }) => washAt !== undefined).length;
    };
    expect(scheduled(5, 20)).toBeGreaterThan(1);
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), fc.integer({ min: 2, max: 20 }), (seed, n) => {
        scheduled(seed, n);
      }),
      { numRuns: runsOf(60, 12) },
    );
  });

  it('keeps a washing that is under way, though nobody has said that it is done', () => {
    const first = serviceOf(3, 1);
    const [ticket] = first.tickets;
    const allergens = { ticket: ticket.id, carries: 0, avoids: 1 };
    const job = {
      ...first,
      held: [1, 1],
      tickets: [{ ...ticket, pieces: [{ ...ticket.pieces[0], allergens }] }],
    };
    const before = scheduleService(job).pieces[0];
    const { washAt = -1 } = before;
    expect(washAt).toBeGreaterThanOrEqual(job.now);
    const told = new Map([[before.id, before]]);
    const after = scheduleService({ ...job, now: washAt + 60, published: told });
    // A press that makes a schedule again in the middle of the washing does not begin it again.
    expect(after.pieces[0]).toMatchObject({ start: before.start, washAt });
    const clean = scheduleService({ ...job, now: washAt + 130, published: told, held: [0, 0] });
    expect(clean.pieces[0].start).toBe(before.start);
    expect(clean.pieces[0].washAt).toBeUndefined();
  });

  it('is the same for the same job, and no later than first come, first served', () => {
    let [late, inTurn] = [0, 0];
    for (let seed = 1; seed <= runsOf(12, 3); seed += 1) {
      const job = serviceOf(seed, 14);
      const schedule = scheduleService(job);
      if (seed <= runsOf(3, 3)) expect(scheduleService(job)).toEqual(schedule);
      late += schedule.late;
      inTurn += scheduleInTurn(job).late;
    }
    expect(late).toBeLessThan(0.6 * inTurn);
  });

  it('comes within a tenth of the exact optimum of small services, and never under it', async () => {
    const highs = await loadHighs();
    const gear = { ...LINE, pans: LINE.pans.slice(1), holding: 99 };
    const spacing = { slot: 20, plating: 20 };
    let [found, best] = [0, 0];
    for (const seed of someOf([3, 1, 2, 4, 7, 5, 6, 8], 4)) {
      const job = drawnService(seededRandom(seed), 5, { ...gear, hands: 1 });
      const { late } = scheduleService(job, spacing);
      const optimum = exactLateness(job, { ...spacing, atMost: late }, (programme) => {
        const solved = highs.solve(programme);
        expect(solved.Status).toBe('Optimal');
        return solved.ObjectiveValue;
      });
      expect(late).toBeGreaterThanOrEqual(optimum - 1e-6);
      found += late;
      best += optimum;
    }
    expect(best).toBeGreaterThan(0);
    expect(found).toBeLessThanOrEqual(1.1 * best);
  });

  it('leaves what was told for the next two minutes where it was, or says what moved it', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), (seed) => {
        const job = serviceOf(seed, 10);
        const before = scheduleService(job);
        const told = new Map(before.pieces.map((piece) => [piece.id, piece]));
        const more = serviceOf(seed + 1, 6).tickets.map((ticket) => ({
          ...ticket,
          id: `new-${ticket.id}`,
          pieces: ticket.pieces.map((piece) => ({ ...piece, id: `new-${piece.id}` })),
        }));
        const after = scheduleService({
          ...job,
          tickets: [...job.tickets, ...more],
          published: told,
        });
        const moved = new Set(after.moved.map(({ id }) => id));
        for (const piece of before.pieces) {
          if (piece.start > job.now + 120 || moved.has(piece.id)) continue;
          const now = after.pieces.find(({ id }) => id === piece.id);
          expect(now && { ...now, waits: 0 }).toEqual({ ...piece, waits: 0 });
        }
      }),
      { numRuns: runsOf(20, 5) },
    );
  });

  it('lands a table apart, and says so, where one oven is wanted at two temperatures', () => {
    const random = seededRandom(4);
    const pieces = [230, 90].map((air, i) => {
      const steps = {
        ...drawnSteps(random, air),
        stays: [
          { place: 'pan' as const, at: 0, seconds: 200, celsius: 230, area: 0.01 },
          { place: 'oven' as const, at: 200, seconds: 400, celsius: air, area: 0 },
        ],
        heatSeconds: 600,
        keepsSeconds: 100,
      };
      return { id: `p${i}`, options: [{ alone: steps, full: steps, fullArea: 0.03 }] };
    });
    const ticket: TicketJob = { id: 't', from: 0, promised: 1800, pieces };
    const heat = { pans: [230, 230], ovens: [230] };
    const one = scheduleService({ gear: serviceGear(LINE), now: 0, heat, tickets: [ticket] });
    expect(one.tickets[0].apart).toBeGreaterThan(300);
    const ovens = [...LINE.ovens, { id: 'second', offset: 0, slots: 4 }];
    const two = scheduleService({
      gear: serviceGear({ ...LINE, ovens }),
      now: 0,
      heat: { ...heat, ovens: [230, 90] },
      tickets: [ticket],
    });
    expect(two.tickets[0]).toMatchObject({ apart: 0, late: 0 });
    expect(new Set(two.pieces.map(({ oven }) => oven)).size).toBe(2);
  });

  it('a piece whose way was chosen is cooked that way, though it was told otherwise', () => {
    const job = serviceOf(9, 1);
    const [ticket] = job.tickets;
    const [piece] = ticket.pieces;
    const other = drawnSteps(seededRandom(77), 180);
    const options = [...piece.options, { alone: other, full: other, fullArea: 0.03 }];
    const two = { ...job, tickets: [{ ...ticket, from: 0, pieces: [{ ...piece, options }] }] };
    const before = scheduleService(two);
    expect(before.pieces[0].option).toBe(0);
    const told = new Map(before.pieces.map((placed) => [placed.id, placed]));
    const chosen = {
      ...two,
      told,
      tickets: [{ ...ticket, pieces: [{ ...piece, options, only: 1 }] }],
    };
    expect(scheduleService(chosen).pieces[0].option).toBe(1);
  });

  it('what is left of a table that has begun lands apart where it must, and is not lost', () => {
    const random = seededRandom(4);
    const pieces = [230, 90, 230].map((air, i) => {
      const steps = {
        ...drawnSteps(random, air),
        stays: [{ place: 'oven' as const, at: 0, seconds: 600, celsius: air, area: 0 }],
        heatSeconds: 600,
        keepsSeconds: 100,
      };
      const option = { alone: steps, full: steps, fullArea: 0.03 };
      const stay = { place: 'oven' as const, index: 0, from: 0, to: 500, celsius: 230, area: 0 };
      const begun = {
        option: 0,
        oven: 0,
        start: -100,
        stays: [stay],
        touches: [],
        outAt: 500,
        readyAt: 700,
        keepsUntil: 800,
      };
      return { id: `p${i}`, options: [option], ...(i === 0 ? { begun } : {}) };
    });
    const ticket: TicketJob = { id: 't', from: 0, pieces };
    const heat = { pans: [230, 230], ovens: [230] };
    const found = scheduleService({ gear: serviceGear(LINE), now: 0, heat, tickets: [ticket] });
    expect(found.unplaced).toEqual([]);
    expect(found.pieces).toHaveLength(3);
  });

  it('does not begin what is promised for later, and starts no cold pan before it is hot', () => {
    const job = serviceOf(7, 4);
    const cold = { pans: [22, 22], ovens: [22] };
    const later = job.tickets.map((ticket) => ({ ...ticket, promised: 9000 }));
    const { pieces } = scheduleService({ ...job, tickets: later });
    for (const { start } of pieces) expect(start).toBeGreaterThan(5000);
    const soon = job.tickets.map(({ promised: _none, ...ticket }) => ticket);
    const first = Math.min(
      ...scheduleService({ ...job, heat: cold, tickets: soon }).pieces.map(({ start }) => start),
    );
    expect(first).toBeGreaterThan(120);
  });
});
