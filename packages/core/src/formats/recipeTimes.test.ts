import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { writeMeaning } from '../tests/writeMeaning';
import { recipeTimes } from './recipeTimes';

const of = (...recipeInstructions: readonly unknown[]) =>
  recipeTimes({ '@type': 'Recipe', recipeInstructions });

describe('the times of a recipe', () => {
  it('come from its sentences, in the named places', () => {
    const { steps, unread } = of(
      { '@type': 'HowToStep', text: 'Take the steak out of the fridge and pat it dry.' },
      { '@type': 'HowToStep', text: 'Sear for 3 minutes. Turn and fry 1 minute more.' },
      { '@type': 'HowToStep', text: 'Finish in the oven at 220 °C for 8 to 10 minutes.' },
      'Rest for 5 min on a board.',
    );
    expect(unread).toEqual([]);
    expect(writeMeaning(steps)).toBe('p180 t p60 o480-600@220 r300');
  });

  it('a side each, sections of steps, and a step that has its time beside its words', () => {
    const { steps } = of({
      '@type': 'HowToSection',
      itemListElement: [
        { '@type': 'HowToStep', text: 'Brown it well for 2 min a side' },
        { '@type': 'HowToStep', text: 'Roast it', performTime: 'PT1H10M' },
      ],
    });
    expect(writeMeaning(steps)).toBe('p120 t p120 o4200');
  });

  it('nothing in it breaks the reading', () => {
    fc.assert(
      fc.property(fc.jsonValue(), (value) => {
        expect(Array.isArray(recipeTimes(value).steps)).toBe(true);
        expect(Array.isArray(of(value).steps)).toBe(true);
      }),
    );
  });
});
