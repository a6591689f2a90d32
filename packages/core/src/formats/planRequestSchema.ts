import { z } from 'zod';
import { CUT_IDS } from '../food/cuts';
import { GAME_ORIGINS, MEAT_TREATMENTS } from '../food/meatSafety';
import { RUB_IDS } from '../food/rubs';
import { SPECIES } from '../food/species';
import { TISSUE_NAMES } from '../food/tissues';
import { FAT_IDS } from '../gear/fats';
import { PRESS_NAMES } from '../heat/places/face';
import { DRYING_PLACES } from '../heat/matter/fridgeDrying';
import { MODEL_NAMES, type ModelName } from '../heat/matter/heatModel';
import { THAW_PLACES } from '../heat/ice/icePlaces';
import { REST_COVERS } from '../heat/places/restCover';
import { REST_SURFACES } from '../heat/stages/restSurface';
import { STEM_SIDES } from '../heat/judging/thermometer';
import { KNOBS, TURN_SPOTS } from '../heat/places/twoZonePan';
import { PLAN_LIMITS } from '../plan/request/limits';
import {
  EDGE_SEARS,
  HOLD_PLACES,
  OVEN_FUELS,
  OVEN_PLACES,
  SURFACES,
  USUAL,
  type OwnCut,
  type PlanRequest,
} from '../plan/request/request';
import { WAYS } from '../plan/request/way';
import { bounded } from './bounded';
import { gearIdsSchema } from './gearIdsSchema';

const oneOf = <const T extends readonly string[]>(values: T) =>
  z.enum(values, `must be one of ${values.join(', ')}`);

const name = z.string().trim().min(1, 'must not be empty').max(60, 'must be at most 60 letters');

/** A piece that the cook has described. */
export const ownCutSchema = z.strictObject({
  name,
  species: oneOf(SPECIES),
  tissue: oneOf(TISSUE_NAMES),
  aspect: bounded(PLAN_LIMITS.aspect, ''),
  thickness: bounded(PLAN_LIMITS.thickness, 'm'),
  weight: bounded(PLAN_LIMITS.weight, 'kg'),
  target: bounded(PLAN_LIMITS.target, 'C'),
  slicing: z.string().trim().max(120, 'must be at most 120 letters'),
  skin: z
    .strictObject({ tissue: oneOf(TISSUE_NAMES), thickness: bounded(PLAN_LIMITS.skin, 'm') })
    .optional(),
  pan: bounded(PLAN_LIMITS.pan, 'C').optional(),
  fatEdge: bounded(PLAN_LIMITS.fatEdge, 'm').optional(),
  bone: bounded(PLAN_LIMITS.bone, 'm').optional(),
  smaller: z.strictObject({ name, width: bounded(PLAN_LIMITS.smaller, 'm') }).optional(),
  ribs: bounded(PLAN_LIMITS.ribs, 'm').optional(),
  whole: z.literal(true).optional(),
  rolled: z.literal(true).optional(),
  tied: z.literal(true).optional(),
  game: oneOf(GAME_ORIGINS).optional(),
}) satisfies z.ZodType<OwnCut>;

/** The first logbooks said how often a piece is turned; that is a way now. */
const withWay = (value: unknown): unknown => {
  if (typeof value !== 'object' || value === null || !('turning' in value)) return value;
  const { turning, ...rest } = value;
  return { way: turning, ...rest };
};

/**
 * Defaults of an older request's physics: the contact of a piece follows its model, and the first logbooks were
 * planned by the baseline, pressed.
 */
const asUsual =
  (byDefault: ModelName | undefined) =>
  (value: unknown): unknown => {
    const named = withWay(value);
    if (typeof named !== 'object' || named === null) return named;
    const { model = byDefault, ...rest } = { model: undefined, ...named };
    const press = model === 'kitchen' ? USUAL.press : 'pressed';
    return { press, ...rest, ...(model === undefined ? {} : { model }) };
  };

/** Fields of a request, each with its default. */
export const planRequestFields = {
  cut: oneOf(CUT_IDS),
  own: ownCutSchema.optional(),
  game: oneOf(GAME_ORIGINS).optional(),
  treated: oneOf(MEAT_TREATMENTS).optional(),
  thickness: bounded(PLAN_LIMITS.thickness, 'm'),
  weight: bounded(PLAN_LIMITS.weight, 'kg'),
  start: bounded(PLAN_LIMITS.start, 'C'),
  thaw: oneOf(THAW_PLACES).optional(),
  temper: bounded(PLAN_LIMITS.temper, 's').default(USUAL.temper),
  surface: oneOf(SURFACES),
  airing: z
    .strictObject({ in: oneOf(DRYING_PLACES), seconds: bounded(PLAN_LIMITS.airing, 's') })
    .optional(),
  rubs: z.array(oneOf(RUB_IDS)).max(RUB_IDS.length).optional(),
  salt: bounded(PLAN_LIMITS.salt, '').default(USUAL.salt),
  saltAhead: bounded(PLAN_LIMITS.saltAhead, 's').default(USUAL.saltAhead),
  pan: bounded(PLAN_LIMITS.pan, 'C'),
  panAfter: bounded(PLAN_LIMITS.pan, 'C').optional(),
  carveAfter: bounded(PLAN_LIMITS.carveAfter, 's').optional(),
  fat: oneOf(FAT_IDS).default(USUAL.fat),
  press: oneOf(PRESS_NAMES).default(USUAL.press),
  knob: oneOf(KNOBS).default(USUAL.knob),
  spot: oneOf(TURN_SPOTS).default(USUAL.spot),
  edges: oneOf(EDGE_SEARS).default(USUAL.edges),
  baste: bounded(PLAN_LIMITS.baste, 's').default(USUAL.baste),
  way: oneOf(WAYS),
  every: bounded(PLAN_LIMITS.every, 's').default(USUAL.every),
  crust: bounded(PLAN_LIMITS.crust, '').default(USUAL.crust),
  lowOven: bounded(PLAN_LIMITS.lowOven, 'C').default(USUAL.lowOven),
  hotOven: bounded(PLAN_LIMITS.hotOven, 'C').default(USUAL.hotOven),
  fan: z.boolean().default(USUAL.fan),
  ovenFuel: oneOf(OVEN_FUELS).default(USUAL.ovenFuel),
  tray: z.boolean().default(USUAL.tray),
  ovenOn: oneOf(OVEN_PLACES).default(USUAL.ovenOn),
  blast: bounded(PLAN_LIMITS.blast, 'C').optional(),
  hold: z
    .strictObject({
      in: oneOf(HOLD_PLACES),
      seconds: bounded(PLAN_LIMITS.hold, 's'),
      air: bounded(PLAN_LIMITS.warmOven, 'C').optional(),
    })
    .optional(),
  ovenTurn: z.boolean().default(USUAL.ovenTurn),
  target: bounded(PLAN_LIMITS.target, 'C'),
  cover: oneOf(REST_COVERS),
  restOn: oneOf(REST_SURFACES).default(USUAL.restOn),
  stem: oneOf(STEM_SIDES).default(USUAL.stem),
  model: oneOf(MODEL_NAMES).optional(),
  pieces: bounded(PLAN_LIMITS.pieces, '')
    .refine(Number.isInteger, 'must be a whole number')
    .default(USUAL.pieces),
  gear: gearIdsSchema.optional(),
  learned: z
    .strictObject({
      thickness: bounded({ least: -0.006, most: 0.006 }, 'm'),
      contact: bounded({ least: 0.4, most: 2 }, ''),
      ovenHeat: bounded({ least: 0.5, most: 2 }, '').optional(),
      known: z
        .strictObject({
          oven: bounded({ least: 0, most: 60 }, 'C').optional(),
          ovenHeat: bounded({ least: 0, most: 1 }, '').optional(),
          burner: bounded({ least: 0, most: 1 }, '').optional(),
          contact: bounded({ least: 0, most: 1 }, '').optional(),
          thickness: bounded({ least: 0, most: 0.01 }, 'm').optional(),
        })
        .optional(),
      crust: bounded({ least: -0.6, most: 0.6 }, '').optional(),
    })
    .optional(),
};

/** Request for a plan. */
export const planRequestSchema = z.preprocess(
  asUsual(undefined),
  z.strictObject(planRequestFields),
) satisfies z.ZodType<PlanRequest>;

/** The same with what a file says beside it, planned by a kitchen's physics unless it says otherwise. */
export const planRequestWith = <T extends z.ZodRawShape>(more: T) =>
  z.preprocess(asUsual('kitchen'), z.strictObject({ ...planRequestFields, ...more }));
