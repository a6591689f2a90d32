import type { Instrument } from '@crustan/core/cook/event';

/** Name of an instrument's figure. */
export const INSTRUMENT_WORDS: Readonly<Record<Instrument, string>> = {
  typed: 'reading',
  probe: 'probe',
  gun: 'pan',
  oven: 'oven',
};
