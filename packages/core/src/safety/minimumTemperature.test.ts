import { expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { GAME_ORIGINS, MEAT_TREATMENTS, SPECIES } from '../food';
import { MINIMUMS, minimumFor } from './minimumTemperature';

it('holds the published figures, each with its source', () => {
  expect(minimumFor({ species: 'beef' })).toMatchObject({ celsius: 62.8, holdSeconds: 180 });
  expect(minimumFor({ species: 'duck' }).celsius).toBe(73.9);
  expect(minimumFor({ species: 'salmon' })).toMatchObject({ celsius: 62.8, holdSeconds: 15 });
  expect(minimumFor({ species: 'venison' })).toMatchObject({ celsius: 62.8, holdSeconds: 15 });
  expect(minimumFor({ species: 'venison', game: 'wild' }).celsius).toBe(73.9);
  expect(minimumFor({ species: 'pork', game: 'wild' }).celsius).toBe(73.9);
  for (const { source } of Object.values(MINIMUMS))
    expect(source).toMatch(/USDA FSIS|FDA Food Code/);
});

it.each(MEAT_TREATMENTS)(
  'asks 71.1 C of %s meat, and never less than of intact meat',
  (treated) => {
    for (const species of ['beef', 'veal', 'pork', 'lamb', 'venison'] as const) {
      expect(minimumFor({ species, treated }).celsius).toBe(71.1);
    }
    expect(minimumFor({ species: 'venison', game: 'wild', treated }).celsius).toBe(73.9);
    expect(minimumFor({ species: 'duck', treated }).celsius).toBe(73.9);
  },
);

it('never asks less when more is known of the meat', () => {
  const anyOf = <T>(values: readonly T[]) =>
    fc.option(fc.constantFrom(...values), { nil: undefined });
  fc.assert(
    fc.property(
      fc.constantFrom(...SPECIES),
      anyOf(GAME_ORIGINS),
      anyOf(MEAT_TREATMENTS),
      (species, game, treated) => {
        expect(minimumFor({ species, game, treated }).celsius).toBeGreaterThanOrEqual(
          minimumFor({ species }).celsius,
        );
      },
    ),
  );
});
