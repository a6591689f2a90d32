import type { Instrument } from '@crustan/core/cook/event';

/** What an instrument's figure is called. */
export const INSTRUMENT_WORDS: Readonly<Record<Instrument, string>> = {
  typed: 'reading',
  probe: 'probe',
  gun: 'pan',
  oven: 'oven',
};
