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

const nearest = (seconds: number, step: number): number => Math.round(seconds / step) * step;

/** `7:30 to 9:00`: a range no finer than it is known. */
export const timeRange = (seconds: number, either: number): string => {
  const step = either > 40 ? 15 : 5;
  const low = Math.max(step, nearest(seconds - either, step));
  return `${showDuration(low)} to ${showDuration(nearest(seconds + either, step))}`;
};

/** Typical error of an input, in a cook's units. */
export const inputWords = (input: InputSpread['input'], error: number, show: Show): string => {
  switch (input) {
    case 'thickness':
      return `${show.depth(error)} of thickness`;
    case 'contact':
      return `${Math.round(error * 100)} % of pan contact`;
    case 'start':
      return `${show.difference(error)} at the start`;
    case 'pan':
      return `${show.wholeDifference(error)} of pan heat`;
    case 'oven':
      return `${show.wholeDifference(error)} of oven heat`;
    case 'burner':
      return `${Math.round(error * 100)} % of burner power`;
    case 'ovenHeat':
      return `${Math.round(error * 100)} % of what its air brings`;
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
    .map(
      ({ input, error, seconds }) =>
        `${inputWords(input, error, show)} moves it ${formatDuration(seconds)}`,
    )
    .join('; ');
  const later = pullsFromOven(plan);
  const items: readonly FigureItem[] = [
    {
      label: oven ? 'in all' : 'in the pan',
      value: showDuration(plan.cookSeconds),
      why: spread
        ? `${spread.flat ? 'The end hardly depends on the time' : `Usually ${timeRange(plan.cookSeconds, spread.seconds)}: ${inputs}`}. By the clock alone the end is sure to about ±${show.difference(spread.endTemperature)}, with what the model only estimates; a thermometer at the pull is surer.`
        : 'Found by simulating the piece until its core peaks at the wanted end.',
    },
    {
      label: later ? 'out of the oven at' : 'pull at',
      value: show.degrees(later ? plan.pullCore : plan.doneCore),
      why: later
        ? `${readingSentence(plan, 'pull', show)}The sear then takes the core to ${show.temperature(plan.doneCore)}, and the rest to ${show.temperature(plan.peakCore)}.`
        : `${readingSentence(plan, 'done', show)}The core climbs ${show.difference(plan.peakCore - plan.doneCore)} more in the rest, carried by the heat in the outer layers, and peaks ${formatDuration(nearest(Math.max(0, plan.peakAfter), 10))} after the pull.`,
    },
    ...(window
      ? [
          {
            label: 'window',
            value: `−${formatWindow(window.early)} +${formatWindow(window.late)}`,
            why: `Pull this much early or late and the core still ends within ${show.difference(1.5)} of ${show.temperature(request.target)}.`,
          },
        ]
      : []),
    {
      label: 'grey band',
      value: show.depth(plan.greyBand),
      why: `Both sides together passed ${show.temperature(65)} on the mid-line, of ${show.thickness(request.thickness)} in all.`,
    },
    {
      label: 'even',
      value: percent(plan.evenness),
      why: `Share of the slice within ${show.difference(3)} of the core's peak.`,
    },
    {
      label: 'crust',
      value: describeCrust(namedBrowning(plan), plan.request),
      why: `First side ${describeCrust(first, plan.request)} (index ${first.toFixed(1)}), second ${describeCrust(other, plan.request)} (${other.toFixed(1)}). Golden from ${crustFrom('golden', plan.request)}, deep brown from ${crustFrom('deep-brown', plan.request)}, bitter from ${crustFrom('burnt', plan.request)}. Dried ${show.depth(plan.crust[0])} and ${show.depth(plan.crust[1])} deep.`,
    },
    {
      label: 'at the stove',
      value: showDuration(plan.stoveSeconds),
      why: oven
        ? 'Minutes at the pan; the rest of the time the oven has it.'
        : 'All of it: a pan wants the cook beside it.',
    },
    {
      label: 'loss',
      value: formatLoss(plan),
      why: `${percent(plan.evaporated)} of the weight leaves as steam, and of what the meat no longer holds some drips: sure to about three points either way. A sear does not seal it in: every way loses.`,
    },
    ...(plan.boneLag === undefined
      ? []
      : [
          {
            label: 'by the bone',
            value: `−${show.difference(plan.boneLag)}`,
            why: 'The coldest of the meat along the bone is this much behind the core as it leaves the heat: probe the middle, and let the rest even it out.',
          },
        ]),
  ];
  return items.map((item) => {
    const known = MEANING_OF[item.label];
    return known === undefined ? item : { ...item, means: known };
  });
};
