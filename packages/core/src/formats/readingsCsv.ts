import { figureOf as figure, readCsv } from './csvCells';

/** A temperature log as read: seconds from its first row, and what could not be read. */
export interface ReadingsLog {
  readonly readings: readonly { readonly seconds: number; readonly celsius: number }[];
  /** Columns that were recognized, shown for confirmation. */
  readonly columns: {
    readonly time: string;
    readonly temperature: string;
    readonly unit: 'C' | 'F';
  };
  /** Time of the first reading, ms since 1970, if the file has a date. */
  readonly firstAt: number | undefined;
  /** Rows left out, with why; 1 is the first row under the header. */
  readonly refused: readonly { readonly row: number; readonly why: string }[];
}

export type ReadingsResult =
  { readonly ok: true; readonly log: ReadingsLog } | { readonly ok: false; readonly why: string };

const MOST_ROWS = 200_000;
const TIME_HEADER = /time|date|zeit|sec|uhr|temps|^t$/i;
const TEMPERATURE_HEADER = /temp|°|core|probe|celsius|fahrenheit|value|kern/i;
const FAHRENHEIT_HEADER = /fahrenheit|°\s*f\b|\(f\)|_f\b|\bf$/i;
/** Readings above this in a log without a unit can only be Fahrenheit: no core gets there in Celsius. */
const PLAIN_LIMIT = 130;
const MINUTES_HEADER = /\bmin(ute)?s?\b|_min$/i;
/** Least value read as seconds since 1970; a log that counts from its start never reaches it. */
const DATED_FROM = 946_684_800;
/** Range of a kitchen thermometer, C. */
const PLAUSIBLE = { least: -40, most: 600 } as const;

/** Seconds of `12.5`, `1:05`, `0:01:05`, or a date and time. */
const secondsOf = (cell: string): number => {
  const text = cell.trim();
  if (/^\d+([.,]\d+)?$/.test(text)) {
    const number = figure(text);
    return number > DATED_FROM * 1000 ? number / 1000 : number;
  }
  const parts = text.match(/^(?:(\d+):)?(\d{1,2}):(\d{1,2})(?:[.,](\d+))?$/);
  if (parts) {
    const [, hours = '0', minutes = '0', seconds = '0', rest = '0'] = parts;
    return Number(hours) * 3600 + Number(minutes) * 60 + Number(seconds) + Number(`0.${rest}`);
  }
  return Date.parse(text.replace(/(\d{4})\/(\d\d)\/(\d\d)/, '$1-$2-$3')) / 1000;
};

/**
 * Reads a temperature log of an unknown logger: the delimiter is found, the columns by their
 * headers or, without any, the first two; decimal commas and Fahrenheit are understood. Rows that
 * cannot be read are named, none silently left out.
 */
export const readReadingsCsv = (text: string): ReadingsResult => {
  const rows = readCsv(text);
  const first = rows[0];
  if (!first || first.length < 2) {
    return { ok: false, why: 'It wants two columns at least, a time and a temperature.' };
  }
  if (rows.length > MOST_ROWS) {
    return { ok: false, why: `It has ${rows.length} rows; at most ${MOST_ROWS} are read.` };
  }
  const headed = first.some((cell) => Number.isNaN(figure(cell)) && /[a-z]/i.test(cell));
  const find = (pattern: RegExp, not: number): number =>
    headed ? first.findIndex((cell, i) => i !== not && pattern.test(cell)) : -1;
  const time = Math.max(0, find(TIME_HEADER, -1));
  const found = find(TEMPERATURE_HEADER, time);
  const temperature = found === -1 ? (time === 0 ? 1 : 0) : found;
  const body = headed ? rows.slice(1) : rows;
  const refused: { row: number; why: string }[] = [];
  const read: { seconds: number; value: number }[] = [];
  const inMinutes = headed && MINUTES_HEADER.test(first[time]);
  body.forEach((row, i) => {
    const cell = (row[time] ?? '').trim();
    const said = secondsOf(cell);
    const seconds = inMinutes && !cell.includes(':') && said < DATED_FROM ? said * 60 : said;
    const value = figure(row[temperature] ?? '');
    if (Number.isFinite(seconds) && Number.isFinite(value)) {
      if (value >= PLAUSIBLE.least && value <= PLAUSIBLE.most) read.push({ seconds, value });
      else refused.push({ row: i + 1, why: `${value} is not a temperature of a kitchen.` });
    } else {
      const wrong = Number.isFinite(seconds) ? (row[temperature] ?? '') : cell;
      refused.push({
        row: i + 1,
        why: `“${wrong.slice(0, 40)}” is no ${Number.isFinite(seconds) ? 'temperature' : 'time'}.`,
      });
    }
  });
  if (read.length === 0) return { ok: false, why: 'No row holds a time and a temperature.' };
  const header = headed ? first : first.map((_, i) => `column ${i + 1}`);
  const hottest = read.reduce((most, { value }) => Math.max(most, value), -Infinity);
  const fahrenheit =
    FAHRENHEIT_HEADER.test(header[temperature] ?? '') ||
    (hottest > PLAIN_LIMIT &&
      hottest < 2 * PLAIN_LIMIT &&
      read[0].value > 32 &&
      !/c/i.test(header[temperature] ?? ''));
  const zero = read.reduce((least, { seconds }) => Math.min(least, seconds), Infinity);
  return {
    ok: true,
    log: {
      readings: read
        .map(({ seconds, value }) => ({
          seconds: seconds - zero,
          celsius: fahrenheit ? (value - 32) / 1.8 : value,
        }))
        .toSorted((a, b) => a.seconds - b.seconds),
      columns: {
        time: header[time] ?? '',
        temperature: header[temperature] ?? '',
        unit: fahrenheit ? 'F' : 'C',
      },
      firstAt: zero > DATED_FROM ? zero * 1000 : undefined,
      refused,
    },
  };
};
