import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { dateOf } from '../par/demandDay';
import { readDemandCsv, writeDemandCsv } from './demandCsv';

describe('a table of demand', () => {
  it('round-trips', () => {
    const dishes = fc.constantFrom('Strip', 'Duck, with plums', '=sum(A1)', 'Fillet; rare');
    fc.assert(
      fc.property(
        fc.uniqueArray(
          fc.record({
            day: fc.integer({ min: 20_000, max: 20_600 }),
            dish: dishes,
            count: fc.nat(900),
          }),
          { selector: ({ day, dish }) => `${day}${dish}` },
        ),
        (rows) => {
          const days = rows.map(({ day, dish, count }) => ({ date: dateOf(day), dish, count }));
          const found = readDemandCsv(writeDemandCsv(days));
          expect(found).toEqual({ ok: true, read: { days, refused: [] } });
        },
      ),
    );
  });

  it('names rows that it leaves out, and adds up a dish that stands twice', () => {
    const found = readDemandCsv(
      'Date;Dish;Sold\n2026-11-20;Strip;4\n2026-11-20;Strip;3\n20.11.2026;Strip;2\n2026-11-21;;1\n2026-11-21;Duck;-2',
    );
    if (!found.ok) throw new Error(found.why);
    expect(found.read.days).toEqual([{ date: '2026-11-20', dish: 'Strip', count: 7 }]);
    expect(found.read.refused.map(({ row }) => row)).toEqual([3, 4, 5]);
  });

  it('says what it wants where the columns are not there', () => {
    expect(readDemandCsv('a,b\n1,2')).toMatchObject({ ok: false });
    expect(readDemandCsv('')).toMatchObject({ ok: false });
  });
});
