import {
  coreGoal,
  onARack,
  runFor,
  simulate,
  SLAB,
  solverFor,
  STILL_OVEN,
  widened,
  type Shape,
} from '@crustan/core/heat';
import { lateralAreaRatio } from '@crustan/core/plan';

/** The oven and the ends between which pieces are compared: a common low oven, C. */
const AIR = 110;
const START = 5;
const END = 50;
const LONGEST = 6 * 3600;
const WIDTHS = [0.08, 0.1, 0.12];
const THICKNESSES = [0.025, 0.03, 0.035, 0.04, 0.045, 0.05, 0.055];
const MOST_RATIO = 1.5;

/** One piece: the ratio with which one dimension takes as long as the section, and the rule's. */
export interface RatioPoint {
  readonly round: boolean;
  readonly thickness: number;
  readonly width: number;
  readonly sectionSeconds: number;
  readonly ratio: number;
  readonly rule: number;
}

const flatSeconds = (thickness: number, ratio: number): number => {
  const solver = solverFor({ tissue: 'lean-beef', thickness, start: START, shape: SLAB });
  return runFor(
    solver,
    widened(onARack(AIR, STILL_OVEN), ratio),
    LONGEST,
    undefined,
    coreGoal(END),
  );
};

const sectionSeconds = (thickness: number, shape: Shape): number => {
  const [stage] = simulate({
    piece: { tissue: 'lean-beef', thickness, start: START, shape },
    stages: [{ kind: 'oven', air: AIR, h: STILL_OVEN, untilCore: END, maxSeconds: LONGEST }],
  }).stages;
  return stage?.seconds ?? NaN;
};

/** Ratio at which the flat piece takes this time: its time falls with the ratio. */
const ratioFor = (thickness: number, seconds: number): number => {
  let low = 0;
  let high = MOST_RATIO;
  if (flatSeconds(thickness, 0) <= seconds) return 0;
  for (let i = 0; i < 24; i += 1) {
    const middle = (low + high) / 2;
    if (flatSeconds(thickness, middle) > seconds) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
};

/**
 * The data that `lateralAreaRatio` was fitted to: low-oven times of sections, and the lateral area
 * ratio with which one dimension takes as long.
 */
export const ratioPoints = (): readonly RatioPoint[] =>
  [false, true].flatMap((round) =>
    WIDTHS.flatMap((width) =>
      THICKNESSES.map((thickness): RatioPoint => {
        const shape: Shape = round ? { kind: 'round', radius: width / 2 } : { kind: 'long', width };
        const seconds = sectionSeconds(thickness, shape);
        return {
          round,
          thickness,
          width,
          sectionSeconds: Math.round(seconds),
          ratio: Number(ratioFor(thickness, seconds).toFixed(3)),
          rule: Number(lateralAreaRatio(round, thickness / width).toFixed(3)),
        };
      }),
    ),
  );
