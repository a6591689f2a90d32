import {
  and,
  count,
  desc,
  eq,
  gte,
  inArray,
  isNull,
  lt,
  lte,
  or,
  sql,
  type SQL,
} from 'drizzle-orm';
import { DONENESS_SCALES } from '@crustan/core/doneness';
import { CUT_IDS, CUTS } from '@crustan/core/food';
import { SPECIES, type Species } from '@crustan/core/food/species';
import {
  cookSearchSchema,
  ENDED_AS_PLANNED,
  type CookLine,
  type CookList,
  type CookSearch,
  type Ended,
  type ListMark,
} from '@crustan/core/formats';
import type { DonenessWord } from '@crustan/core/phrases/donenessWord';
import { donenessRange } from '@crustan/core/phrases/saidDoneness';
import { nextPage } from './nextPage';
import { toLine } from './cookRows';
import type { Book } from './book';
import { cooks, judgements, photos } from './schema';

/** Cooks to a page of the list. */
export const PAGE = 50;
/** Most lines that are compared at once: every cook of some years. */
const MOST_LINES = 10_000;

/** Cooks that are in the logbook: not deleted, not of an import under way. */
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

/** Condition for a word, in which no character is special. */
const holding = (word: string): SQL => sql`instr(${cooks.search}, ${word}) > 0`;

/** A field of the judgement's JSON. */
const judged = (field: 'crunch' | 'doneness' | 'greyBand' | 'juice' | 'tenderness' | 'seasoning') =>
  sql`json_extract(${judgements.detail}, ${`$.${field}`})`;

const isOf = (species: Species): SQL =>
  inArray(
    cooks.cut,
    CUT_IDS.filter((cut) => CUTS[cut].species === species),
  );

/** Planned to a doneness by its name on the scale of the piece's animal. */
const plannedTo = (word: DonenessWord): SQL | undefined =>
  or(
    ...SPECIES.flatMap((species) => {
      const range = donenessRange(species, word);
      if (!range) return [];
      return [
        and(
          isOf(species),
          gte(cooks.target, range.from),
          Number.isFinite(range.below) ? lt(cooks.target, range.below) : undefined,
        ),
      ];
    }),
  );

/** Core at the end, C: as measured, or what the doneness seen in the slice stands for; null where neither was said. */
const ENDED_AT = sql.join(
  [
    sql`coalesce(${judgements.endTemperature}, case`,
    ...SPECIES.flatMap((species) =>
      DONENESS_SCALES[species].map(
        ({ name, target }) =>
          sql`when ${isOf(species)} and ${judged('doneness')} = ${name} then ${target}`,
      ),
    ),
    sql`end)`,
  ],
  sql` `,
);
const OFF_PLAN = sql`(${ENDED_AT} - ${cooks.target})`;
const ENDS: Readonly<Record<Ended, SQL>> = {
  'too-done': sql`${OFF_PLAN} > ${ENDED_AS_PLANNED}`,
  'under-done': sql`${OFF_PLAN} < ${-ENDED_AS_PLANNED}`,
  'as-planned': sql`abs(${OFF_PLAN}) <= ${ENDED_AS_PLANNED}`,
};

type Asked = { readonly [Key in keyof CookSearch]-?: NonNullable<CookSearch[Key]> };
type Conditions = {
  readonly [Key in keyof Asked]: (asked: Asked[Key]) => SQL | undefined;
};
/** Condition of each field of a search; `named` belongs to the cut. */
const conditionsOf = ({ named }: CookSearch): Conditions => ({
  words: (words) =>
    and(
      ...words
        .toLowerCase()
        .split(/\s+/)
        .filter((word) => word !== '')
        .map(holding),
    ),
  cut: (cut) =>
    or(eq(cooks.cut, cut), named === undefined ? undefined : holding(named.toLowerCase())),
  named: () => undefined,
  doneness: plannedTo,
  way: (way) => eq(cooks.way, way),
  ended: (ended) => ENDS[ended],
  crust: (crust) => eq(judgements.crust, crust),
  crunch: (crunch) => eq(judged('crunch'), crunch),
  greyBand: (band) => eq(judged('greyBand'), band),
  juice: (juice) => eq(judged('juice'), juice),
  tenderness: (tenderness) => eq(judged('tenderness'), tenderness),
  seasoning: (seasoning) => eq(judged('seasoning'), seasoning),
  again: (again) => eq(judgements.again, again),
  thicknessFrom: (least) => gte(cooks.thickness, least),
  thicknessTo: (most) => lte(cooks.thickness, most),
  weightFrom: (least) => gte(cooks.weight, least),
  weightTo: (most) => lte(cooks.weight, most),
  targetFrom: (least) => gte(cooks.target, least),
  targetTo: (most) => lte(cooks.target, most),
  from: (from) => gte(cooks.createdAt, from),
  to: (to) => lte(cooks.createdAt, to),
});

const conditionOf = <Key extends keyof Asked>(
  conditions: Conditions,
  search: { readonly [Each in keyof Asked]?: Asked[Each] | undefined },
  key: Key,
): SQL | undefined => {
  const asked = search[key];
  return asked === undefined ? undefined : conditions[key](asked);
};
/** Fields that need the judgement beside the cook. */
const JUDGED = [
  'ended',
  'crust',
  'crunch',
  'greyBand',
  'juice',
  'tenderness',
  'seasoning',
  'again',
] as const satisfies readonly (keyof CookSearch)[];
const FIELDS = cookSearchSchema.keyof().options;

const answering = (search: CookSearch): SQL | undefined => {
  const conditions = conditionsOf(search);
  return and(inBook, ...FIELDS.map((key) => conditionOf(conditions, search, key)));
};

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

/** A page of the logbook, newest first, of the cooks that answer a search. */
export const listCooks = (book: Book, search: CookSearch = {}, mark?: ListMark): CookList => {
  const wanted = answering(search);
  const before =
    mark &&
    or(
      lt(cooks.createdAt, mark.before),
      and(eq(cooks.createdAt, mark.before), lt(cooks.id, mark.id)),
    );
  const counted = book.db.select({ found: count() }).from(cooks);
  const asksJudgement = JUDGED.some((key) => search[key] !== undefined);
  const found =
    (asksJudgement
      ? counted.leftJoin(judgements, eq(judgements.cookId, cooks.id)).where(wanted).get()
      : counted.where(wanted).get()
    )?.found ?? 0;
  const rows = rowsOf(book, and(wanted, before), PAGE);
  const marks = rows.map(({ cook: { id, createdAt } }) => ({ id, createdAt }));
  return { cooks: linesOf(book, rows), found, ...nextPage(marks, PAGE) };
};

/** Every cook that matches a search as a line, for comparisons over time. */
export const allLines = (book: Book, search: CookSearch = {}): CookLine[] =>
  linesOf(book, rowsOf(book, answering(search), MOST_LINES));
