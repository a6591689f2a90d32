import type { PublishedSchedule } from '@crustan/core/formats/serviceSchema';
import { formatDuration } from '@crustan/core/units';
import { Text } from '../../ui/Text';
import type { Show } from '../../words/show';
import { useShow } from '../../words/useShow';
import { nameSome } from './nameSome';
import { describePiece, describeTable, describeTaken } from './passWords';
import type { PassNow } from './usePass';
import { t } from './t';

/** Excess of a rest from which a piece is reported, s. */
const OVER_RESTED = 60;
/** Tables or pieces that have a line each; more of them share one line. */
const MOST_LINES = 4;

type Side = PublishedSchedule['sides'][number];
type OverRested = PublishedSchedule['pieces'][number];

/** Notices of a schedule, in the order in which they are shown. */
export interface Notices {
  readonly unplaced: readonly string[];
  readonly hindered: readonly Side[];
  readonly overRested: readonly OverRested[];
  readonly moved: PublishedSchedule['moved'];
}

/** Finds the notices of a schedule. A piece that has begun is not listed as postponed. */
export const noticesOf = (
  schedule: PublishedSchedule,
  on: Pick<PassNow['on'], 'has'>,
): Notices => ({
  unplaced: schedule.unplaced,
  hindered: schedule.sides.filter(({ taken }) => taken !== undefined),
  overRested: schedule.pieces.filter((piece) => piece.overRested > OVER_RESTED),
  moved: schedule.moved.filter(({ id }) => !on.has(id)),
});

/** Notices of a schedule in lines: tables without a place as alerts, then sides, waiting pieces and postponed pieces. */
export const ScheduleNotices = ({
  pass,
  notices,
}: {
  readonly pass: PassNow;
  readonly notices: Notices;
}) => {
  const show = useShow();
  const lines = [
    ...describeHindered(pass, notices.hindered, show),
    ...describeOverRested(pass, notices.overRested),
    ...describeMoved(pass, notices.moved, show),
  ];
  return (
    <>
      {describeUnplaced(pass, notices.unplaced).map((line) => (
        <Text key={line} tone="text-salt-50" role="alert">
          {line}
        </Text>
      ))}
      {lines.map((line, i) => (
        // Two pieces alike of two tables may have the same line.
        <Text key={`${i} ${line}`} voice="small" tone="text-salt-200">
          {line}
        </Text>
      ))}
    </>
  );
};

const describeUnplaced = (pass: PassNow, unplaced: readonly string[]): readonly string[] => {
  const noPan = pass.gear.pans.every(({ out }) => out);
  if (unplaced.length > MOST_LINES) {
    const tables = nameSome(unplaced.map((id) => describeTable(pass, id)));
    return [
      noPan ? t('tables-cannot-be-cooked', { tables }) : t('tables-not-scheduled', { tables }),
    ];
  }
  const why = noPan
    ? t('cannot-be-cooked-no-pan-is-in')
    : t('cannot-be-scheduled-in-the-coming-hours');
  return unplaced.map((id) => `${describeTable(pass, id)} ${why}`);
};

/** Sides alike that lack the same thing share a line. */
const describeHindered = (
  pass: PassNow,
  hindered: readonly Side[],
  show: Show,
): readonly string[] => {
  const tables = new Map<string, { readonly name: string; readonly part: string; ids: string[] }>();
  for (const { ticket, name, taken } of hindered) {
    const part = taken ? describeTaken(taken, show) : '';
    const key = `${name} ${part}`;
    const found = tables.get(key) ?? { name, part, ids: [] };
    found.ids.push(ticket);
    tables.set(key, found);
  }
  return [...tables.values()].map(({ name, part, ids }) => {
    const of = nameSome(ids.map((id) => describeTable(pass, id)));
    return ids.length === 1
      ? t('for-at-its-start-time-it-stays', { name, table: of, part })
      : t('for-tables-at-their-start-times', { name, tables: of, part });
  });
};

const longestOf = (pieces: readonly OverRested[]): string =>
  formatDuration(Math.max(...pieces.map((piece) => piece.overRested)));

/** Pieces that wait longer than they stay hot: a sentence for each table. */
const describeOverRested = (
  pass: PassNow,
  overRested: readonly OverRested[],
): readonly string[] => {
  const tickets = [...new Set(overRested.map(({ ticket }) => ticket))];
  if (tickets.length > MOST_LINES) {
    const tables = nameSome(tickets.map((id) => describeTable(pass, id)));
    return [t('pieces-for-tables-wait', { tables, longest: longestOf(overRested) })];
  }
  return tickets.map((ticket) => {
    const pieces = overRested.filter((piece) => piece.ticket === ticket);
    const [first] = pieces;
    const table = describeTable(pass, ticket);
    const longest = longestOf(pieces);
    return pieces.length === 1 && first
      ? t('for-waits-longer-than-it-stays-hot', {
          piece: describePiece(pass, first.id),
          table,
          longest,
        })
      : t('pieces-for-wait-up-to-longer-than', { piecesCount: pieces.length, table, longest });
  });
};

const describeMoved = (pass: PassNow, moved: Notices['moved'], show: Show): readonly string[] => {
  if (moved.length > MOST_LINES) {
    const names = nameSome(moved.map(({ id }) => describePiece(pass, id)));
    return [t('pieces-were-due-now-postponed', { piecesCount: moved.length, names })];
  }
  return moved.map(({ id, taken }) =>
    t('was-due-now-postponed', {
      piece: describePiece(pass, id),
      taken: describeTaken(taken, show),
    }),
  );
};
