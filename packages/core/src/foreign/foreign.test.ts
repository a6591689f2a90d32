import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { seededRandom } from '../maths';
import { planOf, STEAK } from '../tests';
import { ForeignCooking } from './cookForeign';
import { drawForeignKitchen, type ForeignKitchen } from './foreignKitchen';
import { ForeignPiece, type ForeignFace, type ForeignFaces } from './foreignPiece';

const plain: ForeignKitchen = { ...drawForeignKitchen(seededRandom(1)), denaturation: 0 };
const WIDE = { width: 0.6, length: 0.9, thickness: 0.03, start: 5, water: 0.72 };
const touching = (celsius: number, coefficient: number): ForeignFace => ({
  kind: 'contact',
  celsius,
  coefficient,
});
const between = (celsius: number, coefficient: number): ForeignFaces => {
  const face = touching(celsius, coefficient);
  return { lower: face, upper: face, side: touching(celsius, 0) };
};

const runFor = (piece: ForeignPiece, faces: ForeignFaces, seconds: number): void => {
  const steps = Math.ceil(seconds / piece.longestStep);
  for (let i = 0; i < steps; i += 1) piece.step(faces, seconds / steps);
};

describe('the foreign kitchen', () => {
  it('follows the Fourier series in a slab between equal faces', () => {
    const piece = new ForeignPiece(WIDE, plain);
    const seconds = 600;
    runFor(piece, between(48, 1e7), seconds);
    const water = 1050 * WIDE.water;
    const diffusivity = 0.47 / ((1050 - water) * 1700 + water * 4190);
    const fourier = (diffusivity * seconds) / WIDE.thickness ** 2;
    let left = 0;
    for (let n = 0; n < 20; n += 1) {
      const odd = 2 * n + 1;
      left +=
        ((4 / Math.PI) * (n % 2 === 0 ? 1 : -1) * Math.exp(-((odd * Math.PI) ** 2) * fourier)) /
        odd;
    }
    expect(Math.abs(piece.core - (48 - 43 * left))).toBeLessThan(0.2);
  });

  it('stores the heat that enters', () => {
    const piece = new ForeignPiece({ ...WIDE, width: 0.08, length: 0.12 }, plain);
    const faces = { ...between(70, 200), side: touching(60, 40) };
    runFor(piece, faces, 200);
    expect(piece.storedSince(WIDE.start)).toBeGreaterThan(1000);
    expect(piece.storedSince(WIDE.start) / piece.heatIn).toBeCloseTo(1, 6);
  });

  it('keeps cells with water at or below 100 C', () => {
    const piece = new ForeignPiece({ ...WIDE, width: 0.08, length: 0.12 }, plain);
    const air: ForeignFace = {
      ...{ kind: 'air', celsius: 60, walls: 60, coefficient: 8, vapour: 1300 },
    };
    runFor(piece, { lower: touching(220, 300), upper: air, side: air }, 20);
    expect(Math.max(...piece.temperature)).toBeLessThanOrEqual(100);
    runFor(piece, { lower: touching(220, 300), upper: air, side: air }, 160);
    expect(Math.max(...piece.temperature)).toBeGreaterThan(101);
  });

  it('pulls a plan at its core temperature, which rises in the rest', () => {
    const plan = planOf({ ...STEAK, way: 'often' });
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), (seed) => {
        const kitchen = drawForeignKitchen(seededRandom(seed));
        const cook = new ForeignCooking(plan, kitchen).cook('core');
        expect(cook.pullCore).toBeGreaterThanOrEqual(plan.pullCore);
        expect(cook.pullCore).toBeLessThan(plan.pullCore + 0.2);
        expect(cook.end).toBeGreaterThan(cook.pullCore + 1);
      }),
      { numRuns: 2 },
    );
  });
});
