import type { BurnerControl, Press, RestSurface, StemSide, TurnSpot } from '@crustan/core/heat';
import type { PlannedReadings, ReadingBand } from '@crustan/core/plan';
import type { OvenFuel, PlanRequest } from '@crustan/core/plan/request';
import type { Option } from '../ui/Choice';
import type { ThawPlace } from '@crustan/core/heat/icePlaces';
import { capital } from './cutWords';
import type { Show } from './show';

/** Burner habits in the words of the plan's sentence. */
export const KNOB_WORDS: Readonly<Record<BurnerControl, string>> = {
  left: 'burner left as set',
  up: 'turned up when food goes in',
  full: 'on full throughout',
};

/** Options of the burner habit and of the press. */
export const KNOB_OPTIONS: readonly Option<BurnerControl>[] = [
  { value: 'left', label: 'Left alone', detail: 'the iron cools under the food' },
  { value: 'up', label: 'Turned up', detail: 'to hold the heat' },
  { value: 'full', label: 'Full throughout', detail: 'hotter as the food warms' },
];
export const PRESS_OPTIONS: readonly Option<Press>[] = [
  { value: 'pressed', label: 'Pressed flat', detail: 'full contact' },
  { value: 'loose', label: 'By its own weight', detail: 'slower, paler in patches' },
];

/** Surfaces for the rest. */
export const REST_ON_WORDS: Readonly<Record<RestSurface, string>> = {
  rack: 'on a rack',
  board: 'on a board',
  plate: 'on a cold plate',
  'warm-plate': 'on a warm plate',
};

/** Advice about a face on the iron, for the timeline and the stove. */
export const PRESS_ADVICE: Readonly<Record<Press, string>> = {
  pressed: 'press it flat',
  loose: 'let it lie by its own weight',
};

export const SPOT_WORDS: Readonly<Record<TurnSpot, string>> = {
  fresh: 'Onto fresh iron',
  same: 'On the same spot',
};

export const STEM_WORDS: Readonly<Record<StemSide, string>> = {
  top: 'from the top',
  side: 'from the side',
};

export const FUEL_WORDS: Readonly<Record<OvenFuel, string>> = {
  electric: 'Electric',
  gas: 'Gas',
};

const describeBand = ([least, most]: ReadingBand, show: Show): string => {
  const [from, to] = [show.degrees(least), show.degrees(most)];
  return from === to ? `about ${from}` : `${from} to ${to}`;
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
    : `${STEM_WORDS[request.stem]} your thermometer should show ${describeBand(readings[when], show)}`;

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
  'fridge-shelf': 'open in the fridge',
  'fridge-bag': 'bagged in the fridge',
  'running-water': 'bagged under the cold tap',
  'still-water': 'bagged in cold water',
  counter: 'on the counter',
};
