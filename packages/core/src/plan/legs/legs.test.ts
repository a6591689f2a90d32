import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { CUT_IDS, CUTS } from '../../food';
import { STEAK } from '../../tests';
import { BUTTER_PAN } from '../request/butter';
import { legsOf } from './legs';
import { EDGE_SEARS, type PlanRequest } from '../request/request';
import { usesLowOven, usesOven, WAY_TRAITS, WAYS, waysFor } from '../request/way';

const requests = fc.record({
  cut: fc.constantFrom(...CUT_IDS),
  way: fc.constantFrom(...WAYS),
  edges: fc.constantFrom(...EDGE_SEARS),
  baste: fc.constantFrom(0, 60, 120),
  panAfter: fc.constantFrom(undefined, 170),
  ovenTurn: fc.boolean(),
});

describe('the legs of a way', () => {
  it('share out one unknown, and end with the piece in one place', () => {
    fc.assert(
      fc.property(requests, (change) => {
        const legs = legsOf({ ...STEAK, ...change });
        const shares = legs.map(({ unknownShare: share }) => share);
        expect(shares.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9);
        // The legs that contain the unknown are consecutive: legs before them are simulated once.
        const first = shares.findIndex((share) => share > 0);
        const last = shares.findLastIndex((share) => share > 0);
        expect(shares.slice(first, last + 1).every((share) => share > 0)).toBe(true);
        for (const leg of legs) {
          if (leg.browningGoal !== undefined) expect(leg.unknownShare).toBe(0);
          expect(leg.heat.on === 'rack' || leg.heat.on === 'oven-pan').toBe(leg.kind === 'oven');
        }
        expect(legs.some(({ kind }) => kind === 'oven')).toBe(usesOven(change.way));
      }),
    );
  });

  it('brings both faces to the pan, whatever the way', () => {
    fc.assert(
      fc.property(requests, (change) => {
        if (WAY_TRAITS[change.way].noPan) return;
        const pan = legsOf({ ...STEAK, ...change }).filter(({ heat }) => heat.on !== 'rack');
        const turned = pan.some(
          ({ thenFlip, turnEvery: every }) => thenFlip || every !== undefined,
        );
        expect(turned).toBe(true);
      }),
    );
  });

  it('puts butter in last and cool, the fat edge first, the other edges last', () => {
    const kinds = (change: Partial<PlanRequest>) =>
      legsOf({ ...STEAK, ...change }).map((l) => l.kind);
    expect(kinds({ edges: 'both', baste: 60 })).toEqual(['edge', 'sear', 'sear', 'baste', 'edges']);
    expect(kinds({ way: 'oven-sear', edges: 'both' })).toEqual([
      'oven',
      'edge',
      'sear',
      'sear',
      'edges',
    ]);
    expect(kinds({ way: 'sear-oven', edges: 'first' })).toEqual(['edge', 'sear', 'sear', 'oven']);
    const butter = legsOf({ ...STEAK, baste: 60 }).find(({ kind }) => kind === 'baste');
    expect(butter?.heat).toMatchObject({ on: 'pan', pan: BUTTER_PAN, basted: true });
  });

  it('lies in its pan only in the hot oven, and only if it is asked to', () => {
    const oven = (change: Partial<PlanRequest>) =>
      legsOf({ ...STEAK, ...change }).find(({ kind }) => kind === 'oven')?.heat.on;
    expect(oven({ way: 'sear-oven', ovenOn: 'pan' })).toBe('oven-pan');
    expect(oven({ way: 'sear-oven' })).toBe('rack');
    expect(oven({ way: 'oven-sear', ovenOn: 'pan' })).toBe('rack');
  });
});

describe('the ways that apply', () => {
  it.each(CUT_IDS)('%s has some, its own first', (id) => {
    const cut = CUTS[id];
    const ways = waysFor(cut);
    expect(ways.length).toBeGreaterThanOrEqual(2);
    expect(new Set(ways).size).toBe(ways.length);
    if (cut.whole) expect(ways.every(usesLowOven)).toBe(true);
    else if (cut.skin) expect(['cold-pan', 'skin-down']).toContain(ways[0]);
    else expect(ways).not.toContain('cold-pan');
  });

  it('only low ovens are low', () => {
    expect(WAYS.filter(usesLowOven)).toEqual(['oven-sear', 'sear-oven-sear', 'oven-blast']);
    expect(WAYS.filter(usesOven)).toEqual([
      'sear-oven',
      'oven-sear',
      'sear-oven-sear',
      'oven-blast',
    ]);
  });
});
