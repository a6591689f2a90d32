import type { ServiceReport } from '../pass/board/afterService';
import { writeCsv } from './csvCells';

export const SERVICE_COLUMNS = [
  'table',
  'ordered',
  'due',
  'sent',
  'late_s',
  'pieces',
  'waited_s',
  'why_late',
  'why_late_s',
] as const;

const clock = (at: number | undefined): string | undefined =>
  at === undefined ? undefined : new Date(at).toISOString();

/** The tables of a service as CSV, a row each. */
export const writeServiceCsv = ({ sent }: Pick<ServiceReport, 'sent'>): string =>
  writeCsv(
    SERVICE_COLUMNS,
    sent.map(({ table, orderedAt, dueAt, sentAt, late, pieces, waited, why }) => [
      table,
      clock(orderedAt),
      clock(dueAt),
      clock(sentAt),
      late === undefined ? undefined : Math.round(late),
      pieces,
      Math.round(waited),
      why?.reason,
      why && Math.round(why.seconds),
    ]),
  );
