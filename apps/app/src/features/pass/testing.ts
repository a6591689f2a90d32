import { cookState } from '@crustan/core/cook/cookState';
import { DEFAULT_KITCHEN } from '@crustan/core/formats/kitchen';
import { keptPlan } from '@crustan/core/formats/keptPlan';
import type { KeptDish, PublishedSchedule } from '@crustan/core/formats/serviceSchema';
import { pieceSteps } from '@crustan/core/pass';
import { serviceGear } from '@crustan/core/pass/serviceGear';
import type { Order, ServiceEvent } from '@crustan/core/pass/serviceEvent';
import { serviceState } from '@crustan/core/pass/serviceTickets';
import { planOf, recordOf, REQUEST, uuid } from '../../testing';
import type { PassNow, PieceOn } from './usePass';
import type { Presses } from './usePressed';

/** The service of the tests was opened an hour ago. */
export const OPENS = Date.now() - 3_600_000;

const optionOf = (way: 'once' | 'sear-oven') => {
  const plan = planOf({ ...REQUEST, way });
  const { stays, touches, ...steps } = pieceSteps(plan, { recoverySeconds: 0 });
  const kept = { ...steps, stays: [...stays], touches: [...touches] };
  return { plan: keptPlan(plan), steps: { alone: kept, full: kept, fullArea: 0.03 } };
};
const [ONCE, OVEN] = [optionOf('once'), optionOf('sear-oven')];

/** A dish of one doneness, cooked in the pan or, second, through the oven. */
export const dishOf = (n: number, name: string, more: Partial<KeptDish> = {}): KeptDish => ({
  id: uuid(n),
  createdAt: OPENS,
  name,
  portions: [{ doneness: 'rare', target: 50, options: [ONCE, OVEN] }],
  sides: [],
  shelfDays: 2,
  ...more,
});
export const STRIP = dishOf(1, 'Strip');

/** Order of a table, a number of seconds after the opening; its pieces are numbered from its own number on. */
export const ordered = (
  n: number,
  table: string,
  pieces = 1,
  more: Partial<Order> = {},
  seconds = 1,
): ServiceEvent => ({
  id: uuid(n + 5000),
  at: OPENS + seconds * 1000,
  kind: 'ordered',
  order: {
    id: uuid(n),
    table,
    pieces: Array.from({ length: pieces }, (_, i) => ({
      id: uuid(n + 1 + i),
      dish: STRIP.id,
      doneness: 'rare',
    })),
    ...more,
  },
});

/** A schedule in which nothing is late, changed as a test wants it. */
export const toldOf = (
  events: readonly ServiceEvent[],
  more: Partial<PublishedSchedule> = {},
): PublishedSchedule => {
  const { tickets } = serviceState(events);
  return {
    book: uuid(900),
    seq: events.length,
    menu: 1,
    at: OPENS,
    pieces: tickets.flatMap(({ id, pieces }) =>
      pieces.map((piece) => ({
        id: piece.id,
        ticket: id,
        option: 0,
        full: false,
        pan: 0,
        oven: 0,
        start: 3700,
        readyAt: 4600,
        waits: 5,
        overRested: 0,
      })),
    ),
    tickets: tickets.map(({ id }) => ({ id, landsAt: 4700, apart: 0, late: 0 })),
    sides: [],
    unplaced: [],
    moved: [],
    late: 0,
    ...more,
  };
};

/** A service as its screens are given it, an hour after the opening. */
export const passOf = (
  events: readonly ServiceEvent[],
  schedule: PublishedSchedule = toldOf(events),
  on: ReadonlyMap<string, PieceOn> = new Map(),
): PassNow => {
  const gear = serviceGear(DEFAULT_KITCHEN);
  const state = serviceState(events);
  const actions = new Map([...on].map(([id, piece]) => [id, piece.state.progress.actions]));
  const now = OPENS + 3600 * 1000;
  return {
    lacks: undefined,
    state,
    dishes: [STRIP],
    gear,
    line: { gear, dishes: [STRIP], state, epoch: OPENS, now, on: actions },
    heat: { pans: [22], ovens: [22] },
    on,
    schedule,
    momentOf: (seconds) => OPENS + seconds * 1000,
  };
};

/** Presses that are only written down. */
export const heardPresses = (): Presses & {
  readonly said: unknown[];
  readonly doing: unknown[];
} => {
  const [said, doing]: [unknown[], unknown[]] = [[], []];
  return {
    said,
    doing,
    say: (event) => void said.push(event),
    done: (thing) => void doing.push(thing),
    last: undefined,
    takeBack: () => void said.push('taken back'),
  };
};

/** Two tables: one of two pieces with an allergy, one that is held. */
export const ORDERS = [
  ordered(100, '7', 2, { allergy: 'nuts', note: 'by the window' }),
  ordered(200, '8', 1, { held: true }),
];

/** A piece that went in ten minutes ago. */
export const pieceOn = (id: string): PieceOn => {
  const plan = { ...recordOf(planOf({ ...REQUEST, way: 'once' })), plateAt: OPENS + 4_500_000 };
  const startedAt = OPENS + 3_000_000;
  const events = [
    { id: uuid(901), kind: 'started' as const, at: startedAt },
    { id: uuid(902), kind: 'in' as const, at: startedAt },
  ];
  return {
    cook: {
      id,
      startedAt,
      plan,
      together: { id: uuid(100), waits: 0 },
      events,
      known: [],
      startKnown: true,
      refused: {},
    },
    state: cookState(plan.plan, startedAt, events),
    forecast: undefined,
  };
};
/** A piece that is begun. */
export const begun = (piece: string, pan = 'pan'): ServiceEvent => ({
  id: uuid(903),
  at: OPENS + 3_000_000,
  kind: 'begun',
  piece,
  option: 0,
  full: false,
  pan,
});
