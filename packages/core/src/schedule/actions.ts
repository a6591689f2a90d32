import type { PlannedLeg } from '../plan/legs/planResult';

/** Actions of the cook on the piece, from the first heat to carving. */
export const ACTION_KINDS = [
  'in',
  'flat',
  'turn',
  'butter',
  'edges',
  'burner-down',
  'into-oven',
  'oven-set',
  'out',
  'lift',
  'back',
  'pull',
  'slice',
] as const;
export type ActionKind = (typeof ACTION_KINDS)[number];

export interface ActionTraits {
  /** A leg of the cook begins with it. */
  readonly beginsLeg: boolean;
  /** It brings the piece to another place, from which what follows is counted. */
  readonly changesPlace: boolean;
  /** Whether the cook stays with the piece afterwards. */
  readonly hands: 'on' | 'free';
}

export const ACTION_TRAITS: Readonly<Record<ActionKind, ActionTraits>> = {
  in: { beginsLeg: true, changesPlace: true, hands: 'on' },
  flat: { beginsLeg: true, changesPlace: false, hands: 'on' },
  turn: { beginsLeg: false, changesPlace: false, hands: 'on' },
  butter: { beginsLeg: true, changesPlace: false, hands: 'on' },
  edges: { beginsLeg: true, changesPlace: false, hands: 'on' },
  'burner-down': { beginsLeg: true, changesPlace: false, hands: 'on' },
  'into-oven': { beginsLeg: true, changesPlace: true, hands: 'free' },
  'oven-set': { beginsLeg: true, changesPlace: true, hands: 'free' },
  out: { beginsLeg: true, changesPlace: true, hands: 'on' },
  lift: { beginsLeg: true, changesPlace: true, hands: 'on' },
  back: { beginsLeg: true, changesPlace: true, hands: 'on' },
  pull: { beginsLeg: false, changesPlace: true, hands: 'free' },
  slice: { beginsLeg: false, changesPlace: false, hands: 'on' },
};

export interface Action {
  readonly kind: ActionKind;
  /** Seconds from the first heat. */
  readonly at: number;
  /** The leg it belongs to. */
  readonly leg: number;
  /** One of a leg's many turns: counted from the last one made, not from the clock. */
  readonly often?: true;
}

/** Properties of a leg that an action needs. */
export type LegTimes = Pick<PlannedLeg, 'kind' | 'at' | 'seconds' | 'flips' | 'pan'>;

/** A burner is turned down where the pan of a leg is cooler than that of the leg before by more than this, K. */
const TURNED_DOWN = 5;
const SEARED: readonly LegTimes['kind'][] = ['sear', 'turns'];

const isTurnedDown = (leg: LegTimes, before: LegTimes): boolean =>
  SEARED.includes(leg.kind) &&
  SEARED.includes(before.kind) &&
  (leg.pan ?? 0) < (before.pan ?? 0) - TURNED_DOWN;

/** Action that begins a leg after the one before it; undefined if the cook does nothing then. */
export const beginningOf = (
  leg: LegTimes,
  before: LegTimes | undefined,
): ActionKind | undefined => {
  if (!before) return 'in';
  if (leg.kind === 'oven') return before.kind === 'oven' ? 'oven-set' : 'into-oven';
  if (leg.pan !== undefined && isTurnedDown(leg, before)) return 'burner-down';
  if (leg.kind === before.kind && leg.kind !== 'sear') return undefined;
  if (leg.kind === 'board') return 'lift';
  if (before.kind === 'board') return 'back';
  if (before.kind === 'oven') return 'out';
  if (leg.kind === 'baste') return 'butter';
  if (leg.kind === 'edges') return 'edges';
  return before.kind === 'edge' ? 'flat' : undefined;
};

/** A turn this near the next thing to do is that thing, s. */
const SAME_MOMENT = 1;

const placeOf = ({ kind }: LegTimes): 'oven' | 'board' | 'pan' =>
  kind === 'oven' || kind === 'board' ? kind : 'pan';

/**
 * Everything done to a piece, in order, as planned.
 * @param from the first leg whose actions are wanted: what is left after a change of plan
 */
export const actionsOf = (
  legs: readonly LegTimes[],
  restSeconds: number,
  from = 0,
): readonly Action[] => {
  const found: Action[] = [];
  let end = from > 0 ? legs[from - 1].at + legs[from - 1].seconds : 0;
  for (let i = from; i < legs.length; i += 1) {
    const leg = legs[i];
    const kind = beginningOf(leg, legs[i - 1]);
    // The cook sets the oven at the moment of a change of plan.
    const isChosen = kind === 'oven-set' && i === from;
    if (kind && !isChosen) found.push({ kind, at: leg.at, leg: i });
    end = leg.at + leg.seconds;
    const leaves = i + 1 === legs.length || placeOf(leg) !== placeOf(legs[i + 1]);
    for (const flip of leg.flips) {
      // A piece that leaves its place is not turned first.
      if (leaves && flip > leg.seconds - SAME_MOMENT) continue;
      const often = leg.kind === 'turns' ? ({ often: true } as const) : {};
      found.push({ kind: 'turn', at: leg.at + flip, leg: i, ...often });
    }
  }
  const last = legs.length - 1;
  found.push({ kind: 'pull', at: end, leg: last });
  found.push({ kind: 'slice', at: end + restSeconds, leg: last });
  return found;
};
