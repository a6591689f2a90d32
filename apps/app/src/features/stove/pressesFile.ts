import type { BookFile } from '@crustan/core/formats/bookFile';
import { BOOK_FORMAT } from '@crustan/core/formats/bookFormat';
import type { ActiveCook } from '../../store/activeCook';

/** One cook with every press of it, as a book file: it can be brought into any book. */
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
