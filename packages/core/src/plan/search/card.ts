import type { CrustComplaint } from '../legs/crustComplaint';
import type { Obstacle } from '../legs/planResult';
import type { PlanRequest } from '../request/request';

/** A sheet of one piece and way: a row for each thickness, a column for each end. */
export interface Card {
  /** Request that all its cells share. */
  readonly request: PlanRequest;
  /** m */
  readonly thicknesses: readonly number[];
  /** C */
  readonly targets: readonly number[];
}

/** Result of a cell of a card. */
export type CardCell =
  | {
      readonly ok: true;
      /** From the first heat to the last, and how far that may be off either way, s. */
      readonly cookSeconds: number;
      readonly spread: number;
      /** Core temperature at the pull, C. */
      readonly pullCore: number;
      readonly restSeconds: number;
      readonly peakCore: number;
      /** Caution about its crust. */
      readonly complaint?: CrustComplaint | undefined;
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
