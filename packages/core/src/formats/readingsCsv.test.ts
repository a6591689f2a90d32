import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { parseThermometer } from './healthThermometer';
import { readReadingsCsv } from './readingsCsv';

const read = (text: string) => {
  const result = readReadingsCsv(text);
  if (!result.ok) throw new Error(result.why);
  return result.log;
};

describe('a temperature log of an unknown logger', () => {
  it('reads its header, delimiter, decimal comma and unit', () => {
    const log = read('Zeit;Kerntemperatur °C\n00:00:00;4,5\n00:00:30;5,1\n00:01:00;6,0\n');
    expect(log.columns).toEqual({ time: 'Zeit', temperature: 'Kerntemperatur °C', unit: 'C' });
    expect(log.readings).toEqual([
      { seconds: 0, celsius: 4.5 },
      { seconds: 30, celsius: 5.1 },
      { seconds: 60, celsius: 6 },
    ]);
  });

  it('reads Fahrenheit by its header, and dates by their difference', () => {
    const log = read('\uFEFFDate,Probe (F)\n2026-03-01T18:00:00Z,41\n2026-03-01T18:01:30Z,122\n');
    expect(log.columns.unit).toBe('F');
    expect(log.readings[1]).toEqual({ seconds: 90, celsius: 50 });
  });

  it('takes the first two columns where nothing is named, and names each row it leaves out', () => {
    const log = read('0\t5.0\n30\tERR\n60\t=1+1\n90\t8.5\n');
    expect(log.readings.map(({ seconds }) => seconds)).toEqual([0, 90]);
    expect(log.refused).toEqual([
      { row: 2, why: '“ERR” is no temperature.' },
      { row: 3, why: '“=1+1” is no temperature.' },
    ]);
  });

  it('names the expected columns of an unknown table', () => {
    expect(readReadingsCsv('')).toMatchObject({ ok: false });
    expect(readReadingsCsv('a,b\nc,d')).toMatchObject({ ok: false, why: /No row/ });
  });

  it('reads the output of any logger with any delimiter', () => {
    const rows = fc.array(fc.integer({ min: -200, max: 1200 }), { minLength: 2, maxLength: 40 });
    fc.assert(
      fc.property(rows, fc.constantFrom(',', ';', '\t'), (tenths, mark) => {
        const comma = mark !== ',';
        const text = tenths
          .map((tenth, i) => {
            const value = (tenth / 10).toFixed(1);
            return `${i * 5}${mark}${comma ? value.replace('.', ',') : value}`;
          })
          .join('\n');
        const log = read(`seconds${mark}temp_C\n${text}`);
        expect(log.readings.map(({ celsius }) => Math.round(celsius * 10))).toEqual(tenths);
      }),
    );
  });
});

describe('a GATT health thermometer', () => {
  const message = (flags: number, mantissa: number, exponent: number): DataView => {
    const view = new DataView(new ArrayBuffer(5));
    view.setUint8(0, flags);
    view.setUint32(1, ((exponent & 0xff) << 24) | (mantissa & 0xffffff), true);
    return view;
  };

  it('reads Celsius, Fahrenheit and below zero', () => {
    expect(parseThermometer(message(0, 545, -1))?.celsius).toBeCloseTo(54.5, 9);
    expect(parseThermometer(message(1, 1301, -1))?.celsius).toBeCloseTo(54.5, 9);
    expect(parseThermometer(message(0, -180, -1))?.celsius).toBeCloseTo(-18, 9);
  });

  it('takes rubbish for none', () => {
    expect(parseThermometer(message(0, 0x7fffff, 0))).toBeUndefined();
    expect(parseThermometer(new DataView(new ArrayBuffer(2)))).toBeUndefined();
  });
});
