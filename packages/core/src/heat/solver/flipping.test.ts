import { describe, expect, it } from '@jest/globals';
import { bestSingleFlip, EQUAL_FACES, manyFlips, middleDoneAfter, PATTY } from '../../tests';

describe('flipping (Thiffeault 2022)', () => {
  it('between equal faces does not change when the middle gets there, whatever the sequence', () => {
    const never = middleDoneAfter(EQUAL_FACES, []);
    for (const sequence of [[60], [30, 90], [20, 20, 20, 20, 20, 20], [45, 10, 80]]) {
      expect(Math.abs(middleDoneAfter(EQUAL_FACES, sequence) - never)).toBeLessThan(0.01 * never);
    }
  });

  it('gains nothing where the middle is last', () => {
    const gain = 1 - manyFlips(EQUAL_FACES, 8) / bestSingleFlip(EQUAL_FACES);
    expect(Math.abs(gain)).toBeLessThan(0.02);
  });

  it('under still air many flips beat the best single one, by up to about 29 %', () => {
    const gain = 1 - manyFlips(PATTY, 2) / bestSingleFlip(PATTY);
    expect(gain).toBeGreaterThan(0.15);
    expect(gain).toBeLessThan(0.3);
    // The more flips, the quicker.
    expect(manyFlips(PATTY, 2)).toBeLessThan(manyFlips(PATTY, 25));
  });
});
