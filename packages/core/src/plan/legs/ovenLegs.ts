import type { LegKind } from './legKind';

/** A cook's legs in an oven, in order: one, none, or several in ovens of their own. */
export const ovenLegs = <L extends { readonly kind: LegKind }>(legs: readonly L[]): readonly L[] =>
  legs.filter(({ kind }) => kind === 'oven');

/** The first leg in an oven: the one that an oven is brought up for. */
export const firstOvenLeg = <L extends { readonly kind: LegKind }>(
  legs: readonly L[],
): L | undefined => ovenLegs(legs).at(0);

/** Whether a leg is in a pan: neither in an oven nor waiting. */
export const inAPan = ({ kind }: { readonly kind: LegKind }): boolean =>
  kind !== 'oven' && kind !== 'board';
