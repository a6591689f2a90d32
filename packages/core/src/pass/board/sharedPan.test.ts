import { describe, expect, it } from '@jest/globals';
import type { Order, ServiceEvent } from '../orders/serviceEvent';
import { keptPlan } from '../../formats/keptPlan';
import type { KeptDish } from '../../formats/serviceSchema';
import { planOf, STEAK } from '../../tests';
import { dishConflicts } from '../orders/orderAllergens';
import { pieceSteps } from '../dishes/pieceSteps';
import { serviceState } from '../orders/serviceTickets';
import { sharedPans } from './sharedPan';

const dishOf = (id: string, fat: 'sunflower' | 'groundnut', baste = 0): KeptDish => {
  const plan = planOf({ ...STEAK, fat, baste, way: 'once' });
  const { stays, touches, ...steps } = pieceSteps(plan, { recoverySeconds: 0 });
  const kept = { ...steps, stays: [...stays], touches: [...touches] };
  return {
    id,
    createdAt: 0,
    name: id,
    portions: [
      {
        doneness: 'rare',
        target: 50,
        options: [{ plan: keptPlan(plan), steps: { alone: kept, full: kept, fullArea: 0.03 } }],
      },
    ],
    sides: [],
    shelfDays: 1,
  };
};
const DISHES = [dishOf('plain', 'sunflower'), dishOf('nutty', 'groundnut')];

const order = (id: string, dish: string, more: Partial<Order> = {}): ServiceEvent => ({
  id: `e${id}`,
  at: 1000,
  kind: 'ordered',
  order: { id, table: id, pieces: [{ id: `${id}p`, dish, doneness: 'rare' }], ...more },
});
const begun = (piece: string, pan: string, at = 2000): ServiceEvent => ({
  ...{ id: `b${piece}`, at, kind: 'begun', piece, option: 0, full: false, pan },
});
const placed = (id: string, pan: number, start: number) => ({
  ...{ id, ticket: id.slice(0, 1), option: 0, full: false, pan, oven: 0, start },
  ...{ readyAt: start + 900, waits: 0, overRested: 0 },
});
const lineOf = (events: readonly ServiceEvent[]) => ({
  ...{ state: serviceState(events), dishes: DISHES, epoch: 0 },
  gear: { pans: [{ id: 'a' }, { id: 'b' }] },
});

describe('a pan shared with an allergic table', () => {
  const events = [order('1', 'nutty'), order('2', 'plain', { allergens: ['peanuts'] })];

  it('is named when another piece left the allergen in it, or will have', () => {
    expect(sharedPans(lineOf([...events, begun('1p', 'a')]), [placed('2p', 0, 600)])).toEqual([
      { ticket: '2', piece: '2p', pan: 0, allergens: ['peanuts'] },
    ]);
    const both = [placed('1p', 0, 300), placed('2p', 0, 600)];
    expect(sharedPans(lineOf(events), both)).toHaveLength(1);
  });

  it('is not named for another pan, for a later piece, or for a table without an allergy', () => {
    expect(sharedPans(lineOf([...events, begun('1p', 'a')]), [placed('2p', 1, 600)])).toEqual([]);
    const later = [placed('1p', 0, 9000), placed('2p', 0, 600)];
    expect(sharedPans(lineOf(events), later)).toEqual([]);
    const plain = [order('1', 'nutty'), order('2', 'plain')];
    expect(sharedPans(lineOf([...plain, begun('1p', 'a')]), [placed('2p', 0, 600)])).toEqual([]);
  });

  it('is not named for a pan that the kitchen no longer has', () => {
    expect(sharedPans(lineOf([...events, begun('1p', 'gone')]), [placed('2p', 0, 600)])).toEqual(
      [],
    );
  });

  it('is not named once the pan was washed, or where its washing is scheduled', () => {
    const [soiled, into] = [begun('1p', 'a'), placed('2p', 0, 4000)];
    expect(sharedPans(lineOf([...events, soiled]), [into])).toHaveLength(1);
    const washedAt = (at: number): ServiceEvent => ({ id: 'w', at, kind: 'washed', of: 'a' });
    expect(sharedPans(lineOf([...events, soiled, washedAt(3e6)]), [into])).toEqual([]);
    // The piece left its pan before its plan has it, or it could not have been washed.
    expect(sharedPans(lineOf([...events, soiled, washedAt(120e3)]), [into])).toEqual([]);
    // Washed before the other piece went in: no help.
    expect(sharedPans(lineOf([...events, soiled, washedAt(1500)]), [into])).toHaveLength(1);
    expect(sharedPans(lineOf([...events, soiled]), [{ ...into, washAt: 3700 }])).toEqual([]);
  });

  it('counts the sent tables, and an allergy that is only in the note', () => {
    const noted = [order('1', 'nutty'), order('2', 'plain', { allergy: 'no nuts please' })];
    const sent: ServiceEvent = { id: 's', at: 3000, kind: 'sent', of: '1' };
    const line = lineOf([...noted, begun('1p', 'a'), sent]);
    expect(sharedPans(line, [placed('2p', 0, 600)])).toHaveLength(1);
  });
});

it('names the dishes of an order that carry what its table avoids, or that nobody stated', () => {
  const [plain, nutty] = DISHES;
  if (!plain || !nutty) throw new Error('two dishes');
  const sauce = { name: 'sauce', handsOn: 60, handsOff: 0, needs: 'nothing' as const, keeps: 60 };
  const dishes = [{ ...plain, sides: [sauce] }, nutty];
  const pieces = ['plain', 'nutty'].map((dish) => ({ id: dish, dish, doneness: 'rare' }));
  expect(
    dishConflicts({ pieces, allergens: ['peanuts'] }, dishes).map(({ dish, ...rest }) => [
      dish.id,
      rest,
    ]),
  ).toEqual([
    ['plain', { carries: [], unstated: ['sauce'] }],
    ['nutty', { carries: ['peanuts'], unstated: [] }],
  ]);
  expect(dishConflicts({ pieces }, dishes)).toEqual([]);
});
