import { showEighths } from './eighths';
import { celsiusToFahrenheit, fahrenheitToCelsius } from './temperature';

/** The units a cook reads and types in. Inside, everything is SI and Celsius. */
export const UNIT_SYSTEMS = ['metric', 'imperial'] as const;
export type UnitSystem = (typeof UNIT_SYSTEMS)[number];

/** The kinds of quantity the interface shows; each has one unit per system. */
export type QuantityKind =
  | 'temperature'
  | 'temperatureDifference'
  | 'thickness'
  | 'depth'
  | 'weight'
  | 'heavyWeight'
  | 'power'
  | 'minutes'
  | 'share';

interface Unit {
  readonly symbol: string;
  /** Step a cook would move it by, in the shown unit. */
  readonly step: number;
  readonly decimals: number;
  /** Written as a ruler in inches says it. */
  readonly inEighths?: true;
  readonly fromSi: (si: number) => number;
  readonly toSi: (shown: number) => number;
}

const scaled = (symbol: string, perSi: number, step: number, decimals: number): Unit => ({
  symbol,
  step,
  decimals,
  fromSi: (si) => si * perSi,
  toSi: (shown) => shown / perSi,
});

export const METRES_PER_INCH = 0.0254;
const KILOGRAMS_PER_OUNCE = 0.028349523125;
const KILOGRAMS_PER_POUND = 16 * KILOGRAMS_PER_OUNCE;

/** The same in every kitchen. */
const POWER = scaled('kW', 1e-3, 0.1, 1);
const SHARE = scaled('%', 100, 1, 0);
const MINUTES = scaled('min', 1 / 60, 0.5, 1);

/** Every unit shown anywhere; conversion happens here and nowhere else. */
export const UNITS: Readonly<Record<UnitSystem, Readonly<Record<QuantityKind, Unit>>>> = {
  metric: {
    temperature: scaled('°C', 1, 1, 0),
    temperatureDifference: scaled('°C', 1, 0.1, 1),
    thickness: scaled('mm', 1000, 1, 0),
    depth: scaled('mm', 1000, 0.1, 1),
    weight: scaled('g', 1000, 10, 0),
    heavyWeight: scaled('kg', 1, 0.1, 2),
    power: POWER,
    minutes: MINUTES,
    share: SHARE,
  },
  imperial: {
    temperature: {
      symbol: '°F',
      step: 1,
      decimals: 0,
      fromSi: celsiusToFahrenheit,
      toSi: fahrenheitToCelsius,
    },
    temperatureDifference: scaled('°F', 1.8, 0.1, 1),
    thickness: { ...scaled('in', 1 / METRES_PER_INCH, 0.125, 2), inEighths: true },
    depth: scaled('in', 1 / METRES_PER_INCH, 0.01, 2),
    weight: scaled('oz', 1 / KILOGRAMS_PER_OUNCE, 0.5, 1),
    heavyWeight: scaled('lb', 1 / KILOGRAMS_PER_POUND, 0.1, 1),
    power: POWER,
    minutes: MINUTES,
    share: SHARE,
  },
};

/**
 * A quantity as the cook reads it, without its symbol.
 * @param si value in SI (Celsius for temperatures)
 */
export const showNumber = (
  kind: QuantityKind,
  si: number,
  system: UnitSystem,
  decimals?: number,
): string => {
  const unit = UNITS[system][kind];
  const shown = unit.fromSi(si);
  return unit.inEighths && decimals === undefined
    ? showEighths(shown)
    : shown.toFixed(decimals ?? unit.decimals);
};

/** A quantity with its symbol: `35 mm`, `130 °F`. Temperatures keep a thin space out of the way. */
export const showQuantity = (
  kind: QuantityKind,
  si: number,
  system: UnitSystem,
  decimals?: number,
): string => `${showNumber(kind, si, system, decimals)} ${UNITS[system][kind].symbol}`;
