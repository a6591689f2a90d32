import type { KeptDish } from '@crustan/core/formats/serviceSchema';

/** Dishes that are on the menu now. */
export const onMenu = (dishes: readonly KeptDish[]): readonly KeptDish[] =>
  dishes.filter(({ removedAt }) => removedAt === undefined);
