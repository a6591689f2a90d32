import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { seededRandom } from '../../maths/random';
import { faultsOf } from '../../tests/checkSchedule';
import { drawnService, LINE } from '../../tests/serviceCases';
import { runsOf } from '../../tests/tier';
import { gearLeft } from './gearLeft';
import { scheduleService } from '../search/scheduleService';
import type { ServiceEvent } from './serviceEvent';
import { serviceGear } from './serviceGear';
import { serviceState } from './serviceTickets';

const out = (gear: 'pan' | 'oven' | 'burner', of: string, at = 1): ServiceEvent => ({
  ...{ id: `out ${gear} ${of} ${at}`, at, kind: 'out', gear, of, why: 'broken' },
});
const left = (...events: readonly ServiceEvent[]) =>
  gearLeft(serviceGear(LINE), serviceState(events));

describe('what is left of the gear', () => {
  it('keeps the places of the lists, and is whole again once all is back', () => {
    const { pans } = left(out('pan', 'wide'));
    expect(pans.map(({ id, out: isOut }) => [id, isOut])).toEqual([
      ['wide', true],
      ['small', undefined],
    ]);
    const back: ServiceEvent = { id: 'back', at: 2, kind: 'back', gear: 'pan', of: 'wide' };
    expect(left(out('pan', 'wide'), back)).toEqual(serviceGear(LINE));
    // An unknown pan of the kitchen is never read as another one.
    expect(left(out('pan', 'unknown'))).toEqual(serviceGear(LINE));
  });

  it('a pan whose burner is out goes onto a free one, or is out too', () => {
    const one = left(out('burner', 'a'));
    expect(one.pans.some(({ out: isOut }) => isOut)).toBe(false);
    expect(one.spare).toBe(serviceGear(LINE).spare - 1);
    const two = left(out('burner', 'a'), out('burner', 'b'));
    expect(two.pans.filter(({ out: isOut }) => isOut)).toHaveLength(1);
  });

  it('counts the cooks as they were said last', () => {
    const said = (count: number, at: number): ServiceEvent => ({
      id: `h${at}`,
      at,
      kind: 'hands',
      count,
    });
    expect(left(said(1, 1), said(3, 2)).hands).toBe(3);
  });
});

describe('a schedule without what is out of use', () => {
  it('never places a piece there, and is valid', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), fc.boolean(), (seed, isPan) => {
        const job = drawnService(seededRandom(seed), 12);
        const gear = gearLeft(
          job.gear,
          serviceState([isPan ? out('pan', 'wide') : out('oven', 'oven')]),
        );
        const found = scheduleService({ ...job, gear }, { moves: 10 });
        expect(faultsOf({ ...job, gear }, found)).toEqual([]);
        const usesOven = (id: string): boolean =>
          job.tickets.some(({ pieces }) =>
            pieces.some(
              (piece) =>
                piece.id === id &&
                piece.options[0].alone.stays.some(({ place }) => place === 'oven'),
            ),
          );
        for (const { id, pan } of found.pieces) {
          if (isPan) expect(gear.pans[pan].id).not.toBe('wide');
          else expect(usesOven(id)).toBe(false);
        }
        // A table that no equipment can cook is reported as unplaced, and no piece of it begins.
        for (const id of found.unplaced) {
          expect(found.pieces.some(({ ticket }) => ticket === id)).toBe(false);
        }
        if (isPan) expect(found.unplaced).toEqual([]);
      }),
      { numRuns: runsOf(15, 3) },
    );
  });

  it('moves what was told for a pan that is out, and says so', () => {
    const job = drawnService(seededRandom(5), 8);
    const before = scheduleService(job);
    const told = new Map(before.pieces.map((piece) => [piece.id, piece]));
    const [first] = before.pieces.toSorted((a, b) => a.start - b.start);
    const gear = gearLeft(job.gear, serviceState([out('pan', job.gear.pans[first.pan].id)]));
    const after = scheduleService({ ...job, gear, published: told, now: first.start - 10 });
    expect(after.moved.map(({ id }) => id)).toContain(first.id);
    expect(after.pieces.every(({ pan }) => pan !== first.pan)).toBe(true);
  });
});
