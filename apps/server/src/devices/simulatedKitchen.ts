import { DEFAULT_PAN } from '@crustan/core/gear';
import { KITCHEN_AIR } from '@crustan/core/heat';
import {
  cookedLegs,
  progressOf,
  effectiveEvents,
  type CookEvent,
  type Instrument,
} from '@crustan/core/cook';
import { normal, seededRandom } from '@crustan/core/maths';
import { trueCook, trueRun, type HiddenKitchen } from '@crustan/core/simulation';
import type { PlanRecord } from '@crustan/core/formats';
import { heatStartFor, runOf } from '@crustan/core/schedule';
import { firstOvenLeg } from '@crustan/core/plan/ovenLegs';

/** Reading of a simulated device. */
export interface DeviceReading {
  readonly by: Exclude<Instrument, 'typed'>;
  readonly celsius: number;
  /** ms since 1970, by the kitchen's clock. */
  readonly at: number;
}

/** The thermostat's swing about what the oven settles at, K, and its period, s. */
const SWING = 5;
const PERIOD = 420;
/** Standard deviation of an infrared thermometer, K. */
const GUN_NOISE = 4;

const tenth = (celsius: number): number => Math.round(celsius * 10) / 10;

/**
 * Readings of one cook's simulated devices at a moment: a probe in the meat, an infrared thermometer on the pan, a
 * thermometer in the oven, all in one hidden kitchen that follows the recorded steps. The cook is simulated again from
 * its events, so that a step which arrives late still counts.
 * @param now ms since 1970, by the kitchen's clock
 */
export const simulatedReadings = (
  { plan, plateAt }: Pick<PlanRecord, 'plan' | 'plateAt'>,
  events: readonly CookEvent[],
  hidden: HiddenKitchen,
  now: number,
): readonly DeviceReading[] => {
  const effective = effectiveEvents(events);
  const random = seededRandom(Math.floor(now / 1000));
  const inAt = effective.find(({ kind }) => kind === 'in')?.at;
  const noisy = (celsius: number, deviation: number): number =>
    tenth(celsius + deviation * normal(random));
  const progress = progressOf(plan, heatStartFor(runOf(plan), plateAt), effective);
  const done = progress.actions.slice(0, progress.done);
  const leg = progress.legs[done.at(-1)?.leg ?? 0];
  const dial = firstOvenLeg(progress.legs)?.air;
  const readings: DeviceReading[] = [];
  if (dial !== undefined) {
    const swing = SWING * Math.sin((2 * Math.PI * now) / 1000 / PERIOD);
    readings.push({ by: 'oven', celsius: tenth(dial + hidden.oven + swing), at: now });
  }
  readings.push({ by: 'gun', celsius: noisy(leg?.pan ?? plan.request.pan, GUN_NOISE), at: now });
  if (inAt === undefined || now < inAt) {
    return [...readings, { by: 'probe', celsius: noisy(KITCHEN_AIR, 0.1), at: now }];
  }
  const turnedAt = effective.filter(({ kind }) => kind === 'turned').map(({ at }) => at);
  // Nothing happens here until it is pressed: what is due but not done has not been.
  const legs = cookedLegs({ inAt, turnedAt, progress: untilNow(progress, now) }, plan.request);
  const cook = trueCook(plan.request, hidden, { pan: DEFAULT_PAN });
  const { truths } = trueRun(cook, hidden, legs, [(now - inAt) / 1000]);
  const probe = truths[0]?.probe ?? KITCHEN_AIR;
  return [...readings, { by: 'probe', celsius: noisy(probe, hidden.noise), at: now }];
};

/** A progress whose undone actions are still to come, however late. */
const untilNow = (
  progress: ReturnType<typeof progressOf>,
  now: number,
): ReturnType<typeof progressOf> => {
  const next = progress.actions[progress.done];
  const late = next ? Math.max(0, now + 1 - next.dueAt) : 0;
  return {
    ...progress,
    actions: progress.actions.map((action, i) =>
      i < progress.done ? action : { ...action, dueAt: action.dueAt + late },
    ),
  };
};
