import type { PlanRequest } from './request';
import { WAY_TRAITS } from './way';

/** The request's field that sets the oven of each kind. */
const FIELD = { low: 'lowOven', hot: 'hotOven' } as const;

/** Air temperature of the oven that a request's way uses, C; undefined without an oven. */
export const ovenAir = (request: PlanRequest): number | undefined => {
  const { oven } = WAY_TRAITS[request.way];
  return oven && request[FIELD[oven]];
};

/** The change that sets the oven of a request's way; none without an oven. */
export const ovenAirChange = (
  { way }: Pick<PlanRequest, 'way'>,
  air: number,
): Partial<Pick<PlanRequest, 'lowOven' | 'hotOven'>> => {
  const { oven } = WAY_TRAITS[way];
  return oven ? { [FIELD[oven]]: air } : {};
};
