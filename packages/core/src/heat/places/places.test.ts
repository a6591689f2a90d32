import { describe, expect, it } from '@jest/globals';
import {
  DOOR_OPEN,
  HEAT_MODELS,
  onARack,
  OvenDoors,
  resting,
  restingOn,
  runFor,
  solverFor,
  type Environment,
  type PieceSolver,
  type RestSurface,
} from '..';

const steak = (start = 5): PieceSolver =>
  solverFor({ tissue: 'lean-beef', thickness: 0.025, start }, { model: HEAT_MODELS.kitchen });

describe('an oven whose door is opened', () => {
  const air = (doors: readonly number[], until: number): number => {
    const oven = new OvenDoors(onARack(110, 12), 110, doors);
    runFor(steak(), oven, until);
    return oven.around.upper.temperature;
  };

  it('loses its air while it stands open, and has it back minutes later', () => {
    expect(air([60], 59)).toBeCloseTo(110, 6);
    expect(air([60], 60 + DOOR_OPEN)).toBeLessThan(60);
    expect(air([60], 60 + DOOR_OPEN + 240)).toBeGreaterThan(108);
  });

  it('the core lags behind that of an oven left shut, more with every opening', () => {
    const core = (doors: readonly number[]): number => {
      const piece = steak();
      runFor(piece, new OvenDoors(onARack(110, 12), 110, doors), 1800);
      return piece.core;
    };
    const [shut, once, often] = [core([]), core([600]), core([300, 600, 900, 1200])];
    expect(once).toBeLessThan(shut);
    expect(often).toBeLessThan(once);
    expect(shut - often).toBeLessThan(6);
  });
});

describe('what a piece rests on', () => {
  const after = (on: RestSurface | undefined, cover: 'open' | 'wrapped' = 'open') => {
    const piece = steak(55);
    const place = restingOn(resting(cover), on, cover, 1);
    runFor(piece, place, 600);
    return { piece, place };
  };

  it('a wrapped piece is insulated from a board by its foil', () => {
    const open = 55 - after('board').piece.core;
    const wrapped = 55 - after('board', 'wrapped').piece.core;
    expect(wrapped).toBeLessThan(open);
  });

  it('a plate takes more at once than a board, which insulates, and a warm one gives', () => {
    const core = (on: RestSurface): number => after(on).piece.core;
    expect(core('plate')).toBeLessThan(core('warm-plate') - 2);
    expect(core('board')).toBeGreaterThan(core('plate'));
  });

  it('what the piece loses through its lower face is what the slab gains', () => {
    const { place } = after('plate');
    if (!('snapshot' in place)) throw new Error('a plate is a slab');
    const slab = place.snapshot();
    place.save(slab);
    for (const celsius of slab) {
      expect(celsius).toBeGreaterThan(22);
      expect(celsius).toBeLessThan(55);
    }
    // From the piece down to the counter it only gets cooler.
    for (let i = 1; i < slab.length; i += 1) {
      expect(slab[i]).toBeLessThanOrEqual((slab[i - 1] ?? NaN) + 1e-9);
    }
  });

  it('is as its cover alone has it where nothing is said, and air all round on a rack', () => {
    const around = resting('open');
    expect(restingOn(around, undefined, 'open', 1)).toBe(around);
    const rack = restingOn(around, 'rack', 'open', 1);
    const isPlace = (at: typeof rack): at is typeof rack & Environment => 'follow' in at;
    expect(isPlace(rack)).toBe(false);
    if (!isPlace(rack)) expect(rack.lower).toEqual(around.upper);
  });
});
