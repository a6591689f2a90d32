import type { CookState, DueStep } from '@crustan/core/cook/cookState';
import type { LiveCook } from './liveCook';

/** Steps by which a piece leaves its pan. */
const LEAVES_PAN: readonly DueStep['kind'][] = ['pull', 'into-oven'];

/** State of a cook with the steps of some kinds delayed, ms. */
const later = (
  { current, next, left, ...state }: CookState,
  by: number,
  kinds: (kind: DueStep['kind']) => boolean,
): CookState => {
  const moved = (step: DueStep): DueStep =>
    kinds(step.kind) ? { ...step, dueAt: step.dueAt + by } : step;
  return { ...state, current: moved(current), next: next && moved(next), left: left.map(moved) };
};

const movedBy = (
  live: LiveCook,
  by: number,
  kinds: (kind: DueStep['kind']) => boolean = () => true,
): LiveCook => {
  if (by <= 0) return live;
  const state = later(live.state, by, kinds);
  // The pan that is heated comes before the piece: it does not wait.
  const isState = live.current === live.state.current;
  return {
    ...live,
    state,
    plateAt: live.plateAt + by,
    current: isState ? state.current : live.current,
    next: isState ? state.next : live.next && state.current,
  };
};

/** A piece that follows another in its pan goes in when that one is out. */
const afterTheOther = (live: LiveCook, all: readonly LiveCook[]): LiveCook => {
  const { state, cook } = live;
  const before = all.find((other) => other.cook.id === cook.plan.panAfter);
  const leaves = before?.state.left.find(({ kind }) => LEAVES_PAN.includes(kind));
  if (state.place !== 'before' || !leaves) return live;
  const goesIn = state.left.at(0)?.dueAt ?? leaves.dueAt;
  return movedBy(live, leaves.dueAt - goesIn);
};

const sliceOf = ({ state }: LiveCook): number | undefined =>
  state.left.find(({ kind }) => kind === 'slice')?.dueAt;

/**
 * Pieces for one plate in their present state: each goes in when its pan is free, rests whole until the last of them
 * is ready, and is sliced with the others.
 */
export const onePlateLive = (lives: readonly LiveCook[]): readonly LiveCook[] => {
  const ties = new Set(lives.flatMap(({ cook }) => cook.together?.id ?? []));
  if (ties.size === 0) return lives;
  // Batches follow one another: each is delayed by the shift of the one before it.
  const inTurn = lives
    .toSorted((a, b) => a.plannedIn - b.plannedIn)
    .reduce<readonly LiveCook[]>((before, live) => [...before, afterTheOther(live, before)], []);
  return lives.map(({ cook }) => {
    const live = inTurn.find((one) => one.cook.id === cook.id);
    if (!live) throw new Error('every piece is among those that were moved');
    const mine = sliceOf(live);
    if (cook.together === undefined || mine === undefined) return live;
    const plate = Math.max(
      ...inTurn
        .filter((one) => one.cook.together?.id === cook.together?.id)
        .map((one) => sliceOf(one) ?? -Infinity),
    );
    return movedBy(live, plate - mine, (kind) => kind === 'slice');
  });
};
