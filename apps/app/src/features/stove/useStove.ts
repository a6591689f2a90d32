import { selectStoveCooks } from '../../store/passSlice';
import { useMemo } from 'react';
import { useAppSelector } from '../../store/store';
import { useGear } from '../../store/useGear';
import { useForecasts } from '../../workers/useForecasts';
import { liveCook, mostUrgent, plannedInOf, type LiveCook } from './liveCook';
import { onePlateLive } from './onePlateLive';

/** Everything that is on, and the piece to look at now. */
export interface Stove {
  readonly cooks: readonly LiveCook[];
  readonly shown: LiveCook | undefined;
}

export const useStove = (): Stove => {
  const cooks = useAppSelector(selectStoveCooks);
  const focus = useAppSelector((state) => state.stove.focus);
  const gear = useGear();
  const followed = useMemo(
    () => cooks.map((cook) => ({ cook, plannedIn: plannedInOf(cook, gear) })),
    [cooks, gear],
  );
  const forecasts = useForecasts(followed, gear.pan);
  return useMemo(() => {
    const live = onePlateLive(cooks.map((cook) => liveCook(cook, gear, forecasts[cook.id])));
    return { cooks: live, shown: live.find(({ cook }) => cook.id === focus) ?? mostUrgent(live) };
  }, [cooks, gear, forecasts, focus]);
};
