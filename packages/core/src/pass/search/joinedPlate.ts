import { footprint } from '../../food/footprint';
import { cutOf } from '../../plan/request/request';
import { begunPiece, type DueAction } from '../dishes/begunPiece';
import type { PieceJob, PieceOption } from '../dishes/dish';
import type { SteppedPlan } from '../dishes/pieceSteps';
import { plateSteps } from '../dishes/plateSteps';
import { schedulePlate, type PlateTarget } from './schedulePlate';
import type { ServiceGear } from '../orders/serviceGear';
import type { ResourceConflict } from '../slots/timeline';

/** Finished plans whose pieces are to share a plate. Seconds from now. */
export interface JoinQuestion extends PlateTarget {
  readonly plans: readonly SteppedPlan[];
  /** Pieces of the plate that are on already: their times stay. */
  readonly on: readonly { readonly plan: SteppedPlan; readonly actions: readonly DueAction[] }[];
}

/** Times of one of the plans. Seconds from now. */
export interface JoinedPiece {
  /** Index of its plan. */
  readonly plan: number;
  /** First contact with the heat. */
  readonly start: number;
  /** Rested, and waiting for the others, s; how much of that is longer than it stays warm. */
  readonly waits: number;
  readonly overRested: number;
}

export interface JoinedPlate {
  /** In the order of their starts. */
  readonly pieces: readonly JoinedPiece[];
  readonly landsAt: number;
  readonly late: number;
  /** Between the first and the last piece on the plate, s: above 0 where they cannot be there together. */
  readonly apart: number;
  readonly hindered?: ResourceConflict | undefined;
}

const optionOf = (plan: SteppedPlan, { pans: [first] }: ServiceGear): PieceOption => {
  const { request } = plan;
  const { area } = footprint(cutOf(request), request.weight, request.thickness);
  const steps = plateSteps(plan, first.pan, request.pieces);
  return { alone: steps, full: steps, fullArea: request.pieces * area };
};

/**
 * Times finished plans for one plate through the pans and the oven of a home kitchen, beside pieces that are on.
 * @returns undefined if the kitchen has no pan on a burner, or the pieces cannot be placed within hours
 */
export const joinedPlate = ({
  plans,
  on,
  gear,
  plateIn,
}: JoinQuestion): JoinedPlate | undefined => {
  if (gear.pans.length === 0) return undefined;
  const begun = on.map(({ plan, actions }, i): PieceJob => {
    const option = optionOf(plan, gear);
    const where = { option: 0, full: false, pan: 0, oven: gear.ovens.length > 0 ? 0 : undefined };
    return { id: `on ${i}`, options: [option], begun: begunPiece(where, option, actions, 0) };
  });
  const jobs = plans.map((plan, i): PieceJob => ({ id: `${i}`, options: [optionOf(plan, gear)] }));
  const found = schedulePlate([...begun, ...jobs], { gear, plateIn });
  if (!found) return undefined;
  const { landsAt, late, apart, hindered } = found.ticket;
  const pieces = found.pieces
    .flatMap(({ id, start, waits, overRested }): readonly JoinedPiece[] => {
      const plan = jobs.findIndex((job) => job.id === id);
      return plan === -1 ? [] : [{ plan, start, waits, overRested }];
    })
    .toSorted((a, b) => a.start - b.start);
  return { pieces, landsAt, late, apart, hindered: hindered?.taken };
};
