import type { EstimateName } from '../heat';
import type { Way } from './way';

/**
 * How far the end of a usual cook of a way lies off for one deviation of each estimate of the model, K: the most of a few
 * pieces. Made by `npm run estimate-effects`; those that a contact carries are in `inputSpread`.
 */
export const ESTIMATE_EFFECTS: Readonly<
  Record<Way, Readonly<Partial<Record<EstimateName, number>>>>
> = {
  once: {
    fatMelting: 0.11,
    faceShrinkage: 0.38,
    juiceTime: 0.15,
    juiceToFront: 0.59,
    restContact: 0.06,
    floorShare: 0.02,
  },
  often: {
    fatMelting: 0.14,
    faceShrinkage: 0.31,
    juiceTime: 0.15,
    juiceToFront: 0.05,
    restContact: 0.06,
  },
  'skin-down': {
    fatMelting: 0.27,
    faceShrinkage: 0.24,
    juiceTime: 0.09,
    juiceToFront: 0.36,
    restContact: 0.06,
    floorShare: 0.02,
  },
  'cold-pan': {
    fatMelting: 0.19,
    renderingTime: 0.21,
    renderedLeft: 0.37,
    faceShrinkage: 0.24,
    juiceTime: 0.09,
    juiceToFront: 0.22,
    restContact: 0.1,
    floorShare: 0.05,
  },
  'sear-oven': {
    fatMelting: 0.55,
    faceShrinkage: 0.37,
    juiceTime: 0.13,
    juiceToFront: 0.27,
    restContact: 0.03,
    floorShare: 0.08,
    trayCoefficient: 0.76,
    trayCooler: 0.41,
    gasVapour: 0.33,
  },
  'oven-sear': {
    fatMelting: 0.35,
    faceShrinkage: 0.11,
    juiceTime: 0.08,
    restContact: 0.03,
    trayCoefficient: 0.74,
    trayCooler: 0.54,
    gasVapour: 0.94,
  },
  'sear-oven-sear': {
    fatMelting: 0.37,
    faceShrinkage: 0.17,
    juiceTime: 0.07,
    juiceToFront: 0.1,
    restContact: 0.03,
    floorShare: 0.02,
    trayCoefficient: 0.66,
    trayCooler: 0.53,
    gasVapour: 0.76,
  },
  'oven-blast': {
    fatMelting: 0.11,
    faceShrinkage: 0.09,
    juiceTime: 0.01,
    restContact: 0.01,
    trayCoefficient: 0.77,
    trayCooler: 0.57,
    gasVapour: 0.99,
  },
};
