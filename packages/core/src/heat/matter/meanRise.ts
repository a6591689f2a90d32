import { PROPERTY_CEILING } from '../../food';

/** Mean over a step of the temperature the properties are taken at, less that at its start, K. */
export const meanRise = (before: number, after: number): number => {
  const change = after - before;
  if (before < PROPERTY_CEILING) {
    if (after <= PROPERTY_CEILING) return change / 2;
    const room = PROPERTY_CEILING - before;
    return room - (room * room) / (2 * change);
  }
  if (after >= PROPERTY_CEILING) return 0;
  const under = PROPERTY_CEILING - after;
  return (under * under) / (2 * change);
};
