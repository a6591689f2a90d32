import { NOMINAL_KITCHEN, type KitchenDeviation } from '../gear';
import type { PanOnBurner } from '../gear/pan';
import { faceArea } from '../heat/section';
import { heardSteam } from '../heat/sizzle';
import type { PlanRequest } from '../plan/request';
import type { TimedLeg } from '../plan/timedLeg';
import { WayCook } from '../plan/wayCook';
import { cookedLegs } from './cookedLegs';
import { effectiveEvents } from './effectiveEvents';
import type { CookEvent } from './event';
import { progressOf, type PlanFigures } from './progress';
import type { SteamCurve } from './steamCurve';

/** Points no closer than this, s: an ear hears no more. */
const SPACING = 0.5;

const onIron = ({ heat }: TimedLeg): boolean => 'pan' in heat && heat.on !== 'oven-pan';

/**
 * The steam that is heard of a piece while it lies on iron, over its legs as they were and are due to be; none
 * where it is in an oven or rests, which nobody hears.
 * @param legs as `cookedLegs` has them
 */
export const steamOfLegs = (
  request: PlanRequest,
  legs: readonly TimedLeg[],
  pan: PanOnBurner,
  deviation: KitchenDeviation = NOMINAL_KITCHEN,
): SteamCurve => {
  const cook = new WayCook(request, { pan, deviation });
  const { solver } = cook;
  const area = faceArea(solver.section);
  const ends: number[] = [];
  for (const { seconds } of legs) ends.push((ends.at(-1) ?? 0) + seconds);
  const time: number[] = [0];
  const steam: number[] = [0];
  let before = { at: 0, evaporated: 0 };
  cook.reset();
  cook.endOf(legs, (at) => {
    if (at - before.at < SPACING) return;
    const leg = legs[ends.findIndex((end) => at <= end + 1e-6)];
    const left = (solver.evaporated - before.evaporated) / (at - before.at) / area;
    const heat = leg && onIron(leg) ? leg.heat : undefined;
    const iron = cook.floor ?? (heat && 'pan' in heat ? heat.pan : 0);
    time.push(at);
    steam.push(heat ? heardSteam({ left, flux: solver.lowerPower / area, iron }) : 0);
    before = { at, evaporated: solver.evaporated };
  });
  return { time, steam };
};

/**
 * The same of a cook that is on, by its presses so far and what is due; undefined until it meets the heat.
 * @param plannedIn when the plan has the piece meet the heat, ms since 1970
 */
export const steamOfCook = (
  plan: PlanFigures,
  plannedIn: number,
  events: readonly CookEvent[],
  pan: PanOnBurner,
  deviation?: KitchenDeviation,
): SteamCurve | undefined => {
  const effective = effectiveEvents(events);
  const inAt = effective.find(({ kind }) => kind === 'in')?.at;
  if (inAt === undefined) return undefined;
  const turnedAt = effective.filter(({ kind }) => kind === 'turned').map(({ at }) => at);
  const progress = progressOf(plan, plannedIn, effective);
  const legs = cookedLegs({ inAt, turnedAt, progress }, plan.request);
  return steamOfLegs(plan.request, legs, pan, deviation);
};
