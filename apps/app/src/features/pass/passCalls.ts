import type { ActionKind } from '@crustan/core/schedule/actions';
import type { Task } from '@crustan/core/pass/task';
import type { Callable } from '../../calls/useCalls';
import type { Call } from '../../ui/calls';

/** The pattern of each action on a piece: the stove's. */
const CALL_OF: Readonly<Record<ActionKind, Call>> = {
  in: 'move',
  flat: 'turn',
  turn: 'turn',
  butter: 'next',
  edges: 'turn',
  'burner-down': 'next',
  'into-oven': 'move',
  'oven-set': 'next',
  out: 'move',
  lift: 'move',
  back: 'move',
  pull: 'out',
  slice: 'next',
};

/** Moved by more than this after its call, a thing is called again, s: a schedule moves with every order. */
const TOLERANCE_S: Readonly<Record<Task['kind'], number>> = {
  touch: 20,
  heat: 60,
  wash: 60,
  side: 60,
  plate: 60,
};

/** Identity of a thing to do. It does not change when the time moves. @param left number of later things like it */
const keyOf = (thing: Task, left: number): string => {
  switch (thing.kind) {
    case 'touch':
      return `${thing.piece} ${thing.action} ${left}`;
    case 'heat':
      return `${thing.place} ${thing.index} ${thing.celsius}`;
    case 'wash':
      return `${thing.ticket} wash ${thing.index}`;
    case 'side':
      return `${thing.ticket} ${thing.name}`;
    case 'plate':
      return `${thing.ticket} plate`;
  }
};

/** Keys of things in their order. Several turns of one piece have different keys: each counts the turns after it. */
const keysOf = (things: readonly Task[]): readonly string[] => {
  const later = new Map<string, number>();
  return things
    .toReversed()
    .map((thing) => {
      const like = keyOf(thing, 0);
      const left = later.get(like) ?? 0;
      later.set(like, left + 1);
      return keyOf(thing, left);
    })
    .toReversed();
};

/** Calls for the things to do of a service. @param momentOf ms since 1970 of a second of the service */
export const passCalls = (
  things: readonly Task[],
  momentOf: (seconds: number) => number,
  wordsOf: (thing: Task) => string,
): readonly Callable[] => {
  const keys = keysOf(things);
  return things.map((thing, i): Callable => {
    const key = keys[i] ?? '';
    return {
      key,
      piece: thing.kind === 'touch' ? thing.piece : key,
      dueAt: momentOf(thing.due),
      toleranceS: TOLERANCE_S[thing.kind],
      call: thing.kind === 'touch' ? CALL_OF[thing.action] : 'next',
      words: () => wordsOf(thing),
    };
  });
};
