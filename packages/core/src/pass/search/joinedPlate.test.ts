import { describe, expect, it } from '@jest/globals';
import { DEFAULT_PAN } from '../../gear';
import { inAPan } from '../../plan/legs/ovenLegs';
import { actionsOf } from '../../schedule/actions';
import { planOf, STEAK } from '../../tests';
import { LINE } from '../../tests/serviceCases';
import { joinedPlate, type JoinQuestion } from './joinedPlate';
import { serviceGear } from '../orders/serviceGear';

const thin = planOf({ ...STEAK, thickness: 0.022, weight: 0.28 });
const thick = planOf({ ...STEAK, thickness: 0.045, weight: 0.6, target: 58, way: 'oven-sear' });
const PLATE_IN = 7200;

const gearWith = (diameter: number): JoinQuestion['gear'] =>
  serviceGear({
    ...LINE,
    pans: [{ id: 'pan', name: 'Pan', diameter, mass: DEFAULT_PAN.mass }],
    ovens: [{ id: 'oven', offset: 0 }],
  });

const join = (
  plans: readonly (typeof thin)[],
  { diameter = 0.2, plateIn = PLATE_IN, on = [] as JoinQuestion['on'] } = {},
) => {
  const found = joinedPlate({ plans, on, plateIn, gear: gearWith(diameter) });
  if (!found) throw new Error('the pieces find a place');
  return found;
};

/** Times at which a plan's pieces are in a pan, s from now. */
const inPan = (plan: typeof thin, start: number) =>
  plan.legs.filter(inAPan).map(({ at, seconds }) => [start + at, start + at + seconds]);

describe('saved plans for one plate', () => {
  it('one is ready at the time of its plate', () => {
    const { pieces, landsAt, late } = join([thin]);
    expect(late).toBe(0);
    // The plating takes a minute.
    expect(PLATE_IN - landsAt).toBeGreaterThanOrEqual(0);
    expect(PLATE_IN - landsAt).toBeLessThanOrEqual(60);
    expect(pieces).toHaveLength(1);
    const ready = pieces[0].start + thin.cookSeconds + thin.restSeconds;
    expect(landsAt - ready).toBeGreaterThanOrEqual(0);
    expect(landsAt - ready).toBeLessThan(180);
  });

  it('two are never in a pan that is too small for both at the same time', () => {
    const plans = [thin, thick];
    const { pieces, apart } = join(plans);
    expect(apart).toBe(0);
    const [one, other] = pieces.map(({ plan, start }) => inPan(plans[plan], start));
    expect(one.length * other.length).toBeGreaterThan(0);
    for (const [from, to] of one) {
      for (const [a, b] of other) expect(b <= from + 1 || a >= to - 1).toBe(true);
    }
  });

  it('a piece that is on keeps its times: the other waits for the pan', () => {
    const actions = actionsOf(thick.legs, thick.restSeconds).map(({ kind, at }) => ({
      kind,
      at,
      done: undefined,
      due: at,
    }));
    const plateIn = thick.cookSeconds + thick.restSeconds;
    const { pieces } = join([thin], { plateIn, on: [{ plan: thick, actions }] });
    const [{ start }] = pieces;
    for (const [from, to] of inPan(thick, 0)) {
      for (const [a, b] of inPan(thin, start)) expect(b <= from + 15 || a >= to - 15).toBe(true);
    }
  });

  it('two that want one oven at different temperatures are not there together, and it says so', () => {
    const hot = planOf({ ...STEAK, thickness: 0.04, weight: 0.45, way: 'sear-oven' });
    const { pieces, apart, late } = join([thick, hot], { diameter: 0.3 });
    expect(pieces).toHaveLength(2);
    const longest = Math.max(...pieces.map(({ overRested }) => overRested));
    expect(apart + late + longest).toBeGreaterThan(0);
  });

  it('nothing is timed in a kitchen without a pan on a burner', () => {
    const gear = { ...gearWith(0.2), pans: [] };
    expect(joinedPlate({ plans: [thin], on: [], plateIn: PLATE_IN, gear })).toBeUndefined();
  });
});
