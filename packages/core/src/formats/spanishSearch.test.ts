import { describe, expect, it } from '@jest/globals';
import { readSearch } from './readSearch';

describe('a search in Spanish', () => {
  it.each([
    ['entrecot de más de 4 cm, pasado', { cut: 'ribeye', thicknessFrom: 0.04, ended: 'too-done' }],
    ['magret con piel crujiente', { cut: 'duck-breast', crunch: 'crisp' }],
    [
      'chuletón, sellado inverso, nunca más',
      { cut: 'long-bone-rib', way: 'oven-sear', again: 'never' },
    ],
    ['salmón de menos de 200 g', { cut: 'salmon-skin-on', weightTo: 0.2 }],
  ])('%s', (text, asked) => {
    const found = readSearch(text, 'c', 'es');
    expect(found.unread).toEqual([]);
    expect(found.words).toBe('');
    expect(found.asked).toMatchObject(asked);
  });

  it('has spans of days, and leaves other words to the text', () => {
    expect(readSearch('entrecot desde octubre', 'c', 'es').span).toEqual({
      of: 'october',
      since: true,
    });
    expect(readSearch('vacío para Ana', 'c', 'es').words).toBe('para Ana');
  });
});
