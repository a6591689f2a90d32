import { describe, expect, it } from '@jest/globals';
import { DEFAULT_PAN, NOMINAL_KITCHEN, type KitchenDeviation } from '../../gear';
import { runFor, SLAB, solverFor, type Environment, type Surroundings } from '../../heat';
import { STEAK } from '../../tests';
import { CookPlaces } from './cookPlaces';
import type { Heat } from './legs';
import { pieceInSurroundings, pieceOf } from './pieceOf';
import type { PlanRequest } from '../request/request';

const PAN: Heat = { on: 'pan', pan: 215 };
const RACK: Heat = { on: 'rack', air: 110, h: 12 };
const REST: Heat = { on: 'rest', cover: 'open' };

/** A piece and the places of its cook. */
const kitchen = (change: Partial<PlanRequest> = {}, deviation: Partial<KitchenDeviation> = {}) => {
  const request: PlanRequest = { ...STEAK, ...change };
  const placed = pieceInSurroundings(request, true, DEFAULT_PAN);
  const places = new CookPlaces(placed, { ...NOMINAL_KITCHEN, ...deviation }, 1);
  const solver = solverFor(pieceOf(request, SLAB), { model: placed.model });
  const stay = (heat: Heat, seconds: number): void => {
    runFor(solver, places.enter(heat), seconds);
  };
  return { places, solver, stay };
};

const lowerOf = (at: Surroundings | Environment): number =>
  ('around' in at ? at.around : at).lower.temperature;

describe('the places of one cook', () => {
  it('a pan keeps what it has been through from leg to leg, and is brought up again after the oven', () => {
    const { places, stay } = kitchen({ knob: 'left' });
    stay(PAN, 60);
    const cooled = places.floor ?? NaN;
    expect(cooled).toBeLessThan(205);
    // The next leg on it begins where the last one left it.
    expect(lowerOf(places.enter(PAN))).toBeCloseTo(cooled, 9);
    stay(RACK, 60);
    expect(places.floor).toBeUndefined();
    expect(lowerOf(places.enter(PAN))).toBe(215);
  });

  it('a turn puts the piece on fresher iron, unless it lies on the same spot or off the pan', () => {
    const after = (spot: PlanRequest['spot']): readonly [number, number] => {
      const { places, stay } = kitchen({ knob: 'left', spot });
      stay(PAN, 45);
      const before = places.floor ?? NaN;
      places.turned();
      return [before, places.floor ?? NaN];
    };
    const [lay, fresh] = after('fresh');
    expect(fresh).toBeGreaterThan(lay + 3);
    const [under, same] = after('same');
    expect(same).toBe(under);
    const { places, stay } = kitchen();
    stay(RACK, 10);
    expect(() => places.turned()).not.toThrow();
  });

  it('more pieces cool it more, a stronger burner holds it better', () => {
    const floorAfter = (change: Partial<PlanRequest>, burner = 1): number => {
      const { places, stay } = kitchen({ knob: 'full', ...change }, { burner });
      stay(PAN, 90);
      return places.floor ?? NaN;
    };
    expect(floorAfter({ pieces: 4 })).toBeLessThan(floorAfter({ pieces: 1 }) - 10);
    expect(floorAfter({}, 1.2)).toBeGreaterThan(floorAfter({}, 0.8) + 10);
  });

  it('comes up cold under skin, whatever the knob', () => {
    const { places, stay } = kitchen({ knob: 'full' });
    expect(lowerOf(places.enter({ on: 'cold-pan', pan: 170 }))).toBeLessThan(25);
    stay({ on: 'cold-pan', pan: 170 }, 120);
    const soon = places.floor ?? NaN;
    expect(soon).toBeGreaterThan(60);
    stay({ on: 'cold-pan', pan: 170 }, 900);
    expect(Math.abs((places.floor ?? NaN) - 170)).toBeLessThan(15);
  });

  it('a board goes on warming under a rest that is looked at twice, and is cold for the next', () => {
    const { places, solver, stay } = kitchen();
    stay(PAN, 240);
    const kept = places.snapshot();
    places.save(kept);
    stay(REST, 200);
    const warm = lowerOf(places.enter(REST));
    expect(warm).toBeGreaterThan(28);
    places.restore(kept);
    expect(lowerOf(places.enter(REST))).toBe(22);
    expect(solver.core).toBeGreaterThan(0);
  });

  it('rests on what is said: a cold plate is colder to lie on than a warm one, a rack is air', () => {
    const lying = (restOn: PlanRequest['restOn']): number =>
      lowerOf(kitchen({ restOn }).places.enter(REST));
    expect(lying('plate')).toBe(22);
    expect(lying('warm-plate')).toBe(60);
    const rack = kitchen({ restOn: 'rack' }).places.enter(REST);
    expect('around' in rack).toBe(false);
    if (!('around' in rack)) expect(rack.lower.evaporates).toBe(true);
  });

  it('goes on from a snapshot as it went on before', () => {
    const { places, stay } = kitchen({ knob: 'left' });
    stay(PAN, 30);
    const kept = places.snapshot();
    places.save(kept);
    const { solver } = kitchen();
    const goOn = (): number => {
      runFor(solver, places.enter(PAN), 30);
      return places.floor ?? NaN;
    };
    const piece = solver.snapshot();
    solver.save(piece);
    const first = goOn();
    places.restore(kept);
    solver.restore(piece);
    expect(goOn()).toBe(first);
  });

  it('a slow oven brings less, gas more, and a tray shields the face over it', () => {
    const coreAfter = (change: Partial<PlanRequest>, ovenHeat = 1): number => {
      const { solver, stay } = kitchen(change, { ovenHeat });
      stay(RACK, 1500);
      return solver.core;
    };
    const usual = coreAfter({});
    expect(coreAfter({}, 0.75)).toBeLessThan(usual - 1);
    expect(coreAfter({ ovenFuel: 'gas' })).toBeGreaterThan(usual + 0.5);
    expect(coreAfter({ tray: true })).toBeLessThan(usual - 1);
  });

  it('by the baseline a pan is a temperature: nothing cools it', () => {
    const { model: _kitchen, ...baseline } = STEAK;
    const placed = pieceInSurroundings(baseline, true, DEFAULT_PAN);
    const places = new CookPlaces(placed, NOMINAL_KITCHEN, 1);
    const solver = solverFor(pieceOf(baseline, SLAB));
    runFor(solver, places.enter(PAN), 60);
    expect(places.floor).toBeUndefined();
    expect(lowerOf(places.enter(PAN))).toBe(215);
  });
});
