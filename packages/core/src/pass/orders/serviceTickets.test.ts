import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { shuffled, seededRandom } from '../../maths/random';
import type { Order, ServiceEvent } from './serviceEvent';
import { serviceState } from './serviceTickets';

const order = (id: string, more: Partial<Order> = {}): Order => ({
  id,
  table: id,
  pieces: [
    { id: `${id}-a`, dish: 'strip', doneness: 'rare' },
    { id: `${id}-b`, dish: 'duck', doneness: 'rosy' },
  ],
  ...more,
});
let serial = 0;
const at = (seconds: number) => ({ id: `e${(serial += 1)}`, at: seconds * 1000 });

describe('the tickets of a service', () => {
  it('are held, fired, sent and cancelled as they are said to be, and each of it is taken back', () => {
    const fired = { ...at(20), kind: 'fired', of: '7' } as const;
    const events: ServiceEvent[] = [
      { ...at(1), kind: 'ordered', order: order('7', { held: true }) },
      { ...at(2), kind: 'ordered', order: order('8') },
      fired,
      { ...at(30), kind: 'sent', of: '7' },
      { ...at(31), kind: 'cancelled', of: '8' },
    ];
    const states = (all: readonly ServiceEvent[]): readonly string[] =>
      serviceState(all).tickets.map(({ state }) => state);
    expect(states(events.slice(0, 2))).toEqual(['held', 'open']);
    expect(states(events)).toEqual(['sent', 'cancelled']);
    expect(serviceState(events).tickets[0]).toMatchObject({ firedAt: 20_000, sentAt: 30_000 });
    expect(states([...events.slice(0, 3), { ...at(25), kind: 'undo', of: fired.id }])).toEqual([
      'held',
      'open',
    ]);
  });

  it('are the same where the clock of the phone at the stove is minutes behind or ahead', () => {
    const again = { id: '7-c', dish: 'strip', doneness: 'rare' };
    const events = (stove: number): readonly ServiceEvent[] => {
      const begun = { ...at(15 + stove), kind: 'begun', option: 0, full: false } as const;
      const wrong = { ...at(12 + stove), kind: 'sent', of: '7' } as const;
      return [
        { ...at(10), kind: 'ordered', order: order('7', { held: true }) },
        { ...at(11 + stove), kind: 'fired', of: '7' },
        wrong,
        { ...at(13), kind: 'undo', of: wrong.id },
        { ...begun, piece: '7-a' },
        { ...at(20), kind: 'refired', of: '7', instead: '7-a', piece: again },
        { ...begun, ...at(25 + stove), piece: '7-c' },
      ];
    };
    const summary = (stove: number) =>
      serviceState(events(stove)).tickets.map(({ state, pieces, dropped }) => ({
        state,
        begun: pieces.map(({ id, begun }) => [id, begun !== undefined]),
        dropped: dropped.map(({ id, begun }) => [id, begun !== undefined]),
      }));
    const expected = [
      {
        state: 'open',
        begun: [
          ['7-c', true],
          ['7-b', false],
        ],
        dropped: [['7-a', true]],
      },
    ];
    for (const stove of [0, -120, 3, -14]) expect(summary(stove)).toEqual(expected);
  });

  it('keep what is known of a piece when the order changes, and drop what was cooked again', () => {
    const begun = { ...at(10), kind: 'begun', piece: '7-a', option: 0, full: false } as const;
    const again = { id: '7-c', dish: 'strip', doneness: 'rare' };
    const { tickets } = serviceState([
      { ...at(1), kind: 'ordered', order: order('7') },
      begun,
      { ...at(11), kind: 'begun', piece: '7-a', option: 1, full: true },
      {
        ...at(12),
        kind: 'changed',
        order: order('7', {
          pieces: [
            { id: '7-a', dish: 'strip', doneness: 'rare', note: 'no salt' },
            { id: '7-d', dish: 'duck', doneness: 'rosy' },
          ],
        }),
      },
      { ...at(13), kind: 'way', piece: '7-d', option: 2 },
      { ...at(40), kind: 'refired', of: '7', instead: '7-a', piece: again },
    ]);
    const [ticket] = tickets;
    expect(ticket.pieces.map(({ id, option }) => [id, option])).toEqual([
      ['7-c', undefined],
      ['7-d', 2],
    ]);
    // Two pages reported its start: the first report counts.
    expect(ticket.dropped).toMatchObject([{ id: '7-a', note: 'no salt', begun }]);
  });

  it('are the same in whatever order and however often their events arrive', () => {
    const events: ServiceEvent[] = [
      { ...at(1), kind: 'ordered', order: order('7') },
      { ...at(2), kind: 'ordered', order: order('8', { held: true }) },
      { ...at(3), kind: 'set', gear: 'pan', of: 'wide', celsius: 230 },
      { ...at(4), kind: 'fired', of: '8' },
      { ...at(5), kind: 'moved', of: '7', wanted: 99_000 },
      { ...at(6), kind: 'begun', piece: '8-a', option: 0, full: false, pan: 'wide' },
      { ...at(7), kind: 'sent', of: '7' },
      { ...at(8), kind: 'undo', of: `e${serial}` },
    ];
    const straight = serviceState(events);
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), (seed) => {
        const random = seededRandom(seed);
        const twice = shuffled(random, [...events, ...events.filter(() => random() < 0.5)]);
        expect(serviceState(twice)).toEqual(straight);
      }),
    );
  });

  it('what is left of a dish goes down with every piece that is ordered or cooked again', () => {
    const count = { ...at(1), kind: 'stock', dish: 'strip', count: 5 } as const;
    const events: ServiceEvent[] = [
      { ...at(0), kind: 'ordered', order: order('6') },
      count,
      { ...at(2), kind: 'ordered', order: order('7') },
      { ...at(3), kind: 'ordered', order: order('8') },
      { ...at(4), kind: 'begun', piece: '7-a', option: 0, full: false },
      {
        ...at(5),
        kind: 'refired',
        of: '7',
        instead: '7-a',
        piece: { id: '7-c', dish: 'strip', doneness: 'rare' },
      },
      { ...at(6), kind: 'changed', order: order('8', { pieces: [order('8').pieces[1]] }) },
      { ...at(7), kind: 'cancelled', of: '7' },
    ];
    const left = events.map((_, i) => serviceState(events.slice(0, i + 1)).stock.get('strip'));
    // Of a cancelled table what had not begun can be sold again: here the piece that was cooked again.
    expect(left).toEqual([undefined, 5, 4, 3, 3, 2, 3, 4]);
    expect(serviceState(events).stock.has('duck')).toBe(false);
    const undone: ServiceEvent = { ...at(8), kind: 'undo', of: count.id };
    expect(serviceState([...events, undone]).stock.size).toBe(0);
  });
});
