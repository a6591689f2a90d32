import { useMemo } from 'react';
import type { CookEyes } from '@crustan/core/formats/loggedCookOf';
import { useDrillError } from './useDrillError';
import { useScales } from './useScales';

/** Doneness words of this kitchen, with the errors of its cook's eye and finger in drills. */
export const useCookEyes = (): CookEyes => {
  const { scaleOf } = useScales();
  const slice = useDrillError('slice');
  const touch = useDrillError('touch');
  return useMemo(() => ({ scaleOf, slice, touch }), [scaleOf, slice, touch]);
};
