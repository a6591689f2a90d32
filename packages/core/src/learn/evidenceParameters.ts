import { COOK_SPREAD, KITCHEN_SPREAD } from '../gear/deviationSpread';
import { DISCREPANCY_COUNT } from '../estimate/discrepancy';
import { MODEL_STEPS, type CookModel, type ModelStep } from './cookData';

/**
 * The position of each parameter: what the kitchen has in every cook (`TRAITS`), then what differs
 * from cook to cook.
 */
export const AT = {
  oven: 0,
  ovenHeat: 1,
  burner: 2,
  contact: 3,
  thickness: 4,
  ownStart: 5,
  ownThickness: 6,
  ownContact: 7,
  ownOven: 8,
  ownOvenHeat: 9,
  ownPan: 10,
  thermometer: 11,
} as const;
/** The model's own error in this cook is fitted beside them. */
export const DISCREPANCY_AT = Object.keys(AT).length;
export const PARAMETERS = DISCREPANCY_AT + DISCREPANCY_COUNT;

export const unitPrior = (): Float64Array => new Float64Array(PARAMETERS);

/** A figure's slopes against every parameter, from the model's moves. */
export const slopesOf = (
  model: CookModel,
  figure: (run: CookModel['base']) => number,
  burnerPan: number,
): Float64Array => {
  const slopes = unitPrior();
  const per = (move: ModelStep): number => {
    const run = model.moved[move];
    return run === undefined ? 0 : (figure(run) - figure(model.base)) / MODEL_STEPS[move];
  };
  const [oven, ovenHeat, pan, contact, thickness] = [
    per('oven'),
    per('ovenHeat'),
    per('pan'),
    per('contact'),
    per('thickness'),
  ];
  slopes[AT.oven] = oven * KITCHEN_SPREAD.oven;
  slopes[AT.ovenHeat] = ovenHeat * KITCHEN_SPREAD.ovenHeat;
  slopes[AT.burner] = pan * burnerPan;
  slopes[AT.contact] = contact * KITCHEN_SPREAD.contact;
  slopes[AT.thickness] = thickness * KITCHEN_SPREAD.thickness;
  slopes[AT.ownStart] = per('start') * COOK_SPREAD.start;
  slopes[AT.ownThickness] = thickness * COOK_SPREAD.thickness;
  slopes[AT.ownContact] = contact * COOK_SPREAD.contact;
  slopes[AT.ownOven] = oven * COOK_SPREAD.oven;
  slopes[AT.ownOvenHeat] = ovenHeat * COOK_SPREAD.ovenHeat;
  slopes[AT.ownPan] = pan * COOK_SPREAD.pan;
  return slopes;
};
