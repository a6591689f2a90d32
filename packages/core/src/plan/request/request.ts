import {
  CUTS,
  type Cut,
  type CutId,
  type GameOrigin,
  type MeatTreatment,
  type RubId,
} from '../../food';
import type { FatId, GearIds, KitchenDeviation, KitchenTrait } from '../../gear';
import type {
  DryingPlace,
  BurnerControl,
  Press,
  RestCover,
  RestSurface,
  StemSide,
  ThawPlace,
  TurnSpot,
} from '../../heat';
import { HEAT_MODELS, type HeatModel, type ModelName } from '../../heat/matter/heatModel';
import { PLAN_LIMITS } from './limits';
import type { Way } from './way';

export const SURFACES = ['dry', 'wet', 'aired'] as const;
/** The surface as it meets the pan: patted dry, still wet, or dried uncovered in the fridge. */
export type Surface = (typeof SURFACES)[number];

export const EDGE_SEARS = ['none', 'first', 'last', 'both'] as const;
/** Time at which the piece stands on its edges: its fat edge first, the others at the end, or both. */
export type EdgeSear = (typeof EDGE_SEARS)[number];

export const OVEN_PLACES = ['rack', 'pan'] as const;
export type OvenPlace = (typeof OVEN_PLACES)[number];

export const OVEN_FUELS = ['electric', 'gas'] as const;
export type OvenFuel = (typeof OVEN_FUELS)[number];

export const HOLD_PLACES = ['tent', 'warm-oven'] as const;
export type HoldPlace = (typeof HOLD_PLACES)[number];

/** Hold of a piece between a low oven and browning. */
export interface Hold {
  readonly in: HoldPlace;
  readonly seconds: number;
  /** Air of the warm oven, C; default: 60. */
  readonly air?: number | undefined;
}

/** Default temperature of a warm oven, C: the upper end of the danger zone. */
export const WARM_OVEN = 60;

/** Method and duration of drying in the fridge, s. */
export interface Airing {
  readonly in: DryingPlace;
  readonly seconds: number;
}

/** A piece the cook has described, where the larder has none like it. */
export type OwnCut = Cut;

/** The learned deviation of the kitchen that is part of a request. */
export interface LearnedDeviation extends Pick<KitchenDeviation, 'thickness' | 'contact'> {
  /** Factor of the heat from the oven to a face; default: 1. */
  readonly ovenHeat?: number | undefined;
  /** Standard deviation of each known value, K and m; factors as the logarithm. */
  readonly known?: Readonly<Partial<Record<KitchenTrait, number | undefined>>> | undefined;
  /** Colour bias of the cook's eye, browning index. */
  readonly crust?: number | undefined;
}

/** Piece and method that the cook asks for. SI and Celsius. */
export interface PlanRequest {
  readonly cut: CutId;
  /** The cook's own piece, in place of the larder's. */
  readonly own?: OwnCut | undefined;
  /** Origin of game; default: the cut's. */
  readonly game?: GameOrigin | undefined;
  /** Treatment that carries the surface into the meat; default: intact whole muscle. */
  readonly treated?: MeatTreatment | undefined;
  readonly thickness: number;
  readonly weight: number;
  /** As it comes out of the fridge. */
  readonly start: number;
  /** Place of thawing; undefined: not frozen. */
  readonly thaw?: ThawPlace | undefined;
  /** On the counter before the heat, s. */
  readonly temper: number;
  readonly surface: Surface;
  /** Drying of the piece in the fridge; default: on a rack, for as long as it is salted. */
  readonly airing?: Airing | undefined;
  /** Rubs on the piece. */
  readonly rubs?: RubId[] | undefined;
  /** Salt, share of the weight, and how long before the heat, s. */
  readonly salt: number;
  readonly saltAhead: number;
  readonly pan: number;
  /** The pan once the crust has taken; absent leaves it. */
  readonly panAfter?: number | undefined;
  readonly fat: FatId;
  readonly press: Press;
  /** Burner habit when the food goes in, and the spot on which a turn puts the piece. */
  readonly knob: BurnerControl;
  readonly spot: TurnSpot;
  readonly edges: EdgeSear;
  /** Butter and aromatics spooned over at the end of the pan, s. */
  readonly baste: number;
  readonly way: Way;
  /** Seconds between turns when turning often. */
  readonly every: number;
  /** Browning index wanted of a sear whose time is free. */
  readonly crust: number;
  readonly lowOven: number;
  readonly hotOven: number;
  readonly fan: boolean;
  /** Time after the heat at which a whole piece is carved, s; default: by weight. */
  readonly carveAfter?: number | undefined;
  readonly ovenFuel: OvenFuel;
  /** A tray below the rack. */
  readonly tray: boolean;
  readonly ovenOn: OvenPlace;
  /** Oven of a hot-oven finish, C; default: 260. */
  readonly blast?: number | undefined;
  /** Hold after a low oven, before browning; undefined: none. */
  readonly hold?: Hold | undefined;
  /** Turned half-way through the oven. */
  readonly ovenTurn: boolean;
  /** Wanted end temperature: the core's peak in the rest. */
  readonly target: number;
  readonly cover: RestCover;
  /** Surface on which it rests. */
  readonly restOn: RestSurface;
  /** Direction in which the cook's thermometer enters. */
  readonly stem: StemSide;
  /** Pieces alike, cooked together. */
  readonly pieces: number;
  /** The physics it is planned with; absent, as in the first logbooks: the baseline. */
  readonly model?: ModelName | undefined;
  /** Equipment it is cooked on; default: the default kitchen's. */
  readonly gear?: GearIds | undefined;
  /** Calibration from past cooks; undefined: nominal values. */
  readonly learned?: LearnedDeviation | undefined;
}

/** Defaults of a request. */
export const USUAL: Omit<PlanRequest, 'cut' | 'thickness' | 'weight' | 'target'> = {
  start: 5,
  temper: 0,
  surface: 'dry',
  salt: 0.01,
  saltAhead: 0,
  pan: 215,
  fat: 'sunflower',
  press: 'loose',
  knob: 'up',
  spot: 'fresh',
  edges: 'none',
  baste: 0,
  way: 'once',
  every: 30,
  crust: 1.25,
  lowOven: 110,
  hotOven: 180,
  fan: false,
  ovenFuel: 'electric',
  tray: false,
  ovenOn: 'rack',
  ovenTurn: false,
  cover: 'open',
  restOn: 'board',
  stem: 'top',
  model: 'kitchen',
  pieces: 1,
};

/** Default of a hot-oven finish, C. */
export const USUAL_BLAST = 260;

/** Thickness of the piece, m: as measured, corrected by the learned error of this cook's measurements. */
export const thicknessOf = ({
  thickness,
  learned,
}: Pick<PlanRequest, 'thickness' | 'learned'>): number =>
  Math.max(PLAN_LIMITS.thickness.least, thickness + (learned?.thickness ?? 0));

/** The physics of a request. */
export const modelOf = ({ model = 'baseline' }: Pick<PlanRequest, 'model'>): HeatModel =>
  HEAT_MODELS[model];

/** The piece of a request: the cook's own, or the larder's. */
export const cutOf = ({ cut, own }: Pick<PlanRequest, 'cut' | 'own'>): Cut => own ?? CUTS[cut];
