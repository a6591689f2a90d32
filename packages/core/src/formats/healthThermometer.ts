/** One measurement of a GATT Health Thermometer (service 0x1809, characteristic 0x2A1C). */
export interface ThermometerReading {
  readonly celsius: number;
  /** By the thermometer's own clock, where it has one, ms since 1970, taken as UTC. */
  readonly at?: number;
}

/** GATT's flags: unit is Fahrenheit; a time stamp follows. */
const FAHRENHEIT = 0x01;
const TIME_STAMP = 0x02;
/** IEEE-11073 mantissas that are not numbers: NaN, not at this resolution, infinities, reserved. */
const NO_NUMBER = new Set([0x7fffff, 0x800000, 0x7ffffe, 0x800002, 0x800001]);

/**
 * Reads the Temperature Measurement characteristic: a flags byte, an IEEE-11073 32-bit FLOAT
 * (exponent in the top byte, 24-bit mantissa), and perhaps a time stamp. Undefined when it holds no
 * temperature: too short, or a value that stands for none.
 * Source: Health Thermometer Service 1.0 and the GATT Specification Supplement.
 */
export const parseThermometer = (view: DataView): ThermometerReading | undefined => {
  if (view.byteLength < 5) return undefined;
  const flags = view.getUint8(0);
  const raw = view.getUint32(1, true);
  const mantissa = raw & 0xffffff;
  if (NO_NUMBER.has(mantissa)) return undefined;
  const signed = mantissa >= 0x800000 ? mantissa - 0x1000000 : mantissa;
  const exponent = view.getInt8(4);
  const value = signed * 10 ** exponent;
  const celsius = flags & FAHRENHEIT ? (value - 32) / 1.8 : value;
  if (!(flags & TIME_STAMP) || view.byteLength < 12) return { celsius };
  const at = Date.UTC(
    view.getUint16(5, true),
    view.getUint8(7) - 1,
    view.getUint8(8),
    view.getUint8(9),
    view.getUint8(10),
    view.getUint8(11),
  );
  return { celsius, at };
};
