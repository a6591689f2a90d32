import { minimumFor, type MinimumTemperature } from '../../safety/minimumTemperature';
import { cutOf, type PlanRequest } from './request';

type Meat = Pick<PlanRequest, 'cut' | 'own' | 'game' | 'treated'>;

/** Published minimum for the piece of a request. */
export const minimumOf = (request: Meat): MinimumTemperature => {
  const { species, game } = cutOf(request);
  return minimumFor({ species, game: request.game ?? game, treated: request.treated });
};

/** The rules of a kitchen that keep its plans to the published table. */
export interface MinimumRules {
  /** The kitchen serves the public. */
  readonly locked: boolean;
  /** Someone tonight is pregnant, very young, old or immune-weak. */
  readonly atRisk: boolean;
}

/** Core temperature that a plan of this kitchen must reach, C; undefined if the kitchen sets none. */
export const requiredMinimum = (
  { locked, atRisk }: MinimumRules,
  request: Meat,
): number | undefined => (locked || atRisk ? minimumOf(request).celsius : undefined);
