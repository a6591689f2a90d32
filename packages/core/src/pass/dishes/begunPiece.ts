import type { TimedAction } from '../../cook/progress';
import type { AbsoluteStay, BegunPiece, PieceOption } from './dish';

/** Place in which a piece was begun, by its position in the lists of equipment. */
export interface BegunWhere {
  readonly option: number;
  readonly full: boolean;
  readonly pan?: number | undefined;
  readonly oven?: number | undefined;
}

/** Action of a piece by its recorded steps and readings, done or due, in seconds of the service. */
export type DueAction = Pick<TimedAction, 'kind' | 'at' | 'done'> & { readonly due: number };

/**
 * Remaining course of a piece that is on, for a schedule: each planned moment follows the nearest action that is still
 * to come.
 * @param now seconds of the service
 */
export const begunPiece = (
  where: BegunWhere,
  option: PieceOption,
  actions: readonly DueAction[],
  now: number,
): BegunPiece => {
  const steps = where.full ? option.full : option.alone;
  const left = actions.filter(({ done }) => done === undefined);
  const first = actions.at(0);
  const start = first?.due ?? now;
  const pulled = actions.find(({ kind, done }) => kind === 'pull' && done !== undefined);
  const due = (at: number): number => {
    const near = left.toSorted((a, b) => Math.abs(a.at - at) - Math.abs(b.at - at)).at(0);
    return Math.max(now, near ? near.due + at - near.at : now);
  };
  const outAt = pulled?.due ?? due(steps.heatSeconds);
  const stays = pulled
    ? []
    : steps.stays.flatMap((stay): readonly AbsoluteStay[] => {
        const { place, celsius, area } = stay;
        const to = due(stay.at + stay.seconds);
        const moved = actions.some(
          ({ at, done }) => done !== undefined && at >= stay.at + stay.seconds - 1,
        );
        const index = where[place];
        // Equipment that is gone, or was never named, reserves no other place.
        if (moved || to <= now || index === undefined) return [];
        return [{ place, index, from: due(stay.at), to, celsius, area }];
      });
  const readyAt = outAt + steps.restSeconds;
  return {
    option: where.option,
    pan: where.pan,
    oven: where.oven,
    start,
    stays,
    touches: left
      .filter(({ kind }) => kind !== 'slice')
      .map((action) => ({
        at: Math.max(now, action.due),
        seconds: steps.touches.find(({ kind }) => kind === action.kind)?.seconds ?? 5,
      })),
    outAt,
    readyAt,
    keepsUntil: readyAt + steps.keepsSeconds,
  };
};
