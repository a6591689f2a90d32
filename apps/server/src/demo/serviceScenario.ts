import type { Side } from '@crustan/core/schedule';
import { USUAL, type PlanRequest, type Way } from '@crustan/core/plan';

/** A dish of the supper room's menu. */
export interface DemoDish {
  readonly name: string;
  readonly request: PlanRequest;
  readonly donenesses: readonly { readonly name: string; readonly target: number }[];
  readonly others: readonly Way[];
  readonly sides: readonly Side[];
  /** Prepared for tonight. */
  readonly prepared: number;
  readonly cost: number;
  readonly price: number;
  readonly shelfDays: number;
  /** Number sold on a quiet day, and the factor at the weekend. */
  readonly sold: number;
  readonly weekend: number;
}

/** Menu of the Fennick Street supper room. */
export const DEMO_DISHES: readonly DemoDish[] = [
  {
    name: 'Strip, 30 mm',
    request: {
      ...USUAL,
      cut: 'strip-steak',
      thickness: 0.03,
      weight: 0.28,
      target: 55,
      way: 'sear-oven',
    },
    donenesses: [
      { name: 'rare', target: 50 },
      { name: 'medium-rare', target: 55 },
    ],
    others: ['once'],
    sides: [
      {
        ...{ name: 'Buttered greens', handsOn: 60, handsOff: 180, needs: 'burner', keeps: 240 },
        allergens: ['milk'],
      },
    ],
    prepared: 11,
    cost: 9,
    price: 27,
    shelfDays: 3,
    sold: 5,
    weekend: 1.8,
  },
  {
    name: 'Duck breast',
    request: {
      ...USUAL,
      cut: 'duck-breast',
      thickness: 0.024,
      weight: 0.22,
      target: 57,
      way: 'sear-oven',
    },
    donenesses: [{ name: 'rosy', target: 57 }],
    others: [],
    sides: [
      {
        ...{ name: 'Red wine sauce', handsOn: 45, handsOff: 0, needs: 'nothing', keeps: 300 },
        allergens: ['sulphites', 'celery'],
      },
    ],
    prepared: 5,
    cost: 7,
    price: 24,
    shelfDays: 2,
    sold: 3,
    weekend: 1.6,
  },
  {
    name: 'Salmon on its skin',
    request: {
      ...USUAL,
      cut: 'salmon-skin-on',
      thickness: 0.028,
      weight: 0.17,
      target: 48,
      way: 'skin-down',
    },
    donenesses: [{ name: 'just set', target: 48 }],
    others: [],
    sides: [],
    prepared: 6,
    cost: 6,
    price: 22,
    shelfDays: 1,
    sold: 4,
    weekend: 1.3,
  },
];
