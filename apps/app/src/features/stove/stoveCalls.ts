import type { DueStep } from '@crustan/core/cook/cookState';
import type { Callable } from '../../calls/useCalls';
import type { Call } from '../../ui/calls';
import type { LiveCook } from './liveCook';

type CalledKind = Exclude<DueStep['kind'], 'judge'>;

/**
 * Sound pattern of each step: turning, moving and taking out sound different. A step that moves by more than its
 * tolerance, s, is called again; turns have a small one because they follow each other quickly.
 */
const CALLS: Readonly<Record<CalledKind, { readonly call: Call; readonly toleranceS: number }>> = {
  heat: { call: 'next', toleranceS: 60 },
  in: { call: 'move', toleranceS: 30 },
  flat: { call: 'turn', toleranceS: 10 },
  turn: { call: 'turn', toleranceS: 10 },
  butter: { call: 'next', toleranceS: 15 },
  edges: { call: 'turn', toleranceS: 10 },
  'burner-down': { call: 'next', toleranceS: 15 },
  'into-oven': { call: 'move', toleranceS: 20 },
  'oven-set': { call: 'next', toleranceS: 30 },
  out: { call: 'move', toleranceS: 30 },
  lift: { call: 'move', toleranceS: 30 },
  back: { call: 'move', toleranceS: 20 },
  pull: { call: 'out', toleranceS: 20 },
  slice: { call: 'next', toleranceS: 60 },
};

type CalledStep = DueStep & { readonly kind: CalledKind };
const isCalled = (step: DueStep): step is CalledStep => step.kind !== 'judge';

/** Steps of a cook that are called: the present one and all that are still to come. */
const stepsOf = ({ current, state: { left } }: LiveCook): readonly CalledStep[] =>
  (left.includes(current) ? left : [current, ...left]).filter(isCalled);

/** Calls for the steps of every piece that is on. */
export const stoveCalls = (
  cooks: readonly LiveCook[],
  wordsOf: (live: LiveCook, step: DueStep) => string,
): readonly Callable[] =>
  cooks.flatMap((live) =>
    stepsOf(live).map((step): Callable => {
      const { kind, leg, turn, dueAt } = step;
      return {
        key: `${live.cook.id} ${kind} ${leg ?? ''} ${turn ?? ''}`,
        piece: live.cook.id,
        dueAt,
        ...CALLS[kind],
        words: () => wordsOf(live, step),
      };
    }),
  );
