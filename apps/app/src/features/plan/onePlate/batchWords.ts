import { translateName } from '@crustan/messages';
import type { PlateBatch } from '@crustan/core/pass/plateTogether';
import { cutOf, type PlanRequest } from '@crustan/core/plan/request';
import type { Scales } from '../../../store/useScales';
import { planTitle } from '../../../words/cutWords';
import type { Show } from '../../../words/show';

/** A piece of the plate with its doneness: `2 × Strip steak, 25 mm, medium-well`. */
export const pieceTitle = (request: PlanRequest, show: Show, { donenessOf }: Scales): string =>
  `${planTitle(request, show)}, ${translateName(donenessOf(cutOf(request).species, request.target).name)}`;

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
