import { crowding } from '../gear/crowding';
import type { PanOnBurner } from '../gear/pan';
import { footprint } from '../food';
import type { CookPlan } from '../plan/planResult';
import { cutOf } from '../plan/request';
import { panReadySeconds, type Run } from './run';
import { sharedBy } from './shared';

/** A piece among several for one plate. */
export interface Landing {
  /** Time from its end to the plate's, s: it rests and waits for the others. */
  readonly waits: number;
  /** Start of its heat, s before the plate. */
  readonly begins: number;
}

/** Conflict that prevents pieces from being cooked as planned. */
export type LandingConflict =
  /** One oven, two temperatures, C. */
  | {
      readonly reason: 'oven';
      readonly pieces: readonly [number, number];
      readonly airs: readonly [number, number];
    }
  /** They do not fit in the pan together: the first goes through it before the second. */
  | { readonly reason: 'pan'; readonly pieces: readonly [number, number]; readonly waits: number };

export interface Landings {
  readonly pieces: readonly Landing[];
  readonly conflicts: readonly LandingConflict[];
}

type Piece = Pick<CookPlan, 'request' | 'legs' | 'restSeconds'>;

/** Ovens and pans this near are one, K. */
const SAME_OVEN = 5;
const SAME_PAN = 20;
/** A pan that was hot comes back in this part of the time it takes from cold. */
const PAN_COMES_BACK = 6;
/** Largest number of shifts before a remaining overlap is reported. */
const MOST_SHIFTS = 60;

interface Stay {
  readonly from: number;
  readonly to: number;
}

const areaOf = ({ request }: Piece): number =>
  request.pieces * footprint(cutOf(request), request.weight, request.thickness).area;

const share = (a: Piece, b: Piece, pan: PanOnBurner): boolean =>
  crowding(pan, areaOf(a) + areaOf(b)).covered(1) <= 1 &&
  crowding(pan, (areaOf(a) + areaOf(b)) / 2).most >= 2 &&
  Math.abs(a.request.pan - b.request.pan) <= SAME_PAN;

const overlaps = (a: Stay, b: Stay): boolean => a.from < b.to - 1 && b.from < a.to - 1;

/** Every order of a few things. */
const orders = (of: readonly number[]): readonly (readonly number[])[] =>
  of.length < 2
    ? [of]
    : of.flatMap((first) =>
        orders(of.filter((one) => one !== first)).map((rest) => [first, ...rest]),
      );

/** More pieces than this are taken in the order of their rests: the orders grow too many. */
const MOST_ORDERED = 5;

/**
 * Times several pieces for one plate through one pan and one oven. Each is counted back from the plate; two that need
 * the pan at the same time and do not share it follow one another, in the order with the shortest longest wait.
 * @param runs of the pieces, in the same order
 */
export const landTogether = (
  pieces: readonly Piece[],
  runs: readonly Pick<Run, 'panToPlate'>[],
  pan: PanOnBurner,
): Landings => {
  const all = pieces.map((_, i) => i);
  const byRest = all.toSorted((a, b) => pieces[a].restSeconds - pieces[b].restSeconds);
  const tried = (all.length <= MOST_ORDERED ? orders(byRest) : [byRest]).map((order) =>
    waitsIn(order, pieces, runs, pan),
  );
  const waits = tried.reduce((best, other) =>
    Math.max(...other, 0) < Math.max(...best, 0) - 1 ? other : best,
  );
  return {
    pieces: pieces.map((_, i) => ({ waits: waits[i], begins: runs[i].panToPlate + waits[i] })),
    conflicts: conflictsOf(pieces, waits),
  };
};

/** Waiting time of each piece if the first ones in `order` are ready nearest the plate's time. */
const waitsIn = (
  order: readonly number[],
  pieces: readonly Piece[],
  runs: readonly Pick<Run, 'panToPlate'>[],
  pan: PanOnBurner,
): readonly number[] => {
  const waits = pieces.map(() => 0);
  const stays = (i: number): readonly Stay[] =>
    sharedBy(pieces[i]).pan.map(({ from, to }) => ({
      from: from - runs[i].panToPlate - waits[i],
      to: to - runs[i].panToPlate - waits[i],
    }));
  for (let tries = 0; tries < MOST_SHIFTS; tries += 1) {
    const clash = firstClash(order, stays, (a, b) => share(pieces[a], pieces[b], pan));
    if (!clash) break;
    const { later, earlier, by } = clash;
    waits[earlier] += by + panReadySeconds(pan, pieces[later].request.pan) / PAN_COMES_BACK;
  }
  return waits;
};

const conflictsOf = (
  pieces: readonly Piece[],
  waits: readonly number[],
): readonly LandingConflict[] => {
  const conflicts: LandingConflict[] = [];
  for (let a = 0; a < pieces.length; a += 1) {
    for (let b = a + 1; b < pieces.length; b += 1) {
      const [one, other] = [sharedBy(pieces[a]).oven, sharedBy(pieces[b]).oven];
      if (one && other && Math.abs(one.air - other.air) > SAME_OVEN) {
        conflicts.push({ reason: 'oven', pieces: [a, b], airs: [one.air, other.air] });
      }
    }
    if (waits[a] <= 0) continue;
    // The one that comes right after it.
    const next = waits
      .map((wait, i) => ({ wait, i }))
      .filter(({ wait }) => wait < waits[a])
      .toSorted((x, y) => y.wait - x.wait)[0];
    if (next) conflicts.push({ reason: 'pan', pieces: [a, next.i], waits: waits[a] });
  }
  return conflicts;
};

/** The first two in the pan at once that should not be, and by how much one must go before. */
const firstClash = (
  order: readonly number[],
  stays: (i: number) => readonly Stay[],
  together: (a: number, b: number) => boolean,
): { readonly later: number; readonly earlier: number; readonly by: number } | undefined => {
  for (let i = 0; i < order.length; i += 1) {
    for (let j = i + 1; j < order.length; j += 1) {
      const [later, earlier] = [order[i], order[j]];
      if (together(later, earlier)) continue;
      for (const a of stays(later)) {
        const b = stays(earlier).find((stay) => overlaps(a, stay));
        if (b) return { later, earlier, by: b.to - a.from };
      }
    }
  }
  return undefined;
};
