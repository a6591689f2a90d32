import { expect, it } from '@jest/globals';
import { SPECIES } from '../food';
import { minimumFor } from '../safety';
import { onThePan, runFor, solverFor } from '../heat';
import { crustColour, DONENESS_SCALES, donenessOf, donenessShares } from '.';

it.each(SPECIES)(
  '%s: its scale climbs, and each step calls its own target by its own name',
  (species) => {
    const scale = DONENESS_SCALES[species];
    scale.forEach((step, i) => {
      expect(donenessOf(species, step.target).name).toBe(step.name);
      expect(step.from).toBeGreaterThan(scale[i - 1]?.from ?? -1);
    });
    // The table's figure must always be reachable on the scale beside it.
    expect(scale.at(-1)?.target).toBeGreaterThanOrEqual(
      Math.floor(minimumFor({ species }).celsius),
    );
  },
);

const KITCHEN = { model: 'kitchen' } as const;

it('names crust by the published thresholds', () => {
  expect([0, 1, 1.59, 1.6, 2.4, 3.3].map((index) => crustColour(index, {}))).toEqual([
    'pale',
    'golden',
    'golden',
    'deep-brown',
    'dark',
    'burnt',
  ]);
  expect([0.77, 0.78, 1.2, 1.71, 2.7].map((index) => crustColour(index, KITCHEN))).toEqual([
    'pale',
    'golden',
    'deep-brown',
    'dark',
    'burnt',
  ]);
});

it('shares a section out by doneness: all of it, the outside further on', () => {
  const shape = { kind: 'round', radius: 0.05 } as const;
  const piece = solverFor(
    { tissue: 'lean-beef', thickness: 0.03, start: 5, shape },
    { columns: 6 },
  );
  const shareOf = (name: string): number =>
    donenessShares(piece, 'beef').find(({ step }) => step.name === name)?.share ?? NaN;
  expect(shareOf('blue')).toBe(1);
  runFor(piece, onThePan(230), 240);
  piece.flip();
  runFor(piece, onThePan(230), 200);
  expect(donenessShares(piece, 'beef').reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(
    1,
    9,
  );
  expect(shareOf('well done')).toBeGreaterThan(0.15);
  expect(shareOf('blue')).toBeGreaterThan(0.05);
});
