import { describe, expect, it } from '@jest/globals';
import { DEFAULT_PAN } from '../gear';
import { planOf, STEAK } from '../tests';
import { landTogether } from './landTogether';
import { runOf } from './run';
import { sharedBy } from './shared';

const thin = planOf({ ...STEAK, thickness: 0.022, weight: 0.28 });
const thick = planOf({ ...STEAK, thickness: 0.045, weight: 0.6, target: 58, way: 'oven-sear' });
const land = (plans: readonly (typeof thin)[], pan = DEFAULT_PAN) =>
  landTogether(
    plans,
    plans.map((plan) => runOf(plan)),
    pan,
  );

describe('several pieces for one plate', () => {
  it('leaves one piece alone', () => {
    expect(land([thin])).toEqual({
      pieces: [{ waits: 0, begins: runOf(thin).panToPlate }],
      conflicts: [],
    });
  });

  it('lets two follow one another through a pan too small for both, the longer rest first', () => {
    const { pieces, conflicts } = land([thin, thick], { ...DEFAULT_PAN, diameter: 0.2 });
    const waited = conflicts.find(({ reason }) => reason === 'pan');
    expect(waited?.pieces).toEqual([1, 0]);
    expect(pieces[0]?.waits).toBe(0);
    expect(pieces[1]?.waits).toBeGreaterThan(0);
    const stays = [thin, thick].map((plan, i) =>
      sharedBy(plan).pan.map(({ from, to }) => [
        from - (pieces[i]?.begins ?? 0),
        to - (pieces[i]?.begins ?? 0),
      ]),
    );
    for (const [from = 0, to = 0] of stays[0] ?? []) {
      for (const [a = 0, b = 0] of stays[1] ?? []) expect(b <= from + 1 || a >= to - 1).toBe(true);
    }
  });

  it('lets two alike share a pan that is large enough', () => {
    const wide = { ...DEFAULT_PAN, diameter: 0.34 };
    expect(land([thin, thin], wide).pieces.map(({ waits }) => waits)).toEqual([0, 0]);
  });

  it('says when one oven is wanted at two temperatures', () => {
    const hot = planOf({ ...STEAK, thickness: 0.04, weight: 0.45, way: 'sear-oven' });
    const found = land([thick, hot]).conflicts.find(({ reason }) => reason === 'oven');
    expect(found).toMatchObject({ reason: 'oven', airs: [110, 180] });
  });
});
