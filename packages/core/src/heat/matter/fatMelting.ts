import { ESTIMATES } from './estimates';

/** Fat melts between these, C: the melting ranges of beef, pork and duck fat, roughly. Estimate. */
export const MELTS_FROM = 15;
export const MELTS_TO = 45;
const SPAN = MELTS_TO - MELTS_FROM;

/** Heat that melts fat, J per kg of fat. */
export const MELTING_HEAT = ESTIMATES.fatMelting.value;

/** Share of the fat that is melted at a temperature: a smooth step, 3 x^2 - 2 x^3. */
export const meltedShare = (celsius: number): number => {
  if (celsius <= MELTS_FROM) return 0;
  if (celsius >= MELTS_TO) return 1;
  const x = (celsius - MELTS_FROM) / SPAN;
  return x * x * (3 - 2 * x);
};

/** Its slope, 1/K. */
export const meltingSlope = (celsius: number): number => {
  if (celsius <= MELTS_FROM || celsius >= MELTS_TO) return 0;
  const x = (celsius - MELTS_FROM) / SPAN;
  return (6 * x * (1 - x)) / SPAN;
};

/**
 * Temperature after a step that was solved with the capacity at its start: corrected for the actual melting heat of
 * the step by one Newton step, so that enthalpy is conserved where the slope bends.
 * @param fat in the cell, kg
 * @param capacity of the cell at the step's start, melting included, J/K
 */
export const afterMelting = (
  fat: number,
  capacity: number,
  before: number,
  after: number,
): number => {
  const slope = meltingSlope(before);
  const melted = meltedShare(after) - meltedShare(before);
  if (slope === 0 && melted === 0) return after;
  const heat = fat * MELTING_HEAT;
  const over = heat * (melted - slope * (after - before));
  return after - over / (capacity + heat * (meltingSlope(after) - slope));
};
