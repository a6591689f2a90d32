import { useMemo } from 'react';
import { useAppSelector } from '../store/store';
import { showIn, type Show } from './show';

/** Format of figures in the units and the hours that the cook has chosen. */
export const useShow = (): Show => {
  const { system, hours } = useAppSelector((state) => state.units);
  return useMemo(() => showIn(system, hours), [system, hours]);
};
