import type { CookPlan } from '@crustan/core/plan';
import { inAPan } from '@crustan/core/plan/ovenLegs';
import { pullsFromOven } from '@crustan/core/plan/pullsFromOven';
import { cutOf } from '@crustan/core/plan/request';
import { partsInPan } from '@crustan/core/plan/shareOnIron';
import { formatDuration } from '@crustan/core/units';
import { describeReading } from './kitchenWords';
import type { Show } from './show';

type PlanFigures = Pick<
  CookPlan,
  'request' | 'pullAt' | 'pullCore' | 'doneCore' | 'cookSeconds' | 'readings'
> & { readonly legs: readonly Pick<CookPlan['legs'][number], 'kind' | 'at' | 'seconds' | 'air'>[] };

/** A time as a cook can keep it: the longer, the rounder. */
export const rounded = (seconds: number): string =>
  formatDuration(
    seconds > 3600
      ? Math.round(seconds / 60) * 60
      : seconds > 120
        ? Math.round(seconds / 15) * 15
        : Math.round(seconds / 5) * 5,
  );

/** The reading before what else is said; nothing for a plan that does not know. */
export const readingFirst = (plan: PlanFigures, when: 'pull' | 'done', show: Show): string => {
  const said = describeReading(plan, when, show);
  return said === '' ? '' : `${said}; `;
};

/** Browning method of a whole piece in a pan. */
export const howBrowned = (request: PlanFigures['request']): string => {
  const parts = partsInPan(request);
  const rolled = cutOf(request).rolled ? 'rolled a quarter at a time; ' : '';
  return `${rolled}${parts > 1 ? `in ${parts} parts, one after another; ` : ''}`;
};

/** Off the heat before it is browned: tented, or in an oven turned down; often the thermometer decides it. */
export const liftWords = (
  index: number,
  plan: PlanFigures,
  show: Show,
): { readonly does: string; readonly why: string } => {
  const leg = plan.legs[index];
  const { hold, way } = plan.request;
  if (leg?.kind !== 'board' || (hold === undefined && way !== 'oven-blast')) {
    return { does: 'Out, onto the board', why: 'uncovered, while the pan is put right' };
  }
  const waits = rounded(leg.seconds);
  const decides = Math.abs(leg.at - plan.pullAt) < 1;
  const reading = decides ? readingFirst(plan, 'pull', show) : '';
  const pull = show.degrees(plan.pullCore);
  return leg.air === undefined
    ? {
        does: decides ? `Out at ${pull}, loosely tented` : 'Out, loosely tented',
        why: `${reading}it waits ${waits} and climbs on meanwhile`,
      }
    : {
        does: `${decides ? `At ${pull} the oven` : 'Oven'} down to ${show.degrees(leg.air)}`,
        why: `${reading}door open until it is; the piece is held there ${waits}`,
      };
};

/** Into the pan after a wait: for the first time, or again. */
export const describeIntoPan = (index: number, { legs }: PlanFigures): string =>
  legs.slice(0, index).some(inAPan) ? 'Back into the pan' : 'Into the pan';

/** Out of the last heat. */
export const pullWords = (plan: PlanFigures, show: Show): string => {
  if (!pullsFromOven(plan)) return `Out at ${show.degrees(plan.doneCore)}`;
  return plan.legs.at(-1)?.kind === 'oven' ? 'Out of the oven, browned' : 'Out of the pan';
};
