import { pageLocale, type HourCount } from '../store/locale';
import {
  showNumber as coreNumber,
  showQuantity as coreQuantity,
  UNITS,
  type UnitSystem,
} from '@crustan/core/units';
import { withDecimalMark } from './withDecimalMark';

/** Format of every figure on a screen, in the cook's units. */
export interface Show {
  readonly units: UnitSystem;
  /** `54°`: the unit is said once, at the top of the page. */
  readonly degrees: (celsius: number, decimals?: number) => string;
  /** `54 °C`. */
  readonly temperature: (celsius: number, decimals?: number) => string;
  /** `1.5 °C` of difference. */
  readonly difference: (kelvin: number) => string;
  /** `20 °C` of difference: a step somebody would think in, or one that is not known to tenths. */
  readonly wholeDifference: (kelvin: number) => string;
  /** A piece's, and its sides: inches in eighths. */
  readonly thickness: (metres: number) => string;
  /** A length that is not a piece's own: a difference, a band, a slice. */
  readonly length: (metres: number) => string;
  /** Fine lengths, such as a crust. */
  readonly depth: (metres: number) => string;
  readonly weight: (kilograms: number) => string;
  /** `19:30`, or `7:30 pm`. */
  readonly clock: (ms: number) => string;
  /** With its seconds: `19:30:15`, `7:30:15 pm`. */
  readonly clockSeconds: (ms: number) => string;
  /** `Sun 22 Nov, 19:30`. */
  readonly day: (ms: number) => string;
  /** `Sun 22`. */
  readonly weekday: (ms: number) => string;
  /** `Sunday 22 November`. */
  readonly longDay: (ms: number) => string;
  /** `22 Nov`. */
  readonly date: (ms: number) => string;
  /** `°C · mm · g`. */
  readonly symbols: string;
}

const showNumber: typeof coreNumber = (...figure) => withDecimalMark(coreNumber(...figure));
const showQuantity: typeof coreQuantity = (...figure) => withDecimalMark(coreQuantity(...figure));

const LOCALE = pageLocale();

/** The browser's own calendar, in the language of the pages. */
const timeFormats = (
  options: Intl.DateTimeFormatOptions,
): Record<HourCount, Intl.DateTimeFormat> => ({
  24: new Intl.DateTimeFormat(LOCALE, { hour: '2-digit', minute: '2-digit', ...options }),
  12: new Intl.DateTimeFormat(LOCALE, {
    hour: 'numeric',
    minute: '2-digit',
    hourCycle: 'h12',
    ...options,
  }),
});
const CLOCK = timeFormats({});
const CLOCK_SECONDS = timeFormats({ second: '2-digit' });
const WEEKDAY = new Intl.DateTimeFormat(LOCALE, { weekday: 'short', day: 'numeric' });
const LONG_DAY = new Intl.DateTimeFormat(LOCALE, {
  weekday: 'long',
  day: 'numeric',
  month: 'long',
});
const MONTH = new Intl.DateTimeFormat(LOCALE, { day: 'numeric', month: 'short' });
const DAY = timeFormats({ weekday: 'short', day: 'numeric', month: 'short' });

/** From here on a weight is said in kilograms or pounds, kg. */
const HEAVY = 1;

export const showIn = (units: UnitSystem, hours: HourCount = '24'): Show => ({
  units,
  degrees: (celsius, decimals) => `${showNumber('temperature', celsius, units, decimals)}°`,
  temperature: (celsius, decimals) => showQuantity('temperature', celsius, units, decimals),
  difference: (kelvin) => showQuantity('temperatureDifference', kelvin, units),
  wholeDifference: (kelvin) => showQuantity('temperatureDifference', kelvin, units, 0),
  thickness: (metres) => showQuantity('thickness', metres, units),
  length: (metres) => showQuantity('thickness', metres, units, units === 'metric' ? 0 : 2),
  depth: (metres) => showQuantity('thickness', metres, units, units === 'metric' ? 1 : 2),
  weight: (kilograms) =>
    kilograms < HEAVY
      ? showQuantity('weight', kilograms, units)
      : showQuantity('heavyWeight', kilograms, units),
  clock: (ms) => CLOCK[hours].format(ms),
  clockSeconds: (ms) => CLOCK_SECONDS[hours].format(ms),
  day: (ms) => DAY[hours].format(ms),
  weekday: (ms) => WEEKDAY.format(ms),
  longDay: (ms) => LONG_DAY.format(ms),
  date: (ms) => MONTH.format(ms),
  symbols: (['temperature', 'thickness', 'weight'] as const)
    .map((kind) => UNITS[units][kind].symbol)
    .join(' · '),
});
