import type { DrillError } from '../doneness/drillError';
import { DEFAULT_OVEN } from '../gear/ovenBody';
import { DEFAULT_PAN, type BurnerKind, type PanOnBurner } from '../gear/pan';
import type { CrustColour } from '../doneness/crustColour';
import type { CookEvent } from '../cook/event';
import type { PlanFigures } from '../cook/progress';

/** Equipment that a cook was planned and cooked on. */
export interface GearUsed {
  readonly pan: {
    /** Its id in the kitchen; absent in the first logbooks, where it is the name. */
    readonly id?: string | undefined;
    readonly name: string;
    readonly diameter: number;
    readonly mass: number;
  };
  /** `power`: nominal power, W; `share`: assumed share of the nominal power. */
  readonly burner: { readonly kind: BurnerKind; readonly power: number; readonly share: number };
  /** Air less dial that the run reckoned with, K, and the oven's time constant, s. */
  readonly oven: { readonly offset: number; readonly lag: number };
}

/** Equipment that is assumed for cooks of the first logbooks, which do not contain it. */
export const FIRST_GEAR: GearUsed = {
  pan: { name: 'Cast iron, 26 cm', diameter: DEFAULT_PAN.diameter, mass: DEFAULT_PAN.mass },
  burner: { kind: DEFAULT_PAN.burner, power: DEFAULT_PAN.power, share: 1 },
  oven: { offset: DEFAULT_OVEN.offset, lag: DEFAULT_OVEN.timeConstant },
};

/** Results of the finished piece by eye, photograph and scales, as figures of the model. */
export interface SeenResult {
  /** Depth of grey under both faces together, m, by lines on a photograph. */
  readonly grey?: number | undefined;
  /** Share of the first mass that was lost, by the scales. */
  readonly loss?: number | undefined;
  /** Core temperature of the end by the eye, C, and its standard deviation, K. */
  readonly doneness?: { readonly celsius: number; readonly sigma: number } | undefined;
}

/** A cook as the logbook has it, as far as a kitchen is learned from it. */
export interface LoggedCook {
  readonly id: string;
  /** ms since 1970. */
  readonly at: number;
  readonly plan: PlanFigures;
  /** Planned start of the heat, ms since 1970. */
  readonly plannedIn: number;
  readonly gear: GearUsed;
  readonly events: readonly CookEvent[];
  /** Highest the middle was measured at, C. */
  readonly endTemperature?: number | undefined;
  /** Judged crust. */
  readonly crust?: CrustColour | undefined;
  readonly seen?: SeenResult | undefined;
  /** Error of the cook's finger by drills. */
  readonly finger?: DrillError | undefined;
}

/** The pan on its burner, which gives `share` of its nominal power. */
export const panOnBurner = ({ pan, burner }: GearUsed, share: number): PanOnBurner => ({
  diameter: pan.diameter,
  mass: pan.mass,
  burner: burner.kind,
  power: burner.power * share,
});
