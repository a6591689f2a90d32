import { expect, it } from '@jest/globals';
import { ALLERGEN_IDS, ALLERGENS, allergensNamed, type AllergenId } from './allergens';

it('has fourteen allergens, and reads each by its id, its first word and every synonym', () => {
  expect(ALLERGEN_IDS).toHaveLength(14);
  for (const id of ALLERGEN_IDS) {
    expect(allergensNamed(id)).toContain(id);
    for (const synonym of ALLERGENS[id].synonyms) expect(allergensNamed(synonym)).toContain(id);
  }
});

it.each<[string, readonly AllergenId[]]>([
  ['shellfish', ['crustaceans', 'molluscs']],
  ['Seafood!', ['crustaceans', 'fish', 'molluscs']],
  ['dairy', ['milk']],
  ['lactose intolerant', ['milk']],
  ['NUTS', ['nuts', 'peanuts']],
  ['groundnut oil', ['peanuts']],
  ['peanut butter', ['peanuts']],
  ['coeliac, and no prawns', ['gluten', 'crustaceans']],
  ['anchovies', ['fish']],
  ['strawberries', []],
  ['', []],
  ['selfish', []],
])('reads “%s” as %j', (text, ids) => {
  expect(allergensNamed(text)).toEqual(ids);
});
