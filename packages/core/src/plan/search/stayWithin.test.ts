import { describe, expect, it } from '@jest/globals';
import { searchColumns } from './refineWay';
import { USUAL, type PlanRequest } from '../request/request';
import { MethodSimulator } from '../legs/methodSimulator';

/** Its rim dries in the oven while juice wets its corners: a long step once left them at thousands of degrees. */
const DRY_RIM: PlanRequest = {
  ...USUAL,
  cut: 't-bone',
  thickness: 0.0525,
  weight: 0.922,
  start: 1.8,
  temper: 3600,
  target: 54.9,
  way: 'oven-sear',
  lowOven: 104.514_600_341_4,
  fan: true,
  surface: 'wet',
  saltAhead: 2700,
  ovenTurn: true,
  pan: 165,
  edges: 'last',
  baste: 90,
  crust: 1.979_847_556_757,
};

describe('a piece with a dry rim', () => {
  it('is nowhere hotter than the pan or colder than it began, whatever was run before', () => {
    const cook = new MethodSimulator(DRY_RIM, {
      pan: { diameter: 0.2, mass: 1.4, burner: 'electric', power: 1500 },
      columns: searchColumns(DRY_RIM),
    });
    for (const value of [3132.810_788_37, 3077.434_299_3, 2713.500_999_5]) {
      const { end } = cook.run(value);
      expect(end.reached).toBeGreaterThan(50);
      expect(end.reached).toBeLessThan(60);
      expect(Math.max(...cook.solver.peak)).toBeLessThan(DRY_RIM.pan);
      expect(Math.min(...cook.solver.temperature)).toBeGreaterThan(DRY_RIM.start);
    }
  });
});
