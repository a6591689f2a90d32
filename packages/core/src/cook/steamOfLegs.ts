import { NOMINAL_KITCHEN, type KitchenDeviation } from '../gear';
import type { PanOnBurner } from '../gear/pan';
import { faceArea } from '../heat/matter/section';
import { heardSteam } from '../heat/judging/sizzle';
import type { PlanRequest } from '../plan/request/request';
import type { TimedLeg } from '../plan/legs/timedLeg';
import { MethodSimulator } from '../plan/legs/methodSimulator';
import { cookedLegs } from './cookedLegs';
import { effectiveEvents } from './effectiveEvents';
import type { CookEvent } from './event';
import { progressOf, type PlanFigures } from './progress';
import type { SteamCurve } from './steamCurve';

/** Points no closer than this, s: an ear hears no more. */
const SPACING = 0.5;

const onIron = ({ heat }: TimedLeg): boolean => 'pan' in heat && heat.on !== 'oven-pan';

/**
 * Steam flux of a piece while it lies on iron, over its past and due legs; 0 in an oven or at rest, where it is not
 * heard.
 * @param legs from `cookedLegs`
 */
export const steamOfLegs = (
  request: PlanRequest,
  legs: readonly TimedLeg[],
  pan: PanOnBurner,
  deviation: KitchenDeviation = NOMINAL_KITCHEN,
): SteamCurve => {
  const cook = new MethodSimulator(request, { pan, deviation });
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
 * Steam flux of a cook that is on, from its steps and its due legs; undefined before the heat.
 * @param plannedIn planned start of the heat, ms since 1970
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
