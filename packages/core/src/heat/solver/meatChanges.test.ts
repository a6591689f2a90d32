import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { baselineWith, HEAT_MODELS, runStage, solverFor, type PieceSolver, type Stage } from '..';
import { drippedShare, dripShare } from '../judging/drip';
import { bulgedContact } from '../matter/bulge';
import { ESTIMATES } from '../matter/estimates';
import { meltedShare, meltingSlope, MELTS_FROM, MELTS_TO } from '../matter/fatMelting';
import { meatDepth } from '../matter/meatDepth';
import { shareHeld, waterHeld } from '../matter/waterHeld';

const celsius = fc.double({ min: -5, max: 140, noNaN: true });
const sear = (seconds: number): Stage => ({ kind: 'sear', pan: 215, seconds, thenFlip: true });

describe('estimates', () => {
  it('lie within their ranges, each said what it is of', () => {
    for (const { value, least, most, what } of Object.values(ESTIMATES)) {
      expect(least).toBeLessThan(value);
      expect(most).toBeGreaterThan(value);
      expect(what.length).toBeGreaterThan(20);
    }
  });
});

describe('melting fat', () => {
  it('goes from none to all, never back, and its slope is that of its share', () => {
    expect([meltedShare(MELTS_FROM), meltedShare(MELTS_TO)]).toEqual([0, 1]);
    fc.assert(
      fc.property(celsius, (t) => {
        expect(meltedShare(t + 0.5)).toBeGreaterThanOrEqual(meltedShare(t));
        const slope = (meltedShare(t + 1e-4) - meltedShare(t - 1e-4)) / 2e-4;
        expect(meltingSlope(t)).toBeCloseTo(slope, 3);
      }),
    );
  });
});

describe('the water that meat holds', () => {
  it('is tabulated to a part in a thousand of the published curve', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 155, noNaN: true }), (t) => {
        expect(Math.abs(shareHeld(t) - waterHeld(t) / waterHeld(0))).toBeLessThan(1e-3);
        expect(shareHeld(t + 1)).toBeLessThanOrEqual(shareHeld(t) + 1e-12);
      }),
    );
  });
});

describe('a face that was turned down', () => {
  it('touches badly at first and as ever after twenty seconds, smoothly', () => {
    expect(bulgedContact(0)).toBeCloseTo(ESTIMATES.bulgedContact.value, 9);
    expect(bulgedContact(ESTIMATES.bulgedSeconds.value)).toBe(1);
    expect(bulgedContact(Infinity)).toBe(1);
    for (let t = 0; t < 25; t += 0.5) {
      const step = bulgedContact(t + 0.5) - bulgedContact(t);
      expect(step).toBeGreaterThanOrEqual(0);
      expect(step).toBeLessThan(0.03);
    }
  });
});

describe('the meat of a piece', () => {
  it('begins under its skin', () => {
    const layers = [{ tissue: 'duck-skin', thickness: 0.006 }] as const;
    const piece = solverFor({ tissue: 'duck', thickness: 0.022, start: 5, layers });
    const { first, last } = meatDepth(piece.heights, piece.matter, piece.section.middle);
    expect(first).toBeCloseTo(0.006, 6);
    expect(last).toBeCloseTo(0.022, 6);
  });

  it('expels juice only once it is warm, keeps its mass in the logbooks, and stays as wet as it was', () => {
    const piece = solverFor(
      { tissue: 'lean-beef', thickness: 0.02, start: 5 },
      { model: baselineWith('juice') },
    );
    const first = piece.mass();
    runStage(piece, { kind: 'counter', air: 30, seconds: 1800 });
    expect(piece.dripped).toBe(0);
    runStage(piece, sear(240));
    runStage(piece, sear(240));
    expect(piece.dripped).toBeGreaterThan(0.2);
    expect(first - piece.mass()).toBeCloseTo(piece.dripped + piece.evaporated, 6);
    const middle = piece.rows >> 1;
    expect((piece.water[middle] ?? NaN) * (piece.perFull[middle] ?? NaN)).toBeCloseTo(1, 6);
  });

  it('loses juice more slowly from further inside', () => {
    /** Share of the possible drip that a slab kept at 65 C all through has lost after ten minutes. */
    const lost = (thickness: number): number => {
      const piece = solverFor(
        { tissue: 'lean-beef', thickness, start: 65 },
        { model: baselineWith('juice') },
      );
      runStage(piece, { kind: 'rest', cover: 'wrapped', seconds: 600 });
      return drippedShare(piece) / dripShare(piece);
    };
    const lostBy = [0.01, 0.02, 0.04, 0.1].map(lost);
    lostBy.slice(1).forEach((share, i) => expect(share).toBeLessThan(lostBy[i] ?? NaN));
    expect(lostBy[0]).toBeGreaterThan(0.6);
    expect(lostBy.at(-1)).toBeLessThan(0.3);
  });

  it('grows thicker as its faces shrink, then falls as it loses juice', () => {
    const piece = solverFor(
      { tissue: 'lean-beef', thickness: 0.02, start: 5 },
      { model: HEAT_MODELS.kitchen },
    );
    const heights: number[] = [];
    const watch = (solver: PieceSolver): void => void heights.push(solver.heightScale);
    for (let i = 0; i < 8; i += 1) {
      runStage(piece, sear(120), () => {
        watch(piece);
        return false;
      });
    }
    runStage(piece, { kind: 'oven', air: 150, h: 12, seconds: 2400 });
    watch(piece);
    expect(Math.max(...heights)).toBeGreaterThan(1.003);
    expect(heights.at(-1)).toBeLessThan(Math.max(...heights));
    expect(piece.faceScale).toBeGreaterThan(1 - ESTIMATES.faceShrinkage.value - 1e-9);
    expect(piece.faceScale).toBeLessThan(0.92);
  });

  it('near a bone touches less than far from it, and baseline meat all alike', () => {
    const shape = { kind: 'long', width: 0.1, whole: true } as const;
    const bone = { width: 0.012 };
    const contactOf = (model: typeof HEAT_MODELS.baseline) =>
      solverFor({ tissue: 'pork', thickness: 0.03, start: 5, shape, bone }, { model, columns: 16 })
        .matter.contact;
    const [plain, tapered] = [HEAT_MODELS.baseline, HEAT_MODELS.kitchen].map(contactOf);
    const meat = (contact: Float64Array | undefined): readonly number[] =>
      [...(contact ?? [])].filter((share) => share > 0.26);
    expect(new Set(meat(plain)).size).toBe(1);
    expect(new Set(meat(tapered)).size).toBeGreaterThan(3);
    expect(tapered?.[0]).toBe(1);
  });
});
