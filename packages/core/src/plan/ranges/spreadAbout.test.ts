import { describe, expect, it } from '@jest/globals';
import { runToEnd } from '../../maths/runToEnd';
import { spreadAbout } from './spreadAbout';

const about = (end: (seconds: number) => number) =>
  runToEnd(spreadAbout([['thickness', 0.002]], 1000, (_, spreads) => 54 + 2 * spreads, end, 1));

describe('the range about a plan', () => {
  it('is the error over the slope where the end rises steadily', () => {
    const spread = about((seconds) => 54 + 0.02 * (seconds - 1000));
    expect(spread.seconds).toBeCloseTo(Math.sqrt(5) / 0.02, 3);
    expect(spread.inputs[0]?.seconds).toBeCloseTo(100, 6);
    expect(spread.flat).toBeUndefined();
  });

  it('is measured over a wide span where the end is level about the plan', () => {
    const spread = about(
      (seconds) =>
        54 + Math.sign(seconds - 1000) * Math.max(0, Math.abs(seconds - 1000) - 100) * 0.02,
    );
    expect(spread.seconds).toBeCloseTo(Math.sqrt(5) / 0.016, 3);
    expect(spread.flat).toBeUndefined();
  });

  it.each([
    ['level', () => 54],
    ['falling', (seconds: number) => 54 - 0.001 * (seconds - 1000)],
  ])('says that the end hardly depends on the time where it is %s', (_, end) => {
    const spread = about(end);
    expect(spread.flat).toBe(true);
    expect(spread.seconds).toBeGreaterThan(0);
    expect(spread.seconds).toBeLessThanOrEqual(1000);
    for (const { seconds } of spread.inputs) expect(seconds).toBeLessThanOrEqual(1000);
  });
});
