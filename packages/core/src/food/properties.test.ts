import { expect, it } from '@jest/globals';
import { TISSUES, TISSUE_NAMES } from '.';
import { CHOI_OKOS, evaluate, integrate, tissueProperties } from './properties';

const MEATS = TISSUE_NAMES.filter((name) => name !== 'bone');

it.each(MEATS)('%s sums to one and lands in the published range of meats', (name) => {
  const parts = Object.values(TISSUES[name]);
  expect(parts.reduce((sum, part) => sum + part)).toBeCloseTo(1, 6);
  const p = tissueProperties(TISSUES[name]);
  expect(p.density).toBeGreaterThan(930);
  expect(p.density).toBeLessThan(1110);
  const k = evaluate(p.conductivityWet, 20);
  expect(k).toBeGreaterThan(0.2);
  expect(k).toBeLessThan(0.56);
  const water = CHOI_OKOS.water.capacity;
  const c = (evaluate(p.capacitySolids, 20) + p.water * evaluate(water, 20)) / p.density;
  expect(c).toBeGreaterThan(2400);
  expect(c).toBeLessThan(3850);
});

it('integrates what it evaluates, held above 100 C', () => {
  const { conductivityWet } = tissueProperties(TISSUES['lean-beef']);
  const step = 1e-4;
  for (const t of [0, 40, 99, 130]) {
    const slope = (integrate(conductivityWet, t + step) - integrate(conductivityWet, t)) / step;
    expect(slope).toBeCloseTo(evaluate(conductivityWet, t), 4);
  }
  expect(evaluate(conductivityWet, 250)).toBe(evaluate(conductivityWet, 100));
});
