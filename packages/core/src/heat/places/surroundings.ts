import { KELVIN } from '../../units';
import {
  EMISSIVITY_MEAT,
  VAPOUR_PRESSURE_KITCHEN,
  VAPOUR_PRESSURE_OVEN,
} from '../matter/constants';
import { ESTIMATES } from '../matter/estimates';
import { airFace, bastedFace, fatFace, panFace, sealed, type Face, type Press } from './face';
import { HEAT_MODELS, type HeatModel } from '../matter/heatModel';
import { KITCHEN_AIR } from './kitchenAir';
import type { RestCover } from './restCover';
import { saturationPressure } from '../matter/vapour';

/** Boundary conditions of the piece: its two faces, and its edge all round. */
export interface Surroundings {
  readonly lower: Face;
  readonly upper: Face;
  readonly edge: Face;
}

/** Convection in an oven, W/m2 K. Estimates, +-25 %. */
export const STILL_OVEN = ESTIMATES.stillOven.value;
export const FAN_OVEN = 22;
/** Beside and above a hot pan: air on the edge and on top, C, and its coefficient. Estimates. */
export const BESIDE_PAN = 60;
const ABOVE_PAN = 25;
const NEAR_PAN = 8;
const STEAM_BESIDE_PAN = ESTIMATES.besidePanVapour.value;
const KITCHEN_KELVIN4 = (KITCHEN_AIR + KELVIN) ** 4;
/** Emissivity between a lower face and the tray under it. Estimate. */
const EMISSIVITY_TRAY = 0.6;

/**
 * Radiating temperature that a vertical side beside a pan sees, C: the iron over half its view, the kitchen over the
 * rest.
 */
export const besidePan = (pan: number): number => {
  const iron = (pan + KELVIN) ** 4;
  return ((iron + KITCHEN_KELVIN4) / 2) ** 0.25 - KELVIN;
};

/** Contact of a piece with the iron. */
export interface OnIron {
  /** Scales the contact coefficient, the press included. */
  readonly contact?: number;
  /** A piece that nobody presses bulges when it is turned. */
  readonly press?: Press;
  readonly model?: HeatModel;
}

/** On the pan, kitchen air at 25 C on top and 60 C on the edge, h 8; the edge may see the iron. */
export const onThePan = (
  pan: number,
  { contact = 1, press = 'pressed', model = HEAT_MODELS.baseline }: OnIron = {},
): Surroundings => ({
  lower: panFace(pan, contact, {
    bulges: model.bulges && press === 'loose',
    fatFilm: model.fatFilm,
  }),
  upper: airFace(ABOVE_PAN, NEAR_PAN, VAPOUR_PRESSURE_KITCHEN),
  edge: model.sideSeesIron
    ? airFace(BESIDE_PAN, NEAR_PAN, STEAM_BESIDE_PAN, EMISSIVITY_MEAT, besidePan(pan))
    : airFace(BESIDE_PAN, NEAR_PAN, VAPOUR_PRESSURE_KITCHEN),
});

/**
 * On iron that each place of the face touches for a share of the time only: the time's mean of iron and
 * air.
 */
export const partlyOnIron = (around: Surroundings, share: number): Surroundings => {
  const { lower: iron, upper: air } = around;
  const coefficient = share * iron.coefficient + (1 - share) * air.coefficient;
  const lower: Face = {
    ...iron,
    coefficient,
    wetExtra: share * iron.wetExtra,
    temperature:
      (share * iron.coefficient * iron.temperature +
        (1 - share) * air.coefficient * air.temperature) /
      coefficient,
    bulges: false,
  };
  return { ...around, lower };
};

/** On the pan and basted from above with fat for a share of the time. */
export const basted = (pan: number, fat: number, share: number, on: OnIron = {}): Surroundings => {
  const around = onThePan(pan, on);
  return { ...around, upper: bastedFace(around.upper, fat, share) };
};

/** Lying in fat that reaches half-way up its edge. */
export const inHotFat = (fat: number): Surroundings => {
  const { upper, edge } = onThePan(fat);
  return { lower: fatFace(fat), upper, edge: bastedFace(edge, fat, 0.5) };
};

const allRound = (face: Face): Surroundings => ({ lower: face, upper: face, edge: face });

/** Properties of an oven besides its air. */
export interface OvenAround {
  /** Vapour pressure of its air, Pa. */
  readonly vapour?: number | undefined;
  /** A tray below the rack shields the lower face. */
  readonly tray?: boolean | undefined;
  /** Radiating temperature that the faces see, C; default: that of the air. */
  readonly walls?: number | undefined;
}

/** On a rack in an oven: air all round, h 14 still, 22 with a fan. */
export const onARack = (
  air: number,
  coefficient: number,
  { vapour = VAPOUR_PRESSURE_OVEN, tray = false, walls = air }: OvenAround = {},
): Surroundings => {
  const face = airFace(air, coefficient, vapour, EMISSIVITY_MEAT, walls);
  const cooler = air - ESTIMATES.trayCooler.value;
  const least = Math.min(coefficient, ESTIMATES.trayCoefficient.value);
  return tray
    ? { lower: airFace(cooler, least, vapour, EMISSIVITY_TRAY), upper: face, edge: face }
    : allRound(face);
};

/** Lying in a pan in the oven. */
export const inAPanInTheOven = (
  air: number,
  coefficient: number,
  pan: number,
  oven: OvenAround = {},
  on: OnIron = {},
): Surroundings => ({
  ...onARack(air, coefficient, { ...oven, tray: false }),
  lower: onThePan(pan, on).lower,
});

const lying = (face: Face): Surroundings => ({ lower: sealed(face), upper: face, edge: face });

/** On the counter before cooking, h 5. */
export const onTheCounter = (air: number): Surroundings =>
  lying(airFace(air, 5, VAPOUR_PRESSURE_KITCHEN));

/**
 * Resting. Open: 22 C, h 6. Loose tent: trapped air at 35 C, h 4, emissivity 0.5, moist. Estimates.
 * Wrapped: no vapour leaves; foil over a millimetre or two of trapped air, h 5, emissivity 0.1
 * (estimate: air conductivity 0.027 W/m K over about 5 mm of crumpled gap).
 */
export const resting = (cover: RestCover): Surroundings => {
  switch (cover) {
    case 'open':
      return lying(airFace(22, 6, VAPOUR_PRESSURE_KITCHEN));
    case 'loose':
      return lying(airFace(35, 4, 4500, 0.5));
    case 'wrapped':
      return allRound(sealed(airFace(22, 5, 0, 0.1)));
  }
};

/** Share of saturation in a cabinet kept moist by a pan of water; estimate. */
const CABINET_HUMIDITY = 0.9;

/** Held warm, lying, in the still and moist air of a cabinet or a very low oven. */
export const heldWarm = (air: number): Surroundings =>
  lying(airFace(air, 6, CABINET_HUMIDITY * saturationPressure(air)));

const wider = (face: Face, share: number): Face =>
  face.emissivity === 0
    ? face
    : {
        ...face,
        coefficient: face.coefficient * (1 + share),
        emissivity: face.emissivity * (1 + share),
      };

/**
 * Lateral correction of a piece solved in one dimension: its faces, enlarged by the share of the edges, take the
 * heat that its edges take from the air. Valid within a degree or so if the piece is wider than thick; a face on iron,
 * or sealed off, stays unchanged.
 * @param share area of the edges over that of both faces
 */
export const widened = (around: Surroundings, share: number): Surroundings =>
  share === 0
    ? around
    : { lower: wider(around.lower, share), upper: wider(around.upper, share), edge: around.edge };
