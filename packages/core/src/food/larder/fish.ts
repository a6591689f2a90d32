import type { LarderCut } from '../cutTraits';

/** Fish without skin, and scallops. Thickness and weight are what a shop usually sells: a start, not a fact. */
export const FISH = {
  'salmon-fillet': {
    name: 'skinned salmon fillet',
    words:
      'skinned salmon, skinned salmon fillet, skinless salmon, skinless salmon fillet, salmon without skin',
    species: 'salmon',
    tissue: 'salmon',
    aspect: 1.8,
    thickness: 0.025,
    weight: 0.17,
    target: 50,
    slicing: 'whole; let the flakes part',
  },
  'tuna-steak': {
    name: 'tuna steak',
    words: 'tuna, tuna steak, tuna steaks',
    species: 'tuna',
    tissue: 'tuna',
    aspect: 1.5,
    thickness: 0.028,
    weight: 0.2,
    target: 46,
    slicing: 'across the grain, a finger thick',
  },
  'white-fish-fillet': {
    name: 'white fish fillet',
    words:
      'cod, cod fillet, cod fillets, cod loin, cod loins, haddock, haddock fillet, halibut fillet, hake, pollock, white fish, white fish fillet, halibut',
    species: 'white-fish',
    tissue: 'white-fish',
    aspect: 1.6,
    thickness: 0.028,
    weight: 0.18,
    target: 54,
    slicing: 'whole; let the flakes part',
  },
  'monkfish-tail': {
    name: 'monkfish tail fillet',
    words: 'monkfish, monkfish tail',
    species: 'white-fish',
    tissue: 'white-fish',
    aspect: 2.6,
    thickness: 0.032,
    weight: 0.18,
    target: 54,
    slicing: 'across, two fingers thick',
  },
  scallop: {
    name: 'scallop',
    words: 'scallop, scallops',
    species: 'scallop',
    tissue: 'scallop',
    aspect: 1,
    thickness: 0.025,
    weight: 0.035,
    target: 51,
    slicing: 'whole',
  },
} as const satisfies Record<string, LarderCut>;
