import type { ResourceConflict } from '@crustan/core/pass/timeline';
import { t } from '../t';

/** Reason for which pieces cannot all be there together or in time; undefined if only time is short. */
export const HINDERED: Readonly<Record<ResourceConflict['reason'], string | undefined>> = {
  pan: t('the-pan-does-not-hold-them-at'),
  oven: t('the-oven-does-not-hold-them-at'),
  hands: undefined,
  holding: undefined,
  burner: t('no-burner-is-free'),
  'pan-heat': t('they-want-the-pan-at-different-temperatures'),
  'oven-heat': t('they-want-the-oven-at-different'),
};
