import { ESTIMATES } from './estimates';

/** Hoisted: a global is looked up at every use. */
const { exp } = Math;

const LOST = 1 - ESTIMATES.bulgedContact.value;
const SECONDS = ESTIMATES.bulgedSeconds.value;

/**
 * Contact of a face that was turned down some seconds ago, of what it comes to: the hot face pulls
 * together and bulges, then lies down again. Gaussian in time, so that it holds for about 20 s and
 * is gone after 40. Estimate.
 */
export const bulgedContact = (sinceTurn: number): number => {
  const t = sinceTurn / SECONDS;
  return t > 4 ? 1 : 1 - LOST * exp(-t * t);
};
