import type { Firmness } from '@crustan/core/doneness/firmness';
import { t } from '../t';

/** Description of each firmness. */
export const FIRMNESS_WORDS: Readonly<Record<Firmness, string>> = {
  soft: t('soft-gives-like-raw'),
  yielding: t('yielding-comes-back-slowly'),
  springy: t('springy'),
  firm: t('firm-hardly-gives'),
  hard: t('hard-does-not-give'),
};

export const FIRMNESS_NAMES: Readonly<Record<Firmness, string>> = {
  soft: t('firmness-soft'),
  yielding: t('firmness-yielding'),
  springy: t('springy'),
  firm: t('firmness-firm'),
  hard: t('firmness-hard'),
};
