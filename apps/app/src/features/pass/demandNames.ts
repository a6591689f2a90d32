import type { KeptDish } from '@crustan/core/formats/serviceSchema';
import type { DemandDay } from '@crustan/core/par';

/**
 * Past days under the names of their dishes: a service counts a dish by its id, a table names it. Counts of one day and
 * name are added.
 */
export const byName = (
  days: readonly DemandDay[],
  dishes: readonly Pick<KeptDish, 'id' | 'name'>[],
): readonly DemandDay[] => {
  const names = new Map(dishes.map(({ id, name }) => [id, name]));
  const found = new Map<string, DemandDay>();
  for (const { date, dish, count } of days) {
    const name = names.get(dish) ?? dish;
    const key = `${date} ${name}`;
    found.set(key, { date, dish: name, count: count + (found.get(key)?.count ?? 0) });
  }
  return [...found.values()];
};
