import { z } from 'zod';
import { DRYING_PLACES } from '../heat/matter/fridgeDrying';
import { THAW_PLACES } from '../heat/ice/icePlaces';
import { WAYS } from '../plan/request/way';
import { planRequestWith } from './planRequestSchema';

/** Input of `crustan ahead`: a piece. Its method does not matter and can be left out. */
export const aheadFileSchema = planRequestWith({
  format: z.literal('crustan-ahead/1', 'must be "crustan-ahead/1"'),
  way: z.enum(WAYS).default('once'),
});

const share = z.number().min(0);
const ranged = z.strictObject({ likely: share, least: share, most: share });

/** Output of `crustan ahead`: duration and cost of each way of preparing the piece. */
export const aheadResultSchema = z.strictObject({
  format: z.literal('crustan-ahead-result/1'),
  elapsedMs: z.number(),
  /** Time until the middle is at -12 C in a home freezer, s; undefined if it takes over four days. */
  freezes: z.number().optional(),
  /** Time from -18 C until no ice is left, and the time with the warmest cell over 5 C, s. */
  thaws: z.array(
    z.strictObject({
      in: z.enum(THAW_PLACES),
      seconds: z.number().optional(),
      warm: z.number(),
      /** In a warmer and in a cooler place of its kind, s. */
      least: z.number().optional(),
      most: z.number().optional(),
    }),
  ),
  /** Share of the weight that drips as it thaws: the least and the most. */
  drip: z.tuple([share, share]),
  /** Water lost in the fridge: of the weight, and from each m2 of face, kg. */
  dries: z.array(
    z.strictObject({
      in: z.enum(DRYING_PLACES),
      seconds: z.number(),
      ofWeight: ranged,
      fromFace: ranged,
    }),
  ),
  /** Salting with this lead time: brine on an undried face, kg/m2, and depth of the salt, m. */
  salts: z.array(
    z.strictObject({
      ahead: z.number(),
      brine: z.number(),
      depth: z.number(),
      depths: z.tuple([z.number(), z.number()]).readonly(),
    }),
  ),
  /** Days that it keeps raw at 4 C or under. */
  keeps: z.strictObject({ least: z.number(), most: z.number(), source: z.string() }),
});
