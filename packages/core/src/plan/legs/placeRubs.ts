import { RUBS, type RubId } from '../../food/rubs';
import type { CookPlan } from './planResult';

export const RUB_PLACES = ['before', 'oven', 'after'] as const;
/** Time at which a rub goes on: before the heat, as the piece goes into the oven, or after the heat. */
export type RubPlace = (typeof RUB_PLACES)[number];

/** Place of a rub in a plan, and its reason. */
export interface PlacedRub {
  readonly rub: RubId;
  readonly place: RubPlace;
  /** The hottest it would be there, and had it gone on before the heat, C. */
  readonly there: number;
  readonly before: number;
}

type Figures = Pick<CookPlan, 'legs' | 'trace' | 'cookSeconds'>;

/** Highest temperature of a face after a moment, C: on iron the mean of the face and the iron. */
const hottestFrom = ({ legs, trace }: Figures, from: number): number => {
  const faces = trace.surface.filter((_, i) => trace.time[i] >= from);
  const iron = legs
    .filter(({ at, seconds }) => at + seconds > from + 1)
    .flatMap(({ kind, pan, floor }) => {
      const under = floor ?? pan;
      return kind === 'oven' || kind === 'board' || under === undefined ? [] : [under];
    });
  const onIron = iron.map((celsius) => (celsius + Math.max(...trace.surface)) / 2);
  return Math.max(0, ...faces, ...onIron);
};

/** Each rub in the first place where it does not turn bitter, by this plan's own surface. */
export const placeRubs = (plan: Figures, rubs: readonly RubId[]): readonly PlacedRub[] => {
  const before = hottestFrom(plan, 0);
  const oven = plan.legs.findLast(({ kind, at }) => kind === 'oven' && at > 0);
  const inOven = oven && hottestFrom(plan, oven.at);
  const after = hottestFrom(plan, plan.cookSeconds);
  return rubs.map((rub): PlacedRub => {
    const { bittersAt } = RUBS[rub];
    if (before < bittersAt) return { rub, place: 'before', there: before, before };
    if (inOven !== undefined && inOven < bittersAt) {
      return { rub, place: 'oven', there: inOven, before };
    }
    return { rub, place: 'after', there: after, before };
  });
};
