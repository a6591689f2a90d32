import type { z } from 'zod';
import { CUTS, CUT_IDS } from '../food/cuts';
import { cutOf, USUAL, type PlanRequest } from '../plan/request/request';
import { WAYS, waysFor } from '../plan/request/way';
import { figureOf, plainCell, readCsv, writeCsv } from './csvCells';
import { judgementSchema, type Judgement } from './judgementSchema';
import type { CookRecord } from './messages';
import { planRequestSchema } from './planRequestSchema';
import { problemOf } from './problem';
import { moment } from './cookEventSchema';
import { effectiveEvents } from '../cook/effectiveEvents';

/** Cooks as a table: a row each, the units in the column's name. */
export const COOK_COLUMNS = [
  'started',
  'title',
  'piece',
  'way',
  'thickness_mm',
  'weight_g',
  'fridge_C',
  'pan_C',
  'target_C',
  'planned_s',
  'cooked_s',
  'end_C',
  'doneness',
  'crust',
  'crunch',
  'grey_band',
  'juice',
  'tenderness',
  'seasoning',
  'again',
  'before_g',
  'after_g',
  'paid',
  'notes',
] as const;
type CookColumn = (typeof COOK_COLUMNS)[number];

const rounded = (value: number | undefined, digits: number): number | undefined =>
  value === undefined ? undefined : Number(value.toFixed(digits));

/** Seconds from in to out of the heat; undefined while it is not. */
const cookedSeconds = ({ events }: Pick<CookRecord, 'events'>): number | undefined => {
  const effective = effectiveEvents(events);
  const at = (kind: 'in' | 'pulled'): number | undefined =>
    effective.find((event) => event.kind === kind)?.at;
  const [from, to] = [at('in'), at('pulled')];
  return from === undefined || to === undefined ? undefined : (to - from) / 1000;
};

const cellsOf = (cook: CookRecord): Readonly<Record<CookColumn, string | number | undefined>> => {
  const { plan, judgement: said } = cook;
  const { request, cookSeconds } = plan.plan;
  return {
    started: new Date(cook.createdAt).toISOString(),
    title: plan.title,
    piece: request.own?.name ?? request.cut,
    way: request.way,
    thickness_mm: rounded(request.thickness * 1000, 2),
    weight_g: rounded(request.weight * 1000, 1),
    fridge_C: rounded(request.start, 2),
    pan_C: rounded(request.pan, 2),
    target_C: rounded(request.target, 2),
    planned_s: rounded(cookSeconds, 1),
    cooked_s: rounded(cookedSeconds(cook), 1),
    end_C: rounded(said?.endTemperature, 2),
    doneness: said?.doneness,
    crust: said?.crust,
    crunch: said?.crunch,
    grey_band: said?.greyBand,
    juice: said?.juice,
    tenderness: said?.tenderness,
    seasoning: said?.seasoning,
    again: said?.again,
    before_g: said?.weightBefore === undefined ? undefined : rounded(said.weightBefore * 1000, 1),
    after_g: said?.weightAfter === undefined ? undefined : rounded(said.weightAfter * 1000, 1),
    paid: said?.paid,
    notes: said?.notes,
  };
};

/**
 * Cooks as CSV.
 * @param header whether the first row has the column names: not in a continuation
 */
export const writeCooksCsv = (cooks: readonly CookRecord[], header = true): string =>
  writeCsv(
    COOK_COLUMNS,
    cooks.map((cook) => {
      const cells = cellsOf(cook);
      return COOK_COLUMNS.map((column) => cells[column]);
    }),
    header,
  );

/** A cook as a row of a table tells it: enough to plan it and to write down how it went. */
export interface CookRow {
  /** 1 is the first row under the header. */
  readonly row: number;
  /** ms since 1970. */
  readonly at: number;
  readonly title: string;
  readonly request: PlanRequest;
  readonly cookedSeconds: number | undefined;
  readonly judgement: Judgement | undefined;
}

export type CooksTable =
  | {
      readonly ok: true;
      readonly rows: readonly CookRow[];
      /** Rows left out, with why. */
      readonly refused: readonly { readonly row: number; readonly why: string }[];
      /** Columns that are not read. */
      readonly ignored: readonly string[];
    }
  | { readonly ok: false; readonly why: string };

const MOST_ROWS = 20_000;

/** Other names a column goes by; lengths, weights and degrees in other units with their factor. */
const ALIASES: readonly (readonly [RegExp, CookColumn, ((figure: number) => number)?])[] = [
  [/^(date|started|start time|when|datum)$/i, 'started'],
  [/^(title|name|what)$/i, 'title'],
  [/^(piece|cut|meat)$/i, 'piece'],
  [/^(way|method)$/i, 'way'],
  [/^thickness[ _(]*mm\)?$/i, 'thickness_mm'],
  [/^thickness[ _(]*cm\)?$/i, 'thickness_mm', (cm) => cm * 10],
  [/^thickness[ _(]*(in|inch|inches)\)?$/i, 'thickness_mm', (inch) => inch * 25.4],
  [/^weight[ _(]*g\)?$/i, 'weight_g'],
  [/^weight[ _(]*kg\)?$/i, 'weight_g', (kg) => kg * 1000],
  [/^weight[ _(]*oz\)?$/i, 'weight_g', (oz) => oz * 28.349523],
  ...(['fridge', 'pan', 'target', 'end'] as const).flatMap(
    (name): (readonly [RegExp, CookColumn, ((figure: number) => number)?])[] => [
      [new RegExp(`^${name}[ _(°]*c\\)?$`, 'i'), `${name}_C`],
      [new RegExp(`^${name}[ _(°]*f\\)?$`, 'i'), `${name}_C`, (f) => (f - 32) / 1.8],
    ],
  ),
  [/^(minutes|(cooked|time)[ _(]*min(utes)?\)?)$/i, 'cooked_s', (minutes) => minutes * 60],
  ...COOK_COLUMNS.map((column) => [new RegExp(`^${column}$`, 'i'), column] as const),
];

interface Column {
  readonly name: CookColumn;
  readonly convert: ((figure: number) => number) | undefined;
}

const columnOf = (header: string): Column | undefined => {
  const text = plainCell(header).trim();
  const found = ALIASES.find(([pattern]) => pattern.test(text));
  return found && { name: found[1], convert: found[2] };
};

/** The piece a word means: its id, or its name in the larder. */
const cutNamed = (word: string): PlanRequest['cut'] | undefined => {
  const text = word.trim().toLowerCase();
  return (
    CUT_IDS.find((id) => id === text) ??
    CUT_IDS.find((id) => CUTS[id].name.toLowerCase() === text) ??
    CUT_IDS.find((id) => id === text.replaceAll(' ', '-'))
  );
};

const failed = (error: z.ZodError): string => problemOf(error).detail.slice(0, 300);

type Cells = ReadonlyMap<CookColumn, string>;

const requestOf = (cells: Cells, figure: (name: CookColumn) => number | undefined) => {
  const piece = cells.get('piece') ?? '';
  const cut = cutNamed(piece);
  if (cut === undefined) {
    return {
      why: `“${piece.slice(0, 40)}” is not a piece of the cut list; an example is strip-steak.`,
    };
  }
  const typical = CUTS[cut];
  const said = cells.get('way')?.trim().toLowerCase();
  const way =
    WAYS.find((one) => one === said) ?? (said === undefined ? waysFor(typical)[0] : undefined);
  if (way === undefined) {
    return { why: `“${said?.slice(0, 40)}” is not a method; use one of ${WAYS.join(', ')}.` };
  }
  const mm = figure('thickness_mm');
  const grams = figure('weight_g');
  const asked = planRequestSchema.safeParse({
    ...USUAL,
    cut,
    way,
    thickness: mm === undefined ? typical.thickness : mm / 1000,
    weight: grams === undefined ? typical.weight : grams / 1000,
    start: figure('fridge_C') ?? USUAL.start,
    pan: figure('pan_C') ?? cutOf({ cut }).pan ?? USUAL.pan,
    target: figure('target_C') ?? typical.target,
  });
  return asked.success ? { request: asked.data } : { why: failed(asked.error) };
};

const judgementOf = (cells: Cells, figure: (name: CookColumn) => number | undefined) => {
  const word = (name: CookColumn): string | undefined => cells.get(name)?.trim().toLowerCase();
  const [before, after] = [figure('before_g'), figure('after_g')];
  const said = {
    endTemperature: figure('end_C'),
    doneness: cells.get('doneness'),
    crust: word('crust'),
    crunch: word('crunch'),
    greyBand: word('grey_band'),
    juice: word('juice'),
    tenderness: word('tenderness'),
    seasoning: word('seasoning'),
    again: word('again'),
    weightBefore: before === undefined ? undefined : before / 1000,
    weightAfter: after === undefined ? undefined : after / 1000,
    paid: figure('paid'),
  };
  const given = Object.fromEntries(Object.entries(said).filter(([, value]) => value !== undefined));
  const notes = cells.get('notes') ?? '';
  if (Object.keys(given).length === 0 && notes === '') return { judgement: undefined };
  const judged = judgementSchema.safeParse({ ...given, notes });
  return judged.success ? { judgement: judged.data } : { why: failed(judged.error) };
};

/** One row as a cook, or the reason why it is invalid. */
const readRow = (
  row: readonly string[],
  columns: readonly (Column | undefined)[],
  nth: number,
): CookRow | string => {
  const cells = new Map<CookColumn, string>();
  const converts = new Map<CookColumn, Column['convert']>();
  columns.forEach((column, i) => {
    const cell = plainCell(row[i] ?? '');
    if (!column || cell.trim() === '') return;
    cells.set(column.name, cell);
    converts.set(column.name, column.convert);
  });
  let wrong: string | undefined;
  const figure = (name: CookColumn): number | undefined => {
    const cell = cells.get(name);
    if (cell === undefined) return undefined;
    const value = figureOf(cell);
    if (Number.isFinite(value)) return converts.get(name)?.(value) ?? value;
    wrong ??= `“${cell.slice(0, 40)}” in ${name} is not a number.`;
    return undefined;
  };
  const started = cells.get('started');
  const at = moment.safeParse(Date.parse(started ?? ''));
  if (!at.success)
    return `“${(started ?? '').slice(0, 40)}” is not a date; an example is 2026-11-24 19:30.`;
  const asked = requestOf(cells, figure);
  const said = judgementOf(cells, figure);
  const cooked = figure('cooked_s');
  if (wrong !== undefined) return wrong;
  if ('why' in asked && asked.why !== undefined) return asked.why;
  if ('why' in said && said.why !== undefined) return said.why;
  if (cooked !== undefined && !(cooked > 0 && cooked <= 86_400)) {
    return `${cooked} s in the heat is not between 0 and a day.`;
  }
  const { request } = asked;
  if (!request) return 'It has no piece.';
  return {
    row: nth,
    at: at.data,
    title: (cells.get('title') ?? cutOf(request).name).trim().slice(0, 120),
    request,
    cookedSeconds: cooked,
    judgement: said.judgement,
  };
};

/** Reads a table of cooks: columns by their names, each row a cook or the reason why it is invalid. */
export const readCooksCsv = (text: string): CooksTable => {
  const [header, ...body] = readCsv(text);
  if (!header) return { ok: false, why: 'It is empty.' };
  const columns = header.map(columnOf);
  const has = (name: CookColumn): boolean => columns.some((column) => column?.name === name);
  if (!has('started') || !has('piece')) {
    return {
      ok: false,
      why: 'A table of cooks needs at least the columns started and piece.',
    };
  }
  if (body.length > MOST_ROWS) {
    return { ok: false, why: `It has ${body.length} rows; at most ${MOST_ROWS} are read.` };
  }
  const rows: CookRow[] = [];
  const refused: { row: number; why: string }[] = [];
  body.forEach((row, i) => {
    const read = readRow(row, columns, i + 1);
    if (typeof read === 'string') refused.push({ row: i + 1, why: read });
    else rows.push(read);
  });
  const ignored = header.filter((_, i) => columns[i] === undefined);
  return { ok: true, rows, refused, ignored };
};
