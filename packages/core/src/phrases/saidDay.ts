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
/** A day as a cook says it. */
export type SaidDay = (typeof WEEKDAYS)[number] | 'today' | 'tomorrow';
