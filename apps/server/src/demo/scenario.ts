import type { LearnedTraits } from '@crustan/core/learn';
import { USUAL, type PlanRequest } from '@crustan/core/plan';

/** A cook of the scenario: who cooked what, how many days ago, for which hour. */
export interface DemoCook {
  readonly title: string;
  readonly daysAgo: number;
  /** On the Sunday then or before. */
  readonly sunday?: true;
  /** Plate time, hours of the day. */
  readonly plate: number;
  readonly request: PlanRequest;
  readonly notes: string;
  /** Name as a piece of the trial. */
  readonly trial?: string;
}

export interface DemoPlan {
  readonly title: string;
  readonly plate: number;
  readonly request: PlanRequest;
}

/** The supper room as it really is: its oven runs cool and slow, its burner weak, its pieces thick. */
export const TRUE_KITCHEN: LearnedTraits = {
  oven: -11,
  ovenHeat: 0.94,
  burner: 0.86,
  contact: 0.92,
  thickness: 0.0012,
};

/** The comparison of the scenario; its pieces are cooks of the scenario. */
export const DEMO_TRIAL = { title: 'Strip steak: turned once or often', kind: 'turns' } as const;

const beef = { ...USUAL, way: 'often' } as const;

/**
 * The Fennick Street supper room: fourteen seats, one burner, Tilde at the pan from Thursday to
 * Saturday; and Brannock, who cooks at home on Sundays and turns once.
 */
export const DEMO_COOKS: readonly DemoCook[] = [
  {
    title: 'Seat three, strip steak',
    daysAgo: 26,
    plate: 19.5,
    request: { ...beef, cut: 'strip-steak', thickness: 0.026, weight: 0.3, pan: 225, target: 54 },
    notes: 'New pan. Crust even, rim a little paler. Ate well.',
  },
  {
    title: 'Sunday ribeye',
    daysAgo: 23,
    sunday: true,
    plate: 18.75,
    request: {
      ...beef,
      cut: 'ribeye',
      thickness: 0.028,
      weight: 0.36,
      pan: 220,
      target: 56,
      way: 'once',
    },
    notes: 'Turned once, as always. Wide grey band but a fine crust.',
  },
  {
    title: 'Staff supper, pork loin',
    daysAgo: 19,
    plate: 17,
    request: { ...beef, cut: 'pork-loin', thickness: 0.022, weight: 0.19, pan: 210, target: 63 },
    notes: 'To the table figure for the staff. Still juicy.',
  },
  {
    title: 'Seat nine, salmon',
    daysAgo: 18,
    plate: 20.25,
    request: {
      ...beef,
      cut: 'salmon-fillet',
      thickness: 0.024,
      weight: 0.16,
      pan: 205,
      target: 50,
      way: 'once',
    },
    notes: 'Flakes just parting. Dry it longer next time.',
  },
  {
    title: 'Two flat-irons, seat one',
    daysAgo: 12,
    plate: 19.75,
    request: { ...beef, cut: 'flat-iron', thickness: 0.021, weight: 0.25, pan: 235, target: 55 },
    notes: 'Second one went in straight after; pan had not come back. Smoky.',
  },
  {
    title: 'Sunday strip, still wet',
    daysAgo: 9,
    sunday: true,
    plate: 19,
    request: {
      ...beef,
      cut: 'strip-steak',
      thickness: 0.024,
      weight: 0.28,
      pan: 215,
      target: 54,
      way: 'once',
      surface: 'wet',
    },
    notes: 'Forgot to pat it. Spat for the first few seconds, then caught up.',
  },
  {
    title: 'Seat six, skinned duck',
    daysAgo: 5,
    plate: 20,
    request: {
      ...beef,
      cut: 'duck-breast-skinned',
      thickness: 0.021,
      weight: 0.18,
      pan: 215,
      target: 58,
    },
    notes: 'Guest asked for pink and knew what the table says.',
  },
  {
    title: 'Fillet for the late table',
    daysAgo: 4,
    plate: 21.25,
    request: { ...beef, cut: 'fillet-steak', thickness: 0.032, weight: 0.17, pan: 215, target: 53 },
    notes: 'Pulled on the thermometer, not the clock. Even edge to edge.',
  },
  {
    title: 'Sunday white fish',
    daysAgo: 2,
    sunday: true,
    plate: 18.5,
    request: {
      ...beef,
      cut: 'white-fish-fillet',
      thickness: 0.026,
      weight: 0.18,
      pan: 205,
      target: 54,
      way: 'once',
    },
    notes: 'Turned it with the wide spatula; held together.',
  },
  {
    title: 'Sunday rib on the bone',
    daysAgo: 16,
    sunday: true,
    plate: 19,
    request: {
      ...beef,
      cut: 'rib-bone-in',
      thickness: 0.04,
      weight: 0.75,
      pan: 230,
      target: 56,
      way: 'oven-sear',
      surface: 'aired',
      saltAhead: 86_400,
    },
    notes: 'Salted the day before. Even all through; next time a harder sear.',
  },
  {
    title: 'Seat two, duck breast',
    daysAgo: 11,
    plate: 20.5,
    request: {
      ...beef,
      cut: 'duck-breast',
      thickness: 0.024,
      weight: 0.25,
      pan: 175,
      target: 58,
      way: 'cold-pan',
    },
    notes: 'Two spoons of fat poured off. Skin like glass.',
  },
  {
    title: 'Long-bone rib for four',
    daysAgo: 3,
    plate: 19.75,
    request: {
      ...beef,
      cut: 'long-bone-rib',
      thickness: 0.055,
      weight: 1.1,
      pan: 235,
      target: 55,
      way: 'sear-oven-sear',
      edges: 'both',
    },
    notes: 'The oven runs cool, so it was late. Nobody minded.',
  },
  {
    title: 'Trial strip, once',
    daysAgo: 7,
    plate: 17.5,
    trial: 'turned once',
    request: {
      ...beef,
      cut: 'strip-steak',
      thickness: 0.027,
      weight: 0.31,
      pan: 220,
      target: 54,
      way: 'once',
    },
    notes: 'One side better than the other.',
  },
  {
    title: 'Trial strip, often',
    daysAgo: 7,
    plate: 17.5,
    trial: 'turned every 30 s',
    request: { ...beef, cut: 'strip-steak', thickness: 0.027, weight: 0.31, pan: 220, target: 54 },
    notes: 'Same packet, neighbouring pieces. Less grey, quicker.',
  },
  {
    title: 'Staff supper, pork chops',
    daysAgo: 6,
    plate: 17,
    request: {
      ...beef,
      cut: 'pork-chop',
      thickness: 0.034,
      weight: 0.4,
      pan: 215,
      target: 62,
      way: 'oven-sear',
    },
    notes: 'Low oven, so it waited for everyone without harm.',
  },
];

export const DEMO_PLANS: readonly DemoPlan[] = [
  {
    title: 'Seat four, ribeye',
    plate: 19.5,
    request: { ...beef, cut: 'ribeye', thickness: 0.03, weight: 0.38, pan: 215, target: 56 },
  },
  {
    title: 'Home, strip turned once',
    plate: 18.75,
    request: {
      ...beef,
      cut: 'strip-steak',
      thickness: 0.025,
      weight: 0.3,
      pan: 215,
      target: 54,
      way: 'once',
    },
  },
  {
    title: 'Seat eight, salmon on its skin',
    plate: 20,
    request: {
      ...beef,
      cut: 'salmon-skin-on',
      thickness: 0.028,
      weight: 0.18,
      pan: 190,
      target: 50,
      way: 'skin-down',
    },
  },
];
