import { DEFAULT_OVEN } from '../gear/ovenBody';
import { FIRST_GEAR, panOnBurner, type LoggedCook } from '../learn/loggedCook';
import { heatStartFor, runOf } from '../schedule/run';
import type { CookRecord } from './messages';

/** A cook of the logbook as a kitchen is learned from it. */
export const loggedCookOf = ({
  id,
  createdAt,
  plan: { plan, plateAt, gear = FIRST_GEAR },
  together,
  events,
  judgement,
}: CookRecord): LoggedCook => {
  const oven = { ...DEFAULT_OVEN, offset: gear.oven.offset, timeConstant: gear.oven.lag };
  const run = runOf(plan, { pan: panOnBurner(gear, gear.burner.share), oven });
  return {
    id,
    at: createdAt,
    plan,
    plannedIn: heatStartFor(run, plateAt - (together?.waits ?? 0) * 1000),
    gear,
    events,
    endTemperature: judgement?.endTemperature,
    crust: judgement?.crust,
  };
};
