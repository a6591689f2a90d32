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
    fatMelting: 0.1,
    faceShrinkage: 0.37,
    juiceTime: 0.13,
    juiceToFront: 0.67,
    restContact: 0.06,
  },
  often: {
    fatMelting: 0.14,
    faceShrinkage: 0.31,
    juiceTime: 0.13,
    juiceToFront: 0.1,
    restContact: 0.06,
  },
  'skin-down': {
    fatMelting: 0.27,
    faceShrinkage: 0.23,
    juiceTime: 0.09,
    juiceToFront: 0.39,
    restContact: 0.06,
    floorShare: 0.01,
  },
  'cold-pan': {
    fatMelting: 0.2,
    renderingTime: 0.21,
    renderedLeft: 0.38,
    faceShrinkage: 0.24,
    juiceTime: 0.14,
    juiceToFront: 0.23,
    restContact: 0.1,
    floorShare: 0.06,
  },
  'sear-oven': {
    fatMelting: 0.55,
    faceShrinkage: 0.41,
    juiceTime: 0.09,
    juiceToFront: 0.24,
    restContact: 0.03,
    floorShare: 0.02,
    trayCoefficient: 0.73,
    trayCooler: 0.41,
    gasVapour: 0.33,
  },
  'oven-sear': {
    fatMelting: 0.37,
    faceShrinkage: 0.12,
    juiceTime: 0.07,
    juiceToFront: 0.01,
    restContact: 0.03,
    trayCoefficient: 0.74,
    trayCooler: 0.55,
    gasVapour: 0.93,
  },
  'sear-oven-sear': {
    fatMelting: 0.38,
    faceShrinkage: 0.18,
    juiceTime: 0.07,
    juiceToFront: 0.1,
    restContact: 0.03,
    floorShare: 0.01,
    trayCoefficient: 0.64,
    trayCooler: 0.52,
    gasVapour: 0.8,
  },
  'oven-blast': {
    fatMelting: 0.1,
    faceShrinkage: 0.09,
    juiceTime: 0.02,
    restContact: 0.01,
    trayCoefficient: 0.76,
    trayCooler: 0.57,
    gasVapour: 1,
  },
};
