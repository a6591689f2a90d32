import { USUAL_PAN_USED } from '@crustan/core/gear';
import { HEAT_MODELS, simulate, type Cook, type Shape, type Stage } from '@crustan/core/heat';
import { solveWay, USUAL, MethodSimulator, type PlanRequest } from '@crustan/core/plan';

const RUNS = 24;
const WARM_UPS = 8;
const MEMORY_RUNS = 10_000;

/** Figures of the heat core, ms and bytes; medians. */
export interface HeatFigures {
  /** An hour's low-oven cook with sear and rest, in one dimension. */
  readonly oneDimensionalCookMs: number;
  /** The same on a long section of 24 columns from the middle to the edge. */
  readonly sectionCookMs: number;
  /** The same two by the kitchen's physics, the pan a body. */
  readonly oneDimensionalKitchenMs: number;
  readonly sectionKitchenMs: number;
  /** A steak from a low oven, seared after it, solved for its pull in one dimension. */
  readonly inverseMs: number;
  /** Growth of the heap after 10,000 cooks and garbage collection. */
  readonly heapGrowthBytes: number;
}

const sear = (seconds: number): Stage => ({ kind: 'sear', pan: 250, seconds, thenFlip: true });
const rest = (seconds: number): Stage => ({ kind: 'rest', cover: 'open', seconds });

const hour = (shape?: Shape): Cook => ({
  piece: { tissue: 'lean-beef', thickness: 0.04, start: 6, shape },
  stages: [{ kind: 'oven', air: 110, h: 12, seconds: 3600 }, sear(60), sear(60), rest(300)],
});
/** The same cook by the kitchen model, in a default pan. */
const inKitchen = (cook: Cook): Cook => ({
  ...cook,
  model: HEAT_MODELS.kitchen,
  body: USUAL_PAN_USED,
});
const LOW_OVEN: PlanRequest = {
  ...USUAL,
  cut: 'strip-steak',
  thickness: 0.04,
  weight: 0.45,
  target: 54,
  way: 'oven-sear',
};
const SHORT: Cook = { ...hour(), stages: [sear(30), sear(30), rest(60)] };

const median = (run: () => void): number => {
  for (let i = 0; i < WARM_UPS; i += 1) run();
  const times = Array.from({ length: RUNS }, () => {
    const begin = performance.now();
    run();
    return performance.now() - begin;
  });
  return Number((times.toSorted((a, b) => a - b)[RUNS / 2] ?? NaN).toFixed(2));
};

/** @param heapUsed bytes held once collected */
export const heatBench = async (heapUsed: () => Promise<number>): Promise<HeatFigures> => {
  const [flat, section] = [hour(), hour({ kind: 'long', width: 0.1 })];
  const figures = {
    oneDimensionalCookMs: median(() => simulate(flat)),
    sectionCookMs: median(() => simulate(section)),
    oneDimensionalKitchenMs: median(() => simulate(inKitchen(flat))),
    sectionKitchenMs: median(() => simulate(inKitchen(section))),
    inverseMs: median(() => {
      const steps = solveWay(new MethodSimulator(LOW_OVEN));
      while (!steps.next().done);
    }),
  };
  for (let i = 0; i < 200; i += 1) simulate(SHORT);
  const before = await heapUsed();
  for (let i = 0; i < MEMORY_RUNS; i += 1) simulate(SHORT);
  return { ...figures, heapGrowthBytes: (await heapUsed()) - before };
};
