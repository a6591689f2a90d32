import type { BookReadings } from '@crustan/core/formats/bookReadingsCsv';
import type { CooksTable } from '@crustan/core/formats/cooksCsv';
import type { ReadingsLog } from '@crustan/core/formats/readingsCsv';
import type { PlanRequest } from '@crustan/core/plan/request';
import { kitchenNow } from '../../../store/clock';
import { plateTimeOf, type PlateTime } from '../../../store/plateTime';
import { t } from '../t';

/** Contents of a file. */
export type FileRead =
  /** A whole logbook: the server reads it. */
  | { readonly kind: 'book'; readonly file: Blob }
  | { readonly kind: 'backup'; readonly file: Blob }
  | {
      readonly kind: 'plan';
      readonly title: string;
      readonly request: PlanRequest;
      /** Undefined if the file names no time. */
      readonly plate: PlateTime | undefined;
    }
  | { readonly kind: 'cooks'; readonly table: Extract<CooksTable, { ok: true }> }
  | { readonly kind: 'readings'; readonly found: Extract<BookReadings, { ok: true }> }
  | { readonly kind: 'log'; readonly log: ReadingsLog }
  | { readonly kind: 'unknown'; readonly why: string };

const unknown = (why: string): FileRead => ({ kind: 'unknown', why });

/** Text read at once, bytes; a logbook may be larger, the server reads that bit by bit. */
const MOST_TEXT = 60_000_000;
/** As much as tells a logbook from other JSON. */
const HEAD = 4096;

const plateOf = (iso: string | undefined): PlateTime | undefined => {
  const at = new Date(iso ?? '').getTime();
  return Number.isNaN(at) ? undefined : plateTimeOf(at, kitchenNow());
};

const planAs = (
  title: string,
  {
    format: _format,
    plateAt,
    ...request
  }: PlanRequest & { format: string; plateAt?: string | undefined },
): FileRead => ({ kind: 'plan', title, request, plate: plateOf(plateAt) });

const readJson = async (text: string): Promise<FileRead> => {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch (error) {
    const why = error instanceof Error ? error.message : '';
    return unknown(t('it-is-not-whole-json', { slice: why.slice(0, 160) }));
  }
  const [{ planFileSchema, problemOf }, { readRecipe }] = await Promise.all([
    import('@crustan/core/formats'),
    import('@crustan/core/formats/recipe'),
  ]);
  if (typeof value === 'object' && value !== null && 'format' in value) {
    if (value.format === 'crustan-plan/1') {
      const plan = planFileSchema.safeParse(value);
      return plan.success ? planAs(t('a-plan'), plan.data) : unknown(problemOf(plan.error).detail);
    }
    return unknown(
      t('its-format-is-the-logbook-takes-crustan', { slice: String(value.format).slice(0, 40) }),
    );
  }
  const recipe = readRecipe(value);
  return recipe.ok ? planAs(recipe.title, recipe.request) : unknown(recipe.why);
};

const readCalendar = async (text: string): Promise<FileRead> => {
  const { readRunCalendar } = await import('./readRunCalendar');
  const run = readRunCalendar(text);
  if (!run.ok) return unknown(run.why);
  const { title, request, plate } = run;
  return { kind: 'plan', title, request, plate };
};

const readTable = async (text: string): Promise<FileRead> => {
  const { readBookReadings, readCooksCsv, readReadingsCsv } =
    await import('@crustan/core/formats/csv');
  const found = readBookReadings(text);
  if (found.ok) return { kind: 'readings', found };
  const table = readCooksCsv(text);
  if (table.ok) return { kind: 'cooks', table };
  const log = readReadingsCsv(text);
  return log.ok
    ? { kind: 'log', log: log.log }
    : unknown(
        t('it-is-neither-a-table-of-cooks', {
          why: table.why.toLowerCase(),
          why2: log.why.toLowerCase(),
        }),
      );
};

/** Finds out what a file holds; nothing is done with it. */
export const readFile = async (file: Blob): Promise<FileRead> => {
  if (file.size === 0) return unknown(t('it-is-empty'));
  const head = new Uint8Array(await file.slice(0, HEAD).arrayBuffer());
  const start = new TextDecoder('latin1').decode(head);
  if (start.startsWith('SQLite format 3')) return { kind: 'backup', file };
  const trimmed = start.replace(/^\u00ef\u00bb\u00bf/, '').trimStart();
  if (trimmed.startsWith('{') && /"format"\s*:\s*"crustan-book\//.test(start)) {
    return { kind: 'book', file };
  }
  if (file.size > MOST_TEXT) {
    return unknown(
      t('it-is-mb-only-a-logbook-may', {
        value: Math.round(file.size / 1e6),
        value2: MOST_TEXT / 1e6,
      }),
    );
  }
  if (head.subarray(0, 600).filter((byte) => byte === 0).length > 300) {
    return unknown(t('this-is-not-a-text-that-the'));
  }
  const { decodeText } = await import('@crustan/core/formats/decodeText');
  const { text } = decodeText(new Uint8Array(await file.arrayBuffer()));
  if (/^\uFEFF?\s*[{[]/.test(text)) return readJson(text.replace(/^\uFEFF/, ''));
  if (/^\uFEFF?\s*BEGIN:VCALENDAR/i.test(text)) return readCalendar(text.replace(/^\uFEFF/, ''));
  return readTable(text);
};
