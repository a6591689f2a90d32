import { describe, expect, it } from '@jest/globals';
import { runToEnd } from '../../maths/runToEnd';
import { USUAL, type PlanRequest } from '../../plan/request/request';
import { CUTS } from '../../food/cuts';
import { footprint } from '../../food/footprint';
import { crowding } from '../../gear/crowding';
import {
  batchSizes,
  plateTogether,
  type PlanMemory,
  type PlateFound,
  type PlateQuestion,
} from './plateTogether';
import { serviceGear } from '../orders/serviceGear';

const steak = (target: number, pieces: number): PlanRequest => {
  const { thickness, weight } = CUTS['strip-steak'];
  return { ...USUAL, cut: 'strip-steak', thickness, weight, target, pieces };
};

const PAN = { diameter: 0.26, mass: 2.5 };
const homeWith = (pans: readonly (typeof PAN)[]) =>
  serviceGear({
    pans: pans.map((pan, i) => ({ id: `p${i}`, name: 'Pan', ...pan })),
    burners: [
      { id: 'a', kind: 'gas', power: 3000 },
      { id: 'b', kind: 'gas', power: 3000 },
    ],
    ovens: [{ id: 'oven', offset: 0 }],
  });
const home = (pans: number) => homeWith(Array.from({ length: pans }, () => PAN));

/** Plans are shared between the tests: each is computed once. */
const known = new Map<string, Parameters<PlanMemory['set']>[1]>();
const memory: PlanMemory = {
  get: (key) => known.get(key),
  set: (key, found) => void known.set(key, found),
};

const question = (groups: readonly PlanRequest[], pans: number, plateIn = 7200): PlateQuestion => ({
  groups,
  minimums: groups.map(() => undefined),
  gear: home(pans),
  secondPan: pans === 1 ? home(2).pans[1] : undefined,
  plateIn,
});

const plateOf = (
  groups: readonly PlanRequest[],
  { pans = 1, plateIn = 7200 } = {},
): Extract<PlateFound, { kind: 'plate' }> => {
  const found = runToEnd(plateTogether(question(groups, pans, plateIn), memory));
  if (found.kind !== 'plate') throw new Error(`no plate: ${found.kind}`);
  return found;
};

describe('several pieces for one plate', () => {
  it('go in as few batches as the pan allows, as even as they can be', () => {
    expect(batchSizes(4, 2)).toEqual([2, 2]);
    expect(batchSizes(5, 3)).toEqual([3, 2]);
    expect(batchSizes(7, 3)).toEqual([3, 2, 2]);
    expect(batchSizes(1, 4)).toEqual([1]);
    expect(batchSizes(2, 0)).toEqual([1, 1]);
  });

  it('are all there on time: two steaks medium-rare and two medium-well through one pan', () => {
    const groups = [steak(54, 2), steak(63, 2)];
    const { plate } = plateOf(groups);
    expect(plate.late).toBe(0);
    expect(plate.apart).toBe(0);
    expect(plate.landsAt).toBeLessThanOrEqual(7200);
    expect(plate.landsAt).toBeGreaterThan(7200 - 90);
    groups.forEach(({ pieces, target }, group) => {
      const mine = plate.batches.filter((batch) => batch.group === group);
      expect(mine.reduce((sum, { count }) => sum + count, 0)).toBe(pieces);
      for (const { plan } of mine) expect(Math.abs(plan.peakCore - target)).toBeLessThan(0.5);
    });
    // No batch waits for less than nothing, and each is ready before the plate.
    for (const { readyAt, waits } of plate.batches) {
      expect(readyAt).toBeLessThanOrEqual(plate.landsAt);
      expect(waits).toBeGreaterThanOrEqual(0);
    }
  });

  it('never overlap in a pan that does not hold them', () => {
    const { plate } = plateOf([steak(54, 4)]);
    const stays = plate.batches.map(({ start, plan }) => ({
      from: start,
      to: start + plan.cookSeconds,
    }));
    expect(stays.length).toBeGreaterThan(1);
    for (const [i, a] of stays.entries()) {
      for (const b of stays.slice(i + 1)) expect(a.to <= b.from || b.to <= a.from).toBe(true);
    }
  });

  it('are planned for the pan that each goes into, which is never too full', () => {
    const asked = question([steak(54, 4), steak(63, 2)], 1);
    const gear = homeWith([
      { diameter: 0.28, mass: 3.4 },
      { diameter: 0.22, mass: 1.4 },
    ]);
    const found = runToEnd(plateTogether({ ...asked, gear, secondPan: undefined }, memory));
    if (found.kind !== 'plate') throw new Error(`no plate: ${found.kind}`);
    const { batches } = found.plate;
    const cut = CUTS['strip-steak'];
    const { area } = footprint(cut, cut.weight, cut.thickness);
    for (const { pan: index, plan, count } of batches) {
      const { pan } = gear.pans[index ?? NaN];
      const key = [...known].find(([, one]) => 'legs' in one && one.legs === plan.legs)?.[0];
      expect(key).toContain(JSON.stringify(pan));
      expect(count).toBeLessThanOrEqual(crowding(pan, area).most);
    }
    expect(new Set(batches.map(({ pan }) => pan)).size).toBe(2);
  });

  it('begin with those that start in a cold pan', () => {
    const { thickness, weight, target, pan = USUAL.pan } = CUTS['duck-breast'];
    const duck: PlanRequest = {
      ...{ ...USUAL, cut: 'duck-breast', thickness, weight, target, pan },
      way: 'skin-down',
    };
    const { plate } = plateOf([steak(54, 2), duck]);
    expect(plate.batches[0].group).toBe(1);
    expect(plate.late).toBe(0);
  });

  it('wait less with a second pan', () => {
    const longest = (pans: number): number =>
      Math.max(...plateOf([steak(54, 4)], { pans }).plate.batches.map(({ waits }) => waits));
    expect(longest(2)).toBeLessThan(longest(1));
  });

  it('that come too late are told how late, and a change that is offered is better', () => {
    const { plate, changes } = plateOf([steak(54, 4)], { plateIn: 300 });
    expect(plate.late).toBeGreaterThan(300);
    for (const { plate: other } of changes ?? []) expect(other.late).toBeLessThan(plate.late);
    expect(changes?.map(({ kind }) => kind)).toContain('pan');
  });

  it('are known before the changes that would be better', () => {
    const steps = [...plateTogether(question([steak(54, 4)], 1, 300), memory)].filter(
      (step) => step !== null,
    );
    expect(steps).toHaveLength(1);
    expect(steps).toMatchObject([{ kind: 'plate' }]);
    expect(steps[0]).not.toHaveProperty('changes');
  });

  it('say which piece has no plan by itself, and that no pan stands on a burner', () => {
    const cold = { ...steak(54, 1), pan: 60 };
    const asked = question([steak(54, 1), cold], 1);
    expect(runToEnd(plateTogether(asked, memory))).toMatchObject({ kind: 'obstacle', group: 1 });
    const none = runToEnd(plateTogether({ ...asked, gear: home(0) }, memory));
    expect(none).toEqual({ kind: 'none', reason: 'pan' });
  });
});
