import { CRUST_COLOURS, CRUST_FROM, type CrustColour } from '../doneness';
import { browningIndex } from '../heat';
import { palestFace } from '../plan/legs/palestBrowning';
import { MethodSimulator } from '../plan/legs/methodSimulator';
import { kitchenIn, cookData } from './cookData';
import { traitsFor, type LearnedTrait } from './learnKitchen';
import { panOnBurner, type LoggedCook } from './loggedCook';

/** Standard deviation of the difference between two observers of a crust, browning index. Estimate. */
const EYE_SPREAD = 0.25;
/** Standard deviation of one judged crust beside the width of its colour: light, the face, the model. Estimate. */
const ONE_LOOK = 0.3;
/** Range of the grid for the colour bias, standard deviations in both directions. */
const WIDEST = 4;
const STEPS = 161;
/** A logistic distribution of this scale has the deviation one. */
const LOGISTIC = Math.sqrt(3) / Math.PI;

/** Colour bias of a logbook's judged crusts. */
export interface LearnedCrust {
  /** Added to the model's browning index before it is named: above 0 crusts are called darker. */
  readonly value: number;
  readonly deviation: number;
  /** Remaining share of the prior's standard deviation. */
  readonly unknown: number;
  readonly cooks: readonly string[];
}

/** Colours that are never called by these codes: what is very dark is called dark. */
const CALLED = CRUST_COLOURS.filter((colour) => colour !== 'very-dark');

/** Range of the browning index of a colour; infinite at the ends of the scale. */
const rangeOf = (colour: CrustColour): readonly [number, number] => {
  const called = colour === 'very-dark' ? 'dark' : colour;
  const scale = CRUST_FROM.kitchen;
  const next = CALLED[CALLED.indexOf(called) + 1];
  return [
    called === 'pale' ? -Infinity : scale[called],
    next === undefined ? Infinity : scale[next],
  ];
};

const below = (index: number): number => 1 / (1 + Math.exp(-index / (ONE_LOOK * LOGISTIC)));

/** Chance that a crust of an index is called so. */
const chanceOf = (colour: CrustColour, index: number): number => {
  const [from, to] = rangeOf(colour);
  return Math.max(1e-6, below(to - index) - below(from - index));
};

/**
 * Browning index of the palest relevant face by the model, in the kitchen as its logbook has calibrated it; undefined
 * if the cook gives no information.
 */
const simulatedIndex = (
  cook: LoggedCook,
  traits: readonly Pick<LearnedTrait, 'key' | 'value' | 'use'>[],
): number | undefined => {
  const read = cookData(cook);
  if (read === undefined) return undefined;
  const { plan, gear } = cook;
  const deviation = kitchenIn(read, traitsFor(traits, gear));
  const cooked = new MethodSimulator(plan.request, {
    pan: panOnBurner(gear, gear.burner.share),
    deviation,
  });
  cooked.reset();
  cooked.endOf(read.legs);
  const { solver } = cooked;
  return palestFace(plan.request, [
    browningIndex(solver.browned(0)),
    browningIndex(solver.browned(1)),
  ]);
};

/**
 * Colour bias of the cook's eye from judged crusts, in the calibrated kitchen: on a grid, the offset with which the
 * chosen colours are most probable, shrunk towards 0 by the prior. Cooks planned by the baseline, which has another
 * index, are not used. Undefined if no crust was judged.
 */
export const learnCrust = (
  cooks: readonly LoggedCook[],
  traits: readonly Pick<LearnedTrait, 'key' | 'value' | 'use'>[],
  since = -Infinity,
): LearnedCrust | undefined => {
  const seen = cooks.flatMap((cook) => {
    const { crust, at, id, plan } = cook;
    if (crust === undefined || at < since || plan.request.model !== 'kitchen') return [];
    const index = simulatedIndex(cook, traits);
    return index === undefined ? [] : [{ id, crust, index }];
  });
  if (seen.length === 0) return undefined;
  const points = Array.from({ length: STEPS }, (_, i) => {
    const offset = WIDEST * EYE_SPREAD * ((2 * i) / (STEPS - 1) - 1);
    const fit = seen.reduce(
      (sum, { crust, index }) => sum + Math.log(chanceOf(crust, index + offset)),
      0,
    );
    return { offset, log: fit - (offset / EYE_SPREAD) ** 2 / 2 };
  });
  const most = Math.max(...points.map(({ log }) => log));
  const weighed = points.map(({ offset, log }) => ({ offset, weight: Math.exp(log - most) }));
  const total = weighed.reduce((sum, { weight }) => sum + weight, 0);
  const value = weighed.reduce((sum, { offset, weight }) => sum + weight * offset, 0) / total;
  const variance =
    weighed.reduce((sum, { offset, weight }) => sum + weight * (offset - value) ** 2, 0) / total;
  const deviation = Math.sqrt(variance);
  return {
    value,
    deviation,
    unknown: Math.min(1, deviation / EYE_SPREAD),
    cooks: seen.map(({ id }) => id),
  };
};
