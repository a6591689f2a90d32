import { FAN_OVEN, STILL_OVEN } from '../heat';
import { BUTTER_PAN } from '../plan/request/butter';
import {
  gearFor,
  legsOf,
  ONE_EDGE_SHARE,
  ROLLED_EDGE_SHARE,
  type Heat,
  type Leg,
} from '../plan/legs/legs';
import type { PlannedLeg } from '../plan/legs/planResult';
import { modelOf, type PlanRequest } from '../plan/request/request';
import { shareOnIron } from '../plan/request/shareOnIron';
import type { TimedLeg } from '../plan/legs/timedLeg';
import { ACTION_TRAITS } from '../schedule/actions';
import type { Progress } from './progress';

/** The leg before, and whether the plan was changed in it. */
interface Before {
  readonly leg: PlannedLeg;
  readonly heat: Heat;
  readonly continues: boolean;
}

/**
 * Heat of a leg, derived from its kind: of a cook's own steps, and of a change of plan in an event that does not state
 * it. What is left of the leg in which the plan was changed keeps that leg's heat.
 */
const derivedHeat = (leg: PlannedLeg, before: Before | undefined, request: PlanRequest): Heat => {
  const pan = leg.pan ?? request.pan;
  const from = before?.leg.pan;
  const touching = shareOnIron(request);
  const share = touching === 1 ? {} : { share: touching };
  if (before?.continues === true && before.leg.kind === leg.kind && from === leg.pan) {
    // Without a pan as a body, a cold pan would start cold again.
    if (before.heat.on !== 'cold-pan' || modelOf(request).panBody) return before.heat;
  }
  const h = request.fan ? FAN_OVEN : STILL_OVEN;
  switch (leg.kind) {
    case 'oven':
      return leg.pan === undefined
        ? { on: 'rack', air: leg.air ?? request.lowOven, h }
        : { on: 'oven-pan', air: leg.air ?? request.hotOven, h, pan };
    case 'board':
      return leg.air === undefined
        ? { on: 'rest', cover: 'open' }
        : { on: 'warm-oven', air: leg.air };
    case 'edge':
      return { on: 'edge', pan, share: ONE_EDGE_SHARE };
    case 'edges':
      return { on: 'edge', pan, share: ROLLED_EDGE_SHARE };
    case 'baste':
      return {
        on: 'pan',
        pan: Math.min(pan, BUTTER_PAN),
        from: from ?? pan,
        basted: true,
        ...share,
      };
    case 'sear':
    case 'turns':
      return { on: 'pan', pan, ...(from === undefined ? {} : { from }), ...share };
  }
};

/**
 * The legs of a request's way, where a plan's are like them: for plans of before a leg stated its heat. A cook's own steps
 * may be otherwise.
 */
const likeWay = (legs: readonly PlannedLeg[], request: PlanRequest): readonly Leg[] => {
  const own = legsOf(request);
  const alike = own.every(({ kind, heat }, i) => {
    const leg = legs.at(i);
    if (leg?.kind !== kind) return false;
    const samePan = !('pan' in heat) || leg.pan === undefined || leg.pan === heat.pan;
    const sameAir = !('air' in heat) || leg.air === undefined || leg.air === heat.air;
    return samePan && sameAir;
  });
  return alike && own.length === legs.length ? own : [];
};

/** Times that determine a cook's legs. */
export interface CookedTimes {
  readonly inAt: number;
  readonly turnedAt: readonly number[];
  readonly progress: Progress;
}

/** Start of each leg, actual or due, ms since 1970; one more than there are legs: the last is the pull. */
const legBegins = ({ progress: { legs, actions }, inAt }: CookedTimes): readonly number[] => {
  const begins: number[] = [inAt];
  const pull = actions.find(({ kind }) => kind === 'pull');
  for (let i = 1; i < legs.length; i += 1) {
    const own = actions.find(({ kind, leg }) => leg === i && ACTION_TRAITS[kind].beginsLeg);
    const end = legs[i - 1].at + legs[i - 1].seconds;
    const turn = actions.find(
      ({ kind, leg, at }) => kind === 'turn' && leg === i - 1 && Math.abs(at - end) < 1,
    );
    const planned = begins[i - 1] + legs[i - 1].seconds * 1000;
    begins.push(Math.max(begins[i - 1], own?.dueAt ?? turn?.dueAt ?? planned));
  }
  const last = begins[legs.length - 1];
  begins.push(Math.max(last, pull?.dueAt ?? last + legs[legs.length - 1].seconds * 1000));
  return begins;
};

/** Legs of a cook, past and due: started by the recorded steps, and turned at the recorded times. */
export const cookedLegs = (times: CookedTimes, request: PlanRequest): readonly TimedLeg[] => {
  const { progress, turnedAt } = times;
  const { legs, actions, kept } = progress;
  const begins = legBegins(times);
  const stated = progress.planned.every(({ heat }) => heat !== undefined);
  const planned = stated ? [] : likeWay(progress.planned, request).slice(0, kept);
  const heats: Heat[] = [];
  legs.forEach((leg, i) => {
    const before =
      i === 0 ? undefined : { leg: legs[i - 1], heat: heats[i - 1], continues: i === kept };
    heats.push(leg.heat ?? planned.at(i)?.heat ?? derivedHeat(leg, before, request));
  });
  const unpressed = actions.filter(
    ({ kind, done }) => kind === 'turn' && done !== 'pressed' && done !== 'skipped',
  );
  const turns = [...turnedAt, ...unpressed.map(({ dueAt }) => dueAt)].toSorted((a, b) => a - b);
  return legs.map((leg, i): TimedLeg => {
    const from = begins[i];
    const to = begins[i + 1];
    const seconds = (to - from) / 1000;
    const flips = turns
      .filter((turn) => turn > from + 1 && turn <= to + 1)
      .map((turn) => Math.min(seconds, (turn - from) / 1000));
    const heat = heats[i];
    return {
      kind: leg.kind,
      heat,
      fixed: 0,
      unknownShare: i === progress.decidingLeg ? 1 : 0,
      gear: leg.gear ?? gearFor(heat, request.gear),
      thenFlip: false,
      seconds,
      flips,
    };
  });
};
