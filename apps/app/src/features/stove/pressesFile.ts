import type { BookFile } from '@crustan/core/formats/bookFile';
import { BOOK_FORMAT } from '@crustan/core/formats/bookFormat';
import type { ActiveCook } from '../../store/activeCook';

/** One cook with all its steps, as a logbook file: it can be imported into any logbook. */
export const pressesFile = ({ id, startedAt, plan, together, events }: ActiveCook): BookFile => ({
  format: BOOK_FORMAT,
  plans: [],
  trials: [],
  cooks: [
    {
      id,
      createdAt: startedAt,
      plan,
      ...(together ? { together } : {}),
      events: [...events],
    },
  ],
});
