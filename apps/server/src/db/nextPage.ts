import type { ListMark } from '@crustan/core/formats';

/**
 * Start of the next page after some rows; undefined if they are the last. It is taken from the rows as stored: an
 * unreadable row does not end a list.
 */
export const nextPage = (
  rows: readonly { readonly id: string; readonly createdAt: number }[],
  page: number,
): { readonly next?: ListMark } => {
  const last = rows.at(-1);
  return last && rows.length === page ? { next: { before: last.createdAt, id: last.id } } : {};
};
