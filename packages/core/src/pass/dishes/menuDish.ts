import type { PlanFigures } from '../../cook/progress';
import type { CookPlan } from '../../plan/legs/planResult';
import type { Side } from '../../schedule/sides';
import type { PieceOption } from './dish';

/** One way of a portion on the menu: what is followed of its plan, and what it takes of the line. */
export interface MenuOption {
  readonly plan: PlanFigures & Pick<CookPlan, 'cookSeconds' | 'pullCore' | 'peakCore'>;
  readonly steps: PieceOption;
}

/** A dish at one doneness; its ways give the same finish, the menu's own first. */
export interface MenuPortion {
  readonly doneness: string;
  readonly target: number;
  readonly options: readonly MenuOption[];
}

/** A dish of the menu. */
export interface MenuDish {
  readonly id: string;
  readonly createdAt: number;
  readonly name: string;
  readonly portions: readonly MenuPortion[];
  /** Beside the piece, with their minutes. */
  readonly sides: readonly Side[];
  /** Cost of the piece and price of the plate, in the house's money. */
  readonly cost?: number | undefined;
  readonly price?: number | undefined;
  /** Days that a prepared piece is good for. */
  readonly shelfDays: number;
  /** Time of removal from the menu, ms since 1970. Past services still name the dish. */
  readonly removedAt?: number | undefined;
}

export const portionOf = (
  dishes: readonly MenuDish[],
  { dish, doneness }: { readonly dish: string; readonly doneness: string },
): MenuPortion | undefined =>
  dishes.find(({ id }) => id === dish)?.portions.find((portion) => portion.doneness === doneness);

/** The sides of a table's pieces, each once, and for how many plates. */
export const sidesOf = (
  dishes: readonly MenuDish[],
  pieces: readonly { readonly dish: string }[],
): readonly { readonly side: Side; readonly plates: number }[] => {
  const found = new Map<string, { side: Side; plates: number }>();
  for (const { dish } of pieces) {
    for (const side of dishes.find(({ id }) => id === dish)?.sides ?? []) {
      found.set(side.name, { side, plates: (found.get(side.name)?.plates ?? 0) + 1 });
    }
  }
  return [...found.values()];
};
