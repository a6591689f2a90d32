import { CALLS, PATTERNS } from './calls';

describe('the calls', () => {
  it('differ, are short, and lie outside the noise of a fan', () => {
    const written = CALLS.map((call) => JSON.stringify(PATTERNS[call]));
    expect(new Set(written).size).toBe(CALLS.length);
    for (const call of CALLS) {
      const lasts = PATTERNS[call].reduce((sum, [, ms]) => sum + ms, 0);
      expect(lasts).toBeLessThan(1200);
      for (const [pitch] of PATTERNS[call]) {
        expect(pitch).toBeGreaterThanOrEqual(1500);
        expect(pitch).toBeLessThanOrEqual(3200);
      }
    }
    // The pattern of "now" is longer than that of "soon".
    const [soon, ...now] = CALLS.map((call) => PATTERNS[call].length);
    for (const notes of now) expect(notes).toBeGreaterThan(soon ?? Infinity);
  });
});
