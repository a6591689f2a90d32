import { CRUST_FROM } from '@crustan/core/doneness';
import type { BurnerControl, Piece, Side, Stage } from '@crustan/core/heat';

/** Reported appearance of a face after a treatment, as a range of browning index. */
export interface CalibrationPoint {
  readonly name: string;
  readonly piece: Piece;
  readonly stages: readonly Stage[];
  /** The face that is judged: 0 went down first. */
  readonly side: Side;
  /** Burner habit; default: turned up as the food goes in. */
  readonly knob?: BurnerControl;
  readonly least: number;
  readonly most: number;
  /** Held aside while the law is fitted. */
  readonly aside?: true;
}

const STEAK: Piece = { tissue: 'lean-beef', thickness: 0.03, start: 5 };
/** Water that patting leaves, and a wet face's, kg/m2. */
const DAMP = 0.05;
const WET = 0.2;

const sear = (pan: number, seconds: number, thenFlip = true): Stage => ({
  kind: 'sear',
  pan,
  seconds,
  thenFlip,
});
const pressed = (pan: number, seconds: number): Stage => ({
  ...{ kind: 'sear', pan, seconds, thenFlip: true, press: 'pressed' },
});
const turned = (pan: number, minutes: number): Stage => ({
  kind: 'turns',
  pan,
  every: 30,
  count: 2 * minutes,
});
const LOW_OVEN: Stage = { kind: 'oven', air: 110, h: 12, seconds: 3300 };

/** Crusts by the words of `doneness/crustColour`. */
const { golden, 'deep-brown': deepBrown, dark, burnt } = CRUST_FROM.kitchen;
const PALE = { least: 0, most: golden };
const GOLDEN = { least: golden, most: deepBrown };
const DEEP = { least: deepBrown, most: dark };
const GOLDEN_TO_DEEP = { least: golden, most: dark };
const DEEP_TO_DARK = { least: deepBrown, most: burnt };
const DARK_NOT_BURNT = { least: dark, most: burnt };
const BURNT_IS_NEAR = { least: 2.2, most: 2.9 };

/** Anchors from practice; about one in three is held aside. */
export const ANCHORS: readonly CalibrationPoint[] = [
  {
    name: 'damp face, 2 min at 230 C',
    piece: { ...STEAK, film: DAMP },
    stages: [sear(230, 120)],
    side: 0,
    ...GOLDEN,
  },
  {
    name: 'damp face, 3 min at 230 C',
    piece: { ...STEAK, film: DAMP },
    stages: [sear(230, 180)],
    side: 0,
    ...DEEP,
    aside: true,
  },
  {
    name: 'out of the low oven, before the pan',
    piece: { ...STEAK, thickness: 0.04 },
    stages: [LOW_OVEN],
    side: 0,
    least: 0,
    most: 0.4,
  },
  {
    name: 'low oven first, then 50 s at 245 C',
    piece: { ...STEAK, thickness: 0.04 },
    stages: [LOW_OVEN, sear(245, 50)],
    side: 0,
    ...GOLDEN_TO_DEEP,
  },
  {
    name: 'turned every 30 s, 6 min at 215 C',
    piece: { ...STEAK, thickness: 0.025 },
    stages: [turned(215, 6)],
    side: 0,
    ...GOLDEN_TO_DEEP,
  },
  {
    name: 'turned every 30 s, 8 min at 230 C',
    piece: STEAK,
    stages: [turned(230, 8)],
    side: 0,
    ...GOLDEN_TO_DEEP,
    aside: true,
  },
  {
    name: '4 + 4 min at 230 C, first face',
    piece: STEAK,
    stages: [sear(230, 240), sear(230, 240)],
    side: 0,
    ...DEEP_TO_DARK,
  },
  {
    name: 'wet face, 1 min at 180 C',
    piece: { ...STEAK, film: WET },
    stages: [sear(180, 60)],
    side: 0,
    ...PALE,
  },
  {
    name: 'poached, half an hour at 100 C',
    piece: { ...STEAK, film: WET },
    stages: [{ kind: 'oven', air: 100, h: 60, vapour: 90_000, seconds: 1800 }],
    side: 0,
    ...PALE,
    aside: true,
  },
  {
    name: 'duck skin from cold, 13.5 min',
    piece: {
      tissue: 'duck',
      thickness: 0.022,
      start: 5,
      layers: [{ tissue: 'duck-skin', thickness: 0.005 }],
    },
    stages: [sear(120, 180, false), sear(160, 630)],
    side: 0,
    ...GOLDEN_TO_DEEP,
  },
  {
    name: 'scallop, 105 s at 230 C',
    piece: {
      tissue: 'scallop',
      thickness: 0.03,
      start: 5,
      shape: { kind: 'round', radius: 0.02 },
    },
    stages: [sear(230, 105)],
    side: 0,
    ...GOLDEN,
    aside: true,
  },
  {
    name: '7 + 7 min at 215 C, first face',
    piece: STEAK,
    stages: [sear(215, 420), sear(215, 420)],
    side: 0,
    least: 1.6,
    most: 2.4,
  },
  {
    name: '40 mm turned every 30 s, 19 min at 215 C',
    piece: { ...STEAK, thickness: 0.04 },
    stages: [turned(215, 19)],
    side: 0,
    least: 1.5,
    most: 2.3,
  },
  {
    name: '280 C, 4 min a side',
    piece: STEAK,
    stages: [sear(280, 240), sear(280, 240)],
    side: 0,
    ...BURNT_IS_NEAR,
  },
  {
    name: 'empty pan at 290 C, 27 mm, 3 + 3 min, first face',
    piece: { ...STEAK, thickness: 0.027, film: DAMP },
    stages: [sear(290, 180), sear(290, 180)],
    side: 0,
    ...DARK_NOT_BURNT,
  },
  {
    name: 'empty pan at 265 C, 25 mm, 3 + 3 min, first face',
    piece: { ...STEAK, thickness: 0.025, film: DAMP },
    stages: [sear(265, 180), sear(265, 180)],
    side: 0,
    ...DARK_NOT_BURNT,
    aside: true,
  },
  {
    name: 'smoking pan of 230 C, its knob left alone, pressed, 2.5 + 2.5 min, 3 min basted',
    piece: { ...STEAK, film: DAMP },
    stages: [pressed(230, 150), pressed(230, 150), sear(175, 180)],
    side: 0,
    knob: 'left',
    ...GOLDEN_TO_DEEP,
  },
  {
    name: '3 + 1 min at 230 C, 10 min in the pan in an oven of 220 C',
    piece: { ...STEAK, thickness: 0.035, film: DAMP },
    stages: [
      sear(230, 180),
      sear(230, 60, false),
      { kind: 'oven', air: 220, h: 12, pan: 200, seconds: 600 },
    ],
    side: 0,
    ...DEEP_TO_DARK,
    aside: true,
  },
  {
    name: '4 + 3 min at 230 C, first face',
    piece: { ...STEAK, film: DAMP },
    stages: [sear(230, 240), sear(230, 180)],
    side: 0,
    ...DEEP_TO_DARK,
  },
  {
    name: 'low oven first, then 50 s at 260 C',
    piece: { ...STEAK, thickness: 0.04 },
    stages: [LOW_OVEN, sear(260, 50)],
    side: 0,
    ...DEEP,
  },
];
