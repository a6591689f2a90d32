/** The one thing that differs. */
export const TRIAL_KINDS = ['salt', 'temper', 'turns', 'cover', 'way'] as const;
export type TrialKind = (typeof TRIAL_KINDS)[number];

export interface TrialArm {
  /** Description of this piece, in the cook's words. */
  readonly label: string;
  /** The cook it became. */
  readonly cook?: string | undefined;
}

/** Two or more cooks of like pieces with one difference. */
export interface Trial {
  readonly id: string;
  /** ms since 1970. */
  readonly createdAt: number;
  readonly title: string;
  readonly kind: TrialKind;
  readonly arms: readonly TrialArm[];
  readonly tasting?:
    | {
        /** The arm that each plate in turn has. */
        readonly order: readonly number[];
        /** The plate each taster liked best, by its place in the order. */
        readonly liked: readonly number[];
        /** Whether the plates have been named. */
        readonly opened: boolean;
      }
    | undefined;
}
