import { ESTIMATES } from './estimates';

const LOST = 1 - ESTIMATES.bulgedContact.value;
const SECONDS = ESTIMATES.bulgedSeconds.value;

/**
 * Contact of a face some seconds after it was turned down, as a share of its final value: the hot face contracts and
 * bulges, then settles, smoothly over about 20 s. Estimate.
 */
export const bulgedContact = (sinceTurn: number): number => {
  if (sinceTurn >= SECONDS) return 1;
  const x = sinceTurn / SECONDS;
  return 1 - LOST * (1 - x * x * (3 - 2 * x));
};
