import type { LarderCut } from '../cutTraits';

/** Pieces cooked with their skin, and boar. Sizes are what a shop usually sells: a start, not a fact. */
export const SKIN_ON = {
  'boar-loin': {
    name: 'boar loin steak',
    words: 'boar loin, boar, wild boar',
    game: 'wild',
    species: 'pork',
    tissue: 'pork',
    aspect: 1.5,
    thickness: 0.028,
    weight: 0.18,
    // Wild game is cooked to the published 73.9 C.
    target: 74,
    slicing: 'across the grain, thin',
  },
  'duck-breast': {
    name: 'duck breast',
    words: 'duck breast, duck breasts, duck, magret, magrets',
    species: 'duck',
    tissue: 'duck',
    aspect: 1.9,
    thickness: 0.024,
    weight: 0.25,
    target: 58,
    slicing: 'skin down, across the grain, a finger thick',
    skin: { tissue: 'duck-skin', thickness: 0.006 },
    pan: 175,
  },
  'salmon-skin-on': {
    name: 'salmon fillet with its skin',
    words:
      'salmon, salmon fillet, salmon fillets, salmon skin on, skin on salmon, salmon with its skin, salmon with skin',
    species: 'salmon',
    tissue: 'salmon',
    aspect: 1.8,
    thickness: 0.028,
    weight: 0.18,
    target: 50,
    slicing: 'whole; let the flakes part',
    skin: { tissue: 'fish-skin', thickness: 0.0012 },
    pan: 190,
  },
  'white-fish-skin-on': {
    name: 'white fish fillet with its skin',
    words:
      'sea bass, seabass, bass, bream, cod skin on, sea bass fillet, sea bass fillets, trout, white fish skin on',
    species: 'white-fish',
    tissue: 'white-fish',
    aspect: 1.8,
    thickness: 0.026,
    weight: 0.17,
    target: 54,
    slicing: 'whole; let the flakes part',
    skin: { tissue: 'fish-skin', thickness: 0.0009 },
    pan: 190,
  },
} as const satisfies Record<string, LarderCut>;
