import { expect, it } from '@jest/globals';
import { SPECIES } from '../food';
import { allergensOf } from './allergens';
import { frozenFirst, PARASITES_DIE_AT } from './parasites';

it('asks for frozen fish under 60 C, and of nothing else', () => {
  expect(SPECIES.filter((species) => frozenFirst(species, 46))).toEqual([
    'salmon',
    'tuna',
    'white-fish',
  ]);
  expect(SPECIES.some((species) => frozenFirst(species, PARASITES_DIE_AT))).toBe(false);
});

it('names the allergens of fish and molluscs', () => {
  expect(allergensOf('tuna')).toEqual(['fish']);
  expect(allergensOf('scallop')).toEqual(['molluscs']);
  expect(allergensOf('lamb')).toEqual([]);
});
