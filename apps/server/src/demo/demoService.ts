import type { AllergenId } from '@crustan/core/food';
import { keptPlan, type KeptDish, type ServiceRecord } from '@crustan/core/formats';
import { DEFAULT_PAN } from '@crustan/core/gear';
import { even, runToEnd, seededRandom } from '@crustan/core/maths';
import { dateOf, drawCount, weekdayOf, type DemandDay } from '@crustan/core/par';
import {
  portionOptions,
  type Order,
  type PieceOption,
  type ServiceEvent,
} from '@crustan/core/pass';
import { DEMO_DISHES, type DemoDish } from './serviceScenario';

/** The menu, the services and the past days of the demo: values, computed before the first write. */
export interface DemoService {
  readonly dishes: readonly KeptDish[];
  readonly services: readonly {
    readonly service: ServiceRecord;
    readonly events: readonly ServiceEvent[];
  }[];
  readonly demand: readonly DemandDay[];
}

const MINUTE = 60_000;
const DAY = 86_400_000;
/** Number of past days with demand. */
const KNOWN_DAYS = 84;

const keptSteps = ({ alone, full, fullArea }: PieceOption) => ({
  alone: { ...alone, stays: [...alone.stays], touches: [...alone.touches] },
  full: { ...full, stays: [...full.stays], touches: [...full.touches] },
  fullArea,
});

const dishOf = (
  { name, request, donenesses, others, sides, cost, price, shelfDays }: DemoDish,
  createdAt: number,
  idOf: (name: string) => string,
): KeptDish => ({
  id: idOf(`dish ${name}`),
  createdAt,
  name,
  portions: donenesses.map(({ name: doneness, target }) => ({
    doneness,
    target,
    options: runToEnd(
      portionOptions({ request: { ...request, target }, others, pan: DEFAULT_PAN, quick: true }),
    ).map(({ plan, steps }) => ({ plan: keptPlan(plan), steps: keptSteps(steps) })),
  })),
  sides: sides.map((side) => ({ ...side })),
  cost,
  price,
  shelfDays,
});

/** A table of the demo: what it orders, when, and how late it was sent, in minutes of the service. */
interface DemoTable {
  readonly table: string;
  readonly at: number;
  readonly wanted?: number;
  /** Dishes by their place on the menu, and which doneness. */
  readonly pieces: readonly (readonly [dish: number, doneness: number])[];
  readonly sent?: number;
  readonly held?: true;
  readonly allergens?: AllergenId[];
}

const TONIGHT: readonly DemoTable[] = [
  {
    table: '4',
    at: 8,
    wanted: 50,
    pieces: [
      [0, 0],
      [0, 1],
    ],
  },
  { table: '2', at: 17.5, wanted: 55, pieces: [[1, 0]] },
  {
    table: '6',
    at: 15,
    wanted: 62,
    pieces: [
      [0, 1],
      [1, 0],
      [0, 0],
    ],
    allergens: ['fish'],
  },
  {
    table: '1',
    at: 17,
    pieces: [
      [2, 0],
      [0, 0],
    ],
    held: true,
  },
];

const LAST_WEEK: readonly DemoTable[] = [
  {
    table: '3',
    at: 5,
    wanted: 45,
    pieces: [
      [0, 0],
      [0, 1],
    ],
    sent: 45.5,
  },
  {
    table: '5',
    at: 9,
    wanted: 50,
    pieces: [
      [1, 0],
      [0, 1],
    ],
    sent: 50.4,
  },
  { table: '1', at: 20, wanted: 62, pieces: [[2, 0]], sent: 61.2 },
  {
    table: '4',
    at: 26,
    wanted: 66,
    pieces: [
      [0, 0],
      [1, 1],
      [0, 1],
    ],
    sent: 69.5,
  },
  {
    table: '2',
    at: 40,
    wanted: 80,
    pieces: [
      [0, 1],
      [2, 0],
    ],
    sent: 80.9,
  },
];

const eventsOf = (
  tables: readonly DemoTable[],
  service: ServiceRecord,
  dishes: readonly KeptDish[],
  idOf: (name: string) => string,
): readonly ServiceEvent[] =>
  tables.flatMap(
    ({ table, at, wanted, pieces, sent, held, allergens }): readonly ServiceEvent[] => {
      const key = `${service.name} ${table}`;
      const moment = (minutes: number): number => Math.round(service.opensAt + minutes * MINUTE);
      const order: Order = {
        id: idOf(`order ${key}`),
        table,
        pieces: pieces.flatMap(([dish, doneness], i) => {
          const found = dishes[dish];
          const portion = found?.portions[doneness] ?? found?.portions[0];
          return found && portion
            ? [{ id: idOf(`piece ${key} ${i}`), dish: found.id, doneness: portion.doneness }]
            : [];
        }),
        ...(wanted === undefined ? {} : { wanted: moment(wanted) }),
        ...(held ? { held } : {}),
        ...(allergens === undefined ? {} : { allergens }),
      };
      const ordered: ServiceEvent = {
        id: idOf(`ordered ${key}`),
        kind: 'ordered',
        at: moment(at),
        order,
      };
      return sent === undefined
        ? [ordered]
        : [ordered, { id: idOf(`sent ${key}`), kind: 'sent', at: moment(sent), of: order.id }];
    },
  );

/** Numbers prepared, counted when the service opened. */
const counted = (
  service: ServiceRecord,
  dishes: readonly KeptDish[],
  idOf: (name: string) => string,
): readonly ServiceEvent[] =>
  dishes.map(({ id, name }, i) => ({
    id: idOf(`counted ${service.name} ${name}`),
    kind: 'stock',
    at: service.opensAt,
    dish: id,
    count: DEMO_DISHES[i]?.prepared ?? 0,
  }));

/** Duration of a service, ms. */
const LASTS = 5 * 3600_000;

/** The demo's menu, the service of a week ago, tonight's with its first tables, and twelve weeks of demand. */
export const demoService = (now: number, idOf: (name: string) => string): DemoService => {
  const dishes = DEMO_DISHES.map((dish, i) => dishOf(dish, now - 30 * DAY + i, idOf));
  const serviceAt = (name: string, opensAt: number): ServiceRecord => ({
    id: idOf(`service ${name}`),
    name,
    opensAt,
    closesAt: opensAt + LASTS,
    dishes: dishes.map(({ id }) => id),
  });
  const past = serviceAt('last week', now - 7 * DAY);
  const tonight = serviceAt('tonight', now - 18 * MINUTE);
  const random = seededRandom(11);
  const today = Math.floor(now / DAY);
  const demand = Array.from({ length: KNOWN_DAYS }, (_, i) => today - KNOWN_DAYS + i).flatMap(
    (day) =>
      DEMO_DISHES.map(({ name, sold, weekend }) => {
        const busy = weekdayOf(day) === 5 || weekdayOf(day) === 6;
        const mean = sold * (busy ? weekend : 1) * even(random, 0.95, 1.05);
        return {
          date: dateOf(day),
          dish: name,
          count: drawCount(random, { mean, dispersion: 0.06 }),
        };
      }),
  );
  return {
    dishes,
    services: [
      { service: past, events: eventsOf(LAST_WEEK, past, dishes, idOf) },
      {
        service: tonight,
        events: [...counted(tonight, dishes, idOf), ...eventsOf(TONIGHT, tonight, dishes, idOf)],
      },
    ],
    demand,
  };
};
