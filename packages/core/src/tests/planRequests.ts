import * as fc from 'fast-check';
import { DONENESS_SCALES } from '../doneness';
import { CUT_IDS, CUTS, type CutId } from '../food';
import { DEFAULT_PAN, FAT_IDS, type PanOnBurner } from '../gear';
import { PRESS_NAMES, REST_COVERS } from '../heat';
import {
  EDGE_SEARS,
  OVEN_PLACES,
  SURFACES,
  USUAL,
  waysFor,
  type Hold,
  type PlanRequest,
} from '../plan';

/** A request and the pan it is planned on. */
export interface PlanCase {
  readonly request: PlanRequest;
  readonly pan: PanOnBurner;
}

/** Pans a kitchen may have: common, small on a weak burner, large on a strong one. */
const PANS: readonly PanOnBurner[] = [
  DEFAULT_PAN,
  { diameter: 0.2, mass: 1.4, burner: 'electric', power: 1500 },
  { diameter: 0.3, mass: 3.4, burner: 'induction', power: 3200 },
];

const double = (min: number, max: number): fc.Arbitrary<number> =>
  fc.double({ min, max, noNaN: true });

/** Holds of a piece between a low oven and browning. */
const HOLDS: readonly Hold[] = [
  { in: 'tent', seconds: 1800 },
  { in: 'warm-oven', seconds: 3600 },
];

/** Range of thickness relative to the piece as sold, and of weight for its thickness. */
const THICKER = [0.65, 1.5] as const;
const HEAVIER = [0.85, 1.25] as const;

const ofCut = (cut: CutId): fc.Arbitrary<PlanCase> => {
  const usual = CUTS[cut];
  const wanted = DONENESS_SCALES[usual.species].map(({ target }) => target);
  return fc
    .record({
      thicker: double(...THICKER),
      heavier: double(...HEAVIER),
      way: fc.constantFrom(...waysFor(usual)),
      target: double(Math.min(...wanted), Math.max(...wanted)),
      start: double(1, 12),
      temper: fc.constantFrom(0, 0, 1500, 3600),
      surface: fc.constantFrom(...SURFACES),
      saltAhead: fc.constantFrom(0, 900, 2700, 43_200, 172_800),
      pan: double(165, 260),
      cooler: fc.constantFrom(0, 0, 30),
      fat: fc.constantFrom(...FAT_IDS),
      press: fc.constantFrom(...PRESS_NAMES),
      edges: fc.constantFrom(...EDGE_SEARS),
      baste: fc.constantFrom(0, 0, 60, 90),
      every: fc.constantFrom(20, 30, 45, 60),
      crust: double(1, 2.4),
      lowOven: double(80, 150),
      hotOven: double(150, 230),
      fan: fc.boolean(),
      ovenOn: fc.constantFrom(...OVEN_PLACES),
      ovenTurn: fc.boolean(),
      cover: fc.constantFrom(...REST_COVERS),
      hold: fc.constantFrom(undefined, undefined, ...HOLDS),
      pieces: fc.integer({ min: 1, max: 3 }),
      onPan: fc.constantFrom(...PANS),
    })
    .map(({ thicker, heavier, cooler, onPan, ...said }) => ({
      request: {
        ...USUAL,
        ...said,
        cut,
        thickness: usual.thickness * thicker,
        weight: usual.weight * thicker * heavier,
        panAfter: cooler === 0 ? undefined : said.pan - cooler,
      },
      pan: onPan,
    }));
};

/** Random requests of every cut, way, end and gear, as cooks may ask for them. */
export const planCases: fc.Arbitrary<PlanCase> = fc.constantFrom(...CUT_IDS).chain(ofCut);
