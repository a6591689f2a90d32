/** Why a book cannot be opened, in a line that says what to do. */
export class BookError extends Error {}
