import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { STEAK } from '../../tests';
import { INPUT_STEPS, saltSchools, temperSchools, analyzeSensitivity } from './ahead';
import { loadingOf } from '../request/loading';
import { isAwkward, saltDepth, saltMass, SALT_SCHOOLS, TEMPER_SCHOOLS } from '../request/schools';
import { brineFilm, surfaceFilm } from '../request/surfaceFilm';
import { thicknessToAsk } from './thicknessToAsk';
import { thinEnd } from './thinEnd';
import { CUTS } from '../../food';
import { DEFAULT_PAN, type PanOnBurner } from '../../gear';
import type { PlanRequest } from '../request/request';

const finish = <T>(search: Generator<null, T>): T => {
  let step = search.next();
  while (!step.done) step = search.next();
  return step.value;
};

describe('salting ahead', () => {
  it('brine comes out in minutes and is back in after hours, never below none', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 400_000, noNaN: true }), (seconds) => {
        const film = brineFilm(0.01, seconds);
        expect(film).toBeGreaterThanOrEqual(0);
        expect(film).toBeLessThanOrEqual(brineFilm(0.01, 900) + 1e-12);
      }),
    );
    expect(brineFilm(0.01, 0)).toBe(0);
    expect(brineFilm(0.01, 6 * 3600)).toBeLessThan(0.001);
    expect(brineFilm(0.02, 900)).toBeCloseTo(2 * brineFilm(0.01, 900), 12);
  });

  it('a towel takes most of it; the open fridge takes more than that', () => {
    const late = { ...STEAK, salt: 0.01, saltAhead: 900 };
    expect(surfaceFilm({ ...late, surface: 'dry' })).toBeLessThan(
      surfaceFilm({ ...late, surface: 'wet' }) / 4,
    );
    const aired = { ...STEAK, saltAhead: 86_400, surface: 'aired' } as const;
    expect(surfaceFilm(aired)).toBeLessThan(-0.1);
    // Dried for longer than it is salted, and never past what a face can be.
    const longer = { ...aired, airing: { in: 'fan', seconds: 4 * 86_400 } } as const;
    expect(surfaceFilm(longer)).toBeLessThan(surfaceFilm(aired));
    expect(surfaceFilm(longer)).toBeGreaterThanOrEqual(-0.5);
    expect(isAwkward(900)).toBe(true);
    expect(SALT_SCHOOLS.filter(isAwkward)).toEqual([900]);
  });

  it('goes in by the square root of time: a few millimetres in a day', () => {
    expect(saltDepth(4 * 3600) / saltDepth(3600)).toBeCloseTo(2, 12);
    expect(saltDepth(86_400)).toBeGreaterThan(0.005);
    expect(saltDepth(86_400)).toBeLessThan(0.015);
  });

  it('weighs out more when some of it stays in the pan', () => {
    expect(saltMass({ ...STEAK, salt: 0.01, saltAhead: 0 })).toBeGreaterThan(0.003);
    expect(saltMass({ ...STEAK, salt: 0.01, saltAhead: 43_200 })).toBeCloseTo(0.003, 12);
  });

  it('overnight browns first, a quarter of an hour undried last', () => {
    const schools = finish(saltSchools({ ...STEAK, surface: 'wet' }, DEFAULT_PAN));
    expect(schools.map(({ ahead }) => ahead)).toEqual([...SALT_SCHOOLS]);
    const golden = (ahead: number) => schools.find((s) => s.ahead === ahead)?.golden ?? NaN;
    expect(golden(43_200)).toBeLessThan(golden(0));
    expect(golden(900)).toBeGreaterThan(golden(0));
    expect(golden(172_800)).toBeLessThanOrEqual(golden(43_200));
  });
});

it('tempering warms the face more than the middle, and saves less than it takes', () => {
  const schools = finish(temperSchools({ ...STEAK, thickness: 0.028, weight: 0.33 }, DEFAULT_PAN));
  expect(schools.map(({ seconds }) => seconds)).toEqual([...TEMPER_SCHOOLS]);
  const [cold, , , hour] = schools;
  expect(cold?.saves).toBe(0);
  expect(cold?.core).toBeCloseTo(STEAK.start, 9);
  expect(hour?.core).toBeGreaterThan(STEAK.start + 3);
  expect(hour?.surface).toBeGreaterThan(hour?.core ?? 99);
  expect(hour?.saves).toBeGreaterThan(20);
  expect(hour?.saves).toBeLessThan(3600 / 4);
});

it('changing an input moves the time the way a cook would say', () => {
  const changes = finish(
    analyzeSensitivity({ ...STEAK, thickness: 0.04, weight: 0.45, way: 'oven-sear' }, DEFAULT_PAN),
  );
  const moved = (input: string) => changes.find((k) => k.input === input)?.seconds ?? NaN;
  expect(moved('thickness')).toBeGreaterThan(60);
  expect(moved('start')).toBeLessThan(0);
  expect(moved('oven')).toBeLessThan(-60);
  expect(moved('cover')).toBeLessThan(0);
  expect(finish(analyzeSensitivity(STEAK, DEFAULT_PAN)).map(({ input }) => input)).not.toContain(
    'oven',
  );
});

it('how thick to ask for: it browns at one end of the range, and does not burn at the other', () => {
  const range = finish(thicknessToAsk({ ...STEAK, pan: 230 }, { pan: DEFAULT_PAN }));
  if (!range) throw new Error('no thickness works');
  expect(range.least).toBeLessThanOrEqual(0.026);
  expect(range.least).toBeGreaterThan(0.008);
  expect(range.most).toBeGreaterThan(range.least);
  expect(range.most).toBeLessThan(0.06);
  // Turned often it browns later: thicker at the least.
  const often = finish(thicknessToAsk({ ...STEAK, pan: 230, way: 'often' }, { pan: DEFAULT_PAN }));
  expect(often?.least).toBeGreaterThanOrEqual(range.least);
  expect(
    finish(thicknessToAsk({ ...STEAK, target: 4, start: 5 }, { pan: DEFAULT_PAN })),
  ).toBeUndefined();
});

it('a thin end is over when the thick one is right; an end as thick is not', () => {
  expect(finish(thinEnd(STEAK, DEFAULT_PAN, STEAK.thickness))).toBeCloseTo(STEAK.target, 0);
  expect(finish(thinEnd(STEAK, DEFAULT_PAN, 0.015))).toBeGreaterThan(STEAK.target + 5);
  expect(finish(thinEnd({ ...STEAK, target: 4 }, DEFAULT_PAN, 0.015))).toBeUndefined();
});

it('every question on the side is answered for the pan that is asked about', () => {
  const cut = 'duck-breast' as const;
  const { thickness, weight, target, pan = 180 } = CUTS[cut];
  const duck: PlanRequest = { ...STEAK, cut, thickness, weight, target, pan, way: 'cold-pan' };
  // Skin in a cold pan: how the pan comes up decides.
  const weak: PanOnBurner = { diameter: 0.24, mass: 3.5, burner: 'gas', power: 1600 };
  const answers = (on: PanOnBurner) => ({
    thin: finish(thinEnd(duck, on, 0.8 * thickness)) ?? NaN,
    changes: finish(analyzeSensitivity(duck, on)).map(({ seconds }) => seconds),
    temper: finish(temperSchools(duck, on)).map(({ saves }) => saves),
    thickness: finish(thicknessToAsk({ ...duck, thickness: 0.02 }, { pan: on })),
  });
  const [usual, other] = [answers(DEFAULT_PAN), answers(weak)];
  expect(Math.abs(usual.thin - other.thin)).toBeGreaterThan(0.3);
  expect(usual.changes).not.toEqual(other.changes);
  expect(usual.temper).not.toEqual(other.temper);
  // A small pan holds no wider piece: a thin one of the same weight is refused there.
  const small = { ...DEFAULT_PAN, diameter: 0.14 };
  const most = finish(thicknessToAsk(STEAK, { pan: small }));
  expect(most).not.toEqual(finish(thicknessToAsk(STEAK, { pan: DEFAULT_PAN })));
});

it('a loaded pan falls and recovers: further and longer the more lies in it', () => {
  const one = loadingOf(STEAK, DEFAULT_PAN);
  expect(one.lowest).toBeLessThan(STEAK.pan);
  expect(one.lowest).toBeGreaterThan(120);
  const two = loadingOf({ ...STEAK, pieces: 2 }, DEFAULT_PAN);
  expect(two.lowest).toBeLessThan(one.lowest);
  expect(loadingOf(STEAK, { ...DEFAULT_PAN, mass: 5 }).lowest).toBeGreaterThan(one.lowest);
});

it('changes are moved by steps that are round in the units of the cook', () => {
  for (const units of ['metric', 'imperial'] as const) {
    const steps = INPUT_STEPS[units];
    for (const input of ['start', 'pan', 'oven'] as const) {
      const shown = steps[input] * (units === 'imperial' ? 1.8 : 1);
      expect(shown / 5).toBeCloseTo(Math.round(shown / 5), 9);
    }
    const thick = steps.thickness * (units === 'imperial' ? 8 / 0.0254 : 1000);
    expect(thick).toBeCloseTo(Math.round(thick), 9);
  }
  const found = finish(analyzeSensitivity(STEAK, DEFAULT_PAN, INPUT_STEPS.imperial));
  expect(found.find(({ input }) => input === 'pan')?.by).toBeCloseTo(25 / 1.8, 9);
});
