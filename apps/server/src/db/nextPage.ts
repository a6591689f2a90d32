import type { ListMark } from '@crustan/core/formats';

/**
 * Where the page after some rows begins; nothing if they are the last. Taken from the rows as they are stored: one that
 * cannot be read does not end a list.
 */
export const nextPage = (
  rows: readonly { readonly id: string; readonly createdAt: number }[],
  page: number,
): { readonly next?: ListMark } => {
  const last = rows.at(-1);
  return last && rows.length === page ? { next: { before: last.createdAt, id: last.id } } : {};
};
