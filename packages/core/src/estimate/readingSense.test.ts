import { describe, expect, it } from '@jest/globals';
import { readingSense } from './readingSense';

describe('a reading’s sense', () => {
  it('tells Fahrenheit taken for Celsius, and the other way', () => {
    expect(readingSense(122, 49)).toEqual({ kind: 'other-unit', celsius: 50 });
    // 50 typed by a cook in Fahrenheit is 10 C.
    expect(readingSense(10, 49)).toMatchObject({ kind: 'other-unit', celsius: 50 });
    expect(readingSense(47, 49).kind).toBe('plausible');
    expect(readingSense(85, 49).kind).toBe('unlikely');
  });
});
