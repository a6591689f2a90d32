/** Format identifier of a logbook file. */
export const BOOK_FORMAT = 'crustan-book/1';
