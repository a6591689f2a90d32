import { DEFAULT_OVEN, ovenWarmUp, type Oven } from '../gear/ovenBody';
import { DEFAULT_PAN, type PanOnBurner } from '../gear/pan';
import { preheat } from '../gear/preheat';
import type { CookPlan } from '../plan/legs/planResult';
import { startsCold } from '../plan/request/startsCold';
import { ACTION_TRAITS, actionsOf, type ActionKind } from './actions';
import { firstOvenLeg, inAPan } from '../plan/legs/ovenLegs';

/** Things the cook does, the piece's own and what goes before and after. */
export type StepKind =
  | 'thaw'
  | 'dry'
  | 'salt'
  | 'temper'
  | 'oven-on'
  | 'oven-up'
  | 'ready'
  | 'preheat'
  | 'turns'
  | 'plate'
  | ActionKind;

/** One step of the run: when, for how long, and whether it keeps the cook's hands. */
export interface RunStep {
  readonly kind: StepKind;
  /** Seconds before (negative) or after the piece first meets heat. */
  readonly at: number;
  /** Until the next thing to do, or for as long as it takes by itself, s. */
  readonly seconds: number;
  readonly hands: 'on' | 'free';
  /** The leg of the cook it belongs to, if it does. */
  readonly leg?: number;
}

/** A run counted back from the plate: its steps and where zero (the first heat) lies. */
export interface Run {
  readonly steps: readonly RunStep[];
  /** Seconds from the first heat to the plate. */
  readonly panToPlate: number;
  /** Seconds from the first step to the plate. */
  readonly length: number;
  /** The same, thawing, drying and salting ahead left out: what must still fit tonight. */
  readonly tonight: number;
}

/** Equipment of the timeline. */
export interface RunGear {
  readonly pan: PanOnBurner;
  readonly oven: Oven;
}

/** Setting out: dry the piece, season, tongs, towel, lid, board, s. Estimate. */
export const READY_SECONDS = 300;
/** Slicing and getting it on the plate, s. Estimate. */
const PLATING_SECONDS = 60;
/** A pan that has come up is given this long to even out, s. Estimate. */
const EVEN_OUT_SECONDS = 60;
/** Walls and racks lag behind the air that the thermostat shows, s. Estimate. */
const SOAK_SECONDS = 300;

/** Steps that are done days ahead, not on the day. */
const DAYS_AHEAD: readonly StepKind[] = ['thaw', 'dry', 'salt'];

/** Figures that a timeline is made from. */
export type RunFigures = Pick<CookPlan, 'request' | 'legs' | 'restSeconds' | 'thaw'>;

/** A thaw is given up to a whole part of the clock, s. */
const THAW_PARTS = 300;

const minutesUp = (seconds: number): number => Math.ceil(seconds / 30) * 30;

/** Seconds an empty pan takes to come up and even out. */
export const panReadySeconds = (pan: PanOnBurner, target: number): number => {
  const warming = preheat(pan, target);
  return minutesUp((warming.reached ? warming.seconds : 0) + EVEN_OUT_SECONDS);
};

/** Seconds from switching an oven on until it is worth putting anything in. */
export const ovenReadySeconds = (oven: Oven, dial: number): number =>
  minutesUp((ovenWarmUp(oven, dial) ?? 0) + SOAK_SECONDS);

type Mark = Omit<RunStep, 'seconds'> & { readonly seconds?: number };

/** Things that go before the first heat. */
const beforehand = (
  { request, legs, thaw }: RunFigures,
  { pan, oven }: RunGear,
): readonly Mark[] => {
  const marks: Mark[] = [];
  const firstPan = legs.find(inAPan);
  const fromCold = startsCold(request) || firstPan?.pan === undefined;
  const hot = firstPan ? firstPan.at - panReadySeconds(pan, request.pan) : 0;
  if (firstPan && !fromCold) marks.push({ kind: 'preheat', at: hot, hands: 'free' });
  const inOven = firstOvenLeg(legs);
  if (inOven?.air !== undefined) {
    const at = inOven.at - ovenReadySeconds(oven, inOven.air - oven.offset);
    marks.push({ kind: 'oven-on', at, hands: 'free' });
  }
  const ready = Math.min(0, ...marks.map(({ at }) => at)) - READY_SECONDS;
  marks.push({ kind: 'ready', at: ready, hands: 'on' });
  if (request.temper > 0) {
    marks.push({ kind: 'temper', at: -request.temper, hands: 'free', seconds: request.temper });
  }
  if (request.saltAhead > -ready) {
    const seconds = request.saltAhead;
    marks.push({ kind: 'salt', at: -request.saltAhead, hands: 'free', seconds });
  }
  const { surface, airing, saltAhead } = request;
  if (surface === 'aired' && airing && airing.seconds > Math.max(-ready, saltAhead)) {
    const { seconds } = airing;
    marks.push({ kind: 'dry', at: -seconds, hands: 'free', seconds });
  }
  if (thaw) {
    // Thawed before anything else is done to it, in a cool place too, by a whole part of the clock.
    const seconds = Math.ceil((thaw.most ?? thaw.seconds) / THAW_PARTS) * THAW_PARTS;
    const first = Math.min(...marks.map(({ at }) => at));
    marks.push({ kind: 'thaw', at: first - seconds, hands: 'free', seconds });
  }
  return marks;
};

/** An oven this much hotter than the one before it is brought up, K. */
const BROUGHT_UP = 20;

/** An oven is turned up as soon as the piece has left it, where a hotter one comes after it. */
const ovensUp = (legs: RunFigures['legs']): readonly Mark[] =>
  legs.flatMap((leg, i): readonly Mark[] => {
    const before = legs.findLast(({ kind }, j) => j < i && kind === 'oven');
    if (leg.kind !== 'oven' || before === undefined) return [];
    if ((leg.air ?? 0) < (before.air ?? 0) + BROUGHT_UP) return [];
    // The last stay off the heat is for it to come up.
    const at = legs[i - 1].kind === 'board' ? legs[i - 1].at : before.at + before.seconds;
    return [{ kind: 'oven-up', at, leg: i, hands: 'free' }];
  });

/** The run of a plan, every time in seconds from the moment the piece first meets heat. */
export const runOf = (
  plan: RunFigures,
  gear: RunGear = { pan: DEFAULT_PAN, oven: DEFAULT_OVEN },
): Run => {
  const actions = actionsOf(plan.legs, plan.restSeconds);
  const slice = actions.at(-1)?.at ?? 0;
  const plate = slice + PLATING_SECONDS;
  const turnsSaid = new Set<number>();
  const cooking = actions.flatMap(({ kind, at, leg, often }): readonly Mark[] => {
    if (!often) return [{ kind, at, leg, hands: handsOf(kind, plan, leg) }];
    if (turnsSaid.has(leg)) return [];
    turnsSaid.add(leg);
    return [{ kind: 'turns', at, leg, hands: 'on' }];
  });
  const marks = [
    ...beforehand(plan, gear),
    ...cooking,
    ...ovensUp(plan.legs),
    { kind: 'plate', at: plate, hands: 'on' },
  ]
    .filter((mark): mark is Mark => mark !== undefined)
    .toSorted((a, b) => a.at - b.at);
  const steps = marks.map((mark, i): RunStep => ({
    seconds: (marks[i + 1]?.at ?? plate) - mark.at,
    ...mark,
  }));
  const first = steps[0]?.at ?? 0;
  const tonight = steps.find(({ kind }) => !DAYS_AHEAD.includes(kind))?.at ?? first;
  return { steps, panToPlate: plate, length: plate - first, tonight: plate - tonight };
};

/** Waiting time of a piece on its board for which nobody is needed beside it, s. */
const WAITS_ALONE = 300;

const handsOf = (kind: ActionKind, { legs }: RunFigures, leg: number): 'on' | 'free' => {
  // A piece that begins in the oven needs nobody beside it.
  if (kind === 'in' && legs[leg].kind === 'oven') return 'free';
  if (kind === 'lift' && legs[leg].seconds >= WAITS_ALONE) return 'free';
  return ACTION_TRAITS[kind].hands;
};

/**
 * The moment the piece must meet the heat for the plate to be at `plateAt`.
 * @param plateAt ms since 1970
 */
export const heatStartFor = (run: Pick<Run, 'panToPlate'>, plateAt: number): number =>
  plateAt - run.panToPlate * 1000;
