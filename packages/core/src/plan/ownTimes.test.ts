import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { SEARCH_COLUMNS } from '../heat';
import { DEFAULT_PAN } from '../gear';
import { someOf, STEAK } from '../tests';
import { finished } from '../maths/finished';
import { judgeTimes, requestOfSteps } from './judgeTimes';
import { ownLegs, wayOfSteps } from './ownLegs';
import { readOwnSteps, type OwnStep } from './ownSteps';
import { WayCook } from './wayCook';
import { writeOwnSteps } from './writeOwnSteps';

const stepsOf = (line: string): readonly OwnStep[] => readOwnSteps(line).steps;

/** Steps whose heats are those of whole degrees Fahrenheit. */
const inWholeF = (steps: readonly OwnStep[]): readonly OwnStep[] => {
  const whole = (celsius: number): number => ((Math.round((celsius * 9) / 5 + 32) - 32) * 5) / 9;
  return steps.map((step) => {
    if (step.do === 'oven' && step.air !== undefined) return { ...step, air: whole(step.air) };
    if (step.do === 'pan' && step.pan !== undefined) return { ...step, pan: whole(step.pan) };
    return step;
  });
};

/** The steps judged on a piece. */
const judge = (steps: readonly OwnStep[]) => finished(judgeTimes(STEAK, steps));

const RECIPE: readonly OwnStep[] = [
  { do: 'pan', seconds: 180 },
  { do: 'turn' },
  { do: 'pan', seconds: 60 },
  { do: 'oven', seconds: 480, air: 220 },
  { do: 'rest', seconds: 300 },
];

describe('a line of steps', () => {
  it.each([
    '3 min, turn, 1 min, oven 220 8 min, rest 5',
    'In the pan 3 min, turn, 1 min, oven 220 for 8, rest 5.',
    '3 minutes; flip it over; 60 s; into the oven at 220 C for 8 min; let it rest for 5 min',
    'pan 180 s\nturn\nthen 1 min in the pan, then oven 428F 480 seconds and then rest 300 s',
  ])('is read as it is written: %s', (line) => {
    expect(readOwnSteps(line)).toEqual({ steps: RECIPE, unread: [] });
  });

  it('knows a side each, turning often, a pan’s heat, half minutes with either sign', () => {
    const side = { do: 'pan', seconds: 150 };
    expect(stepsOf('2.5 min a side')).toEqual([side, { do: 'turn' }, side]);
    expect(stepsOf('2,5 min, turn, 150 s')).toEqual([side, { do: 'turn' }, side]);
    expect(stepsOf('turn every 30 s for 8 min')).toEqual([{ do: 'pan', seconds: 480, every: 30 }]);
    expect(stepsOf('pan at 240 2 min')).toEqual([{ do: 'pan', seconds: 120, pan: 240 }]);
    expect(stepsOf('1 h in the oven at 110')).toEqual([{ do: 'oven', seconds: 3600, air: 110 }]);
  });

  it('says of each part what was not understood, and what would be right', () => {
    const { steps, unread } = readOwnSteps('3 min, until it smells right, oven 425 8 min, 40 h');
    expect(steps).toHaveLength(1);
    expect(unread.map(({ text }) => text)).toEqual([
      'until it smells right',
      'oven 425 8 min',
      '40 h',
    ]);
    expect(unread[1]?.why).toContain('140 to 500 F');
    for (const { why } of unread) expect(why).toContain('would be right');
  });

  it('takes a heat without a letter on the cook’s own scale, and no turn before the first side', () => {
    const [oven] = readOwnSteps('oven 428 8 min', 'f').steps;
    expect(oven).toEqual({ do: 'oven', seconds: 480, air: 220 });
    expect(readOwnSteps('oven 220c 8 min', 'f').steps).toEqual([oven]);
    const { steps, unread } = readOwnSteps('turn, 3 min');
    expect(steps).toEqual([{ do: 'pan', seconds: 180 }]);
    expect(unread[0]?.why).toContain('after its first side');
  });

  it('reads whatever it wrote itself, and no text breaks it', () => {
    const step: fc.Arbitrary<OwnStep> = fc.oneof(
      fc.record({ do: fc.constant('pan' as const), seconds: fc.integer({ min: 1, max: 900 }) }),
      fc.record({
        do: fc.constant('pan' as const),
        seconds: fc.integer({ min: 1, max: 900 }),
        pan: fc.integer({ min: 121, max: 399 }),
      }),
      fc.record({
        do: fc.constant('pan' as const),
        seconds: fc.integer({ min: 1, max: 900 }),
        every: fc.integer({ min: 10, max: 300 }),
      }),
      fc.record({ do: fc.constant('turn' as const) }),
      fc.record({
        do: fc.constant('oven' as const),
        seconds: fc.integer({ min: 1, max: 9000 }),
        air: fc.integer({ min: 61, max: 259 }),
      }),
      fc.record({ do: fc.constant('rest' as const), seconds: fc.integer({ min: 1, max: 900 }) }),
    );
    fc.assert(
      fc.property(fc.array(step, { maxLength: 8 }), (drawn) => {
        const first = drawn.findIndex((one) => one.do !== 'turn');
        const steps = first === -1 ? [] : drawn.slice(first);
        for (const scale of ['c', 'f'] as const) {
          const line = writeOwnSteps(steps, scale);
          expect(readOwnSteps(line)).toEqual({
            steps: scale === 'c' ? steps : inWholeF(steps),
            unread: [],
          });
        }
      }),
    );
    fc.assert(fc.property(fc.string(), (line) => void readOwnSteps(line)));
  });
});

describe('a cook’s own times', () => {
  it('are cooked as they are said: legs, turns, oven, and no leg for the last rest', () => {
    const legs = ownLegs(RECIPE, STEAK);
    expect(legs.map(({ kind, seconds, flips }) => [kind, seconds, flips])).toEqual([
      ['sear', 180, [180]],
      ['sear', 60, []],
      ['oven', 480, []],
    ]);
    expect(wayOfSteps(RECIPE)).toBe('sear-oven');
    expect(wayOfSteps(stepsOf('oven 110 40 min, 1 min a side'))).toBe('oven-sear');
    expect(wayOfSteps(stepsOf('1 min a side, oven 110 40 min, 1 min'))).toBe('sear-oven-sear');
    expect(wayOfSteps(stepsOf('3 min a side'))).toBe('once');
    expect(judge(stepsOf('rest 5'))).toBeUndefined();
  });

  it('end where the section has them; mended they end at the target, of the right thickness too', () => {
    const lines = [
      '3 min, turn, 1 min, oven 220 8 min',
      '4 min a side',
      'turn every 30 s for 9 min',
      'oven 110 45 min, 1 min a side',
    ];
    for (const line of someOf(lines, 2)) {
      const steps = stepsOf(line);
      const judged = judge(steps);
      expect(judged?.off).toBeCloseTo((judged?.plan.peakCore ?? NaN) - STEAK.target, 9);
      const mended = new Map(
        judged?.mend?.legs.map((leg) => [leg, judged.plan.legs[leg]?.seconds ?? 0]),
      );
      const all = [...mended.values()].reduce((sum, seconds) => sum + seconds, 0);
      const legs = ownLegs(steps, requestOfSteps(STEAK, steps));
      const scale = 1 + (judged?.mend?.seconds ?? NaN) / all;
      // The steps said again with the mended times.
      let leg = -1;
      const again = steps.map((step): OwnStep => {
        if (step.do === 'turn') return step;
        leg += 1;
        return mended.has(leg) ? { ...step, seconds: step.seconds * scale } : step;
      });
      expect(legs).toHaveLength(leg + 1);
      expect(Math.abs(judge(again)?.off ?? NaN)).toBeLessThan(0.5);

      const { right, least, most } = judged?.thickness ?? { right: NaN, least: NaN, most: NaN };
      expect(least).toBeLessThan(right);
      expect(most).toBeGreaterThan(right);
      const weight = (STEAK.weight / STEAK.thickness) * right;
      const request = requestOfSteps({ ...STEAK, thickness: right, weight }, steps);
      const cook = new WayCook(request, { pan: DEFAULT_PAN, columns: SEARCH_COLUMNS });
      cook.reset();
      expect(Math.abs(cook.endOf(ownLegs(steps, request)).peak - STEAK.target)).toBeLessThan(1.5);
    }
  });

  it('are sliced after their own rest, carry their steps, and say how far they may be off', () => {
    const judged = judge(RECIPE);
    expect(judged?.plan.restSeconds).toBe(300);
    expect(judged?.plan.ownSteps).toEqual(RECIPE);
    expect(judged?.plan.sliceCore).toBeLessThanOrEqual((judged?.plan.peakCore ?? 0) + 0.01);
    expect(judged?.spread).toBeGreaterThan(0.5);
    expect(judged?.spread).toBeLessThan(15);
    const hot = requestOfSteps({ ...STEAK, edges: 'both', baste: 60 }, stepsOf('pan at 240 2 min'));
    expect(hot).toMatchObject({ pan: 240, edges: 'none', baste: 0 });
  });
});
