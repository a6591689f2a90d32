import { describe, expect, it } from '@jest/globals';
import { runFor } from '../stages/runFor';
import { solverFor } from '../stages/solverFor';
import { onARack, onTheCounter, resting } from '../places/surroundings';
import { latentHeat, saturationPressure, saturationSlope, vapourResistance } from './vapour';

describe('vapour', () => {
  // Steam tables.
  it.each([
    [0, 611],
    [20, 2339],
    [40, 7385],
    [60, 19_946],
    [80, 47_414],
    [100, 101_418],
  ])('saturates at %f C as the steam tables say', (celsius, pascal) => {
    expect(saturationPressure(celsius) / pascal).toBeGreaterThan(0.98);
    expect(saturationPressure(celsius) / pascal).toBeLessThan(1.03);
  });

  it('has the slope of its own pressure', () => {
    for (const t of [5, 35, 70, 99]) {
      const numeric = (saturationPressure(t + 1e-4) / saturationPressure(t) - 1) / 1e-4;
      expect(saturationSlope(t)).toBeCloseTo(numeric, 5);
    }
  });

  it('takes about 2.4 MJ to the kilogram at 40 C, less when hotter', () => {
    expect(latentHeat(40)).toBeCloseTo(2.4066e6, -3);
    expect(latentHeat(90)).toBeLessThan(latentHeat(40));
  });

  it('is held back by a crust and let go by moving air', () => {
    expect(vapourResistance(12, 110, 0.001)).toBeGreaterThan(2 * vapourResistance(12, 110, 0));
    expect(vapourResistance(22, 110, 0)).toBeLessThan(vapourResistance(12, 110, 0));
  });
});

describe('wet meat in air', () => {
  const solver = (start: number) => solverFor({ tissue: 'lean-beef', thickness: 0.03, start });

  it('stays far under the oven while its surface is wet', () => {
    const piece = solver(6);
    runFor(piece, onARack(110, 12), 1200);
    expect(piece.surface).toBeLessThan(65);
    expect(piece.evaporated).toBeGreaterThan(0);
  });

  it('keeps its water when wrapped, loses some when open', () => {
    const [open, wrapped] = [solver(60), solver(60)];
    runFor(open, resting('open'), 600);
    runFor(wrapped, resting('wrapped'), 600);
    expect(wrapped.evaporated).toBe(0);
    expect(open.evaporated).toBeGreaterThan(0.05);
    expect(open.core).toBeLessThan(wrapped.core);
  });

  it('gathers dew out of the fridge, then dries', () => {
    const cold = solver(4);
    runFor(cold, onTheCounter(22), 300);
    expect(cold.evaporated).toBeLessThan(0);
    runFor(cold, onTheCounter(22), 3600 * 3);
    expect(cold.evaporated).toBeGreaterThan(0);
  });
});
