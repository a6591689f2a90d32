import { expect, it } from '@jest/globals';
import { SPECIES } from '../food';
import { frozenFirst, PARASITES_DIE_AT } from './parasites';

it('asks for frozen fish under 63 C, as its source does, and for nothing else', () => {
  expect(SPECIES.filter((species) => frozenFirst(species, 46))).toEqual([
    'salmon',
    'tuna',
    'white-fish',
  ]);
  expect(frozenFirst('salmon', 62.9)).toBe(true);
  expect(PARASITES_DIE_AT).toBe(63);
  expect(SPECIES.some((species) => frozenFirst(species, PARASITES_DIE_AT))).toBe(false);
});
