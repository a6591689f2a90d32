import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { runStage, solverFor } from '../heat';
import { Lethality, LETHALITY_TABLE, lethalRate, NO_CREDIT_BELOW } from './lethality';

describe('lethality', () => {
  it.each(LETHALITY_TABLE)('gives 6.5 logs at %f C after %f s, as published', (t, seconds) => {
    expect(lethalRate(t) * seconds).toBeCloseTo(6.5, 9);
  });

  it('never credits more than the table: between its rows no more than the hotter row allows', () => {
    fc.assert(
      fc.property(fc.double({ min: 40, max: 110, noNaN: true }), (celsius) => {
        const rate = lethalRate(celsius);
        const hotter = LETHALITY_TABLE.find(([row]) => row >= celsius);
        if (hotter) expect(rate).toBeLessThanOrEqual(6.5 / hotter[1] + 1e-12);
        expect(lethalRate(celsius + 0.1)).toBeGreaterThanOrEqual(rate);
        if (celsius < NO_CREDIT_BELOW) expect(rate).toBe(0);
      }),
    );
    expect(lethalRate(95)).toBe(lethalRate(70));
    // By straight lines in log time: half-way between two rows, the geometric mean of their times.
    expect(6.5 / lethalRate(58.6)).toBeCloseTo(Math.sqrt(36 * 60 * 12 * 60), 6);
  });

  it('credits a rising core no more than its steps, however long they are', () => {
    const logs = (step: number): number => {
      const lethality = new Lethality([0]);
      for (let t = 0; t <= 600; t += step) {
        lethality.follow(Float64Array.of(56 + t / 100), t === 0 ? 0 : step);
      }
      return lethality.logs;
    };
    for (const step of [10, 30, 60]) expect(logs(step)).toBeLessThanOrEqual(logs(1) * 1.0005);
  });

  it('credits each place what it had: where the coldest place moves, more than the coldest of each moment', () => {
    const [each, coldest] = [new Lethality([0, 1]), new Lethality([0])];
    for (let t = 0; t <= 1200; t += 10) {
      // One side is hot while the other is not, and the other way round once it is turned.
      const [hot, cool] = t < 600 ? [62, 54] : [54, 62];
      each.follow(Float64Array.of(hot, cool), t === 0 ? 0 : 10);
      coldest.follow(Float64Array.of(54), t === 0 ? 0 : 10);
    }
    expect(coldest.logs).toBe(0);
    expect(each.logs).toBeCloseTo(lethalRate(62) * 600, -1);
  });

  it('counts the coldest point through a cook: a fifteen-minute rest adds, a rare one has none', () => {
    const logsAt = (seconds: number): number => {
      const solver = solverFor({ tissue: 'lean-beef', thickness: 0.025, start: 8 });
      const lethality = new Lethality(solver.meat.innerCells);
      let last = 0;
      const see = (t: number): boolean => {
        lethality.follow(solver.temperature, t - last);
        last = t;
        return false;
      };
      for (const stage of [
        { kind: 'turns', pan: 230, every: 30, count: seconds / 30 },
        { kind: 'rest', cover: 'loose', seconds: 900 },
      ] as const) {
        last = 0;
        runStage(solver, stage, see);
      }
      return lethality.logs;
    };
    expect(logsAt(240)).toBe(0);
    const done = logsAt(600);
    expect(done).toBeGreaterThan(1);
    expect(logsAt(660)).toBeGreaterThan(done);
  });
});
