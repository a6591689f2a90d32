import { describe, expect, it } from '@jest/globals';
import { PRESS_KINDS, PRESSES, pressFor } from '../cook';
import { DONENESS_SCALES } from '../doneness';
import { CUT_IDS, CUTS, SPECIES, TISSUES } from '../food';
import { FAT_IDS, fatOf } from '../gear';
import { cookEventSchema, planRequestSchema } from '../formats';
import { legsOf, WAY_TRAITS, WAYS, WAYS_BY_FORM, waysFor } from '../plan';
import { minimumFor } from '../safety';
import { ACTION_KINDS, ACTION_TRAITS, actionsOf } from '../schedule';
import { STEAK } from './steak';

describe('the tables', () => {
  it.each(CUT_IDS)('the cut %s has a tissue, a scale, a minimum and ways', (cut) => {
    const { tissue, species, target } = CUTS[cut];
    expect(TISSUES[tissue]).toBeDefined();
    const wanted = DONENESS_SCALES[species].map((step) => step.target);
    expect(target).toBeGreaterThanOrEqual(Math.min(...wanted) - 2);
    expect(target).toBeLessThanOrEqual(Math.max(...wanted) + 2);
    expect(minimumFor({ species }).celsius).toBeGreaterThan(50);
    expect(waysFor(CUTS[cut]).length).toBeGreaterThan(0);
  });

  it.each(SPECIES)('the species %s is sold as at least one cut', (species) => {
    expect(CUT_IDS.some((cut) => CUTS[cut].species === species)).toBe(true);
  });

  it.each(WAYS)(
    'the way %s is offered, has one unknown, and its legs are as its traits say',
    (way) => {
      expect(Object.values(WAYS_BY_FORM).some((ways) => ways.includes(way))).toBe(true);
      const request = { ...STEAK, way };
      const legs = legsOf(request);
      expect(legs.reduce((sum, { unknownShare }) => sum + unknownShare, 0)).toBeCloseTo(1, 12);
      const { oven, coldPan } = WAY_TRAITS[way];
      expect(legs.some(({ kind }) => kind === 'oven')).toBe(oven !== undefined);
      expect(legs.some(({ heat }) => heat.on === 'cold-pan')).toBe(coldPan === 'always');
      expect(planRequestSchema.parse(request).way).toBe(way);
    },
  );

  it.each(PRESS_KINDS)('the press %s is read from a file, and reports no action twice', (kind) => {
    const event = { id: '7b1de6a4-5f0c-4a57-9d0e-1c2b3a4d5e6f', kind, at: 1_764_000_000_000 };
    expect(cookEventSchema.parse(event)).toEqual(event);
    const { action } = PRESSES[kind];
    if (action !== undefined) expect(pressFor(action)).toBe(kind);
  });

  it.each(ACTION_KINDS)('the action %s is reported by a press, and has its traits', (kind) => {
    expect(PRESSES[pressFor(kind)].action).toBe(kind);
    expect(ACTION_TRAITS[kind].changesPlace).toBe(
      kind === 'in' || kind === 'pull' || PRESSES[pressFor(kind)].place !== undefined
        ? kind !== 'slice'
        : false,
    );
  });

  it('every way’s actions begin a leg or none as their traits say', () => {
    for (const way of WAYS) {
      let at = 0;
      const legs = legsOf({ ...STEAK, way }).map(({ kind }) => {
        const leg = { kind, at, seconds: 60, flips: [] };
        at += 60;
        return leg;
      });
      for (const action of actionsOf(legs, 300)) {
        if (!ACTION_TRAITS[action.kind].beginsLeg) continue;
        expect(action.at).toBe(legs[action.leg].at);
      }
    }
  });

  it.each(FAT_IDS)('the fat %s smokes before it surely does', (fat) => {
    const [from, surely] = fatOf(fat).smokes;
    expect(from).toBeLessThan(surely);
  });
});
