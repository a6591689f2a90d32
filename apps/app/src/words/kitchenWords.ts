import type { BurnerControl, Press, RestSurface, StemSide, TurnSpot } from '@crustan/core/heat';
import type { PlannedReadings, ReadingBand } from '@crustan/core/plan';
import type { OvenFuel, PlanRequest } from '@crustan/core/plan/request';
import type { Option } from '../ui/Choice';
import type { ThawPlace } from '@crustan/core/heat/icePlaces';
import { capital } from './cutWords';
import type { Show } from './show';
import { t } from '../t';

/** Burner habits in the words of the plan's sentence. */
export const KNOB_WORDS: Readonly<Record<BurnerControl, string>> = {
  left: t('burner-left-as-set'),
  up: t('turned-up-when-food-goes-in'),
  full: t('on-full-throughout'),
};

/** Options of the burner habit and of the press. */
export const KNOB_OPTIONS: readonly Option<BurnerControl>[] = [
  { value: 'left', label: t('left-alone'), detail: t('the-iron-cools-under-the-food') },
  { value: 'up', label: t('turned-up'), detail: t('to-hold-the-heat') },
  { value: 'full', label: t('full-throughout'), detail: t('hotter-as-the-food-warms') },
];
export const PRESS_OPTIONS: readonly Option<Press>[] = [
  { value: 'pressed', label: t('pressed-flat'), detail: t('full-contact') },
  { value: 'loose', label: t('by-its-own-weight'), detail: t('slower-paler-in-patches') },
];

/** Surfaces for the rest. */
export const REST_ON_WORDS: Readonly<Record<RestSurface, string>> = {
  rack: t('on-a-rack'),
  board: t('on-a-board'),
  plate: t('on-a-cold-plate'),
  'warm-plate': t('on-a-warm-plate'),
};

/** Advice about a face on the iron, for the timeline and the stove. */
export const PRESS_ADVICE: Readonly<Record<Press, string>> = {
  pressed: t('press-it-flat'),
  loose: t('let-it-lie-by-its-own-weight'),
};

export const SPOT_WORDS: Readonly<Record<TurnSpot, string>> = {
  fresh: t('onto-fresh-iron'),
  same: t('on-the-same-spot'),
};

export const STEM_WORDS: Readonly<Record<StemSide, string>> = {
  top: t('from-the-top'),
  side: t('from-the-side'),
};

export const FUEL_WORDS: Readonly<Record<OvenFuel, string>> = {
  electric: t('electric'),
  gas: t('gas'),
};

const describeBand = ([least, most]: ReadingBand, show: Show): string => {
  const [from, to] = [show.degrees(least), show.degrees(most)];
  return from === to ? t('about', { from }) : t('to-3', { from, to });
};

interface WithReadings {
  readonly request: Pick<PlanRequest, 'stem'>;
  readonly readings?: PlannedReadings | undefined;
}

/** `from the top your thermometer should show 49° to 52°`: empty for a plan that does not know. */
export const describeReading = (
  { request, readings }: WithReadings,
  when: keyof PlannedReadings,
  show: Show,
): string =>
  readings === undefined
    ? ''
    : t('your-thermometer-should-show', {
        words: STEM_WORDS[request.stem],
        band: describeBand(readings[when], show),
      });

/** The same as a sentence before another; nothing for a plan that does not know. */
export const readingSentence = (
  plan: WithReadings,
  when: keyof PlannedReadings,
  show: Show,
): string => {
  const said = describeReading(plan, when, show);
  return said === '' ? '' : `${capital(said)}. `;
};

/** Places for thawing. */
export const THAW_WORDS: Readonly<Record<ThawPlace, string>> = {
  'fridge-shelf': t('open-in-the-fridge'),
  'fridge-bag': t('bagged-in-the-fridge'),
  'running-water': t('bagged-under-the-cold-tap'),
  'still-water': t('bagged-in-cold-water'),
  counter: t('on-the-counter'),
};
