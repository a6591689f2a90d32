import { saveLocal } from '../store/device';
import { keepLessons, recallLessons } from './keptLessons';
import type { Lessons } from './learn.worker';

const LESSONS: Lessons = {
  kitchen: {
    cooks: 3,
    traits: [
      {
        key: 'oven',
        trait: 'oven',
        value: -6,
        deviation: 4,
        unknown: 0.3,
        use: 'yes',
        cooks: [{ id: 'a', share: 1 }],
      },
    ],
    past: [{ id: 'a', before: 3, after: 1 }],
    evidence: [{ kind: 'end', cooks: 3, share: 1 }],
  },
  lag: undefined,
  crust: { value: 0.1, deviation: 0.1, unknown: 0.4, cooks: ['a'] },
};

describe('the lessons that a device keeps', () => {
  beforeEach(() => localStorage.clear());

  it('come back on another day with their inputs', () => {
    expect(recallLessons()).toBeUndefined();
    keepLessons({ key: 'three cooks', lessons: LESSONS });
    expect(recallLessons()).toEqual({ key: 'three cooks', lessons: LESSONS });
  });

  it('are rejected from another version or if incomplete', () => {
    saveLocal('lessons', { version: 0, key: 'three cooks', lessons: LESSONS });
    expect(recallLessons()).toBeUndefined();
    saveLocal('lessons', { version: 2, key: 'three cooks', lessons: { kitchen: { cooks: 3 } } });
    expect(recallLessons()).toBeUndefined();
  });

  it('are not stored by a device that refuses, without an error', () => {
    const full = jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new Error('full');
    });
    expect(keepLessons({ key: 'x', lessons: LESSONS })).toBe(false);
    full.mockRestore();
  });
});
