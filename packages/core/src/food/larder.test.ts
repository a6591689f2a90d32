import { describe, expect, it } from '@jest/globals';
import { DONENESS_SCALES } from '../doneness';
import { PLAN_LIMITS, solveWay, USUAL, MethodSimulator, waysFor } from '../plan';
import { CUT_IDS, CUTS, footprint, SPECIES, type Cut } from '.';

describe('the larder', () => {
  it('has every animal, and every name once', () => {
    const names = CUT_IDS.map((id) => CUTS[id].name);
    expect(new Set(names).size).toBe(names.length);
    expect(new Set(CUT_IDS.map((id) => CUTS[id].species))).toEqual(new Set(SPECIES));
  });

  it.each(CUT_IDS)('%s is a piece that lies in a pan, wanted on its own scale', (id) => {
    const cut: Cut = CUTS[id];
    const { thickness, weight, target, species } = cut;
    const { width, length } = footprint(cut, weight, thickness);
    if (cut.rolled) expect(width).toBe(thickness);
    else expect(width).toBeGreaterThan(thickness);
    // A whole piece may be browned part by part.
    expect(length).toBeLessThan(cut.whole ? 0.5 : 0.32);
    expect(target).toBeGreaterThanOrEqual(DONENESS_SCALES[species][0]?.target ?? NaN);
    expect(target).toBeLessThanOrEqual(PLAN_LIMITS.target.most);
  });

  it.each(CUT_IDS)('%s can be planned as a shop sells it', (id) => {
    const { thickness, weight, target } = CUTS[id];
    const ways = waysFor(CUTS[id]).map((way) => ({
      ...USUAL,
      cut: id,
      thickness,
      weight,
      target,
      pan: CUTS[id].pan ?? 200,
      way,
    }));
    let planned = 0;
    for (const request of ways) {
      const cook = new MethodSimulator(request);
      const search = solveWay(cook);
      let next = search.next();
      while (!next.done) next = search.next();
      const solved = next.value;
      if (!solved.ok) continue;
      planned += 1;
      cook.reset();
      const { end, legs } = solved.run;
      expect(Math.abs(end.reached - target)).toBeLessThan(0.11);
      // Sears that end by their time, not by their crust, step a little differently.
      expect(Math.abs(cook.endOf(legs).reached - end.reached)).toBeLessThan(0.15);
    }
    expect(planned).toBeGreaterThan(0);
  });
});
