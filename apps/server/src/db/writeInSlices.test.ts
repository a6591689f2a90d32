import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { temporaryBook } from '../testing';
import { demandStore } from './demandStore';
import { writeInSlices } from './writeInSlices';

describe('many entries written in slices', () => {
  let temporary: ReturnType<typeof temporaryBook>;
  beforeEach(() => {
    temporary = temporaryBook();
  });
  afterEach(() => temporary.remove());

  it('are all stored, and other requests are answered between slices', async () => {
    const { book } = temporary;
    const days = Array.from({ length: 27_000 }, (_, i) => ({
      date: new Date(Date.UTC(2000, 0, 1 + Math.floor(i / 9))).toISOString().slice(0, 10),
      dish: `Dish ${i % 9}`,
      count: i % 40,
    }));
    let served = 0;
    let writing = true;
    const serve = (): void => {
      served += 1;
      if (writing) setImmediate(serve);
    };
    setImmediate(serve);
    await writeInSlices(book, days, demandStore(book).put);
    writing = false;
    expect(demandStore(book).all()).toHaveLength(27_000);
    // Slices of milliseconds: other work had its turn many times, in whole transactions only.
    expect(served).toBeGreaterThan(5);
    expect(book.sqlite.inTransaction).toBe(false);
  });

  it('stop at the entry that fails, with the slices before it stored', async () => {
    const { book } = temporary;
    const put = demandStore(book).put;
    const write = (n: number): void => {
      if (n === 3) throw new Error('no room');
      put({ date: '2026-11-20', dish: `Dish ${n}`, count: n });
    };
    await expect(writeInSlices(book, [1, 2, 3, 4], write)).rejects.toThrow('no room');
    expect(book.sqlite.inTransaction).toBe(false);
    expect(demandStore(book).all()).toEqual([]);
  });
});
