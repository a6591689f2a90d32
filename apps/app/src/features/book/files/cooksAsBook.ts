import { v5 } from 'uuid';
import type { BookCook, BookFile } from '@crustan/core/formats/bookFile';
import { BOOK_FORMAT } from '@crustan/core/formats/bookFormat';
import type { Kitchen } from '@crustan/core/formats/kitchen';
import type { CookRow } from '@crustan/core/formats/cooksCsv';
import { eventsFromMemory } from '@crustan/core/cook/eventsFromMemory';
import { plannedOn } from '../../../store/kitchenSlice';
import { newId } from '../../../store/newId';
import { describeObstacle } from '../../../words/obstacleWords';
import type { Show } from '../../../words/show';
import { planRecordsOf } from '../../../workers/planRecords';
import { t } from '../t';

/** Rows of the same table are the same cooks, however often they are read. */
const TABLES = '6f0f6f0a-3f7c-4d44-9d2e-5a3cbb0a7d11';

interface Options {
  readonly kitchen: Kitchen;
  readonly show: Show;
  readonly progress: (done: number) => void;
  readonly stopped: () => boolean;
}

export interface TableBook {
  readonly book: BookFile;
  /** Rows that could not be planned, with why. */
  readonly refused: readonly { readonly row: number; readonly why: string }[];
}

/** Plans every row of a table, as a logbook of cooks that were written down afterwards. */
export const cooksAsBook = async (
  rows: readonly CookRow[],
  { kitchen, show, progress, stopped }: Options,
): Promise<TableBook | undefined> => {
  const cooks: BookCook[] = [];
  const refused: { row: number; why: string }[] = [];
  for (const row of rows) {
    if (stopped()) return undefined;
    const { request, at, title, cookedSeconds, judgement } = row;
    const on = { ...plannedOn(kitchen, request), minimum: undefined };
    const [planned] = await planRecordsOf([request], { on, plateAt: at, kitchen, show });
    if (!planned?.ok) {
      const why = planned
        ? describeObstacle(planned.obstacle, request, show)
        : t('it-was-not-planned');
      refused.push({ row: row.row, why });
    } else {
      const { plan, record } = planned;
      const id = v5(JSON.stringify([at, title, request]), TABLES);
      // A table does not name the pan of a cook: nothing is learned of this pan from it.
      const { gear: _gear, ...kept } = record;
      cooks.push({
        id,
        createdAt: at,
        plan: { ...kept, id: v5('plan', id), createdAt: at, title },
        events: [...eventsFromMemory(plan, { inAt: at, cookedSeconds }, newId)],
        ...(judgement ? { judgement } : {}),
      });
    }
    progress(cooks.length + refused.length);
  }
  return { book: { format: BOOK_FORMAT, plans: [], trials: [], cooks }, refused };
};
