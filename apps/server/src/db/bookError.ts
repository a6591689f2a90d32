/** Reason why a logbook cannot be opened, in a line with a remedy. */
export class BookError extends Error {}
