import { useMemo } from 'react';
import { useAppSelector } from '../store/store';
import { showIn, type Show } from './show';

/** How figures are written in the units the cook has chosen. */
export const useShow = (): Show => {
  const system = useAppSelector((state) => state.units.system);
  return useMemo(() => showIn(system), [system]);
};
