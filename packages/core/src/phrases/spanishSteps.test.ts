import { describe, expect, it } from '@jest/globals';
import { readSteps } from './readSteps';

const line = (text: string) => readSteps(text, { isLine: true, language: 'es' });
const inEnglish = (text: string) => readSteps(text, { isLine: true });

describe('cooking times in Spanish', () => {
  it.each([
    ['3 min, girar, 2 min, reposar 5', '3 min, turn, 2 min, rest 5'],
    ['3 min por lado, reposar 6 min', '3 min per side, rest 6 min'],
    ['2 minutos, vuelta, 2 minutos, horno 180 8 min', '2 minutes, turn, 2 minutes, oven 180 8 min'],
    [
      'horno a 120 hasta 48 grados, luego sellar 1 min por cada lado',
      'oven at 120 until 48 degrees, then sear 1 min on each side',
    ],
    [
      'piel abajo 8 min, girar, 2 min, dejar reposar 5 min',
      'skin down 8 min, turn, 2 min, let stand 5 min',
    ],
    ['4 min girando cada 30 segundos', '4 min turning every 30 seconds'],
  ])('“%s” is “%s”', (spanish, english) => {
    const [found, wanted] = [line(spanish), inEnglish(english)];
    expect(found.unread).toEqual([]);
    expect(found.steps).toEqual(wanted.steps);
  });

  it('a line in English is read as before', () => {
    const text = '3 min, turn, 1 min, oven 110 8 min, rest 5';
    expect(line(text)).toEqual(inEnglish(text));
  });

  it('a recipe is read sentence by sentence', () => {
    const spanish =
      'Calienta la sartén a fuego fuerte. Sella el entrecot 2 minutos por cada lado. Pásalo al horno a 160 grados 6 minutos. Déjalo reposar 8 minutos.';
    const english =
      'Heat the pan over high heat. Sear the ribeye 2 minutes on each side. Transfer to the oven at 160 degrees 6 minutes. Let it rest 8 minutes.';
    const { steps } = readSteps(spanish, { language: 'es' });
    expect(steps.length).toBeGreaterThan(3);
    expect(steps).toEqual(readSteps(english).steps);
  });
});
