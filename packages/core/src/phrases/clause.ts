import { PLAN_LIMITS } from '../plan/request/limits';
import type { SaidTime } from '../plan/ownTimes/saidStep';
import type { Phrase } from './phrase';

/** Place of a step. */
export type Place = 'pan' | 'oven' | 'rest';

/** Valid range of temperatures, C. */
export const OVEN_HEAT = { least: PLAN_LIMITS.lowOven.least, most: PLAN_LIMITS.hotOven.most };
export const CORE_HEAT = { least: 30, most: 100 } as const;
/** A heat in the kitchen's own scale from which on a number beside an oven is a heat, not minutes. */
export const LEAST_HEAT = { c: 50, f: 120 } as const;

export const isWithin = (
  value: number,
  { least, most }: { readonly least: number; readonly most: number },
): boolean => value >= least - 1e-9 && value <= most + 1e-9;

const inFahrenheit = (celsius: number): number => Math.round((celsius * 9) / 5 + 32);
/** The heats that would be right, in both scales. */
export const heatsFrom = ({
  least,
  most,
}: {
  readonly least: number;
  readonly most: number;
}): string =>
  `${least} to ${most} C, or ${inFahrenheit(least)} to ${inFahrenheit(most)} F, would be right`;

export const NO_PLACE = 'a time or a heat that belongs to it would be right';

/** Words of a step, gathered until it ends. */
export class Clause {
  to: number;
  place: Place | undefined = undefined;
  /** Whether a verb or a place named it, or it was inferred. */
  named = false;
  time: SaidTime | undefined = undefined;
  heat: number | undefined = undefined;
  until: number | undefined = undefined;
  every: SaidTime | undefined = undefined;
  turn = false;
  perSide = false;
  sides: number | undefined = undefined;
  second = false;
  basted = false;
  butter = false;
  covered = false;
  down = false;
  up = false;
  heatsUp = false;
  tempers = false;
  ahead = false;
  other = false;
  /** Whether it contains an open question: it becomes a step only after the answer. */
  asked = false;
  not = false;
  cold = false;
  /** The time before it is spent before the heat: "an hour before cooking". */
  before = false;
  /** Its turn comes at the end of its time: "flip after 3 minutes". */
  after = false;
  halfway = false;
  repeat = false;
  /** "Leave 5 min": in the pan, or to rest? */
  left = false;
  doneness = false;
  perSize = false;
  readonly unknown: string[] = [];
  /** The next heat is the core's, or the next time is that between turns. */
  next: 'until' | 'every' | 'each-of' | undefined = undefined;
  readonly numbers: { readonly phrase: Phrase & { readonly is: 'number' } }[] = [];

  constructor(readonly from: number) {
    this.to = from;
  }
}

/** The words of a clause. */
export const saidIn = (text: string, { from, to }: Clause): string =>
  text
    .slice(from, to)
    .replace(/^[\s,.;:]+/, '')
    .trimEnd();
