import type { Trouble } from '../cook/event';
import type { Forecast } from '../estimate/forecastResult';
import type { TroubleOption } from './troubleOptions';

/** A trouble that is seen coming, before the cook has named one. */
export interface TroubleAhead {
  readonly trouble: Extract<Trouble, 'late' | 'early' | 'overshoot'>;
  /** Error of the plate's time, s, or of the end, K: positive if late or too hot. */
  readonly by: number;
}

/** Shift of the plate that is not yet trouble, s, nor if its probability is low. */
const WORTH_OFFERING = 240;
/** Deviations of the pull within which a plate may yet be on time. */
const DOUBT = 1;

/** Wanted values with which a forecast is compared. */
export interface Expected {
  /** The plate as the readings have it, later than it was wanted by, s. */
  readonly late: number;
  /** Time until the forecast pull, s. */
  readonly untilPull: number;
}

/**
 * Trouble that the readings predict with certainty; undefined without trouble. Presses without readings predict none:
 * they follow the plan.
 */
export const troubleAhead = (
  { readings, pullSpread, decided, leeway }: Forecast,
  { late, untilPull }: Expected,
): TroubleAhead | undefined => {
  if (readings === 0 || decided) return undefined;
  if (untilPull < -leeway) return { trouble: 'overshoot', by: -untilPull };
  const sure = Math.abs(late) - DOUBT * pullSpread;
  if (sure < WORTH_OFFERING) return undefined;
  return late > 0 ? { trouble: 'late', by: late } : { trouble: 'early', by: -late };
};

/** Weight of a degree off the end in seconds off the plate. Common practice: the end comes first. */
const DEGREE_WEIGHS = 240;
/** Ends nearer than this to the wanted one are as good, K. */
const AS_GOOD = 0.75;
/** A way out is worth a word when it gains this much, s of the plate's worth. */
const WORTH_A_WORD = 120;

/** A way out with what it leads to, and how the cook ends without it. */
export interface OfferedFix {
  readonly option: TroubleOption;
  /** Lateness of the plate with and without it, s. */
  readonly late: number;
  readonly lateAsIs: number;
  readonly asIs: TroubleOption;
}

/** Requirements for a fix. */
export interface Wanted {
  /** C */
  readonly target: number;
  /** s from the moment the options were computed for until the piece should be sliced. */
  readonly slicedIn: number;
}

const lateOf = ({ seconds, restSeconds }: TroubleOption, { slicedIn }: Wanted): number =>
  seconds + restSeconds - slicedIn;

const costOf = (option: TroubleOption, wanted: Wanted): number =>
  Math.abs(lateOf(option, wanted)) +
  DEGREE_WEIGHS * Math.max(0, Math.abs(option.peak - wanted.target) - AS_GOOD);

/**
 * Best of the fixes, if its advantage over continuing is relevant. It never moves a plate or an end further off than
 * continuing does, beyond the tolerance.
 */
export const chooseFix = (
  options: readonly TroubleOption[],
  wanted: Wanted,
): OfferedFix | undefined => {
  const asIs = options.find(({ id }) => id === 'as-is');
  if (!asIs) return undefined;
  const [option] = options.toSorted((a, b) => costOf(a, wanted) - costOf(b, wanted));
  if (costOf(asIs, wanted) - costOf(option, wanted) < WORTH_A_WORD) return undefined;
  return { option, late: lateOf(option, wanted), lateAsIs: lateOf(asIs, wanted), asIs };
};
