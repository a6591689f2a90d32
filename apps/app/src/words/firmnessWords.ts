import type { Firmness } from '@crustan/core/doneness/firmness';
import { t } from '../t';

export const FIRMNESS_WORDS: Readonly<Record<Firmness, string>> = {
  soft: t('soft-gives-like-raw'),
  yielding: t('yielding-comes-back-slowly'),
  springy: t('springy'),
  firm: t('firm-hardly-gives'),
  hard: t('hard-does-not-give'),
};
