import type { ResourceConflict } from '@crustan/core/pass/timeline';

/** Reason for which pieces cannot all be there together or in time; undefined if only time is short. */
export const HINDERED: Readonly<Record<ResourceConflict['reason'], string | undefined>> = {
  pan: 'the pan does not hold them at once',
  oven: 'the oven does not hold them at once',
  hands: undefined,
  holding: undefined,
  burner: 'no burner is free',
  'pan-heat': 'they want the pan at different temperatures',
  'oven-heat': 'they want the oven at different temperatures',
};
