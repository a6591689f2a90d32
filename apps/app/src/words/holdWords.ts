import type { CookPlan } from '@crustan/core/plan';
import { inAPan } from '@crustan/core/plan/ovenLegs';
import { pullsFromOven } from '@crustan/core/plan/pullsFromOven';
import { cutOf } from '@crustan/core/plan/request';
import { partsInPan } from '@crustan/core/plan/shareOnIron';
import { formatDuration } from '@crustan/core/units';
import { describeReading } from './kitchenWords';
import type { Show } from './show';
import { t } from '../t';

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
  const rolled = cutOf(request).rolled ? t('rolled-a-quarter-at-a-time') : '';
  return `${rolled}${parts > 1 ? t('in-parts-one-after-another', { parts }) : ''}`;
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
    return { does: t('out-onto-the-board'), why: t('uncovered-while-the-pan-is-put-right') };
  }
  const waits = rounded(leg.seconds);
  const decides = Math.abs(leg.at - plan.pullAt) < 1;
  const reading = decides ? readingFirst(plan, 'pull', show) : '';
  const pull = show.degrees(plan.pullCore);
  return leg.air === undefined
    ? {
        does: decides ? t('out-at-loosely-tented', { pull }) : t('out-loosely-tented'),
        why: t('it-waits-and-climbs-on-meanwhile', { reading, waits }),
      }
    : {
        does: t('down-to', {
          part: decides ? t('at-the-oven', { pull }) : t('oven'),
          degrees: show.degrees(leg.air),
        }),
        why: t('door-open-until-it-is-the-piece', { reading, waits }),
      };
};

/** Into the pan after a wait: for the first time, or again. */
export const describeIntoPan = (index: number, { legs }: PlanFigures): string =>
  legs.slice(0, index).some(inAPan) ? t('back-into-the-pan') : t('into-the-pan');

/** Out of the last heat. */
export const pullWords = (plan: PlanFigures, show: Show): string => {
  if (!pullsFromOven(plan)) return t('out-at', { degrees: show.degrees(plan.doneCore) });
  return plan.legs.at(-1)?.kind === 'oven' ? t('out-of-the-oven-browned') : t('out-of-the-pan');
};
