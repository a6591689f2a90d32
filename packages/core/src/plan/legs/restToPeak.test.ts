import { describe, expect, it } from '@jest/globals';
import { HEAT_MODELS, resting, runFor, runStage, solverFor, type Stage } from '../../heat';
import { restToPeak } from './restToPeak';

/** Highest core in an hour's open rest after some stages, C: looked for at every step. */
const highestIn = (thickness: number, stages: readonly Stage[]): readonly [number, number] => {
  const piece = { tissue: 'lean-beef', thickness, start: 5 } as const;
  const solver = solverFor(piece, { model: HEAT_MODELS.kitchen });
  for (const stage of stages) runStage(solver, stage);
  const after = solver.snapshot();
  solver.save(after);
  const found = restToPeak(solver, resting('open')).celsius;
  solver.restore(after);
  let highest = solver.core;
  runFor(solver, resting('open'), 3600, () => {
    highest = Math.max(highest, solver.core);
    return false;
  });
  return [found, highest];
};

const oven = (air: number, untilCore: number): Stage => ({
  ...{ kind: 'oven', air, h: 12, untilCore, maxSeconds: 20_000 },
});
const tent = (seconds: number): Stage => ({ kind: 'hold', in: 'tent', seconds });
const sear = (pan: number, seconds: number): Stage => ({
  ...{ kind: 'sear', pan, seconds, thenFlip: true },
});

describe('the peak in the rest', () => {
  it.each<readonly [string, number, readonly Stage[]]>([
    [
      'a strip held in a tent, then seared',
      0.04,
      [oven(110, 50), tent(1500), sear(245, 60), sear(245, 60)],
    ],
    [
      'a joint held, then blasted',
      0.08,
      [oven(110, 50), tent(2400), { kind: 'oven', air: 260, h: 22, seconds: 480 }],
    ],
    ['a hot pan', 0.03, [sear(230, 240), sear(230, 200)]],
    ['a low oven', 0.05, [oven(100, 52)]],
  ])('%s: the highest of all, though the core falls before it', (_name, thickness, stages) => {
    const [found, highest] = highestIn(thickness, stages);
    expect(Math.abs(found - highest)).toBeLessThan(0.06);
  });
});
