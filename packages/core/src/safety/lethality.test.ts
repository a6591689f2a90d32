import { describe, expect, it } from '@jest/globals';
import { runStage, solverFor } from '../heat';
import { Lethality, LETHALITY_TABLE, lethalRate, NO_CREDIT_BELOW } from './lethality';

describe('lethality', () => {
  it.each(LETHALITY_TABLE)(
    'gives about 6.5 logs at %f C after %f s, as published',
    (t, seconds) => {
      const logs = lethalRate(t) * seconds;
      expect(logs).toBeGreaterThan(5);
      expect(logs).toBeLessThan(8);
    },
  );

  it('gives no credit under 54 C, and claims no more above 70', () => {
    expect(lethalRate(NO_CREDIT_BELOW - 0.1)).toBe(0);
    expect(lethalRate(95)).toBe(lethalRate(70));
  });

  it('counts the coldest point through a cook: a fifteen-minute rest adds, a rare one has none', () => {
    const logsAt = (seconds: number): number => {
      const solver = solverFor({ tissue: 'lean-beef', thickness: 0.025, start: 8 });
      const lethality = new Lethality();
      let last = 0;
      const see = (t: number): boolean => {
        lethality.follow(solver.coldest, t - last);
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
