import { describe, expect, it } from '@jest/globals';
import { DEFAULT_PAN, NOMINAL_KITCHEN } from '../gear';
import { SEARCH_COLUMNS } from '../heat';
import { runToEnd } from '../maths';
import { planOnSection, solveWay, type CookPlan, type PlanRequest } from '../plan';
import { STEAK } from '../tests';
import { cookedLegs } from '../cook/cookedLegs';
import type { CookEvent, Instrument } from '../cook/event';
import { Forecaster } from './forecast';
import { progressOf } from '../cook/progress';
import { trueCook, trueRun, type HiddenKitchen, type ProbePlace } from '../simulation/trueKitchen';

const T0 = 1_700_000_000_000;
const request: PlanRequest = { ...STEAK, thickness: 0.04, weight: 0.45, way: 'oven-sear' };

const planned = planOnSection(request);
if (!planned.ok) throw new Error('no plan');
const { plan } = planned;
const IN: CookEvent = { id: 'in', kind: 'in', at: T0 };

const hidden = (change: Partial<HiddenKitchen> = {}): HiddenKitchen => ({
  ...NOMINAL_KITCHEN,
  probe: { kind: 'middle', off: 0.002 },
  noise: 0,
  ...change,
});

/** Readings of a probe every minute up to `until`, s. */
const readings = (kitchen: HiddenKitchen, until: number, of: CookPlan = plan): CookEvent[] => {
  const cook = trueCook(of.request, kitchen, { pan: DEFAULT_PAN, columns: SEARCH_COLUMNS });
  const progress = progressOf(of, T0, [IN], T0 + 9e6);
  const legs = cookedLegs({ inAt: T0, turnedAt: [], progress }, of.request);
  const moments = Array.from({ length: Math.floor(until / 60) }, (_, i) => 60 * (i + 1));
  return trueRun(cook, kitchen, legs, moments).truths.map(({ probe }, i) => ({
    id: `r${i}`,
    kind: 'reading',
    at: T0 + (moments[i] ?? 0) * 1000,
    celsius: probe,
    by: 'probe',
  }));
};

const forecastOf = (events: readonly CookEvent[], seconds: number) => {
  const forecaster = new Forecaster({ plan, plannedIn: T0, pan: DEFAULT_PAN });
  const found = forecaster.forecast([IN, ...events], T0 + seconds * 1000);
  if (!found) throw new Error('no forecast');
  return found;
};
const pullOf = ({ pullAt }: { readonly pullAt: number }): number => (pullAt - T0) / 1000;

describe('the live forecast', () => {
  it('equals the plan with a wide range without readings, and is undefined before the heat', () => {
    const found = forecastOf([], 60);
    expect(pullOf(found)).toBeCloseTo(plan.pullAt, -2);
    expect(found.end).toBeCloseTo(plan.request.target, 0);
    expect(found.pullSpread).toBeGreaterThan(200);
    const forecaster = new Forecaster({ plan, plannedIn: T0, pan: DEFAULT_PAN });
    expect(forecaster.forecast([], T0)).toBeUndefined();
  });

  it.each([20, -20])('finds an oven that is off by %i K, and moves the pull with it', (oven) => {
    const half = plan.pullAt * 0.5;
    const kitchen = hidden({ oven });
    const found = forecastOf(readings(kitchen, half), half);
    expect(Math.sign(found.kitchen.oven)).toBe(Math.sign(oven));
    // Part of the residual can be the model's own error, therefore not all of it belongs to the oven.
    expect(Math.abs(found.kitchen.oven - oven)).toBeLessThan(12);
    const cook = trueCook(request, kitchen, { pan: DEFAULT_PAN, columns: SEARCH_COLUMNS });
    const solved = runToEnd(solveWay(cook));
    const right = solved.ok ? solved.run.value : NaN;
    expect(Math.abs(pullOf(found) - right)).toBeLessThan(Math.abs(plan.pullAt - right) / 2);
    expect(Math.abs(pullOf(found) - right)).toBeLessThan(1.28 * found.pullSpread);
  });

  it('knows the end better the later it is, and never as well as the readings alone would tell', () => {
    const kelvin = (share: number): number => {
      const found = forecastOf(readings(hidden(), share * plan.pullAt), share * plan.pullAt);
      return (1.5 * found.pullSpread) / found.leeway;
    };
    const [first, half, late] = [0.05, 0.5, 0.95].map(kelvin);
    expect(half).toBeLessThan(0.8 * (first ?? 0));
    expect(late).toBeLessThan(0.7 * (half ?? 0));
    expect(late).toBeGreaterThan(0.5);
  });

  it('trusts a thermometer in the oven', () => {
    const air = plan.request.lowOven + 15;
    const said = Array.from({ length: 8 }, (_, i): CookEvent => ({
      id: `o${i}`,
      kind: 'reading',
      at: T0 + i * 30_000,
      celsius: air,
      by: 'oven' satisfies Instrument,
    }));
    expect(forecastOf(said, 300).kitchen.oven).toBeGreaterThan(11);
  });

  it('gives a finger less weight than a thermometer, and both the same direction', () => {
    const late = plan.pullAt * 0.75;
    const at = T0 + late * 1000;
    const before = forecastOf([], late);
    const felt = forecastOf([{ id: 'f', kind: 'felt', at, firmness: 'yielding' }], late);
    const read = forecastOf([{ id: 'f', kind: 'reading', at, celsius: 48 }], late);
    expect(felt.readings).toBe(1);
    expect(pullOf(felt)).toBeLessThan(pullOf(before) - 5);
    expect(pullOf(read)).toBeLessThan(pullOf(felt));
    expect(felt.endSpread).toBeLessThan(before.endSpread);
    expect(read.endSpread).toBeLessThan(felt.endSpread);
  });

  it('says nothing new where the finger feels what the plan expects', () => {
    const early = plan.pullAt * 0.2;
    const soft: CookEvent = { id: 'f', kind: 'felt', at: T0 + early * 1000, firmness: 'soft' };
    expect(pullOf(forecastOf([soft], early))).toBeCloseTo(pullOf(forecastOf([], early)), -1);
  });

  it.each<ProbePlace>([
    { kind: 'surface', under: 0.003 },
    { kind: 'out', from: 0 },
    { kind: 'out', from: 900 },
  ])('names a probe that is %o, and not a good one', (probe) => {
    const half = plan.pullAt * 0.5;
    const found = forecastOf(readings(hidden({ probe, oven: 8 }), half), half);
    expect(found.probe.kind).toBe(probe.kind);
    expect(found.probe.chance).toBeGreaterThan(0.5);
    const good = hidden({ oven: 8, probe: { kind: 'middle', off: -0.005 } });
    expect(forecastOf(readings(good, half), half).probe.kind).toBe('middle');
  });

  it('resists one invalid reading', () => {
    const half = plan.pullAt * 0.5;
    const clean = readings(hidden(), half);
    const spoilt = clean.map((event, i) =>
      i === 12 && event.kind === 'reading' ? { ...event, celsius: event.celsius + 25 } : event,
    );
    const off = pullOf(forecastOf(spoilt, half)) - pullOf(forecastOf(clean, half));
    expect(Math.abs(off)).toBeLessThan(60);
  });

  it('after the pull says where it ends: later out, hotter', () => {
    const out = (seconds: number): CookEvent => ({
      id: 'out',
      kind: 'out',
      at: T0 + seconds * 1000,
    });
    const at = plan.pullAt + 420;
    const late = forecastOf([out(at)], at + 10);
    expect(late.decided).toBe(true);
    expect(late.pullSpread).toBe(0);
    expect(late.end).toBeGreaterThan(plan.request.target + 2);
  });

  it('grows surer as it hears more', () => {
    const all = readings(hidden({ oven: 5 }), plan.pullAt * 0.9);
    const forecaster = new Forecaster({ plan, plannedIn: T0, pan: DEFAULT_PAN });
    const first = forecaster.forecast([IN, ...all.slice(0, 20)], T0 + 1_200_000);
    const second = forecaster.forecast([IN, ...all], T0 + plan.pullAt * 900);
    expect(second?.readings).toBeGreaterThan(first?.readings ?? Infinity);
    // It comes nearer the truth as it hears more: its own range shrinks.
    expect(second?.pullSpread).toBeLessThan(first?.pullSpread ?? 0);
  });
});
