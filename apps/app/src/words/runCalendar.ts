import { ICalAlarmType, ICalCalendar } from 'ical-generator';
import { newId } from '../store/newId';

/** A step as a calendar has it. Times in ms since 1970. */
export interface CalendarStep {
  readonly at: number;
  readonly does: string;
  readonly why: string;
  /** Whether it wants the cook. */
  readonly alarm: boolean;
}

// A page over plain http has no such thing; the library wants it, though every event has its own id.
if (!('randomUUID' in crypto)) Object.defineProperty(crypto, 'randomUUID', { value: newId });

/** The alarm comes this long before its step, s. */
const AHEAD = 60;

/**
 * Timeline as iCalendar: an event for every step, with alarms for those that need the cook.
 * @param of piece and method: they distinguish the timelines of two pieces for one plate
 * @param link to its plan, included in every step
 */
export const runCalendar = (
  title: string,
  steps: readonly CalendarStep[],
  plateAt: number,
  of: string,
  link?: string,
): string => {
  const calendar = new ICalCalendar({
    name: title,
    prodId: { company: 'Crustan', product: 'Run' },
  });
  steps.forEach((step, i) => {
    const end = steps[i + 1]?.at ?? plateAt;
    const event = calendar.createEvent({
      id: `${plateAt}-${of}-${i}@crustan`,
      start: new Date(step.at),
      end: new Date(Math.max(end, step.at + 60_000)),
      summary: step.does,
      description: step.why,
      // An entry that came from a plan links to it, so that it can be planned again.
      ...(link === undefined ? {} : { url: link }),
    });
    if (step.alarm) {
      event.createAlarm({
        type: ICalAlarmType.display,
        triggerBefore: AHEAD,
        description: step.does,
      });
    }
  });
  return calendar.toString();
};
