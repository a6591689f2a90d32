/** A part of a text that was not understood, and what would be. */
export interface UnreadPart {
  readonly text: string;
  readonly why: string;
  /** It has several meanings, or a likely one: texts that say each, to be put where `text` begins. */
  readonly asks?: { readonly from: number; readonly instead: readonly string[] } | undefined;
}

/** A text with the answer to a question about one of its parts. */
export const answered = (whole: string, { text, asks }: UnreadPart, answer: string): string =>
  asks === undefined
    ? whole
    : `${whole.slice(0, asks.from)}${answer}${whole.slice(asks.from + text.length)}`;
