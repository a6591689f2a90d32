import { describe, expect, it } from '@jest/globals';
import { dripShare, simulate, type Cook, type Stage } from '../heat';
import { cookSpread, cookWindow } from './cookSpread';
import { stagesWith, type CookUnknown } from './cookUnknown';
import { solveCook, type CookAnswer, type CookSolution } from './solveCook';
import { StagedCook } from './stagedCook';

const REST: Stage = { kind: 'rest', cover: 'open', seconds: 300 };
const sear = (pan: number, seconds = 60): Stage => ({ kind: 'sear', pan, seconds, thenFlip: true });
const oven = (air: number, pan?: number): Stage => ({
  kind: 'oven',
  air,
  h: 12,
  pan,
  seconds: 600,
});
const beef = (thickness: number, stages: readonly Stage[], round = false): Cook => ({
  piece: {
    tissue: 'lean-beef',
    thickness,
    start: 5,
    shape: round ? { kind: 'round', radius: 0.055 } : undefined,
  },
  stages,
});

/** The last of what a generator returns. */
const run = <T>(steps: Generator<null, T>): T => {
  let next = steps.next();
  while (!next.done) next = steps.next();
  return next.value;
};
const solved = (answer: CookAnswer): CookSolution => {
  if (!answer.ok) throw new Error(JSON.stringify(answer.obstacle));
  return answer;
};

const OVEN_THEN_SEAR = beef(0.04, [oven(110), sear(250), sear(250), REST]);
const CASES: readonly (readonly [string, Cook, CookUnknown])[] = [
  ['oven, then sear', OVEN_THEN_SEAR, { kind: 'seconds', stage: 0 }],
  [
    'sear, then oven',
    beef(0.04, [sear(230), sear(230), oven(180), REST]),
    { kind: 'seconds', stage: 2 },
  ],
  [
    'in the pan in the oven',
    beef(0.04, [sear(230), oven(190, 180), REST]),
    { kind: 'seconds', stage: 1 },
  ],
  ['per side', beef(0.025, [sear(220), sear(220), REST]), { kind: 'perSide', stages: [0, 1] }],
  [
    'turned often',
    beef(0.03, [{ kind: 'turns', pan: 220, every: 30, count: 1 }, REST]),
    { kind: 'turns', stage: 0 },
  ],
];

describe('solveCook', () => {
  it.each(CASES)(
    '%s: the core peaks at the target when it is cooked again',
    (_name, cook, unknown) => {
      const { value, pullCore, peak } = solved(run(solveCook(cook, unknown, 54)));
      expect(peak).toBeCloseTo(54, 1);
      expect(pullCore).toBeLessThan(54);
      const first = unknown.kind === 'perSide' ? 0 : unknown.stage;
      const stages = [...cook.stages.slice(0, first), ...stagesWith(cook, unknown, value)];
      const again = simulate({
        ...cook,
        stages: [...stages, { kind: 'rest', cover: 'open', seconds: 900 }],
      });
      expect(Math.max(...again.stages.map(({ corePeak }) => corePeak))).toBeCloseTo(54, 0);
    },
  );

  it('solves a round piece on its fine section', () => {
    const cook = beef(0.04, OVEN_THEN_SEAR.stages, true);
    const unknown = { kind: 'seconds', stage: 0 } as const;
    const round = solved(run(solveCook(cook, unknown, 54)));
    expect(Math.abs(round.peak - 54)).toBeLessThan(0.11);
    const fine = new StagedCook(cook, unknown, { columns: 24 }).endAfter(round.value);
    expect(fine.peak).toBeCloseTo(round.peak, 6);
    // Heat comes in through the edge as well.
    expect(round.value).toBeLessThan(solved(run(solveCook(OVEN_THEN_SEAR, unknown, 54))).value);
  });

  const obstacleOf = (cook: Cook, unknown: CookUnknown, target = 54) => {
    const answer = run(solveCook(cook, unknown, target));
    if (answer.ok) throw new Error('solved');
    return answer.obstacle;
  };

  it('says black before done', () => {
    const cook = beef(0.06, [sear(300), sear(300), REST]);
    expect(obstacleOf(cook, { kind: 'perSide', stages: [0, 1] })).toMatchObject({
      reason: 'burns',
    });
  });

  it('says when an oven is too cool', () => {
    const cook = beef(0.03, [oven(45), REST]);
    expect(obstacleOf(cook, { kind: 'seconds', stage: 0 })).toMatchObject({
      reason: 'cool-oven',
      air: 45,
    });
  });

  it('says when the pan never gets it there', () => {
    const cook = beef(0.12, [{ kind: 'sear', pan: 120, seconds: 60, thenFlip: false }, REST]);
    expect(obstacleOf(cook, { kind: 'seconds', stage: 0 }, 75)).toMatchObject({ reason: 'never' });
  });

  it('says when what is fixed overshoots by itself, or it is warm already', () => {
    const cook = beef(0.012, [oven(110), sear(280, 120), sear(280, 120), REST]);
    expect(obstacleOf(cook, { kind: 'seconds', stage: 0 }, 50)).toMatchObject({ reason: 'over' });
    const warm = beef(0.02, [sear(250, 240), oven(110), REST]);
    expect(obstacleOf(warm, { kind: 'seconds', stage: 1 }, 20)).toMatchObject({ reason: 'warm' });
  });

  it('finds low ovens more forgiving than hot pans, as cooks do', () => {
    const width = (cook: Cook, unknown: CookUnknown): number => {
      const { value } = solved(run(solveCook(cook, unknown, 54)));
      const { early, late } = run(cookWindow(cook, unknown, 54, value));
      return early + late;
    };
    const low = width(OVEN_THEN_SEAR, { kind: 'seconds', stage: 0 });
    const pan = width(beef(0.04, [sear(200), sear(200), REST]), {
      kind: 'perSide',
      stages: [0, 1],
    });
    expect(low).toBeGreaterThan(3 * pan);
  });

  it('carries what is not known to a range, the oven first in a low oven', () => {
    const unknown = { kind: 'seconds', stage: 0 } as const;
    const { value } = solved(run(solveCook(OVEN_THEN_SEAR, unknown, 54)));
    const spread = run(cookSpread(OVEN_THEN_SEAR, unknown, value));
    expect(spread.inputs.map(({ input }) => input).toSorted()).toEqual([
      'contact',
      'oven',
      'pan',
      'start',
      'thickness',
    ]);
    expect(spread.inputs.slice(0, 2).map(({ input }) => input)).toContain('oven');
    expect(spread.endTemperature).toBeGreaterThan(1);
    expect(spread.endTemperature).toBeLessThan(10);
    // A run in a kitchen that is off by one of them lands inside two of the stated deviations.
    const off = new StagedCook(OVEN_THEN_SEAR, unknown, {}, { oven: 8 }).endAfter(value).peak;
    expect(Math.abs(off - 54)).toBeLessThan(2 * spread.endTemperature);
  });
});

it('loses more juice the hotter it was', () => {
  const drip = (seconds: number): number => {
    const staged = new StagedCook(beef(0.03, [sear(220), sear(220), REST]), {
      kind: 'perSide',
      stages: [0, 1],
    });
    staged.endAfter(seconds);
    return dripShare(staged.solver);
  };
  expect(drip(60)).toBeLessThan(drip(180));
  expect(drip(300)).toBeLessThan(0.4);
});
