import { USUAL, type CookPlan, type PlanRequest, type Way } from '@crustan/core/plan';
import { runToEnd, even, seededRandom, drawn } from '@crustan/core/maths';
import { NOMINAL_KITCHEN, type KitchenDeviation, type PanOnBurner } from '@crustan/core/gear';
import {
  portionOptions,
  serviceGear,
  type PieceOption,
  type PortionOption,
  type ServiceGear,
} from '@crustan/core/pass';
import {
  trueCook,
  type SimulatedService,
  type SimulatedTicket,
  type TrueTimes,
  type TruePiece,
} from '@crustan/core/simulation';
import { LINE } from '@crustan/core/tests';
import { legsUntil, truePull } from './trueCooking';

/** A dish of the bench's menu: its request at each doneness, and ways the kitchen may change to. */
interface BenchDish {
  readonly request: PlanRequest;
  readonly targets: readonly number[];
  readonly others: readonly Way[];
}

const PAN = 235;
const MENU: readonly BenchDish[] = [
  {
    request: {
      ...USUAL,
      cut: 'strip-steak',
      thickness: 0.03,
      weight: 0.28,
      target: 54,
      way: 'sear-oven',
      pan: PAN,
    },
    targets: [50, 54, 58],
    others: ['once'],
  },
  {
    request: {
      ...USUAL,
      cut: 'flat-iron',
      thickness: 0.022,
      weight: 0.2,
      target: 54,
      way: 'once',
      pan: PAN,
    },
    targets: [52, 55],
    others: ['sear-oven'],
  },
  {
    request: {
      ...USUAL,
      cut: 'duck-breast',
      thickness: 0.024,
      weight: 0.22,
      target: 56,
      way: 'sear-oven',
      pan: 215,
    },
    targets: [55, 58],
    others: [],
  },
  {
    request: {
      ...USUAL,
      cut: 'salmon-skin-on',
      thickness: 0.028,
      weight: 0.17,
      target: 47,
      way: 'skin-down',
      pan: 220,
    },
    targets: [46, 49],
    others: ['sear-oven'],
  },
  {
    request: {
      ...USUAL,
      cut: 'pork-chop',
      thickness: 0.028,
      weight: 0.3,
      target: 62,
      way: 'sear-oven',
      pan: PAN,
    },
    targets: [62, 64],
    others: ['once'],
  },
];

/** A portion as scheduled and as cooked. */
export interface Portion {
  readonly options: readonly PortionOption[];
  readonly steps: readonly PieceOption[];
}

const firstPan = ({ pans: [first] }: ServiceGear): PanOnBurner => {
  if (!first) throw new Error('the line has a pan');
  return first.pan;
};

/** The bench's menu, planned once for a line's first pan. */
export const planMenu = (gear: ServiceGear): readonly Portion[] =>
  MENU.flatMap(({ request, targets, others }) =>
    targets.map((target): Portion => {
      const question = { request: { ...request, target }, others, pan: firstPan(gear) };
      const options = runToEnd(portionOptions({ ...question, quick: true }));
      if (options.length === 0) throw new Error(`${request.cut} at ${target} is not feasible`);
      return { options, steps: options.map(({ steps }) => steps) };
    }),
  );

/** True durations of a plan's legs in a kitchen, if the thermometer decides. */
export const trueTimes = (plan: CookPlan, off: KitchenDeviation, gear: ServiceGear): TrueTimes => {
  const cook = trueCook(plan.request, off, { pan: firstPan(gear) });
  const legs = legsUntil(cook, plan, truePull(cook, plan));
  const ends = (seconds: readonly number[]): readonly number[] =>
    seconds.reduce<number[]>((all, each) => [...all, (all.at(-1) ?? 0) + each], [0]);
  return {
    planned: ends(plan.legs.map(({ seconds }) => seconds)),
    real: ends(legs.map(({ seconds }) => seconds)),
  };
};

const SERVICE_PIECES = 40;
/** Time of the last order in a service of 90 minutes: its last table is ready within the service, s. */
const LAST_ORDER = 65 * 60;
const LATE_BY = 20;
/** Lead time of tables ordered ahead, s. */
const PROMISED = [1800, 3600] as const;
/** Share of tables that are promised a time; the others want it as soon as can be. */
const PROMISED_SHARE = 0.5;

/** One service drawn from a seed: tickets of one to four pieces, each piece in its own kitchen. */
export const drawnService = (
  seed: number,
  menu: readonly Portion[],
  gear: ServiceGear,
): Omit<SimulatedService, 'schedule' | 'random'> => {
  const random = seededRandom(seed);
  const shared = {
    ...NOMINAL_KITCHEN,
    oven: even(random, -8, 8),
    ovenHeat: even(random, 0.9, 1.1),
    contact: even(random, 0.85, 1.15),
  };
  const sizes: number[] = [];
  let left = SERVICE_PIECES;
  while (left > 0) {
    const size = Math.min(left, 1 + Math.floor(random() * 4));
    sizes.push(size);
    left -= size;
  }
  const tickets = sizes
    .map((size) => ({ size, orderedAt: even(random, 0, LAST_ORDER) }))
    .toSorted((a, b) => a.orderedAt - b.orderedAt)
    .map(({ size, orderedAt }, t): SimulatedTicket => {
      const promised =
        random() < PROMISED_SHARE ? orderedAt + even(random, ...PROMISED) : undefined;
      const pieces = Array.from({ length: size }, (_, i): TruePiece => {
        const { options, steps } = drawn(random, menu);
        const off: KitchenDeviation = {
          ...shared,
          thickness: even(random, -0.002, 0.002),
          start: even(random, -1.5, 1.5),
        };
        const known = new Map<number, TrueTimes>();
        return {
          id: `${t}-${i}`,
          options: steps,
          truth: (nth) => {
            const option = options.at(nth);
            if (!option) throw new Error('an option of the menu');
            const found = known.get(nth) ?? trueTimes(option.plan, off, gear);
            known.set(nth, found);
            return found;
          },
        };
      });
      return { id: String(t), orderedAt, promised, pieces };
    });
  const heat = { pans: gear.pans.map(() => PAN), ovens: gear.ovens.map(() => 180) };
  return { gear, heat, tickets, lateBy: LATE_BY };
};

/** A restaurant's line: two wide pans, three burners, an oven, two cooks. */
export const benchLine = (): ServiceGear =>
  serviceGear({
    ...LINE,
    pans: [
      { id: 'left', name: 'Left', diameter: 0.32, mass: 4 },
      { id: 'right', name: 'Right', diameter: 0.32, mass: 4 },
    ],
    ovens: [{ id: 'oven', offset: 0, slots: 8 }],
    holding: 12,
  });
