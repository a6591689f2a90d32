import { preheat } from '../gear';
import { fatOf } from '../gear/fats';
import { FAN_OVEN, STILL_OVEN } from '../heat';
import { PLAN_LIMITS } from '../plan/request/limits';
import type { TimedLeg } from '../plan/legs/timedLeg';
import type { Trouble } from '../cook/event';
import { WhatIf, type CookInProgress, type Outcome } from './whatIf';

export const OPTION_IDS = [
  'as-is',
  'oven-up',
  'oven-down',
  'oven-hold',
  'pan-up',
  'pan-down',
  'out-now',
  'sear-now',
  'board',
  'hold-after',
  'reheat',
  'wipe',
  'for-thin',
  'lid',
] as const;
export type OptionId = (typeof OPTION_IDS)[number];

/** One way to continue, with its result. */
export interface TroubleOption extends Outcome {
  readonly id: OptionId;
  /** Changed temperature of an oven or a pan, C. */
  readonly celsius?: number | undefined;
  /** Waiting time, s. */
  readonly waits?: number | undefined;
  /** Peak of the thin end, C. */
  readonly thinPeak?: number | undefined;
}

export interface TroubleDetail {
  /** Delay of the plate, s. */
  readonly delay: number;
  /** Difference in thickness of the thin end, m. */
  readonly thinner: number;
}

export const USUAL_DETAIL: TroubleDetail = { delay: 900, thinner: 0.006 };

/** A cold pan is taken for this much under its plan, and a burner turned down for this much, K. */
const COOL_BY = 45;
const DOWN_BY = 30;
const UP_BY = 25;
/** Ovens are turned by these, K; one turned down to hold keeps this, C. */
const OVEN_UP = [20, 40] as const;
const OVEN_DOWN = 20;
const HOLD_AIR = 60;
/** Burnt butter is wiped out and the pan cools meanwhile, s. */
const WIPE_SECONDS = 60;
/** A lid stays on a fire until the pan has cooled, s. */
const LID_SECONDS = 180;
/** As far under the fat's smoke point as a pan should be, K. */
const UNDER_SMOKE = 15;

const held = (celsius: number, limit: { least: number; most: number }): number =>
  Math.min(limit.most, Math.max(limit.least, celsius));

const onPan = (leg: TimedLeg, pan: number): TimedLeg => ({
  ...leg,
  heat: { on: 'pan', pan, ...(leg.heat.on === 'pan' && leg.heat.basted ? { basted: true } : {}) },
});

const inOven = (leg: TimedLeg, air: number): TimedLeg =>
  leg.heat.on === 'rack' || leg.heat.on === 'oven-pan'
    ? { ...leg, heat: { ...leg.heat, air } }
    : leg;

const board = (seconds: number): TimedLeg => ({
  kind: 'board',
  heat: { on: 'rest', cover: 'open' },
  fixed: seconds,
  unknownShare: 0,
  gear: {},
  thenFlip: false,
  seconds,
  flips: [],
});

/** Fixes for one trouble in a kitchen, each computed from the present state of the piece. */
class WaysOut {
  readonly rest: readonly TimedLeg[];
  private readonly free: number;

  constructor(
    private readonly now: WhatIf,
    private readonly inProgress: CookInProgress,
  ) {
    this.rest = now.rest;
    const decides = now.rest.findLastIndex(({ unknownShare: share }) => share > 0);
    this.free = decides === -1 ? now.rest.length - 1 : decides;
  }

  get ovenAt(): number {
    return this.rest.findIndex(({ kind }) => kind === 'oven');
  }

  get panAt(): number {
    return this.rest.findIndex(({ heat }) => heat.on === 'pan' || heat.on === 'cold-pan');
  }

  private option(
    id: OptionId,
    legs: readonly TimedLeg[],
    more: Partial<TroubleOption> = {},
    free = this.free + legs.length - this.rest.length,
    holds = 0,
  ): TroubleOption {
    return { id, ...this.now.outcome(this.solved(legs, free), holds), ...more };
  }

  private solved(legs: readonly TimedLeg[], free: number): readonly TimedLeg[] {
    return free >= 0 && free < legs.length ? this.now.solved(legs, free) : legs;
  }

  /** Remaining legs, timed for the wanted end. */
  get solvedRest(): readonly TimedLeg[] {
    return this.solved(this.rest, this.free);
  }

  asIs(holds = 0): TroubleOption {
    return this.option(
      holds > 0 ? 'hold-after' : 'as-is',
      this.rest,
      { waits: holds },
      undefined,
      holds,
    );
  }

  outNow(): TroubleOption {
    return { id: 'out-now', ...this.now.outcome([]) };
  }

  /** The oven at another temperature from now on. */
  oven(id: OptionId, air: number): readonly TroubleOption[] {
    const at = this.ovenAt;
    if (at === -1) return [];
    const celsius = held(air, PLAN_LIMITS.air);
    const legs = this.rest.map((leg, i) => (i === at ? inOven(leg, celsius) : leg));
    return [this.option(id, legs, { celsius })];
  }

  /** The pan at another temperature from now on. */
  pan(id: OptionId, pan: number): readonly TroubleOption[] {
    if (this.panAt === -1) return [];
    const celsius = held(pan, PLAN_LIMITS.pan);
    const legs = this.rest.map((leg) => (leg.heat.on === 'pan' ? onPan(leg, celsius) : leg));
    return [this.option(id, legs, { celsius })];
  }

  /** Moves the piece out of the oven at once, to its next leg. */
  searNow(): readonly TroubleOption[] {
    const at = this.ovenAt;
    if (at !== 0 || this.rest.length < 2) return [];
    return [{ id: 'sear-now', ...this.now.outcome(this.rest.slice(1)) }];
  }

  /** A wait in the oven turned down, before what comes after it. */
  holdInOven(seconds: number): readonly TroubleOption[] {
    const at = this.ovenAt;
    if (at !== 0) return [];
    const { fan } = this.inProgress.plan.request;
    const hold: TimedLeg = {
      ...board(seconds),
      kind: 'oven',
      heat: { on: 'rack', air: HOLD_AIR, h: fan ? FAN_OVEN : STILL_OVEN },
    };
    const first = this.rest[0];
    const legs = [first, hold, ...this.rest.slice(1)];
    return [this.option('oven-hold', legs, { celsius: HOLD_AIR, waits: seconds }, 0)];
  }

  /** Off the heat and back, what is left after it unchanged or as `then` makes it. */
  lifted(
    id: OptionId,
    seconds: number,
    then: (leg: TimedLeg) => TimedLeg = (leg) => leg,
  ): readonly TroubleOption[] {
    if (this.panAt !== 0) return [];
    return [this.option(id, [board(seconds), ...this.rest.map(then)], { waits: seconds })];
  }

  waitOnBoard(seconds: number): readonly TroubleOption[] {
    if (this.rest.length === 0) return [];
    return [this.option('board', [board(seconds), ...this.rest], { waits: seconds })];
  }

  lid(): readonly TroubleOption[] {
    if (this.panAt !== 0) return [];
    const pan = this.inProgress.plan.request.pan;
    const cooling: TimedLeg = {
      ...board(LID_SECONDS),
      kind: 'sear',
      heat: { on: 'pan', pan: PLAN_LIMITS.pan.least, from: pan },
    };
    return [{ id: 'lid', waits: LID_SECONDS, ...this.now.outcome([cooling]) }];
  }
}

/**
 * Fixes for a trouble, each computed from the present state of the piece. The one that changes nothing comes last, for
 * comparison.
 * @param at now, ms since 1970
 */
export const troubleOptions = (
  inProgress: CookInProgress,
  at: number,
  trouble: Trouble,
  { delay, thinner }: TroubleDetail = USUAL_DETAIL,
): readonly TroubleOption[] => {
  const now = new WhatIf(inProgress, at);
  const ways = new WaysOut(now, inProgress);
  const { request } = inProgress.plan;
  const air = ways.rest[ways.ovenAt]?.heat;
  const oven = air && 'air' in air ? air.air : 0;
  const heat = ways.rest[ways.panAt]?.heat;
  const pan = heat && 'pan' in heat ? heat.pan : request.pan;
  switch (trouble) {
    case 'late':
      return [
        ...OVEN_UP.flatMap((up) => ways.oven('oven-up', oven + up)),
        ...(ways.ovenAt === -1 ? ways.pan('pan-up', pan + UP_BY) : []),
        ...ways.searNow(),
        ways.outNow(),
        ways.asIs(),
      ];
    case 'early':
      return [
        ...ways.oven('oven-down', oven - OVEN_DOWN),
        ...(ways.ovenAt === -1 ? ways.pan('pan-down', pan - DOWN_BY) : []),
        ways.asIs(),
      ];
    case 'delayed':
      return [...ways.holdInOven(delay), ...ways.waitOnBoard(delay), ways.asIs(delay)];
    case 'cold-pan': {
      const back = preheat(inProgress.pan, pan, undefined, pan - COOL_BY);
      return [
        ...ways.lifted('reheat', back.reached ? Math.ceil(back.seconds / 5) * 5 : LID_SECONDS),
        ...ways.pan('pan-down', pan - COOL_BY),
      ];
    }
    case 'overshoot':
      return [...ways.searNow(), ways.outNow(), ways.asIs()];
    case 'butter': {
      const plain = (leg: TimedLeg): TimedLeg =>
        leg.kind === 'baste'
          ? { ...onPan({ ...leg, heat: { on: 'pan', pan } }, pan), kind: 'sear' }
          : leg;
      return [...ways.lifted('wipe', WIPE_SECONDS, plain), ways.outNow()];
    }
    case 'uneven': {
      const { kitchen } = inProgress;
      const thin = { ...kitchen, thickness: kitchen.thickness - thinner };
      const other = new WhatIf({ ...inProgress, kitchen: thin }, at);
      const forThin = new WaysOut(other, inProgress).solvedRest;
      const { id, ...asIs } = ways.asIs();
      return [
        {
          id: 'for-thin',
          ...now.outcome(forThin),
          thinPeak: other.outcome(forThin).peak,
        },
        { id, ...asIs, thinPeak: other.outcome(ways.solvedRest).peak },
      ];
    }
    case 'smoke': {
      const [smokes] = fatOf(request.fat).smokes;
      return [...ways.pan('pan-down', Math.min(pan - DOWN_BY, smokes - UNDER_SMOKE)), ways.asIs()];
    }
    case 'fire':
      return [...ways.lid(), ways.outNow()];
  }
};
