import { describe, expect, it } from '@jest/globals';
import { DEFAULT_OVEN, KITCHEN_SPREAD, NOMINAL_KITCHEN, OvenBody, spreadsFrom } from '../gear';
import type { CookEvent } from '../cook/event';
import type { PressKind } from '../cook/press';

import { ovenLike } from '../estimate/ovenLike';
import { normal, seededRandom } from '../maths/random';
import { trueCook, trueRun } from '../simulation/trueKitchen';
import type { PlanRequest } from '../plan/request/request';
import { pressFor } from '../cook/press';
import { actionsOf } from '../schedule/actions';
import { NOT_DEEP, planOf, STEAK } from '../tests';
import { cookEvidence } from './cookEvidence';
import { cookData } from './cookData';
import { deviceKey, learnedKitchen, MOST_COOKS, traitsFor } from './learnKitchen';
import { learnLag } from './learnLag';
import { FIRST_GEAR, panOnBurner, type GearUsed, type LoggedCook } from './loggedCook';
import { panExcess, statedWarmUp, panAfterWarming } from './panWarmUp';
import { TRAITS, type LearnedTraits } from './traits';
import { firstOvenLeg } from '../plan/legs/ovenLegs';

const itDeep = NOT_DEEP ? it.skip : it;

const T0 = Date.UTC(2026, 2, 1, 18);
const TRUE: LearnedTraits = {
  oven: -14,
  ovenHeat: 1,
  burner: 0.82,
  contact: 1.1,
  thickness: 0.0018,
};

/** A cook of a plan in a hidden kitchen: steps on time, a probe in the oven, otherwise a reading by hand. */
const cooked = (
  nth: number,
  request: PlanRequest,
  truth: LearnedTraits,
  { gear = FIRST_GEAR, noise = 0.3 }: { gear?: GearUsed; noise?: number } = {},
): LoggedCook => {
  const random = seededRandom(900 + nth);
  const plan = planOf(request);
  const inAt = T0 + nth * 86_400_000;
  const cook = trueCook(
    request,
    {
      ...NOMINAL_KITCHEN,
      oven: truth.oven - gear.oven.offset,
      contact: truth.contact,
      thickness: truth.thickness,
      start: 0,
      pan: panExcess(gear, request.pan, truth.burner),
    },
    { pan: panOnBurner(gear, 1), columns: 8 },
  );
  const oven = firstOvenLeg(plan.legs);
  const moments = oven
    ? Array.from({ length: Math.floor(oven.seconds / 90) }, (_, i) => oven.at + (i + 1) * 90)
    : [0.7, 0.95].map((share) => share * plan.cookSeconds);
  const legs = plan.legs.flatMap((leg, i) => {
    const own = cook.legs[i];
    return own ? [{ ...own, seconds: leg.seconds, flips: leg.flips }] : [];
  });
  const hidden = {
    ...NOMINAL_KITCHEN,
    ...truth,
    noise,
    probe: { kind: 'middle', off: 0.002 },
  } as const;
  const { truths, end } = trueRun(cook, hidden, legs, moments);
  const id = `cook-${nth}`;
  const events: CookEvent[] = [];
  const press = (kind: PressKind, seconds: number): void => {
    events.push({ id: `${id}-${events.length}`, kind, at: Math.round(inAt + seconds * 1000) });
  };
  for (const action of actionsOf(plan.legs, plan.restSeconds)) {
    press(pressFor(action.kind), action.at);
  }
  truths.forEach(({ probe, core }, i) => {
    events.push({
      id: `${id}-r${i}`,
      kind: 'reading',
      at: Math.round(inAt + moments[i] * 1000),
      celsius: (oven ? probe : core) + noise * normal(random),
      ...(oven ? { by: 'probe' as const } : {}),
    });
  });
  const panIn = plan.legs.find(({ kind }) => kind !== 'oven')?.at ?? 0;
  const warms = statedWarmUp(gear, request.pan) ?? 0;
  press('pan-on', panIn - warms);
  // Looked at half-way up, when it was still coming up, and as the piece went in.
  for (const seconds of [warms / 2, warms - 4]) {
    events.push({
      id: `${id}-gun-${seconds}`,
      kind: 'reading',
      at: Math.round(inAt + (panIn - warms + seconds) * 1000),
      celsius: panAfterWarming(gear, seconds, truth.burner),
      by: 'gun',
    });
  }
  return {
    id,
    at: inAt,
    plan,
    plannedIn: inAt,
    gear,
    events: events.toSorted((a, b) => a.at - b.at),
    endTemperature: end.peak + noise * normal(random),
  };
};

const OVEN: PlanRequest = { ...STEAK, thickness: 0.036, weight: 0.42, way: 'oven-sear' };
const COOKS = [
  cooked(0, OVEN, TRUE),
  cooked(1, { ...STEAK, thickness: 0.026, weight: 0.3 }, TRUE),
  cooked(2, { ...OVEN, thickness: 0.04, weight: 0.46, way: 'sear-oven' }, TRUE),
];
const KITCHEN = learnedKitchen(COOKS);
const found = traitsFor(KITCHEN.traits, FIRST_GEAR);

describe('a kitchen learned from its cooks', () => {
  it('is found: oven within 4 K, burner within 6 %, the eye for thickness on its side', () => {
    expect(Math.abs(found.oven - TRUE.oven)).toBeLessThan(4);
    expect(Math.abs(found.burner / TRUE.burner - 1)).toBeLessThan(0.06);
    expect(found.thickness).toBeGreaterThan(0.0004);
    expect(found.thickness).toBeLessThan(0.0035);
  });

  it('is as unsure as it is wrong, and shrinks what is unsure to the usual', () => {
    for (const { trait, value, deviation, unknown } of KITCHEN.traits) {
      expect(deviation).toBeGreaterThan(0);
      expect(unknown).toBeLessThanOrEqual(1);
      const off = Math.abs(
        spreadsFrom(trait, value, KITCHEN_SPREAD[trait]) -
          spreadsFrom(trait, TRUE[trait], KITCHEN_SPREAD[trait]),
      );
      expect(off).toBeLessThan(3.5 * Math.max(0.12, unknown));
    }
    const one = learnedKitchen(COOKS.slice(1, 2));
    const oven = one.traits.find(({ key }) => key === 'oven');
    // A cook without an oven gives no information about it.
    expect(oven?.value).toBeCloseTo(NOMINAL_KITCHEN.oven, 6);
    expect(oven?.unknown).toBeCloseTo(1, 6);
    expect(oven?.cooks).toEqual([]);
  });

  it('knows the oven as one figure no worse than its air and its heat apart', () => {
    const { oven } = KITCHEN;
    if (!oven) throw new Error('the oven was used');
    const truth = ovenLike(oven.air, TRUE, { air: 0, heat: 0, both: 0 }).over;
    expect(Math.abs(oven.over - truth)).toBeLessThan(2.5 * oven.sigma);
    const deviationOf = (of: string): number =>
      KITCHEN.traits.find(({ trait }) => trait === of)?.deviation ?? NaN;
    const apart = Math.hypot(deviationOf('oven'), (oven.air - 65) * deviationOf('ovenHeat'));
    expect(oven.sigma).toBeLessThan(1.02 * apart);
    expect(learnedKitchen(COOKS.slice(1, 2)).oven).toBeUndefined();
  });

  it('says which cooks taught it, in shares', () => {
    const oven = KITCHEN.traits.find(({ key }) => key === 'oven');
    expect(oven?.cooks.map(({ id }) => id).toSorted()).toEqual(['cook-0', 'cook-2']);
    for (const { cooks } of KITCHEN.traits) {
      const all = cooks.reduce((sum, { share }) => sum + share, 0);
      if (cooks.length > 0) expect(all).toBeCloseTo(1, 1);
    }
  });

  it('foresees each past cook better by what the others taught', () => {
    expect(KITCHEN.past).toHaveLength(3);
    const size = (figure: (one: (typeof KITCHEN.past)[number]) => number): number =>
      KITCHEN.past.reduce((sum, one) => sum + Math.abs(figure(one)), 0);
    expect(size(({ after }) => after)).toBeLessThan(0.7 * size(({ before }) => before));
  });

  it('is the same in whatever order the cooks come', () => {
    const other = traitsFor(learnedKitchen([COOKS[2], COOKS[0], COOKS[1]]).traits, FIRST_GEAR);
    for (const trait of TRAITS) expect(other[trait]).toBeCloseTo(found[trait], 6);
  });

  itDeep('forgets a device from a moment on, and the others only what hung on it', () => {
    const after = { oven: T0 + 10 * 86_400_000 };
    const { traits } = learnedKitchen(COOKS, after);
    const oven = traits.find(({ key }) => key === 'oven');
    expect(oven?.value).toBeCloseTo(0, 6);
    expect(oven?.cooks).toEqual([]);
    expect(traitsFor(traits, FIRST_GEAR).burner).toBeCloseTo(found.burner, 1);
  });

  it('keeps each pan’s contact apart', () => {
    const other: GearUsed = { ...FIRST_GEAR, pan: { ...FIRST_GEAR.pan, name: 'The old one' } };
    const { traits } = learnedKitchen([COOKS[1], { ...COOKS[2], gear: other }]);
    const keys = traits.filter(({ trait }) => trait === 'contact').map(({ key }) => key);
    expect(keys.toSorted()).toEqual(
      [deviceKey('contact', other), deviceKey('contact', FIRST_GEAR)].toSorted(),
    );
  });

  it('learns what is over and above what its plan reckoned with', () => {
    const request: PlanRequest = { ...OVEN, learned: { thickness: 0.0018, contact: 1.1 } };
    const gear: GearUsed = { ...FIRST_GEAR, oven: { ...FIRST_GEAR.oven, offset: -14 } };
    const truth: LearnedTraits = { ...TRUE, contact: 1, thickness: 0, burner: 1 };
    // In the kitchen its plan was made for: what is learned is that kitchen, not nothing.
    const { traits } = learnedKitchen([cooked(5, request, truth, { gear })]);
    // One cook proves nothing, since no other is left to predict; but its pan was measured.
    for (const { trait, use } of traits) expect(use).toBe(trait === 'burner' ? 'yes' : 'unproved');
    const now = traitsFor(
      traits.map((trait) => ({ ...trait, use: 'yes' })),
      gear,
    );
    expect(Math.abs(now.oven + 14)).toBeLessThan(5);
    expect(now.thickness).toBeGreaterThan(0);
  });

  it('learns nothing of a cook that was not finished, or of which nothing was measured', () => {
    const unmeasured = {
      ...COOKS[1],
      endTemperature: undefined,
      events: COOKS[1].events.filter(({ kind }) => kind !== 'reading'),
    };
    const unfinished = {
      ...COOKS[1],
      events: COOKS[1].events.filter(({ kind }) => kind !== 'pulled'),
    };
    expect(cookData(unmeasured)).toBeUndefined();
    expect(cookData(unfinished)).toBeUndefined();
    expect(learnedKitchen([unmeasured, unfinished])).toEqual({
      traits: [],
      past: [],
      cooks: 0,
      evidence: [],
    });
    expect(MOST_COOKS).toBeGreaterThan(5);
  });

  it('a probe that lay on the rack moves it little', () => {
    const [cook] = COOKS;
    const wild = {
      ...cook,
      endTemperature: undefined,
      events: cook.events.map((event) =>
        event.kind === 'reading' && event.by === 'probe' ? { ...event, celsius: 96 } : event,
      ),
    };
    const read = cookData(wild);
    if (!read) throw new Error('not read');
    const { mean } = cookEvidence(read, NOMINAL_KITCHEN);
    for (const spreads of mean) expect(Math.abs(spreads)).toBeLessThan(1.2);
  });
});

describe('the burner', () => {
  it('a burner as told warms the pan as told; a weaker one leaves it cooler, never absurdly', () => {
    expect(panExcess(FIRST_GEAR, 220, 1)).toBeCloseTo(0, 1);
    let last = -Infinity;
    for (const share of [0.5, 0.7, 0.9, 1, 1.1, 1.3, 1.6]) {
      const over = panExcess(FIRST_GEAR, 220, share);
      expect(over).toBeGreaterThan(last);
      expect(Math.abs(over)).toBeLessThan(71);
      last = over;
    }
  });
});

describe('an oven’s lag', () => {
  /** A cook whose oven was seen coming up. */
  const warmed = (timeConstant: number, looks: number, nth = 0): LoggedCook => {
    const body = new OvenBody({ ...DEFAULT_OVEN, timeConstant }, 110);
    const [base] = COOKS;
    const inAt = base.at;
    const on = inAt - 1500_000;
    const events: CookEvent[] = [{ id: `on${nth}`, kind: 'oven-on', at: on }];
    for (let i = 1; i <= looks; i += 1) {
      body.follow(120);
      const at = on + i * 120_000;
      events.push({ id: `o${nth}${i}`, kind: 'reading', at, celsius: body.air, by: 'oven' });
    }
    return { ...base, id: `warm-${nth}`, events: [...base.events, ...events] };
  };

  it('is found from its thermometer, and surer with more looks', () => {
    const slow = learnLag([warmed(1100, 6)], 0);
    const quick = learnLag([warmed(450, 6)], 0);
    expect(slow?.value).toBeGreaterThan(850);
    expect(quick?.value).toBeLessThan(560);
    const once = learnLag([warmed(1100, 1)], 0);
    expect(once?.unknown).toBeGreaterThan(slow?.unknown ?? 1);
    expect(slow?.cooks).toEqual(['warm-0']);
  });

  it('is not known without a thermometer, nor from before it was forgotten', () => {
    expect(learnLag(COOKS, 0)).toBeUndefined();
    expect(learnLag([warmed(1100, 4)], 0, T0 + 9e9)).toBeUndefined();
  });
});
