import type { PlateTogether } from '@crustan/core/pass/plateTogether';
import { useAppSelector } from '../../../store/store';
import { usePlateView } from '../../../workers/plateLane';

/** A plate of several batches that is ready to be cooked. */
export interface Several {
  readonly plate: PlateTogether;
  /** Moment that its seconds count from, ms since 1970. */
  readonly from: number;
}

/** Whether the draft has more than one piece. */
export const useIsSeveral = (): boolean =>
  useAppSelector(({ draft }) => draft.others.length > 0 || draft.request.pieces > 1);

/** The draft's plate, where it takes more than one batch and is known; undefined otherwise. */
export const useSeveral = (): Several | undefined => {
  const several = useIsSeveral();
  const { found, from, stale } = usePlateView();
  if (!several || stale || found?.kind !== 'plate' || found.plate.batches.length < 2) {
    return undefined;
  }
  return { plate: found.plate, from };
};
