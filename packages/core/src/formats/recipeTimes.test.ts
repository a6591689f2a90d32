import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { recipeTimes } from './recipeTimes';

const of = (...recipeInstructions: readonly unknown[]) =>
  recipeTimes({ '@type': 'Recipe', recipeInstructions });

describe('the times of a recipe', () => {
  it('are taken from its sentences, in the places they name', () => {
    const { steps, unread } = of(
      { '@type': 'HowToStep', text: 'Take the steak out of the fridge and pat it dry.' },
      { '@type': 'HowToStep', text: 'Sear for 3 minutes. Turn and fry 1 minute more.' },
      { '@type': 'HowToStep', text: 'Finish in the oven at 220 °C for 8 to 10 minutes.' },
      'Rest for 5 min on a board.',
    );
    expect(unread).toEqual([]);
    expect(steps).toEqual([
      { do: 'pan', seconds: 180 },
      { do: 'turn' },
      { do: 'pan', seconds: 60 },
      { do: 'oven', seconds: 480, air: 220 },
      { do: 'rest', seconds: 300 },
    ]);
  });

  it('a side each, sections of steps, and a step that has its time beside its words', () => {
    const { steps } = of({
      '@type': 'HowToSection',
      itemListElement: [
        { '@type': 'HowToStep', text: 'Brown it well for 2 min a side' },
        { '@type': 'HowToStep', text: 'Roast it', performTime: 'PT1H10M' },
      ],
    });
    expect(steps).toEqual([
      { do: 'pan', seconds: 120 },
      { do: 'turn' },
      { do: 'pan', seconds: 120 },
      { do: 'oven', seconds: 4200 },
    ]);
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
