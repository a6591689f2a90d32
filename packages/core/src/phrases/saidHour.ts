/** Half of the day, or a meal that tells it. */
export type HalfOfDay = 'am' | 'pm' | 'lunch' | 'breakfast';

/** Hours of the afternoon that a lunch is still at. */
const LUNCH_TO = 3;
const IN_A_DAY = 24 * 60;

/**
 * A time of the day, `19:30`. Hours without a half of the day are in the evening, or about noon for lunch.
 * @param hours as spoken, 0 to 24
 * @param minutes added to them; negative: before the hour
 */
export const saidHour = (hours: number, minutes: number, half: HalfOfDay | undefined): string => {
  const isAfternoon =
    half === 'pm' || half === undefined || (half === 'lunch' && hours <= LUNCH_TO);
  const inHalf = half === 'am' && hours === 12 ? 0 : hours % 24;
  const shown = isAfternoon && hours >= 1 && hours <= 11 ? hours + 12 : inHalf;
  const at = (shown * 60 + minutes + IN_A_DAY) % IN_A_DAY;
  const two = (figure: number): string => String(figure).padStart(2, '0');
  return `${two(Math.floor(at / 60))}:${two(at % 60)}`;
};
