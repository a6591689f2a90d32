import type { CookPlan } from '../plan/legs/planResult';
import type { Shared } from './sides';
import { firstOvenLeg } from '../plan/legs/ovenLegs';

/** Use of the oven and the pan by a plan's piece, s from the first heat. */
export const sharedBy = ({ legs }: Pick<CookPlan, 'legs'>): Shared => {
  const oven = firstOvenLeg(legs);
  return {
    ...(oven?.air === undefined
      ? {}
      : { oven: { from: oven.at, to: oven.at + oven.seconds, air: oven.air } }),
    pan: legs
      .filter(({ pan }) => pan !== undefined)
      .map(({ at, seconds }) => ({ from: at, to: at + seconds })),
  };
};
