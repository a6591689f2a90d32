import { describe, expect, it } from '@jest/globals';
import { CUTS, type CutId } from '../../food';
import { endAsTold, NOT_DEEP, PROMISE, rolledCores } from '../../tests';
import { sectionOf } from '../../heat';
import { actionsOf, runOf } from '../../schedule';
import { checkGear } from './checkGear';
import { legsOf } from '../legs/legs';
import { pieceOf, shapeOf } from '../legs/pieceOf';
import { planOnSection } from './planOnSection';
import type { CookPlan } from '../legs/planResult';
import { USUAL, type PlanRequest } from '../request/request';
import { partsInPan, shareOnIron } from '../request/shareOnIron';
import { DEFAULT_PAN } from '../../gear';

const itDeep = NOT_DEEP ? it.skip : it;

const WHOLE = ['rib-roast', 'whole-fillet', 'whole-rump-cap', 'rolled-lamb-leg'] as const;

const asSold = (cut: CutId, change: Partial<PlanRequest> = {}): PlanRequest => {
  const { thickness, weight, target } = CUTS[cut];
  return { ...USUAL, cut, thickness, weight, target, way: 'oven-sear', ...change };
};

const planned = (request: PlanRequest): CookPlan => {
  const found = planOnSection(request);
  if (!found.ok) throw new Error(found.obstacle.reason);
  return found.plan;
};

describe('a rolled piece', () => {
  it.each([
    [0.07, 20, 3600],
    [0.1, 40, 5400],
    [0.05, 200, 900],
  ])('%d m across, h %d, warms as the series of a long cylinder has it', (diameter, h, seconds) => {
    const { exact, solved } = rolledCores(diameter, h, seconds);
    expect(Math.abs(solved - exact)).toBeLessThan(0.15);
    const finer = rolledCores(diameter, h, seconds, 2);
    expect(Math.abs(finer.solved - exact)).toBeLessThan(0.05);
  });

  it('is a round section, whichever way it is solved, and touches the iron with a part of it', () => {
    const fillet = asSold('whole-fillet');
    expect(shapeOf(fillet)).toEqual({ kind: 'rolled' });
    expect(shareOnIron(fillet)).toBeLessThan(0.5);
    expect(partsInPan(fillet)).toBe(2);
    expect(legsOf(fillet).find(({ kind }) => kind === 'sear')?.heat).toMatchObject({
      share: shareOnIron(fillet),
    });
  });
});

describe('whole pieces', () => {
  it.each(WHOLE)('%s ends within its promise, legs cooked as told', (cut) => {
    const plan = planned(asSold(cut, { hold: { in: 'tent', seconds: 1800 } }));
    expect(Math.abs(plan.sliceCore - CUTS[cut].target)).toBeLessThan(PROMISE);
    expect(plan.restSeconds).toBe(CUTS[cut].weight > 2 ? 2100 : 1200);
    expect(Math.abs(endAsTold(plan) - CUTS[cut].target)).toBeLessThan(PROMISE);
  });

  it('is at its target when it is carved: the later, the cooler it is pulled', () => {
    const carved = [900, 2400].map((carveAfter) =>
      planned(asSold('rib-roast', { lowOven: 150, carveAfter })),
    );
    const [soon, late] = carved;
    for (const plan of carved) {
      expect(plan.sliceCore).toBeCloseTo(plan.request.target, 0);
      expect(plan.laterPeak?.celsius ?? plan.request.target).toBeGreaterThanOrEqual(plan.sliceCore);
    }
    expect(soon?.pullCore).toBeGreaterThan((late?.pullCore ?? 0) + 1);
    expect(soon?.laterPeak?.celsius).toBeGreaterThan((soon?.sliceCore ?? 0) + 1);
  });

  itDeep(
    'lies in a warm oven for less of the oven before it, and comes out warmer on its face',
    () => {
      const tent = planned(asSold('rib-roast', { hold: { in: 'tent', seconds: 3600 } }));
      const warm = planned(
        asSold('rib-roast', { hold: { in: 'warm-oven', seconds: 3600, air: 70 } }),
      );
      expect(warm.pullCore).toBeLessThan(tent.pullCore);
      expect(warm.hold?.surface).toBeGreaterThan(tent.hold?.surface ?? 0);
      for (const { hold } of [tent, warm]) {
        expect(hold?.seconds).toBe(3600);
        expect(hold?.to).toBeGreaterThan(hold?.from ?? 0);
        expect(hold?.inRange).toBeLessThanOrEqual(3600 + 1);
        expect(hold?.evaporated).toBeGreaterThan(0);
      }
    },
  );

  it('is browned by a blast after the oven has come up, and the run says when to turn it up', () => {
    const plan = planned(asSold('rib-roast', { way: 'oven-blast', blast: 250 }));
    const blast = plan.legs.at(-1);
    expect(blast).toMatchObject({ kind: 'oven', air: 250 });
    expect(Math.max(...plan.browning)).toBeGreaterThan(USUAL.crust - 0.01);
    expect(plan.stoveSeconds).toBe(0);
    const { steps } = runOf(plan);
    const up = steps.find(({ kind }) => kind === 'oven-up');
    expect(up && blast && blast.at - up.at).toBeCloseTo(900, 0);
    expect(actionsOf(plan.legs, plan.restSeconds).map(({ kind }) => kind)).toEqual([
      'in',
      'lift',
      'into-oven',
      'pull',
      'slice',
    ]);
    expect(steps.find(({ kind }) => kind === 'lift')?.hands).toBe('free');
    // No part of it meets a pan: none is warmed.
    expect(steps.some(({ kind }) => kind === 'preheat')).toBe(false);
  });

  it('is longer than the pan, but no broader', () => {
    expect(checkGear(asSold('loin-joint'), DEFAULT_PAN)).toBeUndefined();
    const broad = asSold('rib-roast', { weight: 6, thickness: 0.06 });
    expect(checkGear(broad, DEFAULT_PAN)?.obstacle.reason).toBe('crowded');
    expect(checkGear({ ...broad, way: 'oven-blast' }, DEFAULT_PAN)).toBeUndefined();
  });

  it('a stub stands for a cylinder that is as slow, a slab for a block', () => {
    const rib = asSold('rib-roast');
    expect(shapeOf(rib)).toMatchObject({ kind: 'round' });
    expect(pieceOf(rib, shapeOf(rib)).layers).toEqual([{ tissue: 'bone', thickness: 0.018 }]);
    const slab = pieceOf(rib, { kind: 'slab' });
    expect(slab.thickness).toBeLessThan(rib.thickness);
  });
});

describe('two muscles about a bone', () => {
  it('the smaller one is told beside the larger, and ends otherwise', () => {
    const plan = planned(asSold('t-bone', { way: 'sear-oven' }));
    expect(plan.smaller?.peak).toBeGreaterThan(plan.smaller?.done ?? 100);
    expect(Math.abs((plan.smaller?.peak ?? 0) - plan.peakCore)).toBeGreaterThan(0.2);
    expect(Math.abs((plan.smaller?.peak ?? 0) - plan.peakCore)).toBeLessThan(25);
    expect(planned(asSold('pork-chop', { way: 'once' })).smaller).toBeUndefined();
  });

  it('its bone lies between them, and the mid-line runs through the larger', () => {
    const steak = asSold('t-bone');
    const shape = shapeOf(steak);
    expect(shape).toMatchObject({ kind: 'long', whole: true });
    if (shape.kind !== 'long') return;
    expect(shape.middle).toBeCloseTo(
      (shape.width - 0.012 - Math.min(0.045, 0.4 * shape.width)) / 2,
      9,
    );
    expect(shape.sides?.[1]).toBeCloseTo(shape.width - Math.min(0.045, 0.4 * shape.width), 9);
    // The bone is as wide on few columns as on many.
    for (const columns of [8, 16, 24]) {
      const { widths } = sectionOf(shape, 0.035, [], { columns });
      const ends = Array.from(widths, (_, j) => widths.slice(0, j + 1).reduce((a, b) => a + b, 0));
      for (const side of shape.sides ?? []) {
        expect(Math.min(...ends.map((end) => Math.abs(end - side)))).toBeLessThan(1e-9);
      }
    }
    const bone = pieceOf(steak, shape).bone;
    expect(bone?.width).toBe(0.012);
    expect(bone?.beyond).toBeCloseTo(Math.min(0.045, 0.4 * shape.width), 9);
    // However light it is, both muscles and the bone have room.
    const light = shapeOf({ ...steak, weight: 0.1 });
    expect(light.kind === 'long' && light.middle).toBeGreaterThan(0);
  });
});
