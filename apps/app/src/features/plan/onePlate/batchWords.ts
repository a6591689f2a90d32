import type { PlateBatch } from '@crustan/core/pass/plateTogether';
import type { Taken } from '@crustan/core/pass/timeline';
import { cutOf, type PlanRequest } from '@crustan/core/plan/request';
import type { Scales } from '../../../store/useScales';
import { planTitle } from '../../../words/cutWords';
import type { Show } from '../../../words/show';

/** A piece of the plate with its doneness: `2 × Strip steak, 25 mm, medium-well`. */
export const pieceTitle = (request: PlanRequest, show: Show, { donenessOf }: Scales): string =>
  `${planTitle(request, show)}, ${donenessOf(cutOf(request).species, request.target).name}`;

/** A batch as its cook is called on Stove. @param pans names of the pans in use; one needs no name */
export const batchTitle = (
  { plan, count, pan }: PlateBatch,
  pans: readonly string[],
  show: Show,
  scales: Scales,
): string => {
  const title = pieceTitle({ ...plan.request, pieces: count }, show, scales);
  return pan === undefined || pans.length < 2 ? title : `${title} (${pans[pan] ?? ''})`;
};

/** Reason for which pieces cannot all be there together or in time; undefined if only time is short. */
export const HINDERED: Readonly<Record<Taken['reason'], string | undefined>> = {
  pan: 'the pan does not hold them at once',
  oven: 'the oven does not hold them at once',
  hands: undefined,
  holding: undefined,
  burner: 'no burner is free',
  'pan-heat': 'they want the pan at different temperatures',
  'oven-heat': 'they want the oven at different temperatures',
};
