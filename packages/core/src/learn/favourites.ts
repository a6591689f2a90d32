import type { Way } from '../plan/request/way';

/** Input of favourites: a cook as in lists. */
export interface FavouriteLine {
  readonly id: string;
  readonly cut: string;
  readonly own?: string | undefined;
  readonly way: Way;
  readonly pan: number;
  readonly target: number;
  readonly thickness: number;
  readonly again?: string | undefined;
  readonly crust?: string | undefined;
  readonly endTemperature?: number | undefined;
}

/** Preferred settings of a kitchen for one piece: the common settings of its best cooks. */
export interface Favourite {
  readonly cut: string;
  readonly own?: string | undefined;
  readonly way: Way;
  /** Middle of those cooks, C and m. */
  readonly pan: number;
  readonly target: number;
  readonly thickness: number;
  /** Cooks it rests on, and all cooks of the piece. */
  readonly liked: number;
  readonly cooks: number;
  /** Id of the newest cook. */
  readonly id: string;
}

const middle = (values: readonly number[]): number => {
  const sorted = values.toSorted((a, b) => a - b);
  const half = Math.floor(sorted.length / 2);
  return sorted.length % 2 === 1 ? sorted[half] : (sorted[half - 1] + sorted[half]) / 2;
};

/** A cook that was liked: judged "again", or golden to dark where that was not judged. */
const isLiked = ({ again, crust }: FavouriteLine): boolean =>
  again === undefined
    ? crust === 'golden' || crust === 'deep-brown' || crust === 'dark'
    : again === 'again';

/**
 * The way and the settings each piece was liked best with, pieces cooked most first.
 * @param lines newest first
 */
export const favourites = (lines: readonly FavouriteLine[]): readonly Favourite[] => {
  const pieces = new Map<string, FavouriteLine[]>();
  for (const line of lines) {
    const piece = line.own ?? line.cut;
    const known = pieces.get(piece);
    if (known) known.push(line);
    else pieces.set(piece, [line]);
  }
  return [...pieces.values()]
    .flatMap((all): Favourite[] => {
      const liked = all.filter(isLiked);
      const ways = new Map<Way, FavouriteLine[]>();
      for (const line of liked) ways.set(line.way, [...(ways.get(line.way) ?? []), line]);
      const best = [...ways.values()].toSorted((a, b) => b.length - a.length).at(0);
      const [newest] = best ?? [];
      if (!best || newest === undefined) return [];
      return [
        {
          cut: newest.cut,
          own: newest.own,
          way: newest.way,
          pan: middle(best.map(({ pan }) => pan)),
          target: middle(best.map(({ target }) => target)),
          thickness: middle(best.map(({ thickness }) => thickness)),
          liked: best.length,
          cooks: all.length,
          id: newest.id,
        },
      ];
    })
    .toSorted((a, b) => b.cooks - a.cooks);
};
