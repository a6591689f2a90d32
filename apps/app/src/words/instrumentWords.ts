import type { Instrument } from '@crustan/core/cook/event';
import { t } from '../t';

/** Name of an instrument's figure. */
export const INSTRUMENT_WORDS: Readonly<Record<Instrument, string>> = {
  typed: t('reading'),
  probe: t('probe'),
  gun: t('pan'),
  oven: t('oven-2'),
};
