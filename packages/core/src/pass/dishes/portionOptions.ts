import { footprint } from '../../food/footprint';
import { crowding } from '../../gear/crowding';
import type { PanOnBurner } from '../../gear/pan';
import type { CookPlan } from '../../plan/legs/planResult';
import { planWay } from '../../plan/search/planWay';
import { cutOf, type PlanRequest } from '../../plan/request/request';
import { waysFor, WAY_TRAITS, type Way } from '../../plan/request/way';
import type { PieceOption } from './dish';
import { ironRecovery } from './ironRecovery';
import { pieceSteps, type PieceSteps } from './pieceSteps';

/** One method of a portion: its plan, and its use of the equipment by itself and beside others. */
export interface PortionOption {
  readonly plan: CookPlan;
  readonly steps: PieceOption;
}

export interface PortionQuestion {
  readonly request: PlanRequest;
  /** Ways that the kitchen may change to; the request's own is always the first. */
  readonly others: readonly Way[];
  readonly pan: PanOnBurner;
  /** The published minimum that a kitchen keeps its plans to, C. */
  readonly minimum?: number | undefined;
  /** Whether it is planned in one dimension only, for benches. */
  readonly quick?: boolean;
}

/** Largest number of pieces of a full pan in a plan: more pieces behave alike. */
const MOST_TOGETHER = 4;

/** Ways of a piece that give the same finish in a service: through the pan, and hands free enough. */
export const serviceWays = (request: PlanRequest): readonly Way[] =>
  waysFor(cutOf(request)).filter((way) => WAY_TRAITS[way].noPan !== true);

/** A request's plan, or undefined if it fails. */
function* planned(
  request: PlanRequest,
  { pan, minimum, quick = false }: Pick<PortionQuestion, 'pan' | 'minimum' | 'quick'>,
): Generator<null, CookPlan | undefined> {
  for (const update of planWay(request, { pan, minimum, inFull: false })) {
    if (update?.kind === 'obstacle') return undefined;
    if (update?.kind === 'plan' && (quick || !update.quick)) return update.plan;
    yield null;
  }
  return undefined;
}

/**
 * Plans a portion by each of its methods, by itself and in a full pan. A method that is not feasible is left out.
 * Yields between simulations.
 */
export function* portionOptions(
  question: PortionQuestion,
): Generator<null, readonly PortionOption[]> {
  const { request, others, pan } = question;
  const ways = [request.way, ...others.filter((way) => way !== request.way)];
  const { area } = footprint(cutOf(request), request.weight, request.thickness);
  const most = Math.min(MOST_TOGETHER, crowding(pan, area).most);
  const found: PortionOption[] = [];
  for (const way of ways) {
    const one = { ...request, way, pieces: 1 };
    const plan = yield* planned(one, question);
    if (!plan) continue;
    const together = most > 1 ? yield* planned({ ...one, pieces: most }, question) : undefined;
    const stepsOf = (of: CookPlan): PieceSteps =>
      pieceSteps(of, { recoverySeconds: ironRecovery(of, pan) });
    const alone = stepsOf(plan);
    const full = together ? stepsOf(together) : alone;
    found.push({ plan, steps: { alone, full, fullArea: most * area } });
  }
  return found;
}
