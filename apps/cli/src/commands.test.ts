import { describe, expect, it } from '@jest/globals';
import {
  aheadResultSchema,
  cookResultSchema,
  planFileResultSchema,
  problemSchema,
} from '@crustan/core/formats';
import { NOT_DEEP } from '@crustan/core/tests';
import { timesResultSchema } from '@crustan/core/formats/timesFile';
import { aheadCommand, planCommand, describeCommand, simulateCommand } from './commands';
import { readRequests } from './readRequests';
import { jsonSchemaOf, SCHEMA_NAMES } from '@crustan/core/formats/jsonSchemas';

const itDeep = NOT_DEEP ? it.skip : it;

/** Every kind of stage, and every key, that the documented file has. */
const COOK = {
  format: 'crustan-cook/1',
  piece: {
    tissue: 'lean-beef',
    thickness: 0.04,
    radius: 0.065,
    start: 6,
    layers: [{ tissue: 'duck-skin', thickness: 0.006 }],
  },
  stages: [
    { kind: 'sear', pan: 230, seconds: 240, thenFlip: true },
    { kind: 'turns', pan: 230, every: 30, count: 16 },
    { kind: 'oven', air: 110, h: 12, untilCore: 46, maxSeconds: 14_400 },
    { kind: 'oven', air: 190, h: 12, pan: 180, seconds: 600 },
    { kind: 'rest', cover: 'open', seconds: 600 },
    { kind: 'counter', air: 22, seconds: 2700 },
  ],
};
const PLAN = {
  format: 'crustan-plan/1',
  cut: 'flat-iron',
  thickness: 0.02,
  weight: 0.25,
  start: 5,
  surface: 'wet',
  pan: 220,
  turning: 'often',
  target: 55,
  cover: 'open',
  plateAt: '2026-11-24T19:30:00+01:00',
};

describe('the command line', () => {
  it('simulates a file into the documented result', () => {
    const { refused, json } = simulateCommand(COOK);
    expect(refused).toBe(false);
    const result = cookResultSchema.parse(json);
    expect(result.stages.map(({ kind }) => kind)).toEqual(COOK.stages.map(({ kind }) => kind));
    expect(result.stages[0]?.seconds).toBeCloseTo(240, 6);
    // The skin went down first, and is up after the first sear's flip and sixteen more.
    expect(result.stages[1]?.browning[1]).toBeGreaterThan(0);
    expect(Math.abs(result.energyError)).toBeLessThan(1e-3);
  });

  const withOven = (oven: object) => ({ ...COOK, stages: [{ kind: 'oven', h: 12, ...oven }] });
  it.each([
    ['a key it does not know', { ...COOK, colour: 'red' }, 'colour', 'not a known key'],
    ['one deep inside', withOven({ air: 90, seconds: 9, fan: 1 }), 'stages[0].fan', 'not a known'],
    ['no number', withOven({ air: NaN, seconds: 9 }), 'stages[0].air', '-20 to 350 C'],
    ['an infinity', withOven({ air: Infinity, seconds: 9 }), 'stages[0].air', '-20 to 350 C'],
    ['a negative time', withOven({ air: 90, seconds: -1 }), 'stages[0].seconds', '0 to 86400 s'],
    ['no end', withOven({ air: 90 }), 'stages[0].seconds', 'untilCore with maxSeconds'],
    [
      'an end that cannot come',
      withOven({ air: 50, untilCore: 60, maxSeconds: 99 }),
      'stages[0].untilCore',
      'under 50 C',
    ],
    [
      'layers thicker than the piece',
      { ...COOK, piece: { ...COOK.piece, layers: [{ tissue: 'duck-skin', thickness: 0.05 }] } },
      'piece.layers',
      "the piece's 0.04 m",
    ],
    ['an absurd size', { ...COOK, piece: { ...COOK.piece, radius: 3 } }, 'piece.radius', '0.3 m'],
  ])('refuses %s', (_what, file, path, says) => {
    const { refused, json } = simulateCommand(file);
    expect(refused).toBe(true);
    const [error] = problemSchema.parse(json).errors ?? [];
    expect(error?.path).toBe(path);
    expect(error?.message).toContain(says);
  });

  it('plans a file into the documented result, its run ending on the plate', () => {
    const result = planFileResultSchema.parse(planCommand(PLAN).json);
    if (!result.feasible) throw new Error('not feasible');
    expect(Math.abs(result.plan.peakCore - 55)).toBeLessThan(0.2);
    expect(Date.parse(result.run.at(-1)?.clock ?? '')).toBeCloseTo(Date.parse(PLAN.plateAt), -1);
  });

  it('plans a dinner in the cook’s own words, and refuses one without a piece', () => {
    const { refused, json } = describeCommand(
      'two ribeyes, 4 cm, medium rare at eight, with chips',
    );
    expect(refused).toBe(false);
    expect(json).toMatchObject({
      said: { request: { cut: 'ribeye', pieces: 2 }, hour: '20:00', unread: [{ text: 'chips' }] },
      plan: { plan: { request: { cut: 'ribeye', thickness: 0.04, target: 55 } } },
    });
    expect(describeCommand('medium rare at eight').refused).toBe(true);
  });

  it('judges a cook’s own times, and refuses a step that it does not understand by its words', () => {
    const { turning: _turning, plateAt: _plateAt, ...piece } = PLAN;
    const times = '3 min, turn, 1 min, oven 220 8 min, rest 5';
    const file = { ...piece, format: 'crustan-times/1', times };
    const judged = timesResultSchema.parse(JSON.parse(JSON.stringify(planCommand(file).json)));
    expect(judged.steps).toHaveLength(5);
    expect(judged.off).toBeCloseTo(judged.plan.peakCore - piece.target, 6);
    expect(Math.sign(judged.mend?.seconds ?? 0)).toBe(-Math.sign(judged.off));
    const { refused, json } = planCommand({ ...file, times: '3 min, hop' });
    expect(refused).toBe(true);
    const [error] = problemSchema.parse(json).errors ?? [];
    expect(error).toMatchObject({ path: 'times', message: expect.stringContaining('“hop”') });
    expect(planCommand({ ...file, times: 'rest 5' }).refused).toBe(true);
  });

  it('says what hinders a plan, and what would work', () => {
    const cool = {
      ...PLAN,
      way: 'oven-sear',
      lowOven: 62,
      target: 80,
      thickness: 0.05,
      weight: 0.7,
    };
    const result = planFileResultSchema.parse(planCommand(cool).json);
    if (result.feasible) throw new Error('feasible');
    expect(result.obstacle.reason).toBe('cool-oven');
    expect(result.remedies.length).toBeGreaterThan(0);
  });

  it('plans a crust that chars, and prints what avoids it', () => {
    const hot = { ...PLAN, thickness: 0.032, weight: 0.4, pan: 260 };
    const result = planFileResultSchema.parse(planCommand(hot).json);
    if (!result.feasible) throw new Error('refused');
    expect(result.remedies[0]).toMatchObject({ kind: 'turn-down' });
  });

  it('refuses with a problem that names the path and the range', () => {
    const { refused, json } = planCommand({ ...PLAN, thickness: 2, plateAt: 'tonight' });
    expect(refused).toBe(true);
    const { errors } = problemSchema.parse(json);
    expect(errors?.map(({ path }) => path)).toEqual(['thickness', 'plateAt']);
    expect(errors?.[0]?.message).toContain('0.003 to 0.18 m');
  });

  it('reads many from a list or from lines, in order, and names the line that is none', () => {
    const values = (name: string, text: string) => {
      const read = readRequests(name, text);
      if (read.kind !== 'many') throw new Error(read.kind);
      return read.values;
    };
    expect(values('many.json', '[{"a":1},2]')).toEqual([{ value: { a: 1 } }, { value: 2 }]);
    expect(values('many.json', '[]')).toEqual([]);
    const lines = values('MANY.NDJSON', '\uFEFF{"a":1}\r\n\n{"b":\n[3]\n');
    expect(lines).toMatchObject([
      { value: { a: 1 } },
      { problem: { status: 400, detail: expect.stringContaining('line 3 is not JSON') } },
      { value: [3] },
    ]);
    expect(readRequests('one.json', '{"a":1}')).toEqual({ kind: 'one', value: { a: 1 } });
    expect(readRequests('one.json', 'tea').kind).toBe('unreadable');
  });

  it('describes every format as JSON Schema', () => {
    for (const name of SCHEMA_NAMES) {
      const schema = jsonSchemaOf(name);
      expect(name).toMatch(/^[a-z0-9-]+$/);
      expect(schema).toMatchObject({ $schema: expect.stringContaining('json-schema.org') });
    }
  });

  it('freezes, thaws and holds a piece as its file says, and cooks none that is still frozen', () => {
    const thawed = { kind: 'fridge', bag: true, until: 'thawed', maxSeconds: 300_000 };
    const file = {
      format: 'crustan-cook/1',
      model: 'kitchen',
      piece: { tissue: 'lean-beef', thickness: 0.03, start: 5 },
      stages: [
        { kind: 'freezer', until: 'frozen', maxSeconds: 300_000 },
        thawed,
        { kind: 'oven', air: 110, h: 12, seconds: 1800 },
        { kind: 'hold', in: 'warm-oven', seconds: 1200, air: 65 },
        { kind: 'hold', in: 'tent', seconds: 600 },
        { kind: 'sear', pan: 230, seconds: 60, thenFlip: true },
      ],
    };
    const result = cookResultSchema.parse(simulateCommand(file).json);
    expect(result.before?.map(({ thawed: is }) => is)).toEqual([false, true]);
    expect(result.before?.[0]?.core).toBeCloseTo(-12, 0);
    expect(result.before?.[1]?.warm).toBe(0);
    expect(result.stages.map(({ kind }) => kind)).toEqual(['oven', 'hold', 'hold', 'sear']);
    const frozen = { ...file, stages: [{ kind: 'freezer', seconds: 40_000 }, file.stages[2]] };
    const refused = simulateCommand(frozen);
    expect(refused.refused).toBe(true);
    expect(problemSchema.parse(refused.json).detail).toContain('ice in the middle');
    const late = { ...file, stages: [file.stages[2], thawed] };
    expect(problemSchema.parse(simulateCommand(late).json).detail).toContain('before the heat');
    const cold = { ...file, piece: { ...file.piece, start: -18 } };
    expect(simulateCommand({ ...cold, stages: file.stages.slice(2) }).refused).toBe(true);
    const quick = { kind: 'water', running: true, seconds: 7200 };
    const fromFreezer = cookResultSchema.parse(
      simulateCommand({ ...cold, stages: [quick, file.stages[2]] }).json,
    );
    expect(fromFreezer.before?.[0]?.warm).toBeGreaterThan(0);
  });

  it('refuses a piece that is too heavy to get ready', () => {
    const { turning: _turning, plateAt: _plateAt, ...piece } = PLAN;
    expect(aheadCommand({ ...piece, format: 'crustan-ahead/1', weight: 60 }).refused).toBe(true);
  });

  itDeep('says what getting a piece ready takes and costs', () => {
    const { turning: _turning, plateAt: _plateAt, ...piece } = PLAN;
    const { refused, json } = aheadCommand({ ...piece, format: 'crustan-ahead/1' });
    expect(refused).toBe(false);
    const ahead = aheadResultSchema.parse(JSON.parse(JSON.stringify(json)));
    const thaw = (place: string) => ahead.thaws.find((one) => one.in === place);
    expect(thaw('running-water')?.seconds).toBeLessThan(thaw('fridge-bag')?.seconds ?? 0);
    expect(thaw('fridge-bag')?.warm).toBe(0);
    expect(ahead.freezes).toBeGreaterThan(3600);
    expect(ahead.dries).toHaveLength(12);
    for (const { ofWeight } of ahead.dries) expect(ofWeight.least).toBeLessThan(ofWeight.most);
  });
});
