import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import {
  conductivityWithIce,
  enthalpyWithIce,
  freezingPoint,
  iceShare,
  MELTING_ICE,
  thawedDensity,
  TISSUES,
} from '../../food';
import { NOT_DEEP } from '../../tests/tier';
import { IcedPiece } from './icedPiece';
import { PhaseTable } from './phaseTable';
import { SLAB, type Shape } from '../matter/section';
import { ICE_PLACES } from './icePlaces';
import { freeze, ICE_AROUND, phaseTableOf, thaw, type FrozenPiece } from './thaw';

const BEEF = TISSUES['lean-beef'];
const DENSITY = thawedDensity(BEEF);

/**
 * Freezing time of a slab to -10 C in its middle, s: Cleland & Earle (1977), as recalled, good to some
 * 5 % of their measurements with Stefan numbers from 0.155 to 0.345.
 */
const clelandEarle = (thickness: number, start: number, air: number, h: number): number => {
  const point = freezingPoint(BEEF);
  const per = (from: number, to: number): number =>
    DENSITY * (enthalpyWithIce(BEEF, to) - enthalpyWithIce(BEEF, from));
  const released = per(-10, point);
  const unfrozen = per(point, start) / (start - point);
  // Without the ice that still forms there.
  const ice = iceShare(BEEF, -30) - iceShare(BEEF, -20);
  const frozen = (per(-30, -20) - DENSITY * MELTING_ICE * ice) / 10;
  const conductivity = conductivityWithIce(BEEF, -15);
  const pk = start === point ? 0 : (unfrozen * (start - point)) / released;
  const ste = (frozen * (point - air)) / released;
  const p = 0.5 * (1.026 + 0.5808 * pk + ste * (0.2296 * pk + 0.105));
  const r = 0.125 * (1.202 + ste * (3.41 * pk + 0.7336));
  return (
    (released / (point - air)) * ((p * thickness) / h + (r * thickness * thickness) / conductivity)
  );
};

describe('freezing and thawing', () => {
  it.each([
    [0.025, 5, -25, 10],
    [0.05, 5, -30, 25],
    [0.05, 15, -25, 50],
    [0.1, 10, -30, 40],
    [0.06, 20, -22, 20],
    [0.06, 5, -22, 100],
  ])('a slab of %d m from %d C in air of %d C, h %d, as Cleland & Earle', (l, start, air, h) => {
    const piece = new IcedPiece(phaseTableOf('lean-beef'), l, SLAB, start);
    const seconds = piece.run({ celsius: air, coefficient: h }, 1e6, () => piece.core <= -10);
    expect(Math.abs(seconds / clelandEarle(l, start, air, h) - 1)).toBeLessThan(0.1);
  });

  it('agree with Plank for a single freezing temperature without sensible heat', () => {
    const [latent, conductivity, point] = [2e8, 1.5, -1];
    const law = {
      // All of the latent heat between -1.1 and -1 C; the remaining capacity is a fiftieth of meat's.
      enthalpy: (t: number) =>
        4e4 * t + latent * Math.min(1, Math.max(0, (t - (point - 0.1)) / 0.1)),
      conductivity: () => conductivity,
    };
    for (const [l, h, air] of [
      [0.04, 20, -20],
      [0.1, 60, -30],
    ] as const) {
      const piece = new IcedPiece(new PhaseTable(law), l, SLAB, point);
      const seconds = piece.run(
        { celsius: air, coefficient: h },
        1e6,
        () => piece.core < point - 0.1,
      );
      const plank = (latent / (point - air)) * (l / (2 * h) + (l * l) / (8 * conductivity));
      expect(Math.abs(seconds / plank - 1)).toBeLessThan(0.1);
    }
  });

  it('conserve energy for any shape and surroundings', () => {
    const shapes: readonly Shape[] = [
      SLAB,
      { kind: 'long', width: 0.09 },
      { kind: 'round', radius: 0.04 },
    ];
    fc.assert(
      fc.property(
        fc.constantFrom(...shapes),
        fc.constantFrom(...ICE_PLACES),
        fc.double({ min: 0.015, max: 0.1, noNaN: true }),
        fc.double({ min: -25, max: 10, noNaN: true }),
        (shape, place, thickness, start) => {
          const piece = new IcedPiece(phaseTableOf('salmon'), thickness, shape, start);
          const before = piece.energy;
          piece.run(ICE_AROUND[place], 3600);
          const stored = piece.energy - before;
          expect(Math.abs(stored - piece.heatIn)).toBeLessThan(1e-3 * Math.abs(stored) + 1e-6);
          expect(piece.coldest).toBeGreaterThanOrEqual(
            Math.min(start, ICE_AROUND[place].celsius) - 1e-6,
          );
        },
      ),
      { numRuns: 25 },
    );
  });

  (NOT_DEEP ? it.skip : it)(
    'is the sooner thawed the more heat comes to it, and warm meanwhile where it is warm',
    () => {
      const steak: FrozenPiece = {
        tissue: 'lean-beef',
        thickness: 0.025,
        shape: { kind: 'long', width: 0.1 },
        start: -18,
      };
      const [shelf, bag, running, still, counter] = ICE_PLACES.slice(1).map((place) =>
        thaw(steak, ICE_AROUND[place]),
      );
      const of = (found: typeof shelf): number => found?.seconds ?? NaN;
      expect(of(running)).toBeLessThan(of(still));
      expect(of(still)).toBeLessThan(of(counter));
      expect(of(counter)).toBeLessThan(of(shelf));
      expect(of(shelf)).toBeLessThan(of(bag));
      // A night in the fridge; about three quarters of an hour in running water.
      expect(of(shelf) / 3600).toBeGreaterThan(6);
      expect(of(bag) / 3600).toBeGreaterThan(11);
      expect(of(bag) / 3600).toBeLessThan(20);
      expect(of(running) / 60).toBeGreaterThan(20);
      expect(of(running) / 60).toBeLessThan(60);
      expect(shelf?.warm).toBe(0);
      expect(counter?.warm).toBeGreaterThan(1200);
      // Twice as thick is slower, in air by twice, by conduction by four.
      const thick = thaw({ ...steak, thickness: 0.05 }, ICE_AROUND['fridge-bag']);
      expect((thick.seconds ?? NaN) / of(bag)).toBeGreaterThan(1.5);
      expect((thick.seconds ?? NaN) / of(bag)).toBeLessThan(4);
    },
  );

  it('stays frozen where it is cold, and freezes there', () => {
    const piece: FrozenPiece = { tissue: 'salmon', thickness: 0.03, shape: SLAB, start: 4 };
    expect(thaw({ ...piece, start: -18 }, ICE_AROUND.freezer).seconds).toBeUndefined();
    const hours = (freeze(piece, -15) ?? NaN) / 3600;
    expect(hours).toBeGreaterThan(4);
    expect(hours).toBeLessThan(24);
    expect(freeze(piece, -20)).toBeUndefined();
  });
});
