/** A step of the timeline, or of a side dish, in words. */
export interface RunLine {
  readonly key: string;
  readonly at: number;
  readonly does: string;
  readonly why: string;
  readonly hands: 'on' | 'free';
  readonly conflict?: string | undefined;
}
