/** A step of a cook's own, as a recipe or a habit has it. Seconds and C. */
export type OwnStep =
  | {
      readonly do: 'pan';
      readonly seconds: number;
      /** Pan temperature, C; default: the request's. */
      readonly pan?: number | undefined;
      /** Interval between turns, s. */
      readonly every?: number | undefined;
      /** Butter is spooned over it. */
      readonly basted?: true | undefined;
    }
  | { readonly do: 'turn' }
  | {
      readonly do: 'oven';
      readonly seconds: number;
      /** Oven temperature, C; default: the request's. */
      readonly air?: number | undefined;
    }
  | { readonly do: 'rest'; readonly seconds: number };

/** The scale of a heat without a letter: the cook's own. */
export type HeatScale = 'c' | 'f';
