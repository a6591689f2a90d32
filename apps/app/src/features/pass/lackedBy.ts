import type { KeptDish } from '@crustan/core/formats/serviceSchema';
import type { ServiceState } from '@crustan/core/pass/serviceTickets';

/** Part of the menu that a page may lack: the whole menu, or a dish that is ordered. */
export type Lacked = 'menu' | 'dish';

/**
 * Part of the menu that the page needs for a schedule and does not have; undefined if it has everything.
 * @param version of the menu; undefined until it is loaded
 */
export const lackedBy = (
  { tickets }: ServiceState,
  dishes: readonly KeptDish[],
  version: number | undefined,
): Lacked | undefined => {
  if (version === undefined) return 'menu';
  const known = new Set(dishes.map(({ id }) => id));
  const going = tickets.filter(({ state }) => state === 'open' || state === 'held');
  const unknown = going.some(({ pieces }) => pieces.some(({ dish }) => !known.has(dish)));
  return unknown ? 'dish' : undefined;
};
