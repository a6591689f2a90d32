import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { even, seededRandom } from '../../maths/random';
import { drawnService } from '../../tests/serviceCases';
import type { SideJob } from '../dishes/dish';
import { scheduleService } from '../search/scheduleService';
import type { ServiceJob } from './serviceSchedule';

const side = (random: () => number, name: string): SideJob => {
  const needs = (['nothing', 'burner', 'oven', 'pan'] as const)[Math.floor(random() * 4)];
  return {
    name,
    handsOn: 30 + Math.floor(random() * 90),
    handsOff: Math.floor(even(random, 0, 500)),
    needs,
    ...(needs === 'oven' ? { oven: random() < 0.7 ? 180 : 120 } : {}),
    keeps: 300,
  };
};

const withSides = (seed: number, pieces: number): ServiceJob => {
  const random = seededRandom(seed);
  const job = drawnService(random, pieces);
  return {
    ...job,
    tickets: job.tickets.map((ticket) => ({
      ...ticket,
      sides: Array.from({ length: Math.floor(random() * 3) }, (_, i) => side(random, `s${i}`)),
    })),
  };
};

interface Busy {
  readonly from: number;
  readonly to: number;
}
const mostAtOnce = (all: readonly Busy[]): number =>
  Math.max(0, ...all.map(({ from }) => all.filter((b) => b.from <= from && from < b.to).length));

describe('sides of a service', () => {
  it('are begun by free hands, ready by the plating and no earlier than they keep', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), (seed) => {
        const job = withSides(seed, 10);
        const schedule = scheduleService(job, { moves: 20 });
        const asked = new Map(
          job.tickets.flatMap(({ id, sides }) =>
            (sides ?? []).map((one) => [`${id} ${one.name}`, one] as const),
          ),
        );
        const landed = new Map(schedule.tickets.map(({ id, landsAt }) => [id, landsAt]));
        expect(schedule.sides).toHaveLength(
          [...asked.keys()].filter((key) => landed.has(key.split(' ')[0] ?? '')).length,
        );
        const hands: Busy[] = schedule.pieces.flatMap((placed) => {
          const piece = job.tickets.flatMap(({ pieces }) => pieces).find((p) => p.id === placed.id);
          const option = piece?.options[placed.option];
          const steps = placed.full ? option?.full : option?.alone;
          return (steps?.touches ?? []).map(({ at, seconds }) => ({
            from: placed.start + at,
            to: placed.start + at + seconds,
          }));
        });
        const burners: Busy[] = [];
        for (const { ticket, name, start, readyAt, taken } of schedule.sides) {
          const one = asked.get(`${ticket} ${name}`);
          expect(one).toBeDefined();
          if (!one || taken) continue;
          hands.push({ from: start, to: start + one.handsOn });
          if (one.needs === 'burner' || one.needs === 'pan') {
            burners.push({ from: start, to: readyAt });
          }
          const landsAt = landed.get(ticket) ?? 0;
          expect(readyAt).toBeLessThanOrEqual(landsAt);
          // Plating of up to three pieces, and the grid's slots, lie between.
          expect(landsAt - readyAt).toBeLessThanOrEqual(one.keeps + 3 * 15 + 10);
        }
        expect(mostAtOnce(hands)).toBeLessThanOrEqual(job.gear.hands);
        expect(mostAtOnce(burners)).toBeLessThanOrEqual(job.gear.spare);
      }),
      { numRuns: 30 },
    );
  });

  it('a table waits for its longest side, and for one that was begun late', () => {
    const job = drawnService(seededRandom(3), 1);
    const [{ promised: _none, ...ticket }] = job.tickets;
    const lands = (sides: readonly SideJob[]): number =>
      scheduleService({ ...job, tickets: [{ ...ticket, sides }] }).tickets[0].landsAt;
    const mash: SideJob = {
      name: 'Mash',
      handsOn: 60,
      handsOff: 4000,
      needs: 'burner',
      keeps: 600,
    };
    expect(lands([])).toBeLessThan(3000);
    expect(lands([mash])).toBeGreaterThanOrEqual(ticket.from + 4060);
    expect(lands([{ ...mash, begun: 1000 }])).toBeGreaterThanOrEqual(5060);
  });

  it('one that no burner is free for says so and still has its moment', () => {
    const job = drawnService(seededRandom(3), 1);
    const mash: SideJob = { name: 'Mash', handsOn: 60, handsOff: 600, needs: 'burner', keeps: 60 };
    const { sides } = scheduleService({
      ...job,
      gear: { ...job.gear, spare: 0 },
      tickets: [{ ...job.tickets[0], sides: [mash] }],
    });
    expect(sides).toMatchObject([{ name: 'Mash', taken: { reason: 'burner' } }]);
    expect(sides[0].start).toBeGreaterThan(0);
  });
});
