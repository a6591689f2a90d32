import type { CookEvent, Trouble } from '@crustan/core/cook/event';
import type { Show } from './show';

/** What a cook would say is wrong. */
export const TROUBLE_NAMES: Readonly<Record<Trouble, string>> = {
  late: 'I am late',
  early: 'I am early',
  delayed: 'Guests are late',
  'cold-pan': 'It does not sizzle',
  overshoot: 'It is getting too done',
  butter: 'The butter burns',
  uneven: 'One end is thin',
  smoke: 'It smokes',
  fire: 'Fire',
};

type Plain = Exclude<CookEvent['kind'], 'reading' | 'note' | 'skipped' | 'changed'>;

const WORDS: Readonly<Record<Plain, string>> = {
  'oven-on': 'Oven switched on',
  'pan-on': 'Pan on the burner',
  started: 'Started',
  in: 'Onto the heat',
  turned: 'Turned',
  flat: 'Laid flat',
  butter: 'Butter in',
  edges: 'Round its edges',
  'into-oven': 'Into the oven',
  out: 'Out of the oven, into the pan',
  lifted: 'Out, onto the board',
  back: 'Back in the pan',
  pulled: 'Out, to rest',
  covered: 'Covered',
  sliced: 'Sliced',
  undo: 'Took a press back',
  corrected: 'Mended a time',
};

const INSTRUMENT_WORDS = {
  typed: 'Core read',
  probe: 'The probe read',
  gun: 'The pan was',
  oven: 'The oven was',
} as const;

/** One thing that happened, as a line. */
export const sayEvent = (event: CookEvent, show: Show): string => {
  switch (event.kind) {
    case 'reading':
      return `${INSTRUMENT_WORDS[event.by ?? 'typed']} ${show.temperature(event.celsius, 1)}`;
    case 'note':
      return event.text;
    case 'skipped':
      return `Left out: ${event.step}`;
    case 'changed':
      return `Changed course: ${TROUBLE_NAMES[event.why].toLowerCase()}`;
    default:
      return WORDS[event.kind];
  }
};
