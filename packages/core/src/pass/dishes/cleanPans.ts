import { ALLERGEN_IDS, type AllergenId } from '../../food/allergens';

/** A set of allergens: bit i stands for `ALLERGEN_IDS[i]`. */
export type AllergenBits = number;

export const allergenBits = (ids: readonly AllergenId[]): AllergenBits =>
  ids.reduce((bits, id) => bits | (1 << ALLERGEN_IDS.indexOf(id)), 0);

/** Allergens that a piece leaves in its pan, and allergens that its pan must not hold. */
export interface PieceAllergens {
  readonly ticket: string;
  readonly carries: AllergenBits;
  readonly avoids: AllergenBits;
}

/** Hands on a pan that is washed, dried and oiled, s, and the iron's temperature then, C. Estimates. */
export const WASHING = { seconds: 120, celsius: 60 } as const;

/** Way in which a pan is made clean for a piece. In slots. */
export interface Clean {
  /** The pan holds nothing that the table avoids from here on; 0: it never has. */
  readonly from: number;
  /** First slot of the washing that is done for this piece; undefined: the pan is clean already. */
  readonly washAt?: number | undefined;
}

/** A piece's stay in a pan. In slots; the end is exclusive. */
export interface PanStay {
  readonly from: number;
  readonly to: number;
  readonly allergens: PieceAllergens;
}

interface Use extends PanStay {
  readonly clean: Clean | undefined;
}

/**
 * Uses of one pan by their allergens. Pieces of an allergic table never share it with what carries the allergen. A pan
 * that held the allergen before is washed first.
 */
export class CleanPan {
  private readonly uses: Use[] = [];

  /** @param held allergens that the pan has held since it was washed last */
  constructor(private readonly held: AllergenBits) {}

  take(stay: PanStay, clean: Clean | undefined): void {
    this.uses.push({ ...stay, clean });
  }

  /** Removes the use that the same piece took. */
  give({ from, to, allergens }: PanStay): void {
    const at = this.uses.findIndex(
      (use) => use.from === from && use.to === to && use.allergens === allergens,
    );
    if (at !== -1) this.uses.splice(at, 1);
  }

  /** Clears the starts at which a stay would soil a pan that was cleaned for an allergic table. */
  clear(free: Uint8Array, base: number, { from, to, allergens }: PanStay): void {
    for (const use of this.uses) {
      if ((allergens.carries & use.allergens.avoids) === 0) continue;
      const first = Math.max(0, (use.clean?.from ?? use.from) - to + 1 - base);
      const last = Math.min(free.length, use.to - from - base);
      if (first < last) free.fill(0, first, last);
    }
  }

  /**
   * Whether and how the pan is clean for a stay.
   * @param washes slots from the start of a washing until the pan is hot again
   * @returns undefined if it holds an allergen that the table avoids, or the stay would soil it for another table
   */
  cleanFor({ from, to, allergens }: PanStay, washes: number): Clean | undefined {
    const { carries, avoids, ticket } = allergens;
    let soiled = (this.held & avoids) === 0 ? -1 : 0;
    let washed: number | undefined;
    for (const use of this.uses) {
      const { clean } = use;
      const inTheWay =
        (carries & use.allergens.avoids) !== 0 && to > (clean?.from ?? use.from) && from < use.to;
      if (inTheWay) return undefined;
      if ((use.allergens.carries & avoids) !== 0) {
        if (from < use.to && to > use.from) return undefined;
        if (use.to <= from) soiled = Math.max(soiled, use.to);
      }
      if (use.allergens.ticket === ticket && clean?.washAt !== undefined && use.from <= from) {
        washed = Math.max(washed ?? 0, clean.washAt);
      }
    }
    if (soiled === -1) return { from: 0 };
    if (washed !== undefined && washed >= soiled) return { from: washed };
    const washAt = from - washes;
    return washAt < soiled ? undefined : { from: washAt, washAt };
  }
}
