import { describe, expect, it } from '@jest/globals';
import { referenceProofs } from '../../tests';
import { simulate } from './simulate';
import type { Cook, Stage } from './stage';

const beef = (thickness: number, stages: readonly Stage[], start = 6): Cook => ({
  piece: { tissue: 'lean-beef', thickness, start },
  stages,
});
const sear = (pan: number, seconds: number, thenFlip = true): Stage => ({
  kind: 'sear',
  pan,
  seconds,
  thenFlip,
});

describe('simulate against the reference program', () => {
  it.each(referenceProofs())('$name', ({ theirs, ours }) => {
    theirs.stages.forEach((their, i) => {
      const our = ours.stages[i];
      expect(Math.abs((our?.core ?? NaN) - their.core)).toBeLessThan(1.5);
      if (their.corePeak !== undefined) {
        expect(Math.abs((our?.corePeak ?? NaN) - their.corePeak)).toBeLessThan(1.5);
      }
      if (their.seconds !== undefined) {
        expect(Math.abs((our?.seconds ?? NaN) / their.seconds - 1)).toBeLessThan(0.05);
      }
      // Ordering matters more than the third digit: the reference's cells are three times coarser.
      if (their.browning !== undefined) {
        expect(Math.abs((our?.browning[1] ?? NaN) - their.browning)).toBeLessThan(0.3);
      }
    });
    expect(Math.abs(ours.greyBand - theirs.greyBand)).toBeLessThan(0.0015);
    expect(Math.abs(ours.evaporated - theirs.evaporated)).toBeLessThan(0.01);
    expect(Math.abs(ours.energyError)).toBeLessThan(1e-3);
  });
});

describe('simulate', () => {
  it('a low oven takes longer for the water it must evaporate', () => {
    const { stages } = simulate(
      beef(0.04, [{ kind: 'oven', air: 110, h: 12, untilCore: 46, maxSeconds: 14_400 }]),
    );
    expect(stages[0]?.core).toBeCloseTo(46, 2);
    expect(stages[0]?.seconds).toBeGreaterThan(3000);
    expect(stages[0]?.seconds).toBeLessThan(4500);
    expect(stages[0]?.surface).toBeLessThan(75);
  });

  it('a pre-dried surface browns far sooner', () => {
    const browned = (stages: readonly Stage[]): number =>
      simulate(beef(0.04, stages)).stages.at(-1)?.browning[1] ?? NaN;
    const oven: Stage = { kind: 'oven', air: 110, h: 12, untilCore: 46, maxSeconds: 14_400 };
    expect(browned([oven, sear(230, 60)])).toBeGreaterThan(browned([sear(230, 60)]) + 0.8);
  });

  it('45 minutes on the counter move a core by about 5 C', () => {
    const { stages } = simulate(beef(0.035, [{ kind: 'counter', air: 22, seconds: 2700 }], 4));
    expect(stages[0]?.core).toBeGreaterThan(7.5);
    expect(stages[0]?.core).toBeLessThan(11);
  });

  it('ends when its time is up, and at once when cancelled', () => {
    const oven: Stage = { kind: 'oven', air: 70, h: 12, untilCore: 69, maxSeconds: 20_000 };
    const { stages } = simulate(beef(0.1, [oven]));
    expect(stages[0]?.core).toBeLessThan(69);
    expect(stages[0]?.seconds).toBeCloseTo(20_000, 0);
    let steps = 0;
    const cut = simulate(beef(0.1, [oven, oven]), { cancelled: () => (steps += 1) > 5 });
    expect(cut.stages).toHaveLength(1);
    expect(cut.stages[0]?.seconds).toBeLessThan(60);
  });

  it('a cover keeps the rest warmer: open, loose, wrapped', () => {
    const end = (cover: 'open' | 'loose' | 'wrapped'): number =>
      simulate(beef(0.03, [sear(230, 240), sear(230, 240), { kind: 'rest', cover, seconds: 600 }]))
        .stages[2]?.core ?? NaN;
    expect(end('loose')).toBeGreaterThan(end('open'));
    expect(end('wrapped')).toBeGreaterThan(end('open'));
  });

  it('lies in a hot pan in the oven and browns underneath', () => {
    const { stages } = simulate(
      beef(0.03, [{ kind: 'oven', air: 190, h: 12, pan: 200, seconds: 480 }]),
    );
    expect(stages[0]?.browning[0]).toBeGreaterThan((stages[0]?.browning[1] ?? NaN) + 0.5);
  });
});
