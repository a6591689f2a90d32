import { describe, expect, it } from '@jest/globals';
import { cookResultSchema, planFileResultSchema } from '@crustan/core/formats';
import { z } from 'zod';
import { planCommand, simulateCommand } from './commands';

type Cook = Record<string, unknown>;

const STEAK = { tissue: 'lean-beef', thickness: 0.025, start: 5 };
const TURNS = { kind: 'turns', pan: 215, every: 30, count: 12 };
const REST = { kind: 'rest', cover: 'open', seconds: 480 };
const BODY = { mass: 2.4, diameter: 0.26, power: 1200, knob: 'left', pieces: 1, area: 0.011 };
const COOK: Cook = { format: 'crustan-cook/1', piece: STEAK, stages: [TURNS, REST] };

const run = (cook: Cook) => {
  const { refused, json } = simulateCommand(cook);
  expect([refused, json]).toEqual([false, json]);
  return cookResultSchema.parse(json);
};
const peak = (cook: Cook): number => Math.max(...run(cook).stages.map(({ corePeak }) => corePeak));
const problem = z.object({ errors: z.array(z.object({ path: z.string(), message: z.string() })) });
const refusedAt = (cook: Cook): readonly string[] => {
  const { refused, json } = simulateCommand(cook);
  expect(refused).toBe(true);
  return problem.parse(json).errors.map(({ path }) => path);
};

describe('a cook file’s keys of a real kitchen', () => {
  it('change nothing where they are left out, or say the baseline', () => {
    const { elapsedMs: _a, ...plain } = run(COOK);
    const { elapsedMs: _b, ...said } = run({ ...COOK, model: 'baseline' });
    expect(said).toEqual(plain);
  });

  it('shift the end with model, pan body and pressing as a kitchen does', () => {
    const kitchen = { ...COOK, model: 'kitchen' };
    const withPress = (press: string): Cook => ({
      ...kitchen,
      stages: [{ ...TURNS, press }, REST],
    });
    expect(peak(withPress('loose'))).toBe(peak(kitchen));
    expect(peak(withPress('pressed'))).toBeGreaterThan(peak(kitchen) + 2);
    const pieces = (n: number): number => peak({ ...COOK, body: { ...BODY, pieces: n } });
    expect(pieces(1)).toBeLessThan(peak(COOK));
    expect(pieces(4)).toBeLessThan(pieces(1) - 2);
  });

  it('starts a pan body at the temperature of its first stage and cools it under food', () => {
    const stages = [{ kind: 'sear', pan: 215, seconds: 90, thenFlip: false }, REST];
    const [sear] = run({ ...COOK, body: BODY, stages }).stages;
    expect(sear?.pan).toBeLessThan(205);
    expect(sear?.pan).toBeGreaterThan(120);
    const [held] = run({ ...COOK, body: { ...BODY, knob: 'up' }, stages }).stages;
    expect(held?.pan).toBeGreaterThan(sear?.pan ?? NaN);
    expect(run({ ...COOK, stages }).stages[0]?.pan).toBe(215);
  });

  it('changes the result with vapour, tray, walls and door openings of an oven', () => {
    const seconds = (more: object): number =>
      run({
        ...COOK,
        piece: { ...STEAK, thickness: 0.04 },
        stages: [{ kind: 'oven', air: 110, h: 12, untilCore: 50, maxSeconds: 20_000, ...more }],
      }).stages[0]?.seconds ?? NaN;
    const plain = seconds({});
    expect(seconds({ tray: true })).toBeGreaterThan(1.1 * plain);
    expect(seconds({ tray: false, doors: [] })).toBe(plain);
    expect(seconds({ vapour: 6000 })).toBeLessThan(0.97 * plain);
    expect(seconds({ walls: 125 })).toBeLessThan(0.97 * plain);
    expect(seconds({ doors: [600, 1200, 1800, 2400] })).toBeGreaterThan(1.01 * plain);
  });

  it('rests on what is said', () => {
    const on = (surface: string): number =>
      peak({ ...COOK, stages: [TURNS, { ...REST, on: surface }] });
    expect(on('plate')).toBeLessThan(on('warm-plate') - 0.5);
    expect(on('board')).toBeLessThan(peak(COOK));
    expect(peak({ ...COOK, model: 'kitchen', stages: [TURNS, { ...REST, on: 'board' }] })).toBe(
      peak({ ...COOK, model: 'kitchen' }),
    );
  });

  it('reads at the stated position of the thermometer, with defaults', () => {
    const reading = (thermometer?: object): number =>
      run({ ...COOK, stages: [TURNS], ...(thermometer ? { thermometer } : {}) }).stages[0]
        ?.reading ?? NaN;
    const core = run({ ...COOK, stages: [TURNS] }).stages[0]?.core ?? NaN;
    expect(reading({ from: 'top', off: 0.003, tip: 0.0016, after: 6 })).toBe(reading());
    expect(reading({ from: 'top' })).toBe(reading());
    expect(reading({ off: 0.005 })).toBeGreaterThan(core + 2);
    expect(Math.abs(reading({ from: 'side' }) - core)).toBeLessThan(1.5);
  });

  it('gives a long piece of a stated width its own rim', () => {
    const { stages } = run({
      ...COOK,
      model: 'kitchen',
      piece: { ...STEAK, thickness: 0.035, width: 0.06 },
    });
    for (const { rim, coldest } of stages) expect(Math.abs(rim - coldest)).toBeGreaterThan(0.5);
  });

  it('tells loss, logs and crusts of the whole cook', () => {
    const { loss, logs, crustName, evaporated, dripped } = run({
      ...COOK,
      model: 'kitchen',
      stages: [{ ...TURNS, count: 30 }, REST],
    });
    expect(loss.least).toBeLessThan(loss.central);
    expect(loss.most - loss.central).toBeCloseTo(0.03, 9);
    expect(loss.central).toBeCloseTo(evaporated + dripped, 9);
    expect(logs?.core).toBeGreaterThan(1);
    expect(crustName.every((name) => name !== 'pale')).toBe(true);
  });

  it.each(['duck', 'salmon'] as const)(
    'claims no reduction in %s: the table is of beef',
    (tissue) => {
      const { logs } = run({ ...COOK, model: 'kitchen', piece: { ...STEAK, tissue } });
      expect(logs).toBeUndefined();
    },
  );

  it.each<[string, Cook, string]>([
    ['a model nobody knows', { model: 'fancy' }, 'model'],
    ['a knob nobody knows', { body: { ...BODY, knob: 'off' } }, 'body.knob'],
    ['half a piece', { body: { ...BODY, pieces: 1.5 } }, 'body.pieces'],
    ['a pan of no weight', { body: { ...BODY, mass: 0 } }, 'body.mass'],
    ['a body without its area', { body: { ...BODY, area: undefined } }, 'body.area'],
    ['a stem from below', { thermometer: { from: 'below' } }, 'thermometer.from'],
    ['a tip as long as a hand', { thermometer: { tip: 0.1 } }, 'thermometer.tip'],
    ['a press nobody knows', { stages: [{ ...TURNS, press: 'hard' }] }, 'stages[0].press'],
    ['a rest on the floor', { stages: [{ ...REST, on: 'floor' }] }, 'stages[0].on'],
    ['both a width and a radius', { piece: { ...STEAK, width: 0.1, radius: 0.05 } }, 'piece.width'],
    [
      'a vapour beyond steam',
      { stages: [{ kind: 'oven', air: 110, h: 12, seconds: 60, vapour: 2e5 }] },
      'stages[0].vapour',
    ],
    [
      'a door opened before the stage',
      { stages: [{ kind: 'oven', air: 110, h: 12, seconds: 60, doors: [-5] }] },
      'stages[0].doors[0]',
    ],
  ])('refuses %s, and says where', (_what, change, path) => {
    expect(refusedAt({ ...COOK, ...change })).toContain(path);
  });
});

describe('a plan file', () => {
  const PLAN = {
    format: 'crustan-plan/1',
    cut: 'strip-steak',
    thickness: 0.022,
    weight: 0.26,
    start: 5,
    surface: 'dry',
    pan: 215,
    way: 'often',
    target: 54,
    cover: 'open',
  };
  const planned = (change: object) => {
    const result = planFileResultSchema.parse(planCommand({ ...PLAN, ...change }).json);
    if (!result.feasible) throw new Error(result.obstacle.reason);
    return result;
  };

  it('is planned with the kitchen model, lying loose, unless it names the baseline', () => {
    const { plan, loss, logs, crustName } = planned({});
    expect(plan.request).toMatchObject({ model: 'kitchen', press: 'loose', restOn: 'board' });
    const [leg] = plan.legs;
    expect(leg?.reading).toBeGreaterThan(leg?.core ?? NaN);
    expect(leg?.floor).toBeLessThan(216);
    expect(plan.readings?.pull[1]).toBeGreaterThan(plan.readings?.pull[0] ?? NaN);
    expect(loss.central).toBeGreaterThan(0.05);
    expect(logs?.core).toBe(plan.lethality);
    expect(crustName).toHaveLength(2);
    const baseline = planned({ model: 'baseline' }).plan;
    expect(baseline.request.press).toBe('pressed');
    expect(baseline.cookSeconds).toBeLessThan(plan.cookSeconds);
    expect(baseline.legs[0]?.floor).toBeUndefined();
  });

  it('is slower with a constant burner under three pieces', () => {
    const three = { pieces: 3, knob: 'left' };
    expect(planned(three).plan.cookSeconds).toBeGreaterThan(
      planned({ ...three, knob: 'up' }).plan.cookSeconds + 10,
    );
  });
});
