import { isPress, type CookEvent, type EventKind, type Trouble } from '@crustan/core/cook/event';
import type { Show } from './show';

/** Name of each trouble, in a cook's words. */
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

interface EventWords {
  /** Line in the list of events, if it needs none of the event's own figures. */
  readonly line: string;
  /** Name of the event when it is taken back. */
  readonly name: string;
}

export const EVENT_WORDS: Readonly<Record<EventKind, EventWords>> = {
  started: { line: 'Started', name: 'the start' },
  'oven-on': { line: 'Oven switched on', name: '“the oven is on”' },
  'pan-on': { line: 'Pan on the burner', name: '“the pan is on”' },
  in: { line: 'Onto the heat', name: '“in”' },
  turned: { line: 'Turned', name: 'the turn' },
  flat: { line: 'Laid flat', name: '“flat”' },
  butter: { line: 'Butter in', name: '“butter in”' },
  edges: { line: 'Round its edges', name: '“at its edges”' },
  'burner-down': { line: 'Burner turned down', name: '“the burner is down”' },
  'into-oven': { line: 'Into the oven', name: '“in the oven”' },
  'oven-set': { line: 'Oven set', name: '“the oven is set”' },
  out: { line: 'Out of the oven, into the pan', name: '“out of the oven”' },
  lifted: { line: 'Out, onto the board', name: '“on the board”' },
  back: { line: 'Back in the pan', name: '“back in the pan”' },
  pulled: { line: 'Out, to rest', name: '“out”' },
  covered: { line: 'Covered', name: '“covered”' },
  sliced: { line: 'Sliced', name: '“sliced”' },
  reading: { line: 'Read', name: 'the reading' },
  undo: { line: 'Took a press back', name: 'an undo' },
  corrected: { line: 'Corrected a time', name: 'the corrected time' },
  skipped: { line: 'Left out a step', name: 'what was left out' },
  note: { line: 'Note', name: 'the note' },
  changed: { line: 'Changed course', name: 'the change of plan' },
};

const INSTRUMENT_WORDS = {
  typed: 'Core read',
  probe: 'The probe read',
  gun: 'The pan was',
  oven: 'The oven was',
} as const;

/** One thing that happened, as a line. */
export const describeEvent = (event: CookEvent, show: Show): string => {
  if (isPress(event)) return EVENT_WORDS[event.kind].line;
  switch (event.kind) {
    case 'reading':
      return `${INSTRUMENT_WORDS[event.by ?? 'typed']} ${show.temperature(event.celsius, 1)}`;
    case 'note':
      return event.text;
    case 'skipped':
      return `Left out: ${event.step}`;
    case 'changed':
      return `Changed course: ${TROUBLE_NAMES[event.why].toLowerCase()}`;
    case 'undo':
    case 'corrected':
      return EVENT_WORDS[event.kind].line;
  }
};
