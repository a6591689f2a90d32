import type { CookPlan } from '../plan/planResult';
import { actionsOf, type Action, type ActionKind } from '../schedule/actions';
import { plannedCore } from '../schedule/plannedCore';
import type { CookEvent, PressKind } from './event';

/** Where the piece is. */
export type Place = 'before' | 'pan' | 'oven' | 'rest' | 'sliced';

/** What is to be done, and when it is due (ms since 1970). */
export interface DueStep {
  readonly kind: 'heat' | ActionKind | 'judge';
  readonly dueAt: number;
  /** Which turn, from 1. */
  readonly turn?: number;
  /** The leg of the plan it belongs to. */
  readonly leg?: number;
  /** One of many turns. */
  readonly often?: true;
}

/** A reading against what the plan expected at that moment. */
export interface ReadingSeen {
  readonly at: number;
  readonly celsius: number;
  /** Core the plan has then, C; undefined before the pan. */
  readonly planned: number | undefined;
}

/** Everything the stove and the book show, derived from the plan and the events alone. */
export interface CookState {
  readonly place: Place;
  readonly startedAt: number | undefined;
  readonly inAt: number | undefined;
  readonly turnedAt: readonly number[];
  /** Moves between pan and oven. */
  readonly movedAt: readonly number[];
  readonly pulledAt: number | undefined;
  readonly slicedAt: number | undefined;
  readonly readings: readonly ReadingSeen[];
  readonly current: DueStep;
  readonly next: DueStep | undefined;
  /** The last press that can be taken back. */
  readonly lastPress: CookEvent | undefined;
}

type PlanFigures = Pick<CookPlan, 'request' | 'legs' | 'restSeconds' | 'trace'>;

/** Events in order of time, without those taken back. */
export const standing = (events: readonly CookEvent[]): readonly CookEvent[] => {
  const undone = new Set(events.flatMap((event) => (event.kind === 'undo' ? [event.of] : [])));
  return events
    .filter((event) => event.kind !== 'undo' && !undone.has(event.id))
    .toSorted((a, b) => a.at - b.at);
};

/**
 * Derives the cook from its events.
 * @param plannedIn when the plan has the piece go in, ms since 1970
 */
export const cookState = (
  plan: PlanFigures,
  plannedIn: number,
  events: readonly CookEvent[],
): CookState => {
  const kept = standing(events);
  const first = (kind: CookEvent['kind']): number | undefined =>
    kept.find((event) => event.kind === kind)?.at;
  const inAt = first('in');
  const pulledAt = first('pulled');
  const slicedAt = first('sliced');
  const turnedAt = kept.flatMap((event) => (event.kind === 'turned' ? [event.at] : []));
  const readings = kept.flatMap((event) =>
    event.kind === 'reading'
      ? [
          {
            at: event.at,
            celsius: event.celsius,
            planned:
              inAt === undefined ? undefined : plannedCore(plan.trace, (event.at - inAt) / 1000),
          },
        ]
      : [],
  );
  const presses = kept.filter((event) => event.kind !== 'started');
  const movedAt = kept.flatMap((event) =>
    event.kind === 'into-oven' || event.kind === 'out' ? [event.at] : [],
  );
  const [current, next] = dueSteps(plan, plannedIn, kept);
  const inOven = (): boolean => {
    const moved = kept.findLast(({ kind }) => kind === 'into-oven' || kind === 'out');
    return moved ? moved.kind === 'into-oven' : plan.legs[0]?.kind === 'oven';
  };
  return {
    place:
      slicedAt !== undefined
        ? 'sliced'
        : pulledAt !== undefined
          ? 'rest'
          : inAt === undefined
            ? 'before'
            : inOven()
              ? 'oven'
              : 'pan',
    startedAt: first('started'),
    inAt,
    turnedAt,
    movedAt,
    pulledAt,
    slicedAt,
    readings,
    current,
    next,
    lastPress: presses.at(-1),
  };
};

/** The press that says an action happened. */
export const PRESS_OF: Readonly<Record<ActionKind, PressKind>> = {
  in: 'in',
  flat: 'flat',
  turn: 'turned',
  butter: 'butter',
  edges: 'edges',
  'into-oven': 'into-oven',
  out: 'out',
  pull: 'pulled',
  slice: 'sliced',
};

/** Actions that bring the piece to another place: what follows in it is counted from them. */
const PLACES: readonly ActionKind[] = ['in', 'into-oven', 'out', 'pull'];

/** A turn of many is due so long after the last, and none within this of the next thing, ms. */
const NO_TURN_WITHIN = 5000;

/**
 * The step to do now and the one after it. Each press answers the first action of its kind that is
 * still to come; what lies before it is taken as done. What has happened moves what is to come.
 */
const dueSteps = (
  plan: PlanFigures,
  plannedIn: number,
  kept: readonly CookEvent[],
): readonly [DueStep, DueStep | undefined] => {
  const actions = actionsOf(plan.legs, plan.restSeconds);
  let done = 0;
  let turns = 0;
  let lastTurn: number | undefined;
  // When the present place was come to, and when that was planned.
  let anchor = { at: plannedIn, planned: 0 };
  for (const event of kept) {
    if (event.kind === 'turned') {
      turns += 1;
      lastTurn = event.at;
    }
    const found = actions.findIndex(({ kind }, i) => i >= done && PRESS_OF[kind] === event.kind);
    if (found === -1) continue;
    const action = actions[found];
    // An extra turn answers no turn of a later place.
    if (action.kind === 'turn' && actions.slice(done, found).some(isPlace)) continue;
    done = found + 1;
    if (isPlace(action)) {
      anchor = { at: event.at, planned: action.at };
      lastTurn = undefined;
    }
  }
  const dueOf = (action: Action): number => anchor.at + (action.at - anchor.planned) * 1000;
  const queue: DueStep[] = [];
  const left = actions.slice(done);
  const often = left.find((action) => action.often);
  const manyFrom = left.findIndex((action) => action.often);
  const leg = often ?? actions[done - 1];
  const many = often !== undefined && manyFrom === 0;
  if (many || (lastTurn !== undefined && actions[done - 1]?.often)) {
    queue.push(...turnsLeft(plan, leg, lastTurn, dueOf, turns));
  }
  for (const action of left) {
    if (action.often && (many || queue.length > 0)) continue;
    const { kind, leg: at } = action;
    queue.push({
      kind,
      dueAt: dueOf(action),
      leg: at,
      ...(kind === 'turn'
        ? { turn: turns + 1 + queue.filter((s) => s.kind === 'turn').length }
        : {}),
      ...(action.often ? { often: true as const } : {}),
    });
  }
  const judge: DueStep = { kind: 'judge', dueAt: queue.at(-1)?.dueAt ?? anchor.at };
  queue.push(judge);
  return [queue[0], queue[1]];
};

const isPlace = ({ kind }: Action): boolean => PLACES.includes(kind);

/** Turning often runs from the last turn made: a late turn does not hurry the next one. */
const turnsLeft = (
  { legs, request }: PlanFigures,
  action: Action,
  lastTurn: number | undefined,
  dueOf: (action: Action) => number,
  made: number,
): readonly DueStep[] => {
  const leg = legs[action.leg];
  const end = dueOf({ ...action, at: leg.at + leg.seconds });
  const from = lastTurn ?? dueOf({ ...action, at: leg.at });
  const every = request.every * 1000;
  const steps: DueStep[] = [];
  for (let dueAt = from + every, turn = made + 1; dueAt < end - NO_TURN_WITHIN; dueAt += every) {
    steps.push({ kind: 'turn', dueAt, turn, leg: action.leg, often: true });
    turn += 1;
  }
  return steps;
};
