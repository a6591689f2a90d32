import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import type { PlanRequest } from '../plan/request/request';
import { isAwkward } from '../plan/request/schools';
import { planOf, STEAK } from '../tests';
import { lateSteps, nextDue } from './lateSteps';
import { heatStartFor, runOf, type Run } from './run';

const HOUR = 3_600_000;
const PLATE = Date.UTC(2026, 10, 28, 19, 30);

const plan = planOf(STEAK);
const runFor = (change: Partial<PlanRequest>): { request: PlanRequest; run: Run } => {
  const request = { ...STEAK, ...change };
  return { request, run: runOf({ ...plan, request }) };
};

describe('steps that are late', () => {
  it('are none while there is time', () => {
    const { run, request } = runFor({ saltAhead: 172_800, temper: 3600 });
    expect(lateSteps(run, request, PLATE, PLATE - run.length * 1000 - 1)).toEqual([]);
  });

  it('a salting of two days is cut to what is left, the face dry and not aired', () => {
    const { run, request } = runFor({ saltAhead: 172_800, surface: 'aired' });
    const inAt = heatStartFor(run, PLATE);
    const at = (hours: number) => lateSteps(run, request, PLATE, inAt - hours * HOUR);
    expect(at(20)).toMatchObject([{ change: { saltAhead: 72_000, surface: 'aired' } }]);
    expect(at(5)).toMatchObject([{ change: { saltAhead: 18_000, surface: 'dry' } }]);
    // In the awkward middle the brine is out: at the pan instead.
    expect(at(0.6)[0]).toMatchObject({ change: { saltAhead: 0, surface: 'dry' } });
  });

  it('what cannot be shortened puts the plate off by as much as it is late', () => {
    const { run, request } = runFor({});
    const ready = run.steps.find(({ kind }) => kind === 'ready')?.at ?? NaN;
    const due = heatStartFor(run, PLATE) + ready * 1000;
    expect(lateSteps(run, request, PLATE, due + 90_000)).toMatchObject([
      { step: { kind: 'ready' }, plateAt: PLATE + 90_000 },
    ]);
  });

  it('each remedy makes its step due no more, whenever it is asked', () => {
    const runs = [{}, { saltAhead: 172_800, temper: 3600 }, { saltAhead: 2700 }, { temper: 1500 }];
    fc.assert(
      fc.property(
        fc.constantFrom(...runs),
        fc.double({ min: -2, max: 60, noNaN: true }),
        (change, hours) => {
          const { run, request } = runFor(change);
          const now = heatStartFor(run, PLATE) - hours * HOUR;
          for (const late of lateSteps(run, request, PLATE, now)) {
            expect(late.due).toBeLessThan(now);
            if ('plateAt' in late) {
              const again = lateSteps(run, request, late.plateAt, now);
              expect(again.map(({ step }) => step.kind)).not.toContain(late.step.kind);
              continue;
            }
            const shorter = { ...request, ...late.change };
            const again = lateSteps(runOf({ ...plan, request: shorter }), shorter, PLATE, now);
            expect(again.map(({ step }) => step.kind)).not.toContain(late.step.kind);
            if (shorter.saltAhead !== request.saltAhead) {
              expect(isAwkward(shorter.saltAhead)).toBe(false);
            }
          }
        },
      ),
    );
  });
});

it('a frozen piece thaws before it is salted; late for the fridge, the cold tap is quicker', () => {
  const thawing = { ...plan, thaw: { seconds: 32_000, warm: 0 } };
  const request: PlanRequest = { ...STEAK, saltAhead: 43_200, thaw: 'fridge-bag' };
  const run = runOf({ ...thawing, request });
  const [first, second] = run.steps;
  expect([first?.kind, second?.kind]).toEqual(['thaw', 'salt']);
  expect(first?.at).toBe((second?.at ?? NaN) - 32_100);
  expect(run.tonight).toBeLessThan(3600);
  const start = PLATE - run.length * 1000;
  expect(lateSteps(run, request, PLATE, start + HOUR)).toMatchObject([
    { step: { kind: 'thaw' }, change: { thaw: 'running-water' } },
  ]);
  const quick: PlanRequest = { ...request, thaw: 'running-water' };
  expect(
    lateSteps(runOf({ ...thawing, request: quick }), quick, PLATE, start + HOUR),
  ).toMatchObject([{ plateAt: PLATE + HOUR }]);
});

it('says what is due next, days ahead and to the plate', () => {
  const { run } = runFor({ saltAhead: 172_800 });
  const first = PLATE - run.length * 1000;
  expect(nextDue(run, PLATE, first - HOUR)).toMatchObject({ step: { kind: 'salt' }, at: first });
  expect(nextDue(run, PLATE, first + HOUR)?.step.kind).toBe('ready');
  expect(nextDue(run, PLATE, PLATE)?.step.kind).toBe('plate');
  expect(nextDue(run, PLATE, PLATE + 1)).toBeUndefined();
});
