import { firmnessAt, type Firmness } from '../doneness';
import { CUTS, type CutId } from '../food';
import { fatOf } from '../gear/fats';
import { readinessSigns, type ReadinessSign } from '../gear/readiness';
import { DEFAULT_PAN } from '../gear/pan';
import { drawn, even, seededRandom } from '../maths/random';
import { recordLegs } from '../plan/search/recordPlan';
import { USUAL, type PlanRequest } from '../plan/request/request';
import type { CookPlan, Slices } from '../plan/legs/planResult';
import { solveWay } from '../plan/search/solveWay';
import { runToEnd } from '../maths/runToEnd';
import { MethodSimulator } from '../plan/legs/methodSimulator';
import { PracticeKitchen } from './practiceKitchen';
import type { DrillKind } from './callBias';
import { hiddenKitchen } from './hiddenKitchen';

/** One thing to call. `was` is the truth in C: where the core peaked, or the pan's own heat. */
export type DrillCard =
  | {
      readonly kind: 'touch';
      readonly request: PlanRequest;
      readonly firmness: Firmness;
      readonly was: number;
    }
  | {
      readonly kind: 'slice';
      readonly request: PlanRequest;
      readonly plan: CookPlan;
      readonly slices: Slices;
      readonly was: number;
    }
  | {
      readonly kind: 'pan';
      readonly fat: PlanRequest['fat'];
      /** Those that can be seen at this heat. */
      readonly signs: readonly ReadinessSign['sign'][];
      /** Loudness of a wet face laid in, 0 to 1. */
      readonly loudness: number;
      readonly was: number;
    };

/** Cuts from which a drill is drawn: those eaten at several donenesses. */
const CUTS_DRAWN: readonly CutId[] = [
  'strip-steak',
  'ribeye',
  'pork-loin',
  'lamb-loin',
  'duck-breast-skinned',
];
/** Ends and pans that are drawn, C; thickness, m. */
const ENDS = [44, 72] as const;
const PANS = [110, 285] as const;
const THICKNESS = [0.022, 0.04] as const;
/** Signs a cook looks for before anything is in the pan. */
const SEEN: readonly ReadinessSign['sign'][] = ['drop-sizzles', 'drop-dances', 'shimmer', 'wisp'];

const STAYS: readonly ReadinessSign['sign'][] = ['drop-dances', 'wisp'];

const drawnPiece = (random: () => number): PlanRequest => {
  const cut = drawn(random, CUTS_DRAWN);
  const thickness = even(random, ...THICKNESS);
  return {
    ...USUAL,
    cut,
    thickness,
    weight: (CUTS[cut].weight * thickness) / CUTS[cut].thickness,
    target: even(random, ...ENDS),
    pan: even(random, 190, 240),
    way: random() < 0.5 ? 'once' : 'often',
  };
};

const panCard = (random: () => number, seed: number): DrillCard => {
  const was = even(random, ...PANS);
  const { fat: id } = USUAL;
  const kitchen = new PracticeKitchen(
    { ...drawnPiece(random), surface: 'wet' },
    { ...hiddenKitchen(seed), contact: 1 },
    DEFAULT_PAN,
    180,
    { pan: was, place: 'pan' },
  );
  kitchen.follow(1);
  // A drop dances, and oil smokes, however hot it gets.
  const seen = ({ sign, from, to }: ReadinessSign): boolean =>
    SEEN.includes(sign) && was >= from && (was <= to || STAYS.includes(sign));
  return {
    kind: 'pan',
    fat: id,
    signs: readinessSigns(fatOf(id), was)
      .filter(seen)
      .map(({ sign }) => sign),
    loudness: kitchen.senses().loudness,
    was,
  };
};

/** One thing to call, drawn from a seed; the slice is the model's own. */
export const drawnCard = (kind: DrillKind, seed: number): DrillCard => {
  const random = seededRandom(seed);
  if (kind === 'pan') return panCard(random, seed);
  const request = drawnPiece(random);
  if (kind === 'touch') {
    return { kind, request, firmness: firmnessAt(request.target), was: request.target };
  }
  const cook = new MethodSimulator(request);
  const solved = runToEnd(solveWay(cook));
  // A piece that cannot be cooked so is not shown: the next seed's is.
  if (!solved.ok) return drawnCard(kind, seed + 7919);
  const { legs, end } = solved.run;
  const { plan, slices } = recordLegs(cook, legs, { end, frames: 1 });
  return { kind, request, plan, slices, was: plan.peakCore };
};
