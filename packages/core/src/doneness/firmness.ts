import type { Cut } from '../food/cuts';
import { isFish } from '../food/species';

/** Firmness of the middle under a finger: codes, softest first. */
export const FIRMNESSES = ['soft', 'yielding', 'springy', 'firm', 'hard'] as const;
export type Firmness = (typeof FIRMNESSES)[number];

/**
 * The temperature in the middle from which each is felt, C: myosin sets from about 40 to 53 C, collagen
 * shrinks from about 56 to 62 C, actin sets from about 66 to 73 C (Tornberg 2005, Meat Science 70). Where
 * one gives way to the next is an estimate, and meat of another age or cut feels otherwise.
 */
const FROM: Readonly<Record<Firmness, number>> = {
  soft: -Infinity,
  yielding: 48,
  springy: 54,
  firm: 60,
  hard: 68,
};

/** Firmness of a piece with this core temperature. */
export const firmnessAt = (core: number): Firmness =>
  FIRMNESSES.findLast((firmness) => core >= FROM[firmness]) ?? 'soft';

/** Core temperatures at which a firmness is felt, C: from and to; the first and the last are open. */
export const firmnessRange = (firmness: Firmness): readonly [number, number] => {
  const next = FIRMNESSES.at(FIRMNESSES.indexOf(firmness) + 1);
  return [FROM[firmness], next === undefined ? Infinity : FROM[next]];
};

/** Whether a piece's firmness shows its core: a joint is too thick for a finger, and fish flakes instead. */
export const showsFirmness = ({ whole, species }: Pick<Cut, 'whole' | 'species'>): boolean =>
  whole !== true && !isFish(species);
