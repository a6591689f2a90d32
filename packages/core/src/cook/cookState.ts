import type { ActionKind } from '../schedule/actions';
import { plannedCore } from '../schedule/plannedCore';
import { isPress, isCoreReading, type CookEvent, type Instrument } from './event';
import { progressOf, type PlanFigures, type Progress, type TimedAction } from './progress';
import { PRESSES, type PiecePlace } from './press';
import { effectiveEvents } from './effectiveEvents';

/** Step to do, and its due time, ms since 1970. */
export interface DueStep {
  readonly kind: 'heat' | ActionKind | 'judge';
  readonly dueAt: number;
  /** Number of the turn, from 1. */
  readonly turn?: number;
  /** The leg of the cook it belongs to. */
  readonly leg?: number;
  /** One of many turns. */
  readonly often?: true;
}

/** A reading against what the plan expected at that moment. */
export interface ReadingSeen {
  readonly at: number;
  readonly celsius: number;
  readonly by: Instrument;
  /** Core the plan has then, C; undefined before the pan. */
  readonly planned: number | undefined;
}

/** State of a cook for Stove and the logbook, derived only from the plan and the events. */
export interface CookState {
  readonly place: PiecePlace;
  readonly startedAt: number | undefined;
  readonly inAt: number | undefined;
  readonly turnedAt: readonly number[];
  /** Moves between pan and oven. */
  readonly movedAt: readonly number[];
  readonly pulledAt: number | undefined;
  readonly coveredAt: number | undefined;
  readonly slicedAt: number | undefined;
  /** Readings of the core. */
  readonly readings: readonly ReadingSeen[];
  readonly progress: Progress;
  readonly current: DueStep;
  readonly next: DueStep | undefined;
  /** Every step still to come, the present one first. */
  readonly left: readonly DueStep[];
  /** The last press that can be taken back. */
  readonly lastPress: CookEvent | undefined;
}

/**
 * Derives the state of a cook from its events.
 * @param plannedIn planned start of the heat, ms since 1970
 * @param forecast due time of the pull by the readings since then, ms since 1970
 */
export const cookState = (
  plan: PlanFigures,
  plannedIn: number,
  events: readonly CookEvent[],
  forecast?: number,
): CookState => {
  const effective = effectiveEvents(events);
  const first = (kind: CookEvent['kind']): number | undefined =>
    effective.find((event) => event.kind === kind)?.at;
  const all = (...kinds: readonly CookEvent['kind'][]): readonly number[] =>
    effective.filter(({ kind }) => kinds.includes(kind)).map(({ at }) => at);
  const inAt = first('in');
  const readings = effective.flatMap((event): readonly ReadingSeen[] =>
    event.kind === 'reading' && isCoreReading(event)
      ? [
          {
            at: event.at,
            celsius: event.celsius,
            by: event.by ?? 'typed',
            planned:
              inAt === undefined ? undefined : plannedCore(plan.trace, (event.at - inAt) / 1000),
          },
        ]
      : [],
  );
  const progress = progressOf(plan, plannedIn, effective, forecast);
  const left = dueSteps(plan.request.every * 1000, progress);
  return {
    place: placeOf(effective, progress),
    startedAt: first('started'),
    inAt,
    turnedAt: all('turned'),
    movedAt: all('into-oven', 'out'),
    pulledAt: first('pulled'),
    coveredAt: first('covered'),
    slicedAt: first('sliced'),
    readings,
    progress,
    current: left[0],
    next: left[1],
    left,
    lastPress: effective.findLast(({ kind, ...event }) => kind !== 'started' && !isRemote(event)),
  };
};

/** A reading sent by a device is not an action of the cook. */
const isRemote = (event: object): boolean => 'by' in event && event.by !== 'typed';

const placeOf = (effective: readonly CookEvent[], { legs }: Progress): PiecePlace => {
  const presses = effective.filter(isPress);
  if (presses.some(({ kind }) => kind === 'sliced')) return 'sliced';
  if (presses.some(({ kind }) => kind === 'pulled')) return 'rest';
  if (!presses.some(({ kind }) => kind === 'in')) return 'before';
  const moved = presses.findLast(({ kind }) => PRESSES[kind].place !== undefined);
  return (moved && PRESSES[moved.kind].place) ?? (legs[0]?.kind === 'oven' ? 'oven' : 'pan');
};

/** Time before the next action within which no turn is due, ms; a turn of many is due an interval after the last. */
const NO_TURN_WITHIN = 5000;

/** The steps to do, the present one first; after the last, judging. */
const dueSteps = (every: number, progress: Progress): readonly [DueStep, ...DueStep[]] => {
  const { actions, done, turns, lastTurn } = progress;
  const left = actions.slice(done);
  const before = done > 0 ? actions[done - 1] : undefined;
  const manyNext = left[0]?.often === true;
  const turning = manyNext || (lastTurn !== undefined && before?.often === true);
  const queue: DueStep[] = turning
    ? turnsLeft(every, manyNext ? left[0] : before, left, { turns, lastTurn })
    : [];
  for (const { kind, leg, dueAt, often } of left) {
    if (often && turning) continue;
    const turn = turns + 1 + queue.filter((step) => step.kind === 'turn').length;
    queue.push({
      kind,
      dueAt,
      leg,
      ...(kind === 'turn' ? { turn } : {}),
      ...(often ? { often } : {}),
    });
  }
  const judge: DueStep = { kind: 'judge', dueAt: queue.at(-1)?.dueAt ?? before?.dueAt ?? 0 };
  return [queue[0] ?? judge, ...queue.slice(1), ...(queue.length > 0 ? [judge] : [])];
};

/** Turning often runs from the last turn made: a late turn does not hurry the next one. */
const turnsLeft = (
  every: number,
  action: TimedAction | undefined,
  left: readonly TimedAction[],
  { turns, lastTurn }: Pick<Progress, 'turns' | 'lastTurn'>,
): DueStep[] => {
  const end = left.find((next) => !next.often && next.kind !== 'turn');
  const from = lastTurn ?? (action ? action.dueAt - every : 0);
  const steps: DueStep[] = [];
  if (!action || !end) return steps;
  for (let dueAt = from + every; dueAt < end.dueAt - NO_TURN_WITHIN; dueAt += every) {
    steps.push({
      kind: 'turn',
      dueAt,
      turn: turns + steps.length + 1,
      leg: action.leg,
      often: true,
    });
  }
  return steps;
};
