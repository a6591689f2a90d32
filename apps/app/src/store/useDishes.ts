import { useState } from 'react';
import type { KeptDish } from '@crustan/core/formats/serviceSchema';
import { useMenuQuery } from './passApi';

const NO_DISHES: readonly KeptDish[] = [];
/** Wait before a missing menu or dish is requested again, ms. */
const ASKED_AGAIN = 4000;

export interface Dishes {
  /** Every dish, those taken off the menu included. */
  readonly dishes: readonly KeptDish[];
  /** Version of the menu; undefined while it has not been loaded. */
  readonly version: number | undefined;
  readonly error: unknown;
}

/** The menu of the logbook, asked for until it is there. @param again whether it lacks something and is asked for again */
export const useDishes = (again = false): Dishes => {
  const [missing, setMissing] = useState(true);
  const { data, error } = useMenuQuery(undefined, {
    pollingInterval: missing || again ? ASKED_AGAIN : 0,
  });
  if (missing !== (data === undefined)) setMissing(data === undefined);
  return { dishes: data?.dishes ?? NO_DISHES, version: data?.version, error };
};
