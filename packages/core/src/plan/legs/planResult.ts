import type { GearTaken } from '../../gear';
import type { Heat } from './legs';
import type { LegKind } from './legKind';
import type { OwnStep } from './ownSteps';
import type { PlanRequest } from '../request/request';
import type { Way } from '../request/way';

/** The run through the cook for curves. */
export interface Trace {
  /** Seconds from the heat. */
  readonly time: readonly number[];
  /** Mid-line centre, C. */
  readonly core: readonly number[];
  /** Outermost cell of the face that went down first, C. */
  readonly surface: readonly number[];
}

/** The section that a slice is drawn from. A cell's index is column x rows + row. */
export interface SliceCells {
  /** From the face that went down first, m. */
  readonly heights: readonly number[];
  /** From the middle to the edge, or from edge to edge when `whole`, m; one wide column of a slab. */
  readonly widths: readonly number[];
  readonly whole: boolean;
  /** A round section lying: the heights are its diameter, and all else follows from its axis. */
  readonly rolled?: true | undefined;
}

/** The slice at a moment: what each cell has reached. */
export interface SliceFrame {
  /** Seconds from the heat. */
  readonly time: number;
  /** Highest temperature of each cell since the start, C. */
  readonly peak: Float32Array<ArrayBuffer>;
  /** Browning index of the first face down and the other. */
  readonly browning: readonly [number, number];
}

/** A slice that can be scrubbed along the cook. */
export interface Slices {
  readonly cells: SliceCells;
  readonly frames: readonly SliceFrame[];
}

/** One part of the cook as planned. Times in s from the first heat. */
export interface PlannedLeg {
  readonly kind: LegKind;
  readonly at: number;
  readonly seconds: number;
  /** Equipment that it uses, by id; default: the default kitchen's. */
  readonly gear?: GearTaken | undefined;
  /** C, where it has one. */
  readonly pan?: number | undefined;
  readonly air?: number | undefined;
  /** Heat that it was simulated in; absent in older plans and events: derived from the kind. */
  readonly heat?: Heat | undefined;
  /** Turns in it, s from its start; one at its end included. */
  readonly flips: readonly number[];
  /** Core at its end, C. */
  readonly core: number;
  /** Coldest meat about the middle and of the side face at its end, and what the thermometer shows, C. */
  readonly coldest?: number | undefined;
  readonly rim?: number | undefined;
  readonly reading?: number | undefined;
  /** The iron under the piece at its end, C, on a pan that the piece cools. */
  readonly floor?: number | undefined;
  /** It reached the longest a sear may last before its crust was there. */
  readonly cutShort?: true | undefined;
}

/** Expected reading of the cook's thermometer, C: range for typical placement. */
export type ReadingBand = readonly [number, number];

/** Expected readings of the cook's thermometer at the decisive times. */
export interface PlannedReadings {
  readonly pull: ReadingBand;
  /** As it leaves the heat. */
  readonly done: ReadingBand;
  readonly slice: ReadingBand;
}

/** A finished plan for one piece. SI and Celsius; times in s. */
export interface CookPlan {
  readonly request: PlanRequest;
  readonly legs: readonly PlannedLeg[];
  /** From the first heat to the last. */
  readonly cookSeconds: number;
  /** Of those, in the pan with the cook beside it. */
  readonly stoveSeconds: number;
  /** Time at which the thermometer decides, s from the first heat: the end of the leg that was solved. */
  readonly pullAt: number;
  /** Turns, s from the first heat. */
  readonly turns: readonly number[];
  /** Core at the pull: what the thermometer should read; and as it leaves the heat. */
  readonly pullCore: number;
  readonly doneCore: number;
  readonly readings?: PlannedReadings | undefined;
  /** The core's peak, and when after it left the heat; below zero while still in it. */
  readonly peakCore: number;
  readonly peakAfter: number;
  /** Of a whole piece that is carved before its core peaks: that peak if it is not carved, C, and when, s after the heat. */
  readonly laterPeak?: { readonly celsius: number; readonly after: number } | undefined;
  /** Rest advised, from the heat to the knife. */
  readonly restSeconds: number;
  /** Core when it is sliced. */
  readonly sliceCore: number;
  /** Peak temperature of the meat that was heated least, the rim included, C; absent in plans of before. */
  readonly coldestPeak?: number | undefined;
  /** Browning index of the first face down and the other, when sliced. */
  readonly browning: readonly [number, number];
  /** Crust of the same faces, m. */
  readonly crust: readonly [number, number];
  /** Total depth past 65 C on the mid-line, m. */
  readonly greyBand: number;
  /** Share of the section within 3 C of the core's peak. */
  readonly evenness: number;
  /** Shares of the first mass that have evaporated and dripped. */
  readonly evaporated: number;
  readonly dripped: number;
  /** Log10 reduction in the core and at the side face, and time the core spent from 5 to 60 C, s. */
  readonly lethality: number;
  readonly rimLethality?: number | undefined;
  readonly inRange: number;
  /** Thaw of a frozen piece: its duration, and the part with the warmest cell over 5 C, s. */
  readonly thaw?:
    | {
        readonly seconds: number;
        readonly warm: number;
        /** In a warmer and in a cooler place of its kind, s; absent in plans of before. */
        readonly least?: number | undefined;
        readonly most?: number | undefined;
      }
    | undefined;
  /** Lag of the meat along the bone behind the core at the end of the heat, K. */
  readonly boneLag?: number | undefined;
  /** The smaller muscle beyond the bone as it leaves the heat, and the warmest its middle becomes, C. */
  readonly smaller?: { readonly done: number; readonly peak: number } | undefined;
  /** Cost of the hold before browning. */
  readonly hold?: HoldCost | undefined;
  /** The cook's own steps, where these and not a search made it. */
  readonly ownSteps?: readonly OwnStep[] | undefined;
  readonly trace: Trace;
}

/** Effect of a hold on a piece. */
export interface HoldCost {
  readonly seconds: number;
  /** Core as it begins and as it ends, C. */
  readonly from: number;
  readonly to: number;
  /** The face that is up, as it ends, C: what the browning begins from. */
  readonly surface: number;
  /** Time with the coldest meat in the danger zone, s. */
  readonly inRange: number;
  /** Share of the first mass that goes as steam meanwhile. */
  readonly evaporated: number;
}

/** Range of the pull, s early and late, in which the core's end is within 1.5 C of the target. */
export interface PullWindow {
  readonly early: number;
  readonly late: number;
}

/** An input that a cook cannot know exactly, and the effect of its typical error. */
export interface InputSpread {
  readonly input: 'thickness' | 'contact' | 'start' | 'pan' | 'burner' | 'oven' | 'ovenHeat';
  /** Typical error of the input, in its own unit (m, share, C). */
  readonly error: number;
  /** Shift of the cook by that error, s. */
  readonly seconds: number;
}

/** Range of the result from inputs that are not known exactly, about one standard deviation in both directions. */
export interface PlanSpread {
  /** Cook time, s either way. */
  readonly seconds: number;
  /** Uncertainty of the end temperature by the clock, K in both directions. */
  readonly endTemperature: number;
  readonly inputs: readonly InputSpread[];
  /** The end hardly depends on the time: the range of the time is bounded by the time itself. */
  readonly flat?: true | undefined;
}

/** Something that would work instead. */
export type Remedy =
  | { readonly kind: 'thickness'; readonly thickness: number }
  | { readonly kind: 'pan'; readonly pan: number }
  /** The burner turned down once the first face has browned, to hold the pan at `panAfter`, C. */
  | { readonly kind: 'turn-down'; readonly panAfter: number }
  | { readonly kind: 'way'; readonly way: Way }
  | { readonly kind: 'oven'; readonly air: number }
  | { readonly kind: 'target'; readonly target: number };

/** Reason why no plan was found. */
export type Obstacle =
  /** The core never peaks at the target, however long it lies there. */
  | { readonly reason: 'never'; readonly highest: number; readonly seconds: number }
  /** The fixed legs carry the core past the target. */
  | { readonly reason: 'over'; readonly lowest: number }
  /** The oven's air is too cool for it, C. */
  | { readonly reason: 'cool-oven'; readonly air: number; readonly highest: number }
  /** The burner leaves this pan short of the wanted heat, C. */
  | { readonly reason: 'burner'; readonly settles: number }
  /** Weight and thickness leave a footprint that the pan does not hold, m. */
  | {
      readonly reason: 'crowded';
      readonly length: number;
      readonly width: number;
      readonly diameter: number;
    }
  /** Weight and thickness leave a piece that would stand like a tower, m. */
  | { readonly reason: 'tower'; readonly width: number }
  /** The kitchen keeps to the table, C, and the wanted end is under it, or the coldest meat stays under it. */
  | { readonly reason: 'locked'; readonly minimum: number; readonly coldest?: number | undefined }
  /** The piece is already as warm as it should end. */
  | { readonly reason: 'warm'; readonly start: number };

/** Update of planning; later updates refine the first. */
export type PlanUpdate =
  | {
      readonly kind: 'plan';
      readonly plan: CookPlan;
      readonly slices: Slices;
      /** In one dimension: the section's own comes after it, at last the finest. */
      readonly quick?: true;
    }
  | { readonly kind: 'window'; readonly window: PullWindow }
  | { readonly kind: 'spread'; readonly spread: PlanSpread }
  /** Said again when its remedies have been found. */
  | {
      readonly kind: 'obstacle';
      readonly obstacle: Obstacle;
      readonly remedies?: readonly Remedy[] | undefined;
    }
  /** For a plan that reaches its target with a crust that is pale or charred. */
  | { readonly kind: 'remedies'; readonly remedies: readonly Remedy[] };
