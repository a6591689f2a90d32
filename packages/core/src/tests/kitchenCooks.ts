import type { Cook, Stage } from '../heat';

const sear = (pan: number, seconds: number): Stage => ({
  kind: 'sear',
  pan,
  seconds,
  thenFlip: true,
});
const rest = (seconds: number): Stage => ({ kind: 'rest', cover: 'open', seconds });

/** Skin down nearly all the way: fat melts and the layer renders. */
export const DUCK: Cook = {
  piece: {
    tissue: 'duck',
    thickness: 0.022,
    start: 5,
    layers: [{ tissue: 'duck-skin', thickness: 0.005 }],
  },
  stages: [sear(160, 780), sear(160, 60), rest(600)],
};

/** Small and round: its side sees the iron. */
export const SCALLOP: Cook = {
  piece: { tissue: 'scallop', thickness: 0.03, start: 5, shape: { kind: 'round', radius: 0.02 } },
  stages: [sear(215, 120), sear(215, 100), rest(300)],
};

/** Skin that was dried in the fridge: its outermost cells hold hardly any water. */
export const AIRED_FISH: Cook = {
  piece: {
    tissue: 'white-fish',
    thickness: 0.017,
    start: 5,
    film: -0.08,
    layers: [{ tissue: 'fish-skin', thickness: 0.001 }],
  },
  stages: [sear(165, 200), sear(165, 30), rest(300)],
};
