import type { DueStep } from '@crustan/core/cook/cookState';
import type { Callable } from '../../calls/useCalls';
import type { Call } from '../../ui/calls';
import type { LiveCook } from './liveCook';

type CalledKind = Exclude<DueStep['kind'], 'judge'>;

/**
 * The pattern of each step, so that turning, moving and taking out are told apart by ear; and by how much it moves
 * before it is called again, s: turns follow each other closely.
 */
const CALLS: Readonly<Record<CalledKind, { readonly call: Call; readonly toleranceS: number }>> = {
  heat: { call: 'next', toleranceS: 60 },
  in: { call: 'move', toleranceS: 30 },
  flat: { call: 'turn', toleranceS: 10 },
  turn: { call: 'turn', toleranceS: 10 },
  butter: { call: 'next', toleranceS: 15 },
  edges: { call: 'turn', toleranceS: 10 },
  'into-oven': { call: 'move', toleranceS: 20 },
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

/** What is called of every piece that is on. */
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
