import type { KitchenDeviation } from '../gear';
import type { Estimated } from './estimated';
import type { OvenLike } from './ovenLike';
import type { ProbeKind } from './probePositions';

/** Forecast of a cook from its readings. Times ms since 1970, temperatures C. */
export interface Forecast {
  /** The kitchen that explains them best, and the standard deviation of each figure (contact: of its log). */
  readonly kitchen: KitchenDeviation;
  readonly sigma: Readonly<Record<Estimated, number>>;
  /** Heat transfer of its oven as one figure; undefined if the cook has no oven. */
  readonly ovenLike: OvenLike | undefined;
  /** End of the deciding leg for the wanted result, forecast or actual. */
  readonly pullAt: number;
  /** Its standard deviation, s; zero once it has passed. */
  readonly pullSpread: number;
  readonly decided: boolean;
  /** Core temperature at the pull. */
  readonly pullCore: number;
  /** Seconds the pull may be early or late with the end within 1.5 C. */
  readonly leeway: number;
  /** The core's peak if pulled then, C, and its standard deviation, K. */
  readonly end: number;
  readonly endSpread: number;
  /** Time from the end of the heat to the peak of the core, s. */
  readonly peakAfter: number;
  /** The core now, C, and its standard deviation, K. */
  readonly core: number;
  /** Position of the probe, and its probability, 0 to 1. */
  readonly probe: { readonly kind: ProbeKind; readonly chance: number };
  /** Readings it rests on. */
  readonly readings: number;
}
