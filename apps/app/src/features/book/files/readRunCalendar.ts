import ICAL from 'ical.js';
import { planOfLink, type LinkedPlan } from '../../../words/planLink';
import { t } from '../t';

export type CalendarRead =
  | ({ readonly ok: true; readonly title: string } & LinkedPlan)
  | { readonly ok: false; readonly why: string };

/** Plan in a timeline's calendar: every event contains the link. */
export const readRunCalendar = (text: string): CalendarRead => {
  let calendar: InstanceType<typeof ICAL.Component>;
  try {
    calendar = new ICAL.Component(ICAL.parse(text));
  } catch {
    return { ok: false, why: t('it-says-it-is-a-calendar-but') };
  }
  for (const event of calendar.getAllSubcomponents('vevent')) {
    const url = event.getFirstPropertyValue('url');
    const hash = typeof url === 'string' ? url.split('#')[1] : undefined;
    const plan = hash === undefined ? undefined : planOfLink(`#${hash}`);
    if (plan) {
      const name = calendar.getFirstPropertyValue('x-wr-calname');
      return { ok: true, title: typeof name === 'string' ? name : t('a-run'), ...plan };
    }
  }
  return { ok: false, why: t('none-of-its-events-carries-a-plan') };
};
