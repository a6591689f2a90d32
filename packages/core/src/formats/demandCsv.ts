import { dayOf, type DemandDay } from '../par/demandDay';
import { figureOf, plainCell, readCsv, writeCsv } from './csvCells';

export const DEMAND_COLUMNS = ['date', 'dish', 'count'] as const;

/** Days of demand as read from a table, and the rows that were left out with why. */
export interface DemandRead {
  readonly days: readonly DemandDay[];
  /** 1 is the first row under the header. */
  readonly refused: readonly { readonly row: number; readonly why: string }[];
}

export type DemandResult =
  { readonly ok: true; readonly read: DemandRead } | { readonly ok: false; readonly why: string };

const MOST_ROWS = 50_000;
const MOST_COUNT = 2000;
const DATE = /^\d{4}-\d{2}-\d{2}$/;

const columnOf = (header: readonly string[], pattern: RegExp): number =>
  header.findIndex((cell) => pattern.test(cell.trim()));

/**
 * Reads a table of a date, a dish and a count. Rows that cannot be read are named, none silently left out;
 * two rows of one day and dish add up.
 */
export const readDemandCsv = (text: string): DemandResult => {
  const [header, ...rows] = readCsv(text);
  if (!header) return { ok: false, why: 'It is empty: it wants the columns date, dish, count.' };
  const date = columnOf(header, /^(date|day)$/i);
  const dish = columnOf(header, /^(dish|item|name)$/i);
  const count = columnOf(header, /^(count|sold|number|covers)$/i);
  if (date === -1 || dish === -1 || count === -1) {
    return { ok: false, why: 'Its first row must name the columns date, dish, count.' };
  }
  if (rows.length > MOST_ROWS) {
    return { ok: false, why: `It has ${rows.length} rows; at most ${MOST_ROWS} are read.` };
  }
  const refused: { row: number; why: string }[] = [];
  const days = new Map<string, DemandDay>();
  rows.forEach((cells, i) => {
    const day = plainCell(cells[date] ?? '').trim();
    const name = plainCell(cells[dish] ?? '').trim();
    const said = figureOf(cells[count] ?? '');
    const refuse = (why: string): void => void refused.push({ row: i + 1, why });
    if (!DATE.test(day) || Number.isNaN(dayOf(day))) {
      refuse(`the date “${day}” must be like 2026-11-25`);
    } else if (name === '' || name.length > 60) {
      refuse('the dish must have a name of at most 60 letters');
    } else if (!Number.isInteger(said) || said < 0 || said > MOST_COUNT) {
      refuse(`the count must be a whole number from 0 to ${MOST_COUNT}`);
    } else {
      const key = `${day} ${name}`;
      days.set(key, { date: day, dish: name, count: (days.get(key)?.count ?? 0) + said });
    }
  });
  return { ok: true, read: { days: [...days.values()], refused } };
};

export const writeDemandCsv = (days: readonly DemandDay[]): string =>
  writeCsv(
    DEMAND_COLUMNS,
    days.map(({ date, dish, count }) => [date, dish, count]),
  );
