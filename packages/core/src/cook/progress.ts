import type { CookPlan, PlannedLeg } from '../plan/legs/planResult';
import {
  ACTION_TRAITS,
  actionsOf,
  beginningOf,
  type Action,
  type ActionKind,
} from '../schedule/actions';
import { isPress, type ChangedEvent, type CookEvent } from './event';
import { PRESSES } from './press';

/** The figures of a plan that progress needs. */
export type PlanFigures = Pick<CookPlan, 'request' | 'legs' | 'pullAt' | 'restSeconds' | 'trace'>;

/** An action with the moment it happened or is due, ms since 1970. */
export interface TimedAction extends Action {
  readonly dueAt: number;
  /** Reason why it counts as done: its own step, a later step, or left out. */
  readonly done?: 'pressed' | 'passed' | 'skipped' | undefined;
}

/** Done and remaining actions of a cook, on its present legs. */
export interface Progress {
  /** The plan's legs before any change, and the number begun before the first one. */
  readonly planned: readonly PlannedLeg[];
  readonly kept: number;
  /** The plan's legs after all changes of plan; `at` in s of plan time. */
  readonly legs: readonly PlannedLeg[];
  readonly restSeconds: number;
  /** Done first, then what is left. */
  readonly actions: readonly TimedAction[];
  /** Number of completed actions. */
  readonly done: number;
  /** Leg that ends by the thermometer, and its due or actual end, ms. */
  readonly decidingLeg: number;
  readonly decidedAt: number;
  /** Turns made. */
  readonly turns: number;
  /** The last turn made in the present place. */
  readonly lastTurn: number | undefined;
  /** Last change of plan. */
  readonly changed: ChangedEvent | undefined;
}

const decidingLeg = ({ legs, pullAt }: Pick<PlanFigures, 'legs' | 'pullAt'>): number =>
  Math.max(
    0,
    legs.findIndex(({ at, seconds }) => Math.abs(at + seconds - pullAt) < 1),
  );

/** Replaces the remaining legs by those of a change of plan. */
const withTail = (
  legs: readonly PlannedLeg[],
  current: number,
  at: number,
  { legs: tail }: ChangedEvent,
): readonly PlannedLeg[] => {
  const kept = legs.slice(0, current + 1).map((leg, i) => {
    if (i !== current) return leg;
    const seconds = Math.max(0, Math.min(leg.seconds, at - leg.at));
    return { ...leg, seconds, flips: leg.flips.filter((flip) => flip <= seconds) };
  });
  let from = at;
  const core = legs[current].core;
  return [
    ...kept,
    ...tail.map(({ kind, seconds, pan, air, heat, flips }): PlannedLeg => {
      const leg = { kind, at: from, seconds, pan, air, heat, flips, core };
      from += seconds;
      return leg;
    }),
  ];
};

/** State of the walk through the events. */
interface Walk {
  kept: number;
  legs: readonly PlannedLeg[];
  restSeconds: number;
  decides: number;
  changed: ChangedEvent | undefined;
  made: TimedAction[];
  left: readonly Action[];
  /** Actual and planned arrival in the present place. */
  anchor: { at: number; planned: number };
  turns: number;
  lastTurn: number | undefined;
}

const dueIn = ({ anchor }: Walk, { at }: Pick<Action, 'at'>): number =>
  anchor.at + (at - anchor.planned) * 1000;

/** Marks an action as done at `at`, and every action before it as done by then. */
const answer = (walk: Walk, found: number, at: number, done: 'pressed' | 'skipped'): void => {
  for (const action of walk.left.slice(0, found)) {
    walk.made.push({ ...action, dueAt: Math.min(at, dueIn(walk, action)), done: 'passed' });
  }
  const action = walk.left[found];
  walk.made.push({ ...action, dueAt: at, done });
  walk.left = walk.left.slice(found + 1);
  if (ACTION_TRAITS[action.kind].changesPlace) {
    walk.anchor = { at, planned: action.at };
    walk.lastTurn = undefined;
  }
};

/** The leg a piece is in at a moment of plan time: no further than what has been pressed allows. */
const legAt = ({ legs, made, left }: Walk, planned: number): number => {
  const next = left.at(0);
  const most =
    next === undefined
      ? legs.length - 1
      : !ACTION_TRAITS[next.kind].beginsLeg
        ? next.leg
        : next.leg - 1;
  const byTime = legs.findLastIndex(({ at }) => at <= planned + 1);
  return Math.max(made.at(-1)?.leg ?? 0, Math.min(byTime, most));
};

const takeChange = (walk: Walk, event: ChangedEvent): void => {
  const planned = (event.at - walk.anchor.at) / 1000 + walk.anchor.planned;
  const current = legAt(walk, planned);
  walk.kept = Math.min(walk.kept, current + 1);
  walk.legs = withTail(walk.legs, current, planned, event);
  const decides = event.legs.findIndex((leg) => leg.decides);
  walk.decides = current + 1 + (decides === -1 ? event.legs.length - 1 : decides);
  // The thermometer decides the time of the next action: the end of the last leg before it.
  while (
    walk.decides + 1 < walk.legs.length &&
    beginningOf(walk.legs[walk.decides + 1], walk.legs[walk.decides]) === undefined
  ) {
    walk.decides += 1;
  }
  walk.left = walk.made.some(({ kind }) => kind === 'pull')
    ? // Out already: only the knife is moved.
      [{ kind: 'slice', at: planned + event.restSeconds, leg: current }]
    : actionsOf(walk.legs, event.restSeconds, current + 1);
  walk.restSeconds = event.restSeconds;
  walk.changed = event;
};

const takeSkip = (walk: Walk, step: ActionKind, at: number): void => {
  const found = walk.left.findIndex(({ kind }) => kind === step);
  if (found === -1) return;
  const { leg } = walk.left[found];
  answer(walk, found, at, 'skipped');
  // Edges not seared take no time; every other step left out leaves the piece where it was.
  if (step === 'edges') walk.anchor = { at, planned: walk.legs[leg].at + walk.legs[leg].seconds };
};

const takePress = (walk: Walk, event: CookEvent): void => {
  if (event.kind === 'turned') {
    walk.turns += 1;
    walk.lastTurn = event.at;
  }
  const pressed = isPress(event) ? PRESSES[event.kind].action : undefined;
  const found = walk.left.findIndex(({ kind }) => kind === pressed);
  if (found === -1) return;
  // An extra turn answers no turn of a later place.
  if (
    walk.left[found].kind === 'turn' &&
    walk.left.slice(0, found).some(({ kind }) => ACTION_TRAITS[kind].changesPlace)
  )
    return;
  answer(walk, found, event.at, 'pressed');
};

/**
 * Follows a cook's effective events along its plan. Each step answers the first pending action of its kind; actions
 * before it count as done. Past times shift the pending ones.
 * @param plannedIn planned start of the heat, ms since 1970
 * @param forecast end of the deciding leg by the readings since then, ms since 1970
 */
export const progressOf = (
  plan: PlanFigures,
  plannedIn: number,
  effective: readonly CookEvent[],
  forecast?: number,
): Progress => {
  const walk: Walk = {
    kept: plan.legs.length,
    legs: plan.legs,
    restSeconds: plan.restSeconds,
    decides: decidingLeg(plan),
    changed: undefined,
    made: [],
    left: actionsOf(plan.legs, plan.restSeconds),
    anchor: { at: plannedIn, planned: 0 },
    turns: 0,
    lastTurn: undefined,
  };
  for (const event of effective) {
    if (event.kind === 'changed') takeChange(walk, event);
    else if (event.kind === 'skipped') takeSkip(walk, event.step, event.at);
    else takePress(walk, event);
  }
  const { legs, made, left, decides } = walk;
  const ends = legs[decides].at + legs[decides].seconds;
  const isDecision = (action: Action): boolean => action.leg > decides || action.kind === 'pull';
  const decided = made.find(isDecision);
  const open = left.findIndex(isDecision);
  const shift =
    forecast !== undefined && decided === undefined ? forecast - dueIn(walk, { at: ends }) : 0;
  const due = left.map((action, i): TimedAction => ({
    ...action,
    dueAt: dueIn(walk, action) + (i >= open && open !== -1 ? shift : 0),
  }));
  return {
    planned: plan.legs,
    kept: walk.kept,
    legs,
    restSeconds: walk.restSeconds,
    actions: [...made, ...due],
    done: made.length,
    decidingLeg: decides,
    decidedAt: decided?.dueAt ?? dueIn(walk, { at: ends }) + shift,
    turns: walk.turns,
    lastTurn: walk.lastTurn,
    changed: walk.changed,
  };
};
