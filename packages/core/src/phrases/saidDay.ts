/** Days of the week, as `Date.getDay` counts them. */
export const WEEKDAYS = [
  'sunday',
  'monday',
  'tuesday',
  'wednesday',
  'thursday',
  'friday',
  'saturday',
] as const;
/** A day in a cook's words. */
export type SaidDay = (typeof WEEKDAYS)[number] | 'today' | 'tomorrow';
