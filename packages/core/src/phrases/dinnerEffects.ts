import type { PlanRequest } from '../plan/request/request';
import type { DinnerCode } from './dinnerWords';
import type { HalfOfDay } from './saidHour';

/** Meaning of the next figure. */
export type DinnerContext = 'oven' | 'pan' | 'salt' | 'temper' | 'every' | 'hour' | 'for';

/** Effect of a word that needs no other. */
export interface DinnerEffect {
  readonly sets?: Partial<PlanRequest>;
  readonly context?: DinnerContext;
  /** It stands here only where nothing else stands. */
  readonly weak?: true;
  readonly half?: HalfOfDay;
  /** Minutes after the hour that follows; below 0: before it. */
  readonly past?: number;
  /** Whether the word has no meaning by itself: it is not marked as used. */
  readonly quiet?: true;
}

/** Words that need no more than this table. */
export const DINNER_EFFECTS: Readonly<Partial<Record<DinnerCode, DinnerEffect>>> = {
  to: { quiet: true },
  filler: { quiet: true },
  pieces: {},
  each: {},
  ago: {},
  'o-clock': {},
  'past-hour': { context: 'hour' },
  for: { context: 'for', weak: true, quiet: true },
  at: { context: 'hour', weak: true, quiet: true },
  dinner: { context: 'hour', weak: true },
  pan: { context: 'pan' },
  oven: { context: 'oven' },
  temper: { context: 'temper' },
  'not-salted': { sets: { saltAhead: 0 } },
  dry: { sets: { surface: 'dry' } },
  wet: { sets: { surface: 'wet' } },
  aired: { sets: { surface: 'aired' } },
  'reverse-sear': { sets: { way: 'oven-sear' }, context: 'oven' },
  'sear-oven': { sets: { way: 'sear-oven' }, context: 'oven' },
  often: { sets: { way: 'often' }, context: 'every' },
  once: { sets: { way: 'once' } },
  'cold-pan': { sets: { way: 'cold-pan' } },
  'on-skin': { sets: { way: 'skin-down' } },
  am: { half: 'am' },
  pm: { half: 'pm' },
  lunch: { half: 'lunch', context: 'hour' },
  breakfast: { half: 'breakfast', context: 'hour' },
  'half-past': { past: 30, context: 'hour' },
  'quarter-past': { past: 15, context: 'hour' },
  'quarter-to': { past: -15, context: 'hour' },
};
