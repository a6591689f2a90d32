import { describe, expect, it } from '@jest/globals';
import { CUTS } from '../../food';
import { STEAK } from '../../tests';
import { orderFaults } from './orderChecks';
import type { PlanRequest } from './request';

const faultsOf = (change: Partial<PlanRequest>) => orderFaults({ ...STEAK, ...change });

describe('the order of what is done to a piece', () => {
  it('is right as a piece usually comes, and salted or thawed as is usual', () => {
    for (const change of [
      {},
      { saltAhead: 2700 },
      { saltAhead: 172_800, surface: 'aired' },
      { thaw: 'fridge-bag', saltAhead: 43_200, surface: 'aired' },
      { thaw: 'running-water' },
      { temper: 3600 },
    ] as const) {
      expect(faultsOf(change)).toEqual([]);
    }
  });

  it('fish salted for two days is cured', () => {
    const { thickness, weight, target } = CUTS['salmon-fillet'];
    const salmon = { cut: 'salmon-fillet', thickness, weight, target } as const;
    expect(faultsOf({ ...salmon, saltAhead: 172_800, surface: 'aired' })).toEqual(['cures-fish']);
    expect(faultsOf({ ...salmon, saltAhead: 900, surface: 'wet' })).toEqual([]);
    expect(faultsOf({ ...salmon, salt: 0, saltAhead: 172_800, surface: 'aired' })).toEqual([]);
  });

  it('dried once the salt has drawn its brine, the salt goes too', () => {
    expect(faultsOf({ saltAhead: 900, surface: 'dry' })).toEqual(['dried-off-salt']);
    expect(faultsOf({ saltAhead: 900, surface: 'wet' })).toEqual([]);
  });

  it('thawed in a bag there is no time to dry; thawed warm it is not kept, nor does it stand', () => {
    expect(faultsOf({ thaw: 'fridge-bag', surface: 'aired' })).toEqual(['no-time-to-dry']);
    expect(faultsOf({ thaw: 'fridge-shelf', surface: 'aired' })).toEqual([]);
    expect(faultsOf({ thaw: 'running-water', saltAhead: 172_800, surface: 'aired' })).toEqual([
      'kept-after-quick-thaw',
    ]);
    expect(faultsOf({ thaw: 'counter', temper: 1500 })).toEqual(['stands-after-warm-thaw']);
  });
});
