import {
  BLOCK_CASES,
  exactBlockCore,
  exactSlabCore,
  SLAB_CASES,
  slabErrors,
  solvedBlockCore,
  solvedSlabCore,
  bestSingleFlip,
  manyFlips,
  PATTY,
  type SlabCase,
} from '@crustan/core/tests';
import { learnedKitchens } from './learnedKitchens';
import { followedKitchen } from '../bench/liveBench';
import { drawChart } from './chart';
import { coverageFigure } from './foreignSection';

const INK = '#141618';
const FLAME = '#1F4FD1';
const GREY = '#6B6F73';

const slabFigure = (slab: SlabCase): string => {
  const line: [number, number][] = [];
  let next = 0;
  solvedSlabCore(slab, 1, undefined, (t, core) => {
    if (t < next) return;
    line.push([t, core]);
    next = t + slab.seconds / 200;
  });
  const dots = Array.from({ length: 15 }, (_, i) => (slab.seconds * (i + 1)) / 15).map(
    (t) => [t, exactSlabCore(slab, t)] as const,
  );
  return drawChart({
    title: 'Core of a 40 mm slab between fluids at 120 C, h 20',
    x: 'seconds',
    y: 'C',
    series: [
      { label: 'this solver', colour: INK, points: line },
      { label: 'Fourier series', colour: FLAME, points: dots, dots: true },
    ],
  });
};

const convergenceFigure = (): string => {
  const [slab] = SLAB_CASES;
  const [block] = BLOCK_CASES;
  if (!slab || !block) throw new Error('no cases');
  const inZ = slabErrors(slab).map((error, i) => [2 ** i, Math.abs(error)] as const);
  const exact = exactBlockCore(block);
  const inR = [6, 12, 24].map((n) => [n / 6, Math.abs(solvedBlockCore(block, n) - exact)] as const);
  const first = inR[0]?.[1] ?? 1;
  return drawChart({
    title: 'Error of the core against refinement',
    x: 'cells, times the coarsest shown',
    y: 'K',
    log: true,
    series: [
      { label: 'slab, in z', colour: INK, points: inZ },
      { label: 'finite cylinder, in r', colour: FLAME, points: inR },
      { label: 'second order', colour: GREY, points: [1, 2, 4].map((n) => [n, first / n ** 2]) },
    ],
  });
};

/** Flip intervals of the figure, s. */
const EVERY = [1, 2, 4, 8, 12, 16, 24, 32] as const;

const flippingFigure = (): string => {
  const once = bestSingleFlip(PATTY);
  const last = EVERY[EVERY.length - 1] ?? 1;
  return drawChart({
    title: 'Seconds until all of a 10 mm patty has passed 70 C',
    x: 'seconds between flips',
    y: 's',
    series: [
      {
        label: 'flipped so often',
        colour: FLAME,
        points: EVERY.map((every) => [every, manyFlips(PATTY, every)] as const),
      },
      {
        label: 'flipped once, at best',
        colour: INK,
        points: [
          [EVERY[0], once],
          [last, once],
        ],
      },
    ],
  });
};

/** Half-width of the 80 % range of a normal distribution, standard deviations. */
const EIGHTY = 1.2816;

/** Forecast of the pull along one cook in a kitchen that differs from its description. */
const forecastFigure = (): string => {
  const looks = Array.from({ length: 18 }, (_, i) => 0.06 + i * 0.052);
  const { planned, pull, forecasts } = followedKitchen(4, looks);
  const minutes = (seconds: number): number => seconds / 60;
  const line = (of: (one: (typeof forecasts)[number]) => number) =>
    forecasts.map((one) => [minutes(one.at), minutes(of(one))] as const);
  const level = (seconds: number) =>
    [forecasts.at(0), forecasts.at(-1)].flatMap((one) =>
      one ? [[minutes(one.at), minutes(seconds)] as const] : [],
    );
  return drawChart({
    title: 'Pull as forecast along a cook: oven 16 C under its dial, piece 2 mm thicker than told',
    x: 'minutes since it went in',
    y: 'minutes',
    series: [
      { label: 'forecast', colour: FLAME, points: line((one) => one.pull), dots: true },
      {
        label: 'four in five, least',
        colour: GREY,
        points: line((one) => one.pull - EIGHTY * one.spread),
      },
      { label: 'and most', colour: GREY, points: line((one) => one.pull + EIGHTY * one.spread) },
      { label: 'as it had to be', colour: INK, points: level(pull) },
      { label: 'as planned', colour: '#A68F74', points: level(planned) },
    ],
  });
};

/** Each kitchen's mean error in pull time, before and after five cooks, the worst first. */
const learningFigure = (): string => {
  const kitchens = learnedKitchens().toSorted((a, b) => b.before - a.before);
  const line = (of: (one: (typeof kitchens)[number]) => number) =>
    kitchens.map((one, i) => [i + 1, of(one) / 60] as const);
  return drawChart({
    title: 'Mean error of plans in pull time, kitchen by kitchen',
    x: 'kitchens, the most unusual first',
    y: 'minutes',
    series: [
      { label: 'as told', colour: GREY, points: line(({ before }) => before), dots: true },
      {
        label: 'after five cooks',
        colour: FLAME,
        points: line(({ after }) => after),
        dots: true,
      },
    ],
  });
};

/** The figures of docs/validation.md by file name. */
export const validationFigures = (): ReadonlyMap<string, string> => {
  const low = SLAB_CASES[1];
  if (!low) throw new Error('no cases');
  return new Map([
    ['validation-slab.svg', slabFigure(low)],
    ['validation-convergence.svg', convergenceFigure()],
    ['validation-flipping.svg', flippingFigure()],
    ['validation-forecast.svg', forecastFigure()],
    ['validation-learning.svg', learningFigure()],
    ['validation-coverage.svg', coverageFigure()],
  ]);
};
