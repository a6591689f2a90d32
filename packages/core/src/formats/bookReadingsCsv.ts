import { INSTRUMENTS, type CookEvent, type ReadingEvent } from '../cook/event';
import { effectiveEvents } from '../cook/effectiveEvents';
import { figureOf, plainCell, readCsv, writeCsv } from './csvCells';
import { id, INSTRUMENT_LIMITS, moment } from './cookEventSchema';

/** Columns of a table of readings: cook, time, seconds since the first heat, temperature, instrument. */
export const READING_COLUMNS = ['cook', 'time', 'seconds', 'celsius', 'by'] as const;

/** Readings of cooks as CSV. */
export const writeReadingsCsv = (
  cooks: readonly { readonly id: string; readonly events: readonly CookEvent[] }[],
  header = true,
): string =>
  writeCsv(
    READING_COLUMNS,
    cooks.flatMap((cook) => {
      const effective = effectiveEvents(cook.events);
      const inAt = effective.find(({ kind }) => kind === 'in')?.at;
      return effective
        .filter((event): event is ReadingEvent => event.kind === 'reading')
        .map(({ at, celsius, by = 'typed' }) => [
          cook.id,
          new Date(at).toISOString(),
          inAt === undefined ? undefined : Number(((at - inAt) / 1000).toFixed(1)),
          celsius,
          by,
        ]);
    }),
    header,
  );

/** Readings that say whose they are. */
export type BookReadings =
  | {
      readonly ok: true;
      readonly cooks: ReadonlyMap<string, readonly Omit<ReadingEvent, 'id'>[]>;
      readonly refused: readonly { readonly row: number; readonly why: string }[];
    }
  | { readonly ok: false };

/** Reads a table of readings as the logbook writes it; not ok: it is another table. */
export const readBookReadings = (text: string): BookReadings => {
  const [header, ...body] = readCsv(text);
  const at = (name: (typeof READING_COLUMNS)[number]): number =>
    (header ?? []).findIndex((cell) => plainCell(cell).trim().toLowerCase() === name);
  const [cookAt, timeAt, celsiusAt, byAt] = [at('cook'), at('time'), at('celsius'), at('by')];
  if (cookAt === -1 || timeAt === -1 || celsiusAt === -1) return { ok: false };
  const cooks = new Map<string, Omit<ReadingEvent, 'id'>[]>();
  const refused: { row: number; why: string }[] = [];
  body.forEach((row, i) => {
    const cell = (index: number): string => plainCell(row[index] ?? '').trim();
    const refuse = (why: string): void => void refused.push({ row: i + 1, why });
    const cook = id.safeParse(cell(cookAt));
    if (!cook.success) return refuse(`“${cell(cookAt).slice(0, 40)}” names no cook.`);
    const time = moment.safeParse(Date.parse(cell(timeAt)));
    if (!time.success) return refuse(`“${cell(timeAt).slice(0, 40)}” is not a time.`);
    const by = INSTRUMENTS.find((one) => one === (cell(byAt) || 'typed'));
    if (by === undefined) return refuse(`“${cell(byAt).slice(0, 40)}” is not a thermometer.`);
    const celsius = figureOf(cell(celsiusAt));
    const { least, most } = INSTRUMENT_LIMITS[by];
    if (!(celsius >= least && celsius <= most)) {
      return refuse(`“${cell(celsiusAt).slice(0, 40)}” is not between ${least} and ${most} °C.`);
    }
    const reading = { kind: 'reading', at: time.data, celsius, by } as const;
    const known = cooks.get(cook.data);
    if (known) known.push(reading);
    else cooks.set(cook.data, [reading]);
  });
  return { ok: true, cooks, refused };
};
