import { ALLERGEN_IDS, allergensNamed, type AllergenId } from '../../food/allergens';
import { plateAllergens, unstatedSides } from '../../plan/request/plateAllergens';
import type { MenuDish } from '../dishes/menuDish';
import type { Order } from './serviceEvent';

/** Allergens that a table must not be served: chosen from the table, or named in its note. */
export const avoidedBy = ({
  allergens = [],
  allergy = '',
}: Pick<Order, 'allergens' | 'allergy'>): readonly AllergenId[] => {
  if (allergens.length === 0 && allergy === '') return [];
  const named = new Set([...allergens, ...allergensNamed(allergy)]);
  return ALLERGEN_IDS.filter((id) => named.has(id));
};

/** Allergens of a dish: of every method and portion that the line may cook, and of its sides. */
export const dishAllergens = ({
  portions,
  sides,
}: Pick<MenuDish, 'portions' | 'sides'>): readonly AllergenId[] => {
  const found = new Set(
    portions.flatMap(({ options }) =>
      options.flatMap(({ plan }) =>
        plateAllergens(plan.request, sides).map(({ allergen }) => allergen),
      ),
    ),
  );
  return ALLERGEN_IDS.filter((id) => found.has(id));
};

/** A dish of an order that carries what its table avoids, or has sides whose allergens nobody stated. */
export interface DishConflict {
  readonly dish: MenuDish;
  readonly carries: readonly AllergenId[];
  readonly unstated: readonly string[];
}

/** Dishes of an order to check before they are served; empty if the table avoids nothing. */
export const dishConflicts = (
  order: Pick<Order, 'allergens' | 'allergy' | 'pieces'>,
  dishes: readonly MenuDish[],
): readonly DishConflict[] => {
  const avoided = avoidedBy(order);
  if (avoided.length === 0) return [];
  return dishes
    .filter(({ id }) => order.pieces.some(({ dish }) => dish === id))
    .map((dish) => ({
      dish,
      carries: dishAllergens(dish).filter((id) => avoided.includes(id)),
      unstated: unstatedSides(dish.sides),
    }))
    .filter(({ carries, unstated }) => carries.length + unstated.length > 0);
};
