/** What a book file says it is. */
export const BOOK_FORMAT = 'crustan-book/1';
