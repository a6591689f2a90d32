import { footprint } from '../../food/footprint';
import { KITCHEN_AIR } from '../../heat/places/kitchenAir';
import type { CookPlan, PlannedLeg } from '../../plan/legs/planResult';
import { inAPan } from '../../plan/legs/ovenLegs';
import { cutOf } from '../../plan/request/request';
import { usesLowOven, type Way } from '../../plan/request/way';
import { actionsOf, type ActionKind } from '../../schedule/actions';

/** Stay of a piece in one place. Seconds from the first heat, C, m2. */
export interface PieceStay {
  readonly place: 'pan' | 'oven';
  readonly at: number;
  readonly seconds: number;
  /** Set temperature of the pan or the oven, C. */
  readonly celsius: number;
  /** Iron that the piece covers; a piece that takes its pan along into the oven has the whole of any pan. */
  readonly area: number;
  /** Places that it takes on an oven's rack; default: one. */
  readonly pieces?: number | undefined;
}

/** Part of a plan that its way through the gear needs. */
export type SteppedPlan = Pick<
  CookPlan,
  'request' | 'legs' | 'restSeconds' | 'cookSeconds' | 'trace' | 'peakCore' | 'sliceCore'
>;

/** Task of a pair of hands on a piece, and its duration. Seconds from the first heat. */
export interface PieceTouch {
  readonly kind: ActionKind;
  readonly at: number;
  readonly seconds: number;
}

/** A piece's way through the shared gear. Seconds. */
export interface PieceSteps {
  readonly way: Way;
  readonly stays: readonly PieceStay[];
  readonly touches: readonly PieceTouch[];
  /** From the first heat to the last, and the rest after it. */
  readonly heatSeconds: number;
  readonly restSeconds: number;
  /** Extra rest after which it is still warm, s. */
  readonly keepsSeconds: number;
  /** Standard deviation of its time on the heat, s. */
  readonly uncertainSeconds: number;
  /** After it has left the pan, until the iron under it has recovered. */
  readonly recoverySeconds: number;
}

/** Hands on one piece for each action, s. Estimates of an unhurried cook; basting is counted by its leg. */
export const TOUCH_SECONDS: Readonly<Record<ActionKind, number>> = {
  in: 15,
  flat: 5,
  turn: 5,
  butter: 10,
  edges: 10,
  'burner-down': 5,
  'into-oven': 15,
  'oven-set': 5,
  out: 15,
  lift: 10,
  back: 10,
  pull: 10,
  slice: 20,
};

/** Uncertainty of a plan's time if its own spread is unknown, as a share of the time: `bench -- live`. */
const UNCERTAIN = 0.08;

/** Fall of the middle below its peak until which a rested piece is served, K. Estimate. */
const COOLS_BY = 4;
/** More iron than any pan has, m2. */
export const WHOLE_PAN = 1;
/** Bounds of how long a piece keeps, s: a rest is never planned to the second, nor for half an hour. */
const KEEPS = { least: 60, most: 1200 } as const;

/**
 * Time for which a piece stays warm after its rest: until its middle has cooled by some degrees, by Newton's law from
 * the fall of the plan's trace between its peak and the knife.
 */
export const keepsSeconds = ({ trace, peakCore, sliceCore }: SteppedPlan): number => {
  const last = trace.time.length - 1;
  const before = Math.max(0, last - 1);
  const seconds = trace.time[last] - trace.time[before];
  const rate =
    (trace.core[before] - trace.core[last]) /
    Math.max(1, seconds) /
    Math.max(1, trace.core[last] - KITCHEN_AIR);
  if (!(rate > 0)) return KEEPS.most;
  const lowest = peakCore - COOLS_BY;
  const keeps = Math.log((sliceCore - KITCHEN_AIR) / Math.max(1, lowest - KITCHEN_AIR)) / rate;
  return Math.min(KEEPS.most, Math.max(KEEPS.least, keeps));
};

const staysOf = (plan: SteppedPlan, area: number, pieces: number): readonly PieceStay[] => {
  const { legs, request } = plan;
  const panGoesAlong = request.ovenOn === 'pan' && !usesLowOven(request.way);
  const stays: PieceStay[] = [];
  const add = (place: PieceStay['place'], leg: PlannedLeg, celsius: number, of: number): void => {
    const before = stays.at(-1);
    if (
      before?.place === place &&
      before.celsius === celsius &&
      before.at + before.seconds >= leg.at - 1
    ) {
      stays[stays.length - 1] = { ...before, seconds: leg.at + leg.seconds - before.at };
      return;
    }
    stays.push({
      place,
      at: leg.at,
      seconds: leg.seconds,
      celsius,
      area: of,
      ...(pieces > 1 ? { pieces } : {}),
    });
  };
  for (const leg of legs) {
    if (inAPan(leg)) add('pan', leg, request.pan, area);
    else if (leg.kind === 'oven') add('oven', leg, leg.air ?? request.hotOven, 0);
  }
  if (!panGoesAlong) return stays;
  // The pan is away with its piece from the first sear to the end of the oven.
  const first = stays.find(({ place }) => place === 'pan');
  const end = Math.max(...stays.map(({ at, seconds }) => at + seconds));
  return first === undefined
    ? stays
    : [
        { ...first, seconds: end - first.at, area: WHOLE_PAN },
        ...stays.filter(({ place }) => place === 'oven'),
      ];
};

/** Spooned over without a pause: the hands stay with it for the leg. */
const touchSeconds = (kind: ActionKind, leg: PlannedLeg): number =>
  kind === 'butter' || kind === 'edges'
    ? Math.max(TOUCH_SECONDS[kind], leg.seconds)
    : TOUCH_SECONDS[kind];

export interface KnownOfSteps {
  /** Of the iron under the piece, as the pan was found to come back, s. */
  readonly recoverySeconds: number;
  /** The plan's own spread, s; default: the typical share of its time. */
  readonly spreadSeconds?: number | undefined;
  /** Number of alike pieces that go in and come out together; default: one. */
  readonly pieces?: number | undefined;
}

/** Gear and hands that the pieces of a plan need. */
export const pieceSteps = (
  plan: SteppedPlan,
  { recoverySeconds, spreadSeconds, pieces = 1 }: KnownOfSteps,
): PieceSteps => {
  const { request, legs, restSeconds, cookSeconds } = plan;
  const { area } = footprint(cutOf(request), request.weight, request.thickness);
  return {
    way: request.way,
    stays: staysOf(plan, pieces * area, pieces),
    touches: actionsOf(legs, restSeconds)
      .filter(({ kind }) => kind !== 'slice')
      .map(({ kind, at, leg }) => ({
        kind,
        at,
        seconds: pieces * touchSeconds(kind, legs[leg]),
      })),
    heatSeconds: cookSeconds,
    restSeconds,
    keepsSeconds: keepsSeconds(plan),
    uncertainSeconds: spreadSeconds ?? UNCERTAIN * cookSeconds,
    recoverySeconds,
  };
};
