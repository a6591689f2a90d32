import type { PanOnBurner } from '../../gear/pan';
import { KITCHEN_AIR } from '../../heat/places/kitchenAir';
import { startsCold } from '../../plan/request/startsCold';
import { ironRecovery } from './ironRecovery';
import { pieceSteps, type PieceSteps, type SteppedPlan } from './pieceSteps';

/**
 * Way of a plan's pieces through a home kitchen. Pieces that begin in a cold pan come first in it, or wait until it is
 * cold again.
 * @param pieces number of alike pieces that go in together
 */
export const plateSteps = (plan: SteppedPlan, pan: PanOnBurner, pieces: number): PieceSteps => {
  const steps = pieceSteps(plan, { recoverySeconds: ironRecovery(plan, pan), pieces });
  if (!startsCold(plan.request)) return steps;
  return {
    ...steps,
    stays: steps.stays.map((stay) =>
      stay.place === 'pan' ? { ...stay, celsius: KITCHEN_AIR } : stay,
    ),
  };
};
