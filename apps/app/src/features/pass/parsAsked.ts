import { translateName } from '@crustan/messages';
import type { KeptDish } from '@crustan/core/formats/serviceSchema';
import type { ParCosts } from '@crustan/core/par';
import { cutOf } from '@crustan/core/plan/request';
import type { ParAsked } from '../../workers/pass.worker';
import { t } from './t';

/** Cost of a missed plate against one thrown away, if the menu has no prices. */
const NO_PRICES = { tooFew: 2, wasted: 1 } as const;
/** Share of its cost that a piece loses if it is stored until the next day. Estimate. */
const KEPT_LOSS = 0.15;

const costsOf = (dish: Pick<KeptDish, 'cost' | 'price'> | undefined): ParCosts => {
  const { cost: paid, price } = dish ?? {};
  const earned = price === undefined || paid === undefined ? undefined : price - paid;
  const wasted = paid ?? NO_PRICES.wasted;
  return { tooFew: earned ?? NO_PRICES.tooFew, wasted, kept: KEPT_LOSS * wasted };
};

const pieceOf = (dish: KeptDish): string | undefined => {
  const request = dish.portions[0]?.options[0]?.plan.request;
  return (
    request &&
    t('mm', {
      name: translateName(cutOf(request).name),
      value: Math.round(1000 * request.thickness),
    })
  );
};

/** Species of a dish's piece. */
const speciesOf = ({ portions }: KeptDish): string | undefined => {
  const request = portions[0]?.options[0]?.plan.request;
  return request && cutOf(request).species;
};

/** Dishes like each dish of the menu, by name: those of the same animal. A new dish is expected to sell as they do. */
export const dishesLike = (dishes: readonly KeptDish[]): ReadonlyMap<string, readonly string[]> =>
  new Map(
    dishes.map((dish) => [
      dish.name,
      dishes
        .filter((other) => other.name !== dish.name && speciesOf(other) === speciesOf(dish))
        .map(({ name }) => name),
    ]),
  );

/**
 * Questions for prep counts: each dish by itself, and first the pieces that several dishes share, since one dish can
 * use what another leaves.
 * @param names of dishes that past days know
 */
export const parsAsked = (
  names: readonly string[],
  dishes: readonly KeptDish[],
  stock: Readonly<Record<string, number>>,
): readonly ParAsked[] => {
  const known = dishes.filter(({ name }) => names.includes(name));
  const byPiece = new Map<string, readonly KeptDish[]>();
  for (const dish of known) {
    const piece = pieceOf(dish);
    if (piece !== undefined) byPiece.set(piece, [...(byPiece.get(piece) ?? []), dish]);
  }
  const shared = [...byPiece].flatMap(([piece, all]): readonly ParAsked[] =>
    all.length < 2
      ? []
      : [
          {
            dish: t('for', { piece, map: all.map(({ name }) => name).join(t('and')) }),
            of: all.map(({ name }) => name),
            costs: costsOf(all[0]),
            shelfDays: Math.min(...all.map(({ shelfDays }) => shelfDays)),
            stock: 0,
          },
        ],
  );
  return [
    ...shared,
    ...names.map((dish): ParAsked => {
      const found = known.find(({ name }) => name === dish);
      return {
        dish,
        of: [dish],
        costs: costsOf(found),
        shelfDays: found?.shelfDays ?? 1,
        stock: stock[dish] ?? 0,
      };
    }),
  ];
};
