import { describe, expect, it } from '@jest/globals';
import { NOMINAL_KITCHEN } from '../gear';
import { planOf, STEAK } from '../tests';
import { cookData, cookModel } from './cookData';
import { cookEvidence } from './cookEvidence';
import { FIRST_GEAR, type LoggedCook, type SeenResult } from './loggedCook';
import { TRAITS, traitsBy, type LearnedTraits } from './traits';

const T0 = Date.UTC(2026, 2, 1, 18);
const PLAN = planOf(STEAK);
const NOMINAL: LearnedTraits = traitsBy((trait) => NOMINAL_KITCHEN[trait]);
const CONTACT = TRAITS.indexOf('contact');

/** A cook on time with no thermometer: only what was seen. */
const cookWith = (seen: SeenResult): LoggedCook => ({
  id: 'cook',
  at: T0,
  plan: PLAN,
  plannedIn: T0,
  gear: FIRST_GEAR,
  events: [
    { id: 'a', kind: 'in', at: T0 },
    { id: 'b', kind: 'pulled', at: T0 + PLAN.cookSeconds * 1000 },
  ],
  seen,
});
const readOf = (cook: LoggedCook) => {
  const read = cookData(cook);
  if (!read) throw new Error('nothing was measured');
  return read;
};
const evidenceOf = (seen: SeenResult) => cookEvidence(readOf(cookWith(seen)), NOMINAL);
/** The model of the same cook in the nominal kitchen. */
const MODEL = cookModel(readOf(cookWith({ grey: 0.01 })), NOMINAL).base;

describe('what was seen of a finished piece', () => {
  it('is evidence without a thermometer, and nothing is evidence without it', () => {
    expect(cookData(cookWith({}))).toBeUndefined();
    expect(cookData(cookWith({ grey: 0.01 }))).toBeDefined();
  });

  it('turns the estimate to more heat where the grey band is deeper, and to less where it is thinner', () => {
    const { grey } = MODEL;
    const deep = evidenceOf({ grey: grey.central + 0.004 });
    const thin = evidenceOf({ grey: grey.central - 0.004 });
    expect(deep.mean[CONTACT]).toBeGreaterThan(0.05);
    expect(thin.mean[CONTACT]).toBeLessThan(-0.05);
    expect(deep.information.grey).toBeGreaterThan(0);
    expect(Object.keys(deep.information)).toEqual(['grey']);
  });

  it('gives a judged doneness less weight than a measured end', () => {
    const { end } = MODEL;
    const hot = end.reached + 6;
    const seen = evidenceOf({ doneness: { celsius: hot, sigma: 4.5 } });
    const measured = cookEvidence(readOf({ ...cookWith({}), endTemperature: hot }), NOMINAL);
    expect(seen.mean[CONTACT]).toBeGreaterThan(0);
    expect(seen.mean[CONTACT]).toBeLessThan(measured.mean[CONTACT]);
    expect(seen.information.doneness ?? 0).toBeLessThan(measured.information.end ?? 0);
  });

  it('learns from a finger, more from one whose error is known by drills', () => {
    const felt = (finger: LoggedCook['finger']) => {
      const { events, ...cook } = cookWith({});
      const at = T0 + PLAN.cookSeconds * 900;
      const touch = { id: 'c', kind: 'felt', at, firmness: 'firm' } as const;
      return cookEvidence(readOf({ ...cook, events: [...events, touch], finger }), NOMINAL);
    };
    const usual = felt(undefined);
    expect(Object.keys(usual.information)).toEqual(['felt']);
    expect(usual.mean[CONTACT]).toBeGreaterThan(0.05);
    const drilled = felt({ bias: 0, spread: 3 });
    expect(drilled.information.felt).toBeGreaterThan(usual.information.felt ?? NaN);
    expect(felt({ bias: 9, spread: 3 }).mean[CONTACT]).toBeLessThan(drilled.mean[CONTACT]);
  });

  it('does not count a doneness twice where the end was measured', () => {
    const { end } = MODEL;
    const read = readOf({
      ...cookWith({ doneness: { celsius: end.reached + 9, sigma: 3 } }),
      endTemperature: end.reached,
    });
    expect(Object.keys(cookEvidence(read, NOMINAL).information)).toEqual(['end']);
  });
});
