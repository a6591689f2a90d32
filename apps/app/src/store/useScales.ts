import { useMemo } from 'react';
import {
  DONENESS_SCALES,
  donenessOf as usually,
  stepAt,
  type DonenessStep,
} from '@crustan/core/doneness';
import type { Species } from '@crustan/core/food';
import { useAppSelector } from './store';

/** The doneness scales of this kitchen: its own where it has edited one, else the house's. */
export interface Scales {
  readonly scaleOf: (species: Species) => readonly DonenessStep[];
  readonly donenessOf: (species: Species, celsius: number) => DonenessStep;
}

export const useScales = (): Scales => {
  const own = useAppSelector((state) => state.kitchen.scales);
  return useMemo(() => {
    const scaleOf = (species: Species) => own[species] ?? DONENESS_SCALES[species];
    return {
      scaleOf,
      donenessOf: (species, celsius) =>
        stepAt(scaleOf(species), celsius) ?? usually(species, celsius),
    };
  }, [own]);
};
