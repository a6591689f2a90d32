import { cutOf, USUAL, type PlanRequest } from '@crustan/core/plan/request';
import { UNITS, type QuantityKind, type UnitSystem } from '@crustan/core/units';
import { requestRounded } from './draftSlice';
import { onChange } from './onChange';
import type { AppStore } from './store';

/** Step to which a default figure is rounded in Fahrenheit, inches and ounces, in the displayed unit. */
const GRAIN = {
  pan: ['temperature', 10],
  lowOven: ['temperature', 10],
  hotOven: ['temperature', 10],
  target: ['temperature', 1],
  thickness: ['thickness', 0.125],
  weight: ['weight', 0.5],
} as const satisfies Partial<Record<keyof PlanRequest, readonly [QuantityKind, number]>>;
type Figure = keyof typeof GRAIN;
const FIGURES = [
  'pan',
  'lowOven',
  'hotOven',
  'target',
  'thickness',
  'weight',
] as const satisfies readonly Figure[];

/** Default figure of a piece, rounded in the unit of the system: a pan at 420, not at 419. */
export const usualFigure = (request: PlanRequest, figure: Figure, units: UnitSystem): number => {
  const { pan = USUAL.pan, target, thickness, weight } = cutOf(request);
  const { lowOven, hotOven } = USUAL;
  const usual = { pan, lowOven, hotOven, target, thickness, weight }[figure];
  // The larder's own figures are metric ones.
  if (units === 'metric') return usual;
  const [kind, grain] = GRAIN[figure];
  const { fromSi, toSi } = UNITS[units][kind];
  return toSi(Math.round(fromSi(usual) / grain) * grain);
};

const SAME = 1e-6;

/** Default figures of a request in other units; chosen ones stay unchanged. */
export const figuresIn = (
  request: PlanRequest,
  from: UnitSystem,
  to: UnitSystem,
): Partial<PlanRequest> =>
  Object.fromEntries(
    FIGURES.flatMap((figure) => {
      const before = usualFigure(request, figure, from);
      const isUsual = Math.abs(request[figure] - before) < SAME;
      return isUsual ? [[figure, usualFigure(request, figure, to)]] : [];
    }),
  );

/**
 * Keeps default figures native: they are rounded in the user's units.
 * @returns stops it
 */
export const keepNative = (store: AppStore): (() => void) => {
  const say = (from: UnitSystem, to: UnitSystem): void => {
    store.dispatch(requestRounded(figuresIn(store.getState().draft.request, from, to)));
  };
  const imperial = (): boolean => store.getState().units.system === 'imperial';
  const stops = [
    onChange(
      store,
      ({ units }) => units.system,
      (to) => say(to === 'imperial' ? 'metric' : 'imperial', to),
    ),
    onChange(
      store,
      ({ draft: { request } }) => request.own ?? request.cut,
      () => {
        if (imperial()) say('metric', 'imperial');
      },
    ),
  ];
  if (imperial()) say('metric', 'imperial');
  return () => stops.forEach((stop) => stop());
};
