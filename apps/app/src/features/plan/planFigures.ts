import { crustFrom } from '@crustan/core/doneness';
import type { CookPlan, InputSpread } from '@crustan/core/plan';
import { namedBrowning } from '@crustan/core/plan/crustComplaint';
import { pullsFromOven } from '@crustan/core/plan/pullsFromOven';
import { usesOven } from '@crustan/core/plan/way';
import { formatDuration, showDuration } from '@crustan/core/units';
import type { FigureItem } from '../../ui/Figures';
import type { Show } from '../../words/show';
import type { PlanView } from '../../workers/planLane';
import { formatWindow } from './formatWindow';
import { describeCrust } from '../../words/judgedWords';
import { readingSentence } from '../../words/kitchenWords';
import { MEANING_OF } from './meaningOf';
import { formatLoss } from '../../words/formatLoss';
import { formatFixed } from '../../words/formatFixed';
import { t } from './t';

const nearest = (seconds: number, step: number): number => Math.round(seconds / step) * step;

/** `7:30 to 9:00`: a range no finer than it is known. */
export const timeRange = (seconds: number, either: number): string => {
  const step = either > 40 ? 15 : 5;
  const low = Math.max(step, nearest(seconds - either, step));
  return t('to-6', {
    duration: showDuration(low),
    duration2: showDuration(nearest(seconds + either, step)),
  });
};

/** Typical error of an input, in a cook's units. */
export const inputWords = (input: InputSpread['input'], error: number, show: Show): string => {
  switch (input) {
    case 'thickness':
      return t('of-thickness', { depth: show.depth(error) });
    case 'contact':
      return t('of-pan-contact', { value: Math.round(error * 100) });
    case 'start':
      return t('at-the-start', { difference: show.difference(error) });
    case 'pan':
      return t('of-pan-heat', { wholeDifference: show.wholeDifference(error) });
    case 'oven':
      return t('of-oven-heat', { wholeDifference: show.wholeDifference(error) });
    case 'burner':
      return t('of-burner-power', { value: Math.round(error * 100) });
    case 'ovenHeat':
      return t('of-what-its-air-brings', { value: Math.round(error * 100) });
  }
};

const percent = (share: number): string => `${Math.round(Math.max(0, share) * 100)} %`;

/** The figures a plan is judged by, each with its why. */
export const planFigures = (
  plan: CookPlan,
  { window, spread }: Pick<PlanView, 'window' | 'spread'>,
  show: Show,
): readonly FigureItem[] => {
  const { request } = plan;
  const [first, other] = plan.browning;
  const oven = usesOven(request.way);
  const inputs = spread?.inputs
    .slice(0, 3)
    .map(({ input, error, seconds }) =>
      t('moves-it', {
        inputWords: inputWords(input, error, show),
        duration: formatDuration(seconds),
      }),
    )
    .join('; ');
  const later = pullsFromOven(plan);
  const items: readonly FigureItem[] = [
    {
      label: oven ? t('in-all') : t('in-the-pan'),
      value: showDuration(plan.cookSeconds),
      why: spread
        ? t('by-the-clock-alone-the-end-is', {
            part: spread.flat
              ? t('the-end-hardly-depends-on-the-time-2')
              : t('usually', {
                  timeRange: timeRange(plan.cookSeconds, spread.seconds),
                  inputs: inputs ?? '',
                }),
            difference: show.difference(spread.endTemperature),
          })
        : t('found-by-simulating-the-piece-until-its'),
    },
    {
      label: later ? t('out-of-the-oven-at') : t('pull-at'),
      value: show.degrees(later ? plan.pullCore : plan.doneCore),
      why: later
        ? t('the-sear-then-takes-the-core-to', {
            readingSentence: readingSentence(plan, 'pull', show),
            temperature: show.temperature(plan.doneCore),
            temperature2: show.temperature(plan.peakCore),
          })
        : t('the-core-climbs-more-in-the-rest', {
            readingSentence: readingSentence(plan, 'done', show),
            difference: show.difference(plan.peakCore - plan.doneCore),
            duration: formatDuration(nearest(Math.max(0, plan.peakAfter), 10)),
          }),
    },
    ...(window
      ? [
          {
            label: t('window'),
            value: `−${formatWindow(window.early)} +${formatWindow(window.late)}`,
            why: t('pull-this-much-early-or-late-and', {
              difference: show.difference(1.5),
              temperature: show.temperature(request.target),
            }),
          },
        ]
      : []),
    {
      label: t('grey-band'),
      value: show.depth(plan.greyBand),
      why: t('both-sides-together-passed-on-the-mid', {
        temperature: show.temperature(65),
        thickness: show.thickness(request.thickness),
      }),
    },
    {
      label: t('even'),
      value: percent(plan.evenness),
      why: t('share-of-the-slice-within-of-the', { difference: show.difference(3) }),
    },
    {
      label: t('crust-2'),
      value: describeCrust(namedBrowning(plan), plan.request),
      why: t('first-side-index-second-golden-from-deep', {
        crust: describeCrust(first, plan.request),
        first: formatFixed(first, 1),
        crust2: describeCrust(other, plan.request),
        other: formatFixed(other, 1),
        crustFrom: crustFrom('golden', plan.request),
        crustFrom2: crustFrom('deep-brown', plan.request),
        crustFrom3: crustFrom('burnt', plan.request),
        depth: show.depth(plan.crust[0]),
        depth2: show.depth(plan.crust[1]),
      }),
    },
    {
      label: t('at-the-stove'),
      value: showDuration(plan.stoveSeconds),
      why: oven ? t('minutes-at-the-pan-the-rest-of') : t('all-of-it-a-pan-wants-the'),
    },
    {
      label: t('loss'),
      value: formatLoss(plan),
      why: t('of-the-weight-leaves-as-steam-and', { percent: percent(plan.evaporated) }),
    },
    ...(plan.boneLag === undefined
      ? []
      : [
          {
            label: t('by-the-bone'),
            value: `−${show.difference(plan.boneLag)}`,
            why: t('the-coldest-of-the-meat-along-the'),
          },
        ]),
  ];
  return items.map((item) => {
    const known = MEANING_OF[item.label];
    return known === undefined ? item : { ...item, means: known };
  });
};
