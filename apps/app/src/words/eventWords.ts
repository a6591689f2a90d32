import { isPress, type CookEvent, type EventKind, type Trouble } from '@crustan/core/cook/event';
import { FIRMNESS_WORDS } from './firmnessWords';
import type { Show } from './show';
import { t } from '../t';

/** Name of each trouble, in a cook's words. */
export const TROUBLE_NAMES: Readonly<Record<Trouble, string>> = {
  late: t('i-am-late'),
  early: t('i-am-early'),
  delayed: t('guests-are-late'),
  'cold-pan': t('it-does-not-sizzle'),
  overshoot: t('it-is-getting-too-done'),
  butter: t('the-butter-burns'),
  uneven: t('one-end-is-thin'),
  smoke: t('it-smokes'),
  fire: t('fire'),
};

interface EventWords {
  /** Line in the list of events, if it needs none of the event's own figures. */
  readonly line: string;
  /** Name of the event when it is taken back. */
  readonly name: string;
}

export const EVENT_WORDS: Readonly<Record<EventKind, EventWords>> = {
  started: { line: t('started'), name: t('the-start') },
  'oven-on': { line: t('oven-switched-on'), name: t('the-oven-is-on') },
  'pan-on': { line: t('pan-on-the-burner'), name: t('the-pan-is-on') },
  in: { line: t('onto-the-heat'), name: t('in-2') },
  turned: { line: t('turned'), name: t('the-turn') },
  flat: { line: t('laid-flat'), name: t('flat') },
  butter: { line: t('butter-in'), name: t('butter-in-2') },
  edges: { line: t('round-its-edges'), name: t('at-its-edges') },
  'burner-down': { line: t('burner-turned-down'), name: t('the-burner-is-down') },
  'into-oven': { line: t('into-the-oven'), name: t('in-the-oven') },
  'oven-set': { line: t('oven-set'), name: t('the-oven-is-set') },
  out: { line: t('out-of-the-oven-into-the-pan'), name: t('out-of-the-oven') },
  lifted: { line: t('out-onto-the-board'), name: t('on-the-board') },
  back: { line: t('back-in-the-pan'), name: t('back-in-the-pan-2') },
  pulled: { line: t('out-to-rest'), name: t('out') },
  covered: { line: t('covered'), name: t('covered-2') },
  sliced: { line: t('sliced'), name: t('sliced-2') },
  reading: { line: t('read'), name: t('the-reading') },
  felt: { line: t('felt'), name: t('the-touch') },
  undo: { line: t('took-a-press-back'), name: t('an-undo') },
  corrected: { line: t('corrected-a-time'), name: t('the-corrected-time') },
  skipped: { line: t('left-out-a-step'), name: t('what-was-left-out') },
  note: { line: t('note'), name: t('the-note') },
  changed: { line: t('changed-course'), name: t('the-change-of-plan') },
};

const INSTRUMENT_WORDS = {
  typed: t('core-read'),
  probe: t('the-probe-read'),
  gun: t('the-pan-was'),
  oven: t('the-oven-was'),
} as const;

/** One thing that happened, as a line. */
export const describeEvent = (event: CookEvent, show: Show): string => {
  if (isPress(event)) return EVENT_WORDS[event.kind].line;
  switch (event.kind) {
    case 'reading':
      return `${INSTRUMENT_WORDS[event.by ?? 'typed']} ${show.temperature(event.celsius, 1)}`;
    case 'felt':
      return t('felt-as', { firmness: FIRMNESS_WORDS[event.firmness] });
    case 'note':
      return event.text;
    case 'skipped':
      return t('left-out', { step: event.step });
    case 'changed':
      return t('changed-course-2', { words: TROUBLE_NAMES[event.why].toLowerCase() });
    case 'undo':
    case 'corrected':
      return EVENT_WORDS[event.kind].line;
  }
};
