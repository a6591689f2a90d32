import { PanBody, preheat } from '../gear';
import { panOnBurner, type GearUsed } from './loggedCook';

/** Bound of a pan's excess, K: more would be noticed before the sear. */
const NOTICED = 70;

/**
 * Error of a pan that was warmed by the clock: for the planned time, on a burner that gives another share of its power
 * than planned, K.
 * @param requested requested temperature, C
 * @param share of the plate's power that the burner really gives
 */
export const panExcess = (gear: GearUsed, requested: number, share: number): number => {
  const warming = preheat(panOnBurner(gear, gear.burner.share), requested);
  if (!warming.reached) return 0;
  const over = panAfterWarming(gear, warming.seconds, share) - requested;
  return NOTICED * Math.tanh(over / NOTICED);
};

/** Temperature of a pan after a time on its burner at full, C. */
export const panAfterWarming = (gear: GearUsed, seconds: number, share: number): number => {
  const body = new PanBody(panOnBurner(gear, share));
  body.follow(seconds, 0);
  return body.temperature;
};

/** Warm-up time of the run, s; undefined if the burner cannot reach it. */
export const statedWarmUp = (gear: GearUsed, requested: number): number | undefined => {
  const warming = preheat(panOnBurner(gear, gear.burner.share), requested);
  return warming.reached ? warming.seconds : undefined;
};
