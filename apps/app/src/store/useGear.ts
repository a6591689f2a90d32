import { useMemo } from 'react';
import type { RunGear } from '@crustan/core/schedule/run';
import { gearInUse } from './kitchenSlice';
import { useAppSelector } from './store';

/** The pan and the oven this kitchen cooks on; the same while the kitchen is. */
export const useGear = (): RunGear => {
  const kitchen = useAppSelector((state) => state.kitchen);
  return useMemo(() => gearInUse(kitchen), [kitchen]);
};
