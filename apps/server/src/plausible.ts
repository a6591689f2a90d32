/** The earliest moment that files and messages take, ms since 1970: a clock that stands before it was never set. */
const EARLIEST = Date.UTC(2020, 0, 1);

/** A moment by the server's clock as it can be stored and read back, ms since 1970. */
export const plausible = (now: number): number => Math.max(now, EARLIEST);
