/** A part of a text that was not understood, and what would be. */
export interface UnreadPart {
  readonly text: string;
  readonly why: string;
}
