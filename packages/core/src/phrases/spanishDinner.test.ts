import { describe, expect, it } from '@jest/globals';
import { CUT_IDS } from '../food';
import { readDinner } from './readDinner';
import { SPANISH_CUT_WORDS } from './spanishDinner';

const read = (text: string) => readDinner(text, { language: 'es' });

describe('a dinner in Spanish', () => {
  it.each([
    [
      'dos entrecots, 4 cm, al punto menos a las ocho',
      { cut: 'ribeye', pieces: 2, thickness: 0.04, target: 55 },
      '20:00',
    ],
    [
      'Quiero cocinar 3 solomillos de 200 g poco hechos para las nueve y media',
      { cut: 'fillet-steak', pieces: 3, weight: 0.2, target: 50 },
      '21:30',
    ],
    [
      'una pechuga de pato desde sartén fría, a 58 grados, a las diez menos cuarto',
      { cut: 'duck-breast', pieces: 1, way: 'cold-pan', target: 58 },
      '21:45',
    ],
    [
      'chuletón de 5 cm, sellado inverso, horno a 110, salado ayer',
      { cut: 'long-bone-rib', thickness: 0.05, way: 'oven-sear', lowOven: 110, saltAhead: 86_400 },
      undefined,
    ],
    [
      'salmón con la piel crujiente, en lascas, el sábado a la una de la tarde',
      { cut: 'salmon-skin-on', way: 'skin-down', target: 55 },
      '13:00',
    ],
    [
      'entrecot de lomo muy hecho, girado a menudo, salado 40 minutos antes, sartén a 230',
      { cut: 'strip-steak', target: 72, way: 'often', saltAhead: 2400, pan: 230 },
      undefined,
    ],
  ])('%s', (text, request, hour) => {
    const found = read(text);
    expect(found.unread).toEqual([]);
    expect(found.request).toMatchObject(request);
    expect(found.hour).toBe(hour);
  });

  it('has a day, and “mañana” is tomorrow but “de la mañana” the morning', () => {
    expect(read('entrecot mañana a las ocho').day).toBe('tomorrow');
    const early = read('entrecot a las once de la mañana');
    expect([early.day, early.hour]).toEqual([undefined, '11:00']);
    expect(read('entrecot el viernes').day).toBe('friday');
  });

  it('names what it does not know', () => {
    expect(read('entrecot con chimichurri').unread.map(({ text }) => text)).toEqual([
      'chimichurri',
    ]);
  });

  it('knows every piece by Spanish names, each by its own', () => {
    const spellings = CUT_IDS.flatMap((cut) => {
      const words = SPANISH_CUT_WORDS[cut];
      expect([cut, typeof words]).toEqual([cut, 'string']);
      return (words ?? '').split(',').map((one) => [one.trim(), cut] as const);
    });
    for (const [spelling, cut] of spellings) {
      expect([spelling, read(spelling).request.cut]).toEqual([spelling, cut]);
    }
  });
});
