import { planWay, type PlanWayOptions } from './planWay';
import type { CookPlan, Obstacle } from './planResult';
import type { PlanRequest } from './request';

/** A sheet of one piece and way: a row for each thickness, a column for each end. */
export interface Card {
  /** What all its cells share. */
  readonly request: PlanRequest;
  /** m */
  readonly thicknesses: readonly number[];
  /** C */
  readonly targets: readonly number[];
}

/** What a cell of a card says. */
export type CardCell =
  | {
      readonly ok: true;
      /** From the first heat to the last, and how far that may be off either way, s. */
      readonly cookSeconds: number;
      readonly spread: number;
      /** What the thermometer decides at: the core at the pull, C. */
      readonly pullCore: number;
      readonly restSeconds: number;
      readonly peakCore: number;
    }
  | { readonly ok: false; readonly obstacle: Obstacle };

/** The requests of a card's cells, row by row; a piece's weight goes with its thickness. */
export const cardRequests = ({ request, thicknesses, targets }: Card): readonly PlanRequest[] =>
  thicknesses.flatMap((thickness) =>
    targets.map((target) => ({
      ...request,
      thickness,
      target,
      weight: (request.weight / request.thickness) * thickness,
    })),
  );

const cellOf = (plan: CookPlan, spread: number): CardCell => ({
  ok: true,
  cookSeconds: plan.cookSeconds,
  spread,
  pullCore: plan.pullCore,
  restSeconds: plan.restSeconds,
  peakCore: plan.peakCore,
});

/** Plans one cell: on the section, with its spread. Yields between runs. */
export function* planCell(
  request: PlanRequest,
  options: Omit<PlanWayOptions, 'inFull'> = {},
): Generator<null, CardCell> {
  let plan: CookPlan | undefined;
  for (const update of planWay(request, options)) {
    if (update?.kind === 'plan') ({ plan } = update);
    else if (update?.kind === 'obstacle') return { ok: false, obstacle: update.obstacle };
    else if (update?.kind === 'spread' && plan) return cellOf(plan, update.spread.seconds);
    yield null;
  }
  throw new Error('a cell is planned or refused');
}
