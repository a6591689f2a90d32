import { describe, expect, it } from '@jest/globals';
import { SEARCH_COLUMNS } from '../../heat';
import { DEFAULT_PAN } from '../../gear';
import { someOf, STEAK } from '../../tests';
import { runToEnd } from '../../maths/runToEnd';
import { readSteps } from '../../phrases/readSteps';
import { judgeTimes } from './judgeTimes';
import { ownLegs, wayOfSteps } from './ownLegs';
import type { OwnStep } from '../legs/ownSteps';
import { requestOfSteps } from './requestOfSteps';
import { saidOf, stepsAt } from './saidStep';
import { MethodSimulator } from '../legs/methodSimulator';

const saidIn = (line: string) => readSteps(line, { isLine: true }).steps;
const stepsOf = (line: string): readonly OwnStep[] => stepsAt(saidIn(line), 0.5);

/** The steps judged on a piece. */
const judge = (steps: readonly OwnStep[]) => runToEnd(judgeTimes(STEAK, saidOf(steps)));

const RECIPE: readonly OwnStep[] = [
  { do: 'pan', seconds: 180 },
  { do: 'turn' },
  { do: 'pan', seconds: 60 },
  { do: 'oven', seconds: 480, air: 220 },
  { do: 'rest', seconds: 300 },
];

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
    for (const line of someOf(lines, 4)) {
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
      const cook = new MethodSimulator(request, { pan: DEFAULT_PAN, columns: SEARCH_COLUMNS });
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

  it('that end by the core last until it is so hot; ranges end between their ends', () => {
    const said = saidIn('2 min a side, oven 120 until 50, rest 5');
    const judged = runToEnd(judgeTimes(STEAK, said));
    const [end] = judged?.ends ?? [];
    expect(end?.step).toBe(3);
    const { plan } = judged ?? {};
    // The thermometer shows what the step ends at as it ends.
    expect(plan?.pullCore).toBeGreaterThan(49.5);
    expect(plan?.pullCore).toBeLessThan(50.8);
    expect(plan?.ownSteps?.[3]).toEqual({ do: 'oven', seconds: end?.seconds, air: 120 });
    expect(end?.rate).toBeGreaterThan(0);
    const ranged = runToEnd(judgeTimes(STEAK, saidIn('3 to 5 min a side')));
    const { least = NaN, most = NaN } = ranged?.ranges ?? {};
    expect(least).toBeLessThan((ranged?.plan.peakCore ?? NaN) - 0.5);
    expect(most).toBeGreaterThan((ranged?.plan.peakCore ?? NaN) + 0.5);
    const never = runToEnd(judgeTimes(STEAK, saidIn('1 min a side, oven 60 until 80')));
    expect(never?.ends).toEqual([{ step: 3, seconds: undefined, rate: 0 }]);
    expect(never?.plan.ownSteps?.some(({ do: does }) => does === 'oven')).toBe(false);
  });

  it('with butter spooned over are basted', () => {
    const [leg] = ownLegs(stepsOf('baste 1 min'), STEAK);
    expect(leg).toMatchObject({ kind: 'baste', heat: { on: 'pan', basted: true } });
  });
});
