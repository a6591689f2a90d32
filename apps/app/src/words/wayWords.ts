import type { Way } from '@crustan/core/plan/way';
import { t } from '../t';

/** Name of each method: its actions, in their order. */
export const WAY_NAMES: Readonly<Record<Way, string>> = {
  once: t('in-the-pan-turned-once'),
  often: t('in-the-pan-turned-often'),
  'skin-down': t('on-its-skin-nearly-all-the-way'),
  'cold-pan': t('skin-down-from-a-cold-pan'),
  'sear-oven': t('sear-then-oven'),
  'oven-sear': t('low-oven-then-sear'),
  'sear-oven-sear': t('sear-low-oven-sear'),
  'oven-blast': t('low-oven-then-a-blast'),
};

/** Cooks for whom the method is suitable. */
export const WHO_CHOOSES: Readonly<Record<Way, string>> = {
  once: t('for-a-thin-piece-and-few-moves'),
  often: t('for-whoever-stays-at-the-stove-quicker'),
  'skin-down': t('for-crisp-skin-the-flesh-cooks-through'),
  'cold-pan': t('for-thick-fat-under-the-skin-it'),
  'sear-oven': t('for-a-thick-piece-when-the-stove'),
  'oven-sear': t('for-time-in-hand-and-an-even'),
  'sear-oven-sear': t('for-the-most-crust-over-an-even'),
  'oven-blast': t('for-several-at-table-nobody-at-the'),
};
