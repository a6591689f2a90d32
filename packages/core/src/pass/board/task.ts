import type { ActionKind } from '../../schedule/actions';

/** Station on the line. */
export const STATIONS = ['stove', 'oven', 'plates'] as const;
export type Station = (typeof STATIONS)[number];

/** One thing for a pair of hands. `due` in seconds of the service. */
export type Task =
  | {
      readonly kind: 'touch';
      readonly station: Station;
      readonly due: number;
      readonly seconds: number;
      readonly action: ActionKind;
      readonly piece: string;
      readonly ticket: string;
    }
  | {
      readonly kind: 'heat';
      readonly station: Station;
      readonly due: number;
      readonly seconds: number;
      readonly place: 'pan' | 'oven';
      readonly index: number;
      /** Wanted, C. */
      readonly celsius: number;
    }
  | {
      /** A pan is washed before the pieces of an allergic table go into it. */
      readonly kind: 'wash';
      readonly station: Station;
      readonly due: number;
      readonly seconds: number;
      /** Of the pan in the gear's list. */
      readonly index: number;
      readonly ticket: string;
    }
  | {
      readonly kind: 'side';
      readonly station: Station;
      readonly due: number;
      readonly seconds: number;
      readonly name: string;
      /** For how many plates. */
      readonly plates: number;
      readonly ticket: string;
    }
  | {
      readonly kind: 'plate';
      readonly station: Station;
      readonly due: number;
      readonly seconds: number;
      readonly ticket: string;
    };

/** Hands on a thing, s: one action on a piece, a knob turned, one piece plated. Estimates. */
export const TOUCH = { touch: 10, heat: 5, plate: 15 } as const;

/** Station of each action. */
export const STATION_OF: Readonly<Record<ActionKind, Station>> = {
  in: 'stove',
  flat: 'stove',
  turn: 'stove',
  butter: 'stove',
  edges: 'stove',
  'burner-down': 'stove',
  'into-oven': 'oven',
  'oven-set': 'oven',
  out: 'oven',
  lift: 'stove',
  back: 'stove',
  pull: 'stove',
  slice: 'plates',
};

/**
 * Assigns the next tasks to persons: each takes the next due task when free, so that nobody has two at once.
 * @returns the tasks of each person, in their order
 */
export const assignTasks = (
  things: readonly Task[],
  hands: number,
): readonly (readonly Task[])[] => {
  const dealt = Array.from({ length: Math.max(1, hands) }, (): Task[] => []);
  const free = dealt.map(() => -Infinity);
  for (const thing of things.toSorted((a, b) => a.due - b.due)) {
    // The one who is free first; of several who are free, the one before in the line.
    const at = free.reduce(
      (best, until, i) => (until < free[best] && free[best] > thing.due ? i : best),
      0,
    );
    dealt[at].push(thing);
    free[at] = Math.max(free[at], thing.due) + thing.seconds;
  }
  return dealt;
};
