/**
 * The fourteen declarable allergens, as ids for files and messages: Regulation (EU) No 1169/2011, annex II. Local
 * labelling law comes first.
 */
export const ALLERGEN_IDS = [
  'celery',
  'gluten',
  'crustaceans',
  'eggs',
  'fish',
  'lupin',
  'milk',
  'molluscs',
  'mustard',
  'nuts',
  'peanuts',
  'sesame',
  'soya',
  'sulphites',
] as const;
export type AllergenId = (typeof ALLERGEN_IDS)[number];

export interface Allergen {
  readonly name: string;
  /** Everyday words for it, lower case and singular. A word may stand for several allergens. */
  readonly synonyms: readonly string[];
}

export const ALLERGENS: Readonly<Record<AllergenId, Allergen>> = {
  celery: { name: 'celery', synonyms: ['celery', 'celeriac'] },
  gluten: {
    name: 'gluten (wheat, rye, barley, oats)',
    synonyms: [
      ...['gluten', 'wheat', 'rye', 'barley', 'oat', 'spelt', 'flour', 'bread', 'breadcrumb'],
      ...['coeliac', 'celiac', 'semolina', 'couscous', 'pasta', 'cereal'],
    ],
  },
  crustaceans: {
    name: 'crustaceans',
    synonyms: [
      ...['crustacean', 'shellfish', 'seafood', 'prawn', 'shrimp', 'crab', 'lobster', 'crayfish'],
      ...['langoustine', 'scampi'],
    ],
  },
  eggs: { name: 'eggs', synonyms: ['egg', 'mayonnaise', 'albumen'] },
  fish: {
    name: 'fish',
    synonyms: [
      ...['fish', 'seafood', 'salmon', 'tuna', 'cod', 'haddock', 'monkfish', 'trout', 'anchovy'],
      ...['anchovies', 'fish sauce'],
    ],
  },
  lupin: { name: 'lupin', synonyms: ['lupin', 'lupine'] },
  milk: {
    name: 'milk',
    synonyms: [
      ...['milk', 'dairy', 'butter', 'buttermilk', 'cream', 'cheese', 'yoghurt', 'yogurt', 'ghee'],
      ...['lactose', 'casein', 'whey'],
    ],
  },
  molluscs: {
    name: 'molluscs',
    synonyms: [
      ...['mollusc', 'mollusk', 'shellfish', 'seafood', 'scallop', 'mussel', 'oyster', 'clam'],
      ...['squid', 'octopus', 'snail', 'whelk', 'cockle'],
    ],
  },
  mustard: { name: 'mustard', synonyms: ['mustard'] },
  nuts: {
    name: 'tree nuts',
    synonyms: [
      ...['nut', 'tree nut', 'almond', 'hazelnut', 'walnut', 'cashew', 'pecan', 'brazil nut'],
      ...['pistachio', 'macadamia', 'almond milk', 'nut oil'],
    ],
  },
  peanuts: {
    name: 'peanuts',
    // Guests who say "nuts" often mean both.
    synonyms: ['peanut', 'groundnut', 'nut', 'peanut butter', 'arachis'],
  },
  sesame: { name: 'sesame', synonyms: ['sesame', 'tahini', 'tahina'] },
  soya: { name: 'soya', synonyms: ['soya', 'soy', 'soybean', 'tofu', 'edamame', 'soya milk'] },
  sulphites: {
    name: 'sulphites',
    synonyms: ['sulphite', 'sulfite', 'sulphur dioxide', 'sulfur dioxide', 'wine', 'vinegar'],
  },
};

interface Phrase {
  readonly words: readonly string[];
  readonly allergens: readonly AllergenId[];
}

/** Every synonym as its words, the longest first: "peanut butter" is read before "butter". */
const PHRASES: readonly Phrase[] = (() => {
  const found = new Map<string, AllergenId[]>();
  for (const id of ALLERGEN_IDS) {
    for (const synonym of ALLERGENS[id].synonyms) {
      found.set(synonym, [...(found.get(synonym) ?? []), id]);
    }
  }
  return [...found]
    .map(([synonym, allergens]): Phrase => ({ words: synonym.split(' '), allergens }))
    .toSorted((a, b) => b.words.length - a.words.length);
})();

const isWord = (said: string, word: string): boolean => said === word || said === `${word}s`;

/** Allergens named by a free text, in the order of the table. Unknown words are ignored. */
export const allergensNamed = (text: string): readonly AllergenId[] => {
  const said = text.toLowerCase().match(/[\p{L}]+/gu) ?? [];
  const found = new Set<AllergenId>();
  for (let at = 0; at < said.length;) {
    const phrase = PHRASES.find(({ words }) =>
      words.every((word, i) => isWord(said[at + i] ?? '', word)),
    );
    for (const id of phrase?.allergens ?? []) found.add(id);
    at += phrase?.words.length ?? 1;
  }
  return ALLERGEN_IDS.filter((id) => found.has(id));
};
