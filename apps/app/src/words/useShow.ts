import { useMemo } from 'react';
import { useAppSelector } from '../store/store';
import { showIn, type Show } from './show';

/** How figures are written in the units and by the clock that the cook has chosen. */
export const useShow = (): Show => {
  const { system, hours } = useAppSelector((state) => state.units);
  return useMemo(() => showIn(system, hours), [system, hours]);
};
