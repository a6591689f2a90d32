import type { PlanRecord } from '@crustan/core/formats';
import { nextDue } from '@crustan/core/schedule/lateSteps';
import { runOf, type RunGear } from '@crustan/core/schedule/run';
import { formatMoment } from './describePlate';
import type { Show } from './show';
import { stepWords } from './stepWords';
import { t } from '../t';

/** The next step of a kept plan, with its time: `Salt it, 2 days ahead: tonight, 19:00`. */
export const describeNextDue = (
  { plan, plateAt }: PlanRecord,
  gear: RunGear,
  now: number,
  show: Show,
): string | undefined => {
  const due = nextDue(runOf(plan, gear), plateAt, now);
  if (due === undefined) return undefined;
  const { does } = stepWords(due.step, plan, show, gear.pan, gear.oven.offset);
  return t('next', {
    charAt: does.charAt(0).toLowerCase(),
    slice: does.slice(1),
    moment: formatMoment(due.at, now, show),
  });
};
