import { BUTTER_PAN } from '../request/butter';
import { startsCold } from '../request/startsCold';
import { usesLowOven, WAY_TRAITS, type Way } from '../request/way';
import type { LegKind } from './legKind';
import { inAPan } from './ovenLegs';
import { shareOnIron } from '../request/shareOnIron';
import { cutOf, USUAL_BLAST, WARM_OVEN, type PlanRequest } from '../request/request';
import { USUAL_GEAR, type GearIds, type GearKind, type GearTaken } from '../../gear';
import { FAN_OVEN, STILL_OVEN, type RestCover } from '../../heat';

/** Place of the piece during a leg. */
export type Heat =
  | {
      readonly on: 'pan';
      readonly pan: number;
      readonly from?: number | undefined;
      readonly basted?: boolean | undefined;
      /** Rolled, or browned part by part: a place touches the iron for this share of the time. */
      readonly share?: number | undefined;
    }
  /** In a pan that comes up with the piece in it. */
  | { readonly on: 'cold-pan'; readonly pan: number }
  /** Standing on its edges, held by tongs. */
  | { readonly on: 'edge'; readonly pan: number; readonly share: number }
  | { readonly on: 'rack'; readonly air: number; readonly h: number }
  /** In the pan it was seared in, in the oven. */
  | { readonly on: 'oven-pan'; readonly air: number; readonly h: number; readonly pan: number }
  /** Held warm in an oven. */
  | { readonly on: 'warm-oven'; readonly air: number }
  | { readonly on: 'counter'; readonly air: number }
  | { readonly on: 'rest'; readonly cover: RestCover };

/**
 * One part of a cook in one place. Its seconds are `fixed + share x unknown`, or what brings the
 * lower face to the browning index `goal`.
 */
export interface Leg {
  readonly kind: LegKind;
  readonly heat: Heat;
  readonly fixed: number;
  readonly unknownShare: number;
  readonly browningGoal?: number;
  /** Equipment that it uses, by id. */
  readonly gear: GearTaken;
  /** Interval of the turns, s, continued from the leg before if that one was turned too. */
  readonly turnEvery?: number;
  /** Turned at this share of its time. */
  readonly flipAt?: number;
  readonly thenFlip: boolean;
}

/** Standing on the fat edge until it has coloured, and round the other edges, s. Estimates. */
const FAT_EDGE_SECONDS = 40;
const OTHER_EDGES_SECONDS = 40;
/** Share of the edges that touches the iron: one of two long ones, or what rolls over it. */
export const ONE_EDGE_SHARE = 0.5;
export const ROLLED_EDGE_SHARE = 0.2;
/** Duration of a duck breast's flesh side, s; share of a fish's pan time on its skin. Common practice. */
const FLESH_SIDE_SECONDS = 60;
const SKIN_SHARE = 0.85;
/** Time from a low oven to a hot-oven finish, the piece out of the oven, s. Common practice. */
const BLAST_WAIT = 900;
/** Both faces of a piece turned often are browned by then in a pan of 230 to 260 C, s. Estimate. */
const TURNED_BROWN_SECONDS = 240;
/** Browning index of a fatty skin that has rendered: golden. */
const SKIN_GOAL = 1;
/** Browning index after the first of two sears: golden. */
const FIRST_SEAR = 0.85;

/** A leg before it is known what it is on. */
export type LegPart = Omit<Leg, 'gear'>;

interface Parts {
  readonly request: PlanRequest;
  /** The burner's heat once the crust has taken. */
  readonly later: number;
  readonly h: number;
}

const sear = (
  pan: number,
  time: Partial<Pick<LegPart, 'fixed' | 'unknownShare' | 'browningGoal'>>,
  thenFlip: boolean,
  from?: number,
): LegPart => ({
  kind: 'sear',
  heat: { on: 'pan', pan, ...(from !== undefined && from !== pan ? { from } : {}) },
  fixed: 0,
  unknownShare: 0,
  ...time,
  thenFlip,
});

const basted = ({ request: { baste }, later }: Parts): readonly LegPart[] =>
  baste === 0
    ? []
    : [
        {
          kind: 'baste',
          heat: { on: 'pan', pan: Math.min(later, BUTTER_PAN), from: later, basted: true },
          fixed: baste,
          unknownShare: 0,
          thenFlip: false,
        },
      ];

const oven = ({ request, h }: Parts, air: number): LegPart => ({
  kind: 'oven',
  heat:
    request.ovenOn === 'pan' && !usesLowOven(request.way)
      ? { on: 'oven-pan', air, h, pan: request.pan }
      : { on: 'rack', air, h },
  fixed: 0,
  unknownShare: 1,
  ...(request.ovenTurn ? { flipAt: 0.5 } : {}),
  thenFlip: false,
});

/** Browns in a pan until both faces have their crust; a whole piece with skin only on that side. */
const bothSides = (
  request: PlanRequest,
  pan: number,
  later: number,
  goal: number,
): readonly LegPart[] => {
  const cut = cutOf(request);
  const first = sear(pan, { browningGoal: goal }, true);
  if (cut.whole && cut.skin) return [first];
  return [first, sear(later, { browningGoal: goal }, false, pan)];
};

/** On its fatty skin from a cold pan until that has rendered and browned. */
const renderedSkin = ({ pan, crust }: PlanRequest): LegPart => ({
  ...sear(pan, { browningGoal: Math.min(SKIN_GOAL, crust) }, true),
  heat: { on: 'cold-pan', pan },
});

/** Holds before browning: the requested one, and one while an oven heats up for a hot-oven finish. */
const held = ({ hold, way }: PlanRequest): readonly LegPart[] => {
  const board = (seconds: number, heat: Heat): LegPart => ({
    kind: 'board',
    heat,
    fixed: seconds,
    unknownShare: 0,
    thenFlip: false,
  });
  const tent: Heat = { on: 'rest', cover: 'loose' };
  const blast = WAY_TRAITS[way].noPan === true;
  if (hold?.in === 'warm-oven') {
    const warm = board(hold.seconds, { on: 'warm-oven', air: hold.air ?? WARM_OVEN });
    return blast ? [warm, board(BLAST_WAIT, tent)] : [warm];
  }
  const seconds = Math.max(hold?.seconds ?? 0, blast ? BLAST_WAIT : 0);
  return seconds === 0 ? [] : [board(seconds, tent)];
};

const WAY_LEGS: Readonly<Record<Way, (parts: Parts) => readonly LegPart[]>> = {
  once: (parts) => {
    const { request, later } = parts;
    const { pan, baste, crust } = request;
    const second = sear(later, { unknownShare: 0.5, fixed: -baste }, false);
    if (later === pan) return [sear(pan, { unknownShare: 0.5 }, true), second, ...basted(parts)];
    return [
      sear(pan, { browningGoal: crust }, false),
      sear(later, { unknownShare: 0.5 }, true, pan),
      second,
      ...basted(parts),
    ];
  },
  often: (parts) => {
    const { request, later } = parts;
    const { pan, every, baste } = request;
    const turning = (leg: LegPart): LegPart => ({ ...leg, turnEvery: every });
    const turns = (time: Partial<LegPart>, heat: LegPart['heat']): LegPart =>
      turning({ ...sear(pan, time, false), kind: 'turns', heat });
    const steady = [turns({ unknownShare: 1, fixed: -baste }, { on: 'pan', pan })];
    const hot = every * Math.ceil(TURNED_BROWN_SECONDS / every);
    const turnedDown = [
      { ...turns({ fixed: hot }, { on: 'pan', pan }), thenFlip: true },
      turns({ unknownShare: 1, fixed: -baste }, { on: 'pan', pan: later, from: pan }),
    ];
    // Turning continues during basting: the start of the butter changes nothing else.
    return [...(later === pan ? steady : turnedDown), ...basted(parts).map(turning)];
  },
  'skin-down': (parts) => [
    sear(parts.request.pan, { unknownShare: SKIN_SHARE }, true),
    sear(parts.later, { unknownShare: 1 - SKIN_SHARE }, false, parts.request.pan),
    ...basted(parts),
  ],
  'cold-pan': (parts) => {
    const { request, later } = parts;
    return [
      renderedSkin(request),
      sear(later, { unknownShare: 1, fixed: -request.baste }, false, request.pan),
      ...basted(parts),
    ];
  },
  'sear-oven': (parts) => {
    const { request, later } = parts;
    const { pan, crust, hotOven } = request;
    const cut = cutOf(request);
    const sides = bothSides(request, pan, later, crust);
    const [first] = sides;
    const skin = startsCold(request) ? renderedSkin(request) : first;
    const flesh = sear(later, { fixed: FLESH_SIDE_SECONDS / 3 }, false, pan);
    return [...(cut.skin ? [skin, flesh] : sides), ...basted(parts), oven(parts, hotOven)];
  },
  'oven-sear': (parts) => {
    const { request, later } = parts;
    const { pan, crust, lowOven } = request;
    return [
      oven(parts, lowOven),
      ...held(request),
      ...bothSides(request, pan, later, crust),
      ...basted(parts),
    ];
  },
  'sear-oven-sear': (parts) => {
    const { request, later } = parts;
    const { pan, crust, lowOven } = request;
    return [
      ...bothSides(request, pan, pan, Math.min(FIRST_SEAR, crust)),
      oven(parts, lowOven),
      ...held(request),
      ...bothSides(request, pan, later, crust),
      ...basted(parts),
    ];
  },
  'oven-blast': (parts) => {
    const { request, h } = parts;
    const { lowOven, blast = USUAL_BLAST, crust } = request;
    const hot: LegPart = {
      kind: 'oven',
      heat: { on: 'rack', air: blast, h },
      fixed: 0,
      unknownShare: 0,
      browningGoal: crust,
      thenFlip: false,
    };
    return [oven(parts, lowOven), ...held(request), hot];
  },
};

const edge = (kind: 'edge' | 'edges', pan: number): LegPart => ({
  kind,
  heat: { on: 'edge', pan, share: kind === 'edge' ? ONE_EDGE_SHARE : ROLLED_EDGE_SHARE },
  fixed: kind === 'edge' ? FAT_EDGE_SECONDS : OTHER_EDGES_SECONDS,
  unknownShare: 0,
  thenFlip: false,
});

/** Equipment that a piece in each place uses. */
const GEAR_OF: Readonly<Record<Heat['on'], readonly GearKind[]>> = {
  pan: ['pan', 'burner'],
  'cold-pan': ['pan', 'burner'],
  edge: ['pan', 'burner'],
  rack: ['oven'],
  'warm-oven': ['oven'],
  'oven-pan': ['oven', 'pan'],
  counter: [],
  rest: [],
};

/** Ids of the equipment that a heat uses; default: the default kitchen's. */
export const gearFor = ({ on }: Heat, gear: GearIds = USUAL_GEAR): GearTaken =>
  Object.fromEntries(GEAR_OF[on].map((kind) => [kind, gear[kind]]));

/** A leg on its equipment; default: the default kitchen's. */
export const onGear = (leg: LegPart, gear?: GearIds): Leg => ({
  ...leg,
  gear: gearFor(leg.heat, gear),
});

/** A leg in a pan that touches it for a share of the time. */
const partlyOnIt = (leg: LegPart, share: number): LegPart =>
  share === 1 || leg.heat.on !== 'pan' ? leg : { ...leg, heat: { ...leg.heat, share } };

/** The legs of a request's way, the fat edge first and the other edges last if it asks for them. */
export const legsOf = (request: PlanRequest): readonly Leg[] => {
  const { way, edges, pan, panAfter = pan, fan, gear } = request;
  const body = WAY_LEGS[way]({ request, later: panAfter, h: fan ? FAN_OVEN : STILL_OVEN });
  const firstPan = body.findIndex(inAPan);
  const lastPan = body.findLastIndex(inAPan);
  const share = shareOnIron(request);
  const inPan = firstPan !== -1 && !cutOf(request).rolled;
  const first = inPan && (edges === 'first' || edges === 'both');
  const last = inPan && (edges === 'last' || edges === 'both');
  return [
    ...body.slice(0, Math.max(0, firstPan)),
    ...(first ? [edge('edge', pan)] : []),
    ...body.slice(Math.max(0, firstPan), lastPan + 1),
    ...(last ? [edge('edges', panAfter)] : []),
    ...body.slice(lastPan + 1),
  ].map((leg) => onGear(partlyOnIt(leg, share), gear));
};
