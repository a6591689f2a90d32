import type { OwnStep } from '../legs/ownSteps';

/** Written duration of a step, s. */
export interface SaidTime {
  readonly least: number;
  readonly most: number;
}

/** A step as a line or a recipe has it: a range of times, or an end by the core's temperature. */
export type SaidStep =
  | {
      readonly do: 'pan';
      readonly time?: SaidTime | undefined;
      /** Core temperature at its end, C; undefined: it ends by its time. */
      readonly until?: number | undefined;
      /** Pan temperature, C; default: the request's. */
      readonly pan?: number | undefined;
      /** Interval between turns, s. */
      readonly every?: number | undefined;
      readonly basted?: true | undefined;
    }
  | { readonly do: 'turn' }
  | {
      readonly do: 'oven';
      readonly time?: SaidTime | undefined;
      readonly until?: number | undefined;
      /** Oven temperature, C; default: the request's. */
      readonly air?: number | undefined;
    }
  | { readonly do: 'rest'; readonly time: SaidTime; readonly covered?: true | undefined };

/** Settings of the piece and the kitchen before the heat. */
export interface SaidSettings {
  /** C. */
  readonly oven?: number | undefined;
  readonly pan?: number | undefined;
  /** Time out of the fridge before the heat, s. */
  readonly temper?: number | undefined;
  /** Lead time of salting or drying, s. */
  readonly ahead?: number | undefined;
  readonly startsCold?: true | undefined;
}

/** A step's time at a place of its range: 0 is the least, 1 the most. s */
export const timeAt = ({ least, most }: SaidTime, share: number): number =>
  least + share * (most - least);

/**
 * Said steps as steps to cook.
 * @param share of the way from the least to the most of each range
 * @param ends seconds of each step that ends by the core, by its place among the steps; a step without them is left out
 */
export const stepsAt = (
  said: readonly SaidStep[],
  share: number,
  ends: ReadonlyMap<number, number> = new Map(),
): readonly OwnStep[] =>
  said.flatMap((step, i): readonly OwnStep[] => {
    if (step.do === 'turn') return [step];
    if (step.do === 'rest') return [{ do: 'rest', seconds: timeAt(step.time, share) }];
    const seconds = step.time ? timeAt(step.time, share) : ends.get(i);
    if (seconds === undefined) return [];
    if (step.do === 'oven') {
      const { air } = step;
      return [{ do: 'oven', seconds, ...(air === undefined ? {} : { air }) }];
    }
    const { pan, every, basted } = step;
    return [
      {
        ...{ do: 'pan', seconds },
        ...(pan === undefined ? {} : { pan }),
        ...(every === undefined ? {} : { every }),
        ...(basted ? { basted } : {}),
      },
    ];
  });

/** Steps to cook, as they would be said. */
export const saidOf = (steps: readonly OwnStep[]): readonly SaidStep[] =>
  steps.map((step): SaidStep => {
    if (step.do === 'turn') return step;
    const { seconds, ...rest } = step;
    return { ...rest, time: { least: seconds, most: seconds } };
  });
