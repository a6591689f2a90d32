import { and, count, desc, eq, gte, isNull, lt, lte, or, sql, type SQL } from 'drizzle-orm';
import type { CookLine, CookList, CookSearch, ListMark } from '@crustan/core/formats';
import { nextPage } from './nextPage';
import { toLine } from './cookRows';
import type { Book } from './openBook';
import { cooks, judgements, photos } from './schema';

/** Cooks to a page of the list. */
export const PAGE = 50;
/** Most lines that are compared at once: every cook of some years. */
const MOST_LINES = 10_000;

/** Cooks that are in the book: not deleted, not of an import under way. */
export const inBook = and(isNull(cooks.deletedAt), isNull(cooks.pending));

const LISTED = {
  id: cooks.id,
  createdAt: cooks.createdAt,
  title: cooks.title,
  target: cooks.target,
  cookSeconds: cooks.cookSeconds,
  together: cooks.together,
  cut: cooks.cut,
  own: cooks.own,
  way: cooks.way,
  thickness: cooks.thickness,
  weight: cooks.weight,
  pan: cooks.pan,
  pullAt: cooks.pullAt,
  learned: cooks.learned,
  trial: cooks.trial,
  actualSeconds: cooks.actualSeconds,
  actualPull: cooks.actualPull,
  slicedAt: cooks.slicedAt,
} as const;

/** A word as it is meant, whatever signs are in it. */
const holding = (word: string): SQL => sql`instr(${cooks.search}, ${word}) > 0`;

const answering = ({ words, cut, way, crust, again, from, to }: CookSearch): SQL | undefined =>
  and(
    inBook,
    ...(words ?? '')
      .toLowerCase()
      .split(/\s+/)
      .filter((word) => word !== '')
      .map(holding),
    cut === undefined ? undefined : eq(cooks.cut, cut),
    way === undefined ? undefined : eq(cooks.way, way),
    crust === undefined ? undefined : eq(judgements.crust, crust),
    again === undefined ? undefined : eq(judgements.again, again),
    from === undefined ? undefined : gte(cooks.createdAt, from),
    to === undefined ? undefined : lte(cooks.createdAt, to),
  );

const rowsOf = ({ db }: Book, where: SQL | undefined, most: number) =>
  db
    .select({ cook: LISTED, judged: judgements, photo: photos.type })
    .from(cooks)
    .leftJoin(judgements, eq(judgements.cookId, cooks.id))
    .leftJoin(photos, eq(photos.cookId, cooks.id))
    .where(where)
    .orderBy(desc(cooks.createdAt), desc(cooks.id))
    .limit(most)
    .all();

const linesOf = ({ damage }: Book, rows: ReturnType<typeof rowsOf>): CookLine[] =>
  rows.flatMap(
    ({ cook, judged, photo }) =>
      damage.read(`cook ${cook.id}`, () => toLine(cook, judged, photo !== null)) ?? [],
  );

/** A page of the book, newest first, of the cooks that answer a search. */
export const listCooks = (book: Book, search: CookSearch = {}, mark?: ListMark): CookList => {
  const wanted = answering(search);
  const before =
    mark &&
    or(
      lt(cooks.createdAt, mark.before),
      and(eq(cooks.createdAt, mark.before), lt(cooks.id, mark.id)),
    );
  const counted = book.db.select({ found: count() }).from(cooks);
  const judged = search.crust !== undefined || search.again !== undefined;
  const found =
    (judged
      ? counted.leftJoin(judgements, eq(judgements.cookId, cooks.id)).where(wanted).get()
      : counted.where(wanted).get()
    )?.found ?? 0;
  const rows = rowsOf(book, and(wanted, before), PAGE);
  const marks = rows.map(({ cook: { id, createdAt } }) => ({ id, createdAt }));
  return { cooks: linesOf(book, rows), found, ...nextPage(marks, PAGE) };
};

/** Every cook that answers a search as a line, for what is compared over time. */
export const allLines = (book: Book, search: CookSearch = {}): CookLine[] =>
  linesOf(book, rowsOf(book, answering(search), MOST_LINES));
