import { describe, expect, it } from '@jest/globals';
import { fatOf, FATS, fatsFor, preheat, readinessSigns } from '../gear';
import { burnerOf, DEFAULT_KITCHEN, kitchenSchema, ovenOf, panOf } from './kitchen';

describe('a kitchen', () => {
  it('round-trips through JSON', () => {
    const written: unknown = JSON.parse(JSON.stringify(DEFAULT_KITCHEN));
    expect(kitchenSchema.parse(written)).toEqual(DEFAULT_KITCHEN);
  });

  it.each([
    ['a pan of no weight', { pans: [{ id: 'x', name: 'x', diameter: 0.26, mass: 0 }] }],
    ['no pan at all', { pans: [] }],
    ['a scale that falls', { scales: { beef: [step(50), step(45)] } }],
    ['an oven that is off by a hundred', { ovens: [{ id: 'oven', offset: 100 }] }],
    [
      'two ovens of one id',
      {
        ovens: [
          { id: 'oven', offset: 0 },
          { id: 'oven', offset: 5 },
        ],
      },
    ],
    ['a key nobody knows', { colour: 'red' }],
  ])('refuses %s', (_what, change) => {
    expect(kitchenSchema.safeParse({ ...DEFAULT_KITCHEN, ...change }).success).toBe(false);
  });

  it('reads an old kitchen without ids: pans by name, equal names apart', () => {
    const {
      pans: _pans,
      burners: _burners,
      ovens: _ovens,
      inUse: _used,
      ...rest
    } = DEFAULT_KITCHEN;
    const pan = { name: 'Iron', diameter: 0.26, mass: 2.4 };
    const old = {
      ...rest,
      pans: [pan, { ...pan, mass: 3 }],
      pan: 1,
      burner: { kind: 'gas', power: 3000 },
      ovenOffset: -12,
    };
    const kitchen = kitchenSchema.parse(old);
    expect(kitchen.pans.map(({ id }) => id)).toEqual(['Iron', 'Iron 2']);
    expect(panOf(kitchen)).toEqual({ id: 'Iron 2', name: 'Iron', diameter: 0.26, mass: 3 });
    expect(burnerOf(kitchen)).toMatchObject({ kind: 'gas', power: 3000 });
    expect(ovenOf(kitchen).offset).toBe(-12);
    expect(kitchenSchema.parse(kitchen)).toEqual(kitchen);
  });

  it('takes a scale of its own', () => {
    const scales = { beef: [step(0), step(52)] };
    expect(kitchenSchema.parse({ ...DEFAULT_KITCHEN, scales }).scales.beef).toHaveLength(2);
  });
});

function step(from: number) {
  return { name: `from ${from}`, from, target: Math.max(40, from + 2) };
}

describe('fat and readiness', () => {
  it('offers only fats that do not smoke at the pan’s heat, the safest first', () => {
    const offered = fatsFor(FATS, 215);
    expect(offered.length).toBeGreaterThan(2);
    for (const { smokes } of offered) expect(smokes[0]).toBeGreaterThan(215);
    expect(offered.map(({ id }) => id)).not.toContain('butter');
    expect(fatsFor(FATS, 300)).toEqual([]);
  });

  it('signs come in the order a pan shows them, the gun about the target', () => {
    const signs = readinessSigns(fatOf('groundnut'), 215);
    const from = (name: string) => signs.find(({ sign }) => sign === name)?.from ?? NaN;
    expect(from('drop-sizzles')).toBeLessThan(from('drop-dances'));
    expect(from('wisp')).toBe(fatOf('groundnut').smokes[0]);
    expect(from('infrared')).toBeLessThan(215);
    expect(preheat({ diameter: 0.26, mass: 2.4, burner: 'gas', power: 3000 }, 215).reached).toBe(
      true,
    );
  });
});
