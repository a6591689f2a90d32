import type { AllergenId } from '../../food/allergens';
import { panAllergens } from '../../plan/request/plateAllergens';
import { portionOf, type MenuDish } from '../dishes/menuDish';
import { avoidedBy } from '../orders/orderAllergens';
import { lastInPan } from '../orders/pansHeld';
import type { PlacedPiece } from '../slots/serviceSchedule';
import type { ServiceState } from '../orders/serviceTickets';

/** A piece of an allergic table that shares its pan with what carries the allergen. */
export interface SharedPan {
  readonly ticket: string;
  readonly piece: string;
  /** Index of the pan in the gear's list. */
  readonly pan: number;
  readonly allergens: readonly AllergenId[];
}

interface Line {
  readonly state: Pick<ServiceState, 'tickets' | 'washed'>;
  readonly dishes: readonly MenuDish[];
  readonly gear: { readonly pans: readonly { readonly id: string }[] };
  /** Second 0 of the service, ms since 1970. */
  readonly epoch: number;
}

interface PanUse {
  readonly ticket: string;
  readonly piece: string;
  readonly pan: number;
  /** Seconds of the service: the first heat, and the last stay in the pan. */
  readonly from: number;
  readonly lastFrom: number;
  readonly to: number;
  readonly carries: readonly AllergenId[];
}

/** Washing times of each pan, pressed and scheduled: seconds of the service. */
const washings = (
  { state, gear, epoch }: Line,
  placed: readonly PlacedPiece[],
): readonly (readonly number[])[] =>
  gear.pans.map(({ id }, pan) => [
    ...state.washed.filter(({ of }) => of === id).map(({ at }) => (at - epoch) / 1000),
    ...placed.flatMap((piece) => (piece.pan === pan ? (piece.washAt ?? []) : [])),
  ]);

/** Every piece that was, is or will be in a pan. A pan that the kitchen no longer has is left out. */
const panUses = (
  { state, dishes, gear, epoch }: Line,
  placed: readonly PlacedPiece[],
): readonly PanUse[] => {
  const slots = new Map(placed.map((slot) => [slot.id, slot]));
  return state.tickets.flatMap((ticket) =>
    [...ticket.pieces, ...ticket.dropped].flatMap((piece): readonly PanUse[] => {
      const slot = slots.get(piece.id);
      const { begun } = piece;
      const option = portionOf(dishes, piece)?.options.at(begun?.option ?? slot?.option ?? 0);
      if (!option || (!begun && (!slot || ticket.state === 'cancelled'))) return [];
      const inPan = option.steps.alone.stays.some(({ place }) => place === 'pan');
      const pan = begun ? gear.pans.findIndex(({ id }) => id === begun.pan) : (slot?.pan ?? -1);
      if (!inPan || pan === -1) return [];
      const last = lastInPan(option);
      const from = begun ? (begun.at - epoch) / 1000 : (slot?.start ?? 0);
      return [
        {
          ticket: ticket.id,
          piece: piece.id,
          pan,
          from,
          lastFrom: from + last.from,
          to: from + last.to,
          carries: panAllergens(option.plan.request),
        },
      ];
    }),
  );
};

/**
 * Pieces of open allergic tables whose pan holds what carries the allergen, or held it earlier in the service and is not
 * washed in between: each wants a clean pan and fresh fat.
 */
export const sharedPans = (line: Line, placed: readonly PlacedPiece[]): readonly SharedPan[] => {
  const allergic = line.state.tickets
    .filter(({ state }) => state === 'open')
    .map((ticket) => ({ id: ticket.id, avoided: avoidedBy(ticket) }))
    .filter(({ avoided }) => avoided.length > 0);
  if (allergic.length === 0) return [];
  const uses = panUses(line, placed);
  const washed = washings(line, placed);
  return allergic.flatMap(({ id: ticket, avoided }) =>
    uses
      .filter((use) => use.ticket === ticket)
      .flatMap((use): readonly SharedPan[] => {
        const { piece, pan, from, to } = use;
        const met = uses.filter(
          (other) =>
            other !== use &&
            other.pan === pan &&
            other.from < to &&
            !washed[pan].some((at) => at >= other.lastFrom && at <= from),
        );
        const allergens = avoided.filter((id) => met.some(({ carries }) => carries.includes(id)));
        return allergens.length === 0 ? [] : [{ ticket, piece, pan, allergens }];
      }),
  );
};
