import { panAllergens } from '../../plan/request/plateAllergens';
import { allergenBits, type AllergenBits } from '../dishes/cleanPans';
import type { PansHeld } from '../dishes/dish';
import { portionOf, type MenuDish, type MenuOption } from '../dishes/menuDish';
import type { ServiceState } from './serviceTickets';

interface Line {
  readonly state: Pick<ServiceState, 'tickets' | 'washed' | 'inPans'>;
  readonly dishes: readonly MenuDish[];
  readonly gear: { readonly pans: readonly { readonly id: string }[] };
}

/** A way of a portion never changes: what it leaves in its pan is found once. */
const known = new WeakMap<MenuOption, AllergenBits>();
const allergensLeft = (option: MenuOption): AllergenBits => {
  const found = known.get(option) ?? allergenBits(panAllergens(option.plan.request));
  known.set(option, found);
  return found;
};

/** Allergens that a piece may leave in its pan: by each of its ways, or by the one that was chosen. */
export const pieceCarries = (
  dishes: readonly MenuDish[],
  piece: { readonly dish: string; readonly doneness: string },
  only?: number,
): AllergenBits =>
  (portionOf(dishes, piece)?.options ?? [])
    .filter((_, i) => only === undefined || i === only)
    .reduce((bits, option) => bits | allergensLeft(option), 0);

/**
 * Seconds from a piece's first heat to the start and to the end of its last stay in a pan. A pan that is washed after the
 * start was empty by then, whatever the plan has for the end.
 */
export const lastInPan = ({
  steps,
}: MenuOption): { readonly from: number; readonly to: number } => {
  const last = steps.alone.stays.findLast(({ place }) => place === 'pan');
  return { from: last?.at ?? 0, to: (last?.at ?? 0) + (last?.seconds ?? 0) };
};

/** Allergens that each pan has held since it was washed last. */
export const pansHeld = ({ state, dishes, gear }: Line): PansHeld => {
  const pieces = state.tickets.flatMap((ticket) => [...ticket.pieces, ...ticket.dropped]);
  return gear.pans.map(({ id }) => {
    const washed = state.washed.findLast(({ of }) => of === id)?.at ?? -Infinity;
    return state.inPans
      .filter(({ of }) => of === id)
      .reduce((bits, { piece: pieceId, at }) => {
        const piece = pieces.find((one) => one.id === pieceId);
        const option = piece?.begun && portionOf(dishes, piece)?.options.at(piece.begun.option);
        if (!option || at + lastInPan(option).from * 1000 <= washed) return bits;
        return bits | allergensLeft(option);
      }, 0);
  });
};
