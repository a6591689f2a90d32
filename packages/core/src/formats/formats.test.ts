import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import type { z } from 'zod';
import { CUT_IDS, CUTS, traitsOf } from '../food';
import { simulate } from '../heat';
import { planWay, PLAN_LIMITS, USUAL } from '../plan';
import { ownCutSchema } from './planRequestSchema';
import {
  cookEventSchema,
  cookFileSchema,
  cookOfFile,
  judgementSchema,
  keptPlan,
  cookPlanSchema,
  planRequestSchema,
  problemOf,
} from '.';

const COOK = {
  format: 'crustan-cook/1',
  piece: { tissue: 'lean-beef', thickness: 0.025, start: 6 },
  stages: [{ kind: 'sear', pan: 230, seconds: 60, thenFlip: true }],
};
const REQUEST = {
  cut: 'ribeye',
  thickness: 0.025,
  weight: 0.3,
  start: 5,
  surface: 'dry',
  pan: 220,
  turning: 'often',
  target: 55,
  cover: 'open',
};

/** Every figure of a request that has a range. */
const BOUNDED = [
  'thickness',
  'weight',
  'start',
  'pan',
  'target',
  'temper',
  'salt',
  'saltAhead',
  'baste',
  'every',
  'crust',
  'lowOven',
  'hotOven',
  'pieces',
] as const;

const refusals = (schema: z.ZodType, value: unknown) => {
  const parsed = schema.safeParse(value);
  return parsed.success ? [] : (problemOf(parsed.error).errors ?? []);
};

describe('formats', () => {
  it.each([
    ['piece.thickness', { ...COOK, piece: { ...COOK.piece, thickness: 0.2 } }, '0.003 to 0.18 m'],
    ['piece.thickness', { ...COOK, piece: { ...COOK.piece, thickness: NaN } }, '0.003 to 0.18 m'],
    ['piece.start', { ...COOK, piece: { ...COOK.piece, start: -18 } }, '0 to 30 C'],
    ['piece.colour', { ...COOK, piece: { ...COOK.piece, colour: 'red' } }, 'not a known key'],
    ['piece.tissue', { ...COOK, piece: { ...COOK.piece, tissue: 'bear' } }, 'lean-beef'],
    ['stages', { ...COOK, stages: [] }, 'at least one'],
    ['stages[0].pan', { ...COOK, stages: [{ ...COOK.stages[0], pan: Infinity }] }, '120 to 400 C'],
    ['stages[0].seconds', { ...COOK, stages: [{ kind: 'oven', air: 110, h: 12 }] }, 'untilCore'],
    [
      'stages[0].maxSeconds',
      { ...COOK, stages: [{ kind: 'oven', air: 110, h: 12, untilCore: 50 }] },
      'must go with untilCore',
    ],
    ['format', { ...COOK, format: 'x' }, 'crustan-cook/1'],
  ])('refuses a bad %s and says what is right', (path, value, right) => {
    const [first] = refusals(cookFileSchema, value);
    expect(first?.path).toBe(path);
    expect(first?.message).toContain(right);
  });

  it('refuses every plan figure outside its range, with the range', () => {
    for (const key of BOUNDED) {
      const { least, most } = PLAN_LIMITS[key];
      for (const value of [least - 0.001, most + 0.001, -Infinity, NaN, '12', null]) {
        const [first] = refusals(planRequestSchema, { ...REQUEST, [key]: value });
        expect(first?.path).toBe(key);
        expect(first?.message).toContain(`from ${least} to ${most}`);
      }
      for (const value of [least, most]) {
        expect(refusals(planRequestSchema, { ...REQUEST, [key]: value })).toEqual([]);
      }
    }
  });

  it('fills in what is usual, and says the way of an old request', () => {
    const { cut, thickness, weight, pan, target } = REQUEST;
    const said = { cut, thickness, weight, pan, target, start: 5, surface: 'dry', cover: 'open' };
    const { model: _kitchen, ...usual } = USUAL;
    // The first logbooks were planned by the baseline, pressed.
    expect(planRequestSchema.parse({ ...said, way: 'once' })).toEqual({
      ...usual,
      ...said,
      press: 'pressed',
    });
    const here = { ...said, way: 'once', model: 'kitchen' };
    expect(planRequestSchema.parse(here)).toEqual({ ...USUAL, ...said });
    expect(planRequestSchema.parse(REQUEST)).toMatchObject({ way: 'often', every: 30 });
    expect(refusals(planRequestSchema, { ...said, way: 'boiled' })[0]?.path).toBe('way');
    expect(refusals(planRequestSchema, { ...said, way: 'once', pieces: 1.5 })[0]?.message).toBe(
      'must be a whole number',
    );
    const own = { ...said, way: 'once', own: { name: '' } };
    expect(refusals(planRequestSchema, own).map(({ path }) => path)).toContain('own.name');
  });

  it('never throws on anything, and never runs what it refused', () => {
    fc.assert(
      fc.property(fc.anything(), (value) => {
        expect(refusals(cookFileSchema, value).length).toBeGreaterThan(0);
        expect(refusals(cookEventSchema, value).length).toBeGreaterThan(0);
        expect(refusals(judgementSchema, value).length).toBeGreaterThan(0);
      }),
    );
  });

  it('runs what it accepts, at the edges too', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(0.003, 0.03, 0.12),
        fc.constantFrom(0, 30),
        fc.constantFrom(120, 400),
        fc.constantFrom('baseline', 'kitchen'),
        fc.constantFrom('left', 'up', 'full'),
        (thickness, start, pan, model, knob) => {
          const cook = cookFileSchema.parse({
            ...COOK,
            model,
            body: { mass: 2.4, diameter: 0.26, power: 1200, knob, pieces: 2, area: 0.011 },
            piece: { ...COOK.piece, thickness, start },
            stages: [
              { kind: 'sear', pan, seconds: 300, thenFlip: true },
              { kind: 'oven', air: -20, h: 200, seconds: 600 },
              { kind: 'oven', air: 350, h: 200, pan: 400, seconds: 900 },
              { kind: 'rest', cover: 'wrapped', seconds: 600 },
            ],
          });
          const { stages, energyError } = simulate(cookOfFile(cook));
          for (const stage of stages) expect(Number.isFinite(stage.core)).toBe(true);
          expect(Math.abs(energyError)).toBeLessThan(1e-3);
        },
      ),
      { numRuns: 16 },
    );
  });

  it('keeps a plan through JSON', () => {
    for (const update of planWay(planRequestSchema.parse(REQUEST))) {
      if (update?.kind !== 'plan') continue;
      const kept = keptPlan(update.plan);
      expect(cookPlanSchema.parse(JSON.parse(JSON.stringify(kept)))).toEqual(kept);
      return;
    }
    throw new Error('no plan');
  });
});

it('reads what the first logbooks kept: how often it was turned becomes a way, its stay legs', () => {
  const { turning: _turning, ...rest } = REQUEST;
  const old = {
    request: { ...rest, turning: 'once' },
    cookSeconds: 400,
    turns: [200],
    pullCore: 46,
    peakCore: 54,
    peakAfter: 200,
    restSeconds: 210,
    sliceCore: 54,
    browning: [1.9, 1.8],
    crust: [0.0008, 0.0007],
    greyBand: 0.009,
    evaporated: 0.04,
    trace: { time: [0, 400], core: [5, 46], surface: [5, 120] },
  };
  const plan = cookPlanSchema.parse(old);
  expect(plan.request.way).toBe('once');
  expect(plan.request.lowOven).toBe(USUAL.lowOven);
  expect(plan.legs.map(({ kind, seconds }) => [kind, seconds])).toEqual([
    ['sear', 200],
    ['sear', 200],
  ]);
  expect(plan).toMatchObject({ cookSeconds: 400, pullAt: 400, doneCore: 46 });
  const often = { ...old, request: { ...rest, turning: 'often' }, turns: [30, 60] };
  expect(cookPlanSchema.parse(often).legs).toMatchObject([{ kind: 'turns', flips: [30, 60] }]);
  expect(cookPlanSchema.safeParse({ ...old, pullCore: 'hot' }).success).toBe(false);
});

it.each(CUT_IDS)('accepts an own cut that begins with the traits of %s', (id) => {
  const own = traitsOf(CUTS[id]);
  expect(ownCutSchema.parse(own)).toEqual(own);
});
