import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { CUT_IDS, CUTS, type Cut, footprint, TISSUES, tissueProperties } from '../../food';
import { DEFAULT_PAN, hottestPan } from '../../gear';
import { STEAK } from '../../tests';
import { checkGear } from './checkGear';

describe('checkGear', () => {
  it('lets every cut of the larder into the usual pan as it usually comes', () => {
    for (const cut of CUT_IDS) {
      const { thickness, weight } = CUTS[cut];
      expect(checkGear({ ...STEAK, cut, thickness, weight }, DEFAULT_PAN)).toBeUndefined();
    }
  });

  it('offers the hottest pan the burner reaches, and that one passes', () => {
    const weak = { ...DEFAULT_PAN, power: 1800 };
    const found = checkGear({ ...STEAK, pan: 300 }, weak);
    expect(found?.obstacle.reason).toBe('burner');
    const [remedy] = found?.remedies ?? [];
    if (remedy?.kind !== 'pan') throw new Error('no cooler pan offered');
    expect(remedy.pan).toBeLessThan(hottestPan(weak));
    expect(checkGear({ ...STEAK, pan: remedy.pan }, weak)).toBeUndefined();
  });

  it('finds what a smaller pan does not hold', () => {
    const small = { ...DEFAULT_PAN, diameter: 0.12 };
    expect(checkGear(STEAK, small)?.obstacle).toMatchObject({ reason: 'crowded', diameter: 0.12 });
  });
});

it('a footprint holds the weight it was made from', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...CUT_IDS),
      fc.double({ min: 0.05, max: 2, noNaN: true }),
      fc.double({ min: 0.005, max: 0.1, noNaN: true }),
      (id, weight, thickness) => {
        const cut: Cut = CUTS[id];
        const { area, length, width } = footprint(cut, weight, thickness);
        const { density } = tissueProperties(TISSUES[cut.tissue]);
        // A rolled piece is a cylinder in the box of its shadow and its diameter.
        const filled = cut.rolled ? Math.PI / 4 : 1;
        expect(filled * area * thickness * density).toBeCloseTo(weight, 9);
        if (cut.rolled) expect(width).toBe(thickness);
        else expect(length / width).toBeCloseTo(cut.aspect, 9);
      },
    ),
  );
});
