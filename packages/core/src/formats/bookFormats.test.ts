import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import Papa from 'papaparse';
import { FIRST_GEAR } from '../learn/loggedCook';
import { planOf, STEAK } from '../tests';
import { readBookReadings, writeReadingsCsv } from './bookReadingsCsv';
import { COOK_COLUMNS, readCooksCsv, writeCooksCsv } from './cooksCsv';
import { figureOf, plainCell, writeCsv } from './csvCells';
import { decodeText } from './decodeText';
import { keptPlan } from './keptPlan';
import { loggedCookOf } from './loggedCookOf';
import type { CookRecord } from './messages';
import { isoDuration, readRecipe, writeRecipe } from './recipe';

const T0 = Date.UTC(2026, 2, 1, 18);
const uuid = (n: number): string => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const PLAN = planOf(STEAK);

const cook = (notes: string, title = 'A strip'): CookRecord => ({
  id: uuid(1),
  createdAt: T0,
  plan: {
    id: uuid(2),
    createdAt: T0,
    title,
    plateAt: T0 + 2e6,
    plan: keptPlan(PLAN),
    gear: { ...FIRST_GEAR },
  },
  events: [
    { id: uuid(3), kind: 'in', at: T0 },
    { id: uuid(4), kind: 'reading', at: T0 + 60_000, celsius: 21.5, by: 'probe' },
    { id: uuid(5), kind: 'reading', at: T0 + 61_000, celsius: 203, by: 'gun' },
    { id: uuid(6), kind: 'pulled', at: T0 + 420_000 },
  ],
  judgement: {
    endTemperature: 54.4,
    crust: 'deep-brown',
    juice: 'little',
    again: 'with-change',
    weightBefore: 0.301,
    weightAfter: 0.255,
    paid: 9.5,
    notes,
  },
});

describe('cells', () => {
  it('never turn text into a formula, and round-trip any text', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 60 }), (text) => {
        const csv = writeCsv(['a', 'b'], [[text, 1]]);
        const [, row] = Papa.parse<string[]>(csv).data;
        const cell = row[0];
        expect(cell).not.toMatch(/^[=+\-@\t\r]/);
        // A quote of the text itself cannot be distinguished from one that was added.
        const quoted = /(^'(?= *[=+\-@]|[\t\r]))|[;\t\r\n] *'(?=[=+\-@])/;
        if (!quoted.test(text)) expect(plainCell(cell)).toBe(text);
        // Nor where a semicolon or a tab ends a cell.
        for (const part of cell.split(/[;\t\r\n]/)) expect(part).not.toMatch(/^ *[=+\-@]/);
      }),
      {
        examples: [['rested;=HYPERLINK("no")'], ['a;  -2+3'], ['\t=1'], ["a;'=1"], ['a;;@x']],
      },
    );
    expect(writeCsv(['a'], [[-3.5]])).toBe('a\n-3.5');
  });

  it.each([
    ['12.5', 12.5],
    ['12,5', 12.5],
    ['1,234.5', 1234.5],
    ['−3', NaN],
    ['-3', -3],
    [' 54 °C', 54],
    ['', NaN],
    ["'-2", -2],
  ])('%s is a figure', (cell, value) => expect(figureOf(cell)).toBe(value));

  it('reads text as UTF-8, as UTF-16 where it is marked, as the old code page else', () => {
    const word = 'crème brûlée, 54 °C';
    expect(decodeText(new TextEncoder().encode(word))).toEqual({ text: word, encoding: 'utf-8' });
    const wide = new Uint8Array(Buffer.from(`\uFEFF${word}`, 'utf16le'));
    expect(decodeText(wide)).toEqual({ text: word, encoding: 'utf-16le' });
    const old = new Uint8Array(Buffer.from(word, 'latin1'));
    expect(decodeText(old)).toEqual({ text: word, encoding: 'windows-1252' });
  });
});

describe('cooks as a table', () => {
  it('go out and come back with what a row can say', () => {
    const csv = writeCooksCsv([cook('=1+1, "good"\nagain; 100 %'), cook('', '@home')]);
    const read = readCooksCsv(csv);
    if (!read.ok) throw new Error(read.why);
    expect(read.refused).toEqual([]);
    expect(read.ignored).toEqual([]);
    const [first, second] = read.rows;
    expect(first.judgement).toEqual(cook('=1+1, "good"\nagain; 100 %').judgement);
    expect(first).toMatchObject({ at: T0, title: 'A strip', cookedSeconds: 420 });
    expect(first.request).toMatchObject({
      cut: STEAK.cut,
      way: STEAK.way,
      target: STEAK.target,
      pan: STEAK.pan,
    });
    expect(first.request.thickness).toBeCloseTo(STEAK.thickness, 6);
    expect(second.title).toBe('@home');
  });

  it('reads another’s table: other names, units, commas and delimiters', () => {
    const read = readCooksCsv(
      'Date;Cut;Thickness (cm);Weight kg;Target °F;End F;Minutes;Oven\n2025-12-24 19:30;Ribeye;3,2;0,41;131;133,5;11,5;old\n',
    );
    if (!read.ok) throw new Error(read.why);
    expect(read.ignored).toEqual(['Oven']);
    expect(read.refused).toEqual([]);
    expect(read.rows[0].request).toMatchObject({ cut: 'ribeye', thickness: 0.032 });
    expect(read.rows[0].request.weight).toBeCloseTo(0.41, 9);
    expect(read.rows[0].request.target).toBeCloseTo(55, 6);
    expect(read.rows[0].judgement?.endTemperature).toBeCloseTo(56.39, 1);
    expect(read.rows[0].cookedSeconds).toBeCloseTo(690, 6);
  });

  it('says of every row it leaves out why, and takes the others', () => {
    const rows = [
      '2026-01-02,ribeye,once,30,,,',
      'someday,ribeye,once,30,,,',
      '2026-01-02,unicorn,once,30,,,',
      '2026-01-02,ribeye,boiled,30,,,',
      '2026-01-02,ribeye,once,300,,,',
      '2026-01-02,ribeye,once,thick,,,',
      '2026-01-02,ribeye,once,30,-5,,',
      '2026-01-02,ribeye,once,30,,purple,',
      '2026-01-02,ribeye,once,30,,,400',
    ];
    const read = readCooksCsv(
      `started,piece,way,thickness_mm,cooked_s,crust,end_C\n${rows.join('\n')}`,
    );
    if (!read.ok) throw new Error(read.why);
    expect(read.rows.map(({ row }) => row)).toEqual([1]);
    expect(read.refused.map(({ row }) => row)).toEqual([2, 3, 4, 5, 6, 7, 8, 9]);
    const why = read.refused.map((one) => one.why);
    expect(why[0]).toContain('“someday” is not a date');
    expect(why[1]).toContain('not a piece of the cut list');
    expect(why[2]).toContain('sear-oven-sear');
    expect(why[3]).toContain('0.003 to 0.18 m');
    expect(why[4]).toContain('“thick” in thickness_mm is not a number');
    expect(why[6]).toContain('pale, golden');
    expect(why[7]).toContain('0 to 120 C');
  });

  it('refuses what is no table of cooks, and never throws', () => {
    expect(readCooksCsv('')).toMatchObject({ ok: false });
    expect(readCooksCsv('time,temp\n1,2')).toMatchObject({ ok: false });
    expect(readCooksCsv(`${COOK_COLUMNS.join(',')}\n`)).toMatchObject({ ok: true, rows: [] });
    fc.assert(
      fc.property(fc.string({ maxLength: 300 }), (text) => {
        const read = readCooksCsv(`started,piece\n${text}`);
        expect(typeof read.ok).toBe('boolean');
      }),
    );
  });
});

describe('readings as a table', () => {
  it('go out and come back', () => {
    const csv = writeReadingsCsv([cook('')]);
    const read = readBookReadings(csv);
    if (!read.ok) throw new Error('not read');
    expect(read.refused).toEqual([]);
    expect(read.cooks.get(uuid(1))).toEqual([
      { kind: 'reading', at: T0 + 60_000, celsius: 21.5, by: 'probe' },
      { kind: 'reading', at: T0 + 61_000, celsius: 203, by: 'gun' },
    ]);
  });

  it('names each row that is none, and knows a table that is another', () => {
    const id = uuid(1);
    const read = readBookReadings(
      `cook,time,celsius,by\n${id},2026-03-01T18:00:00Z,54,\nnobody,2026-03-01T18:00:00Z,54,\n${id},yesterday,54,\n${id},2026-03-01T18:00:00Z,hot,\n${id},2026-03-01T18:00:00Z,300,typed\n${id},2026-03-01T18:00:00Z,54,finger\n`,
    );
    if (!read.ok) throw new Error('not read');
    expect(read.cooks.get(id)).toHaveLength(1);
    expect(read.refused.map(({ row }) => row)).toEqual([2, 3, 4, 5, 6]);
    expect(read.refused[3].why).toContain('-5 and 120');
    expect(readBookReadings('time,temp\n1,2').ok).toBe(false);
  });
});

describe('a recipe', () => {
  const written = writeRecipe({
    title: 'Strip for two',
    plan: keptPlan(PLAN),
    before: 1500,
    servings: '2 pieces',
    ingredients: ['strip steak, 25 mm'],
    steps: [{ name: 'In', text: 'In. Lay it in.' }],
  });

  it('follows schema.org, and reads back as the plan', () => {
    const value = JSON.parse(written);
    expect(value).toMatchObject({
      '@context': 'https://schema.org',
      '@type': 'Recipe',
      prepTime: 'PT25M',
      cookTime: isoDuration(PLAN.cookSeconds + PLAN.restSeconds),
      recipeInstructions: [{ '@type': 'HowToStep', position: 1 }],
    });
    for (const held of [value, [value], { '@graph': [{ '@type': 'Person' }, value] }]) {
      const read = readRecipe(held);
      if (!read.ok) throw new Error(read.why);
      expect(read.title).toBe('Strip for two');
      const { format: _format, ...request } = read.request;
      expect(request).toEqual(PLAN.request);
    }
  });

  it('names missing parts of a recipe of another program', () => {
    const other = { '@type': ['Recipe'], name: 'Grandmother’s', recipeInstructions: ['a', 'b'] };
    expect(readRecipe(other)).toMatchObject({ ok: false });
    expect(readRecipe({ name: 'no' })).toEqual({
      ok: false,
      why: 'It holds no schema.org Recipe.',
    });
    const bent = JSON.parse(written.replace('\\"thickness\\":0.025', '\\"thickness\\":25'));
    const read = readRecipe(bent);
    expect(read.ok ? '' : read.why).toContain('0.003 to 0.18 m');
    fc.assert(
      fc.property(fc.jsonValue(), (value) => {
        expect(readRecipe(value).ok).toBe(false);
      }),
    );
  });

  it('writes durations by ISO 8601', () => {
    expect([0, 59.6, 61, 3600, 5400, 36_061].map(isoDuration)).toEqual([
      'PT0S',
      'PT1M',
      'PT1M1S',
      'PT1H',
      'PT1H30M',
      'PT10H1M1S',
    ]);
  });
});

it('calibrates from a cook with the equipment and the time of its plan', () => {
  const logged = loggedCookOf(cook(''));
  expect(logged.gear).toEqual(FIRST_GEAR);
  expect(logged.endTemperature).toBe(54.4);
  expect(logged.plannedIn).toBeLessThan(T0 + 2e6 - PLAN.cookSeconds * 1000);
  const { gear: _gear, ...old } = cook('').plan;
  expect(loggedCookOf({ ...cook(''), plan: old }).gear).toEqual(FIRST_GEAR);
});
