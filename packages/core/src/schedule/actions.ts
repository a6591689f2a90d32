import type { PlannedLeg } from '../plan/planResult';

/** What the cook does to the piece, from the first heat to the knife. */
export const ACTION_KINDS = [
  'in',
  'flat',
  'turn',
  'butter',
  'edges',
  'into-oven',
  'out',
  'pull',
  'slice',
] as const;
export type ActionKind = (typeof ACTION_KINDS)[number];

export interface Action {
  readonly kind: ActionKind;
  /** Seconds from the first heat. */
  readonly at: number;
  /** The leg it belongs to. */
  readonly leg: number;
  /** One of a leg's many turns: counted from the last one made, not from the clock. */
  readonly often?: true;
}

/** What begins a leg, after what was before it. */
const begins = (leg: PlannedLeg, before: PlannedLeg | undefined): ActionKind | undefined => {
  if (!before) return 'in';
  if (leg.kind === 'oven') return 'into-oven';
  if (before.kind === 'oven') return 'out';
  if (leg.kind === 'baste') return 'butter';
  if (leg.kind === 'edges') return 'edges';
  return before.kind === 'edge' ? 'flat' : undefined;
};

/** A turn this near the next thing to do is that thing, s. */
const SAME_MOMENT = 1;

/** Everything done to a piece, in order, as planned. */
export const actionsOf = (legs: readonly PlannedLeg[], restSeconds: number): readonly Action[] => {
  const found: Action[] = [];
  let end = 0;
  legs.forEach((leg, i) => {
    const kind = begins(leg, legs[i - 1]);
    if (kind) found.push({ kind, at: leg.at, leg: i });
    end = leg.at + leg.seconds;
    const leaves = i + 1 === legs.length || (leg.kind === 'oven') !== (legs[i + 1].kind === 'oven');
    for (const flip of leg.flips) {
      // A piece that leaves its place is not turned first.
      if (leaves && flip > leg.seconds - SAME_MOMENT) continue;
      const often = leg.kind === 'turns' ? ({ often: true } as const) : {};
      found.push({ kind: 'turn', at: leg.at + flip, leg: i, ...often });
    }
  });
  const last = legs.length - 1;
  found.push({ kind: 'pull', at: end, leg: last });
  found.push({ kind: 'slice', at: end + restSeconds, leg: last });
  return found;
};
