import type { ServerWords } from './serverWords';

/** Reason that is formatted in the language of whoever reads it. */
export type Reason = (t: ServerWords) => string;
