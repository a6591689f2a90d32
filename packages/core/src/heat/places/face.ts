import { ESTIMATES } from '../matter/estimates';
import type { HeatModel } from '../matter/heatModel';
import {
  CONTACT_DRY,
  CONTACT_WET_EXTRA,
  EMISSIVITY_MEAT,
  FAT_DRY,
  FAT_WET_EXTRA,
} from '../matter/constants';

/** Boundary condition of one face: a pan, or air with radiation and vapour. */
export interface Face {
  /** Temperature of the pan or the air, C. */
  readonly temperature: number;
  /** Radiating temperature that the face sees, C: its walls, or the iron beside it. */
  readonly radiant: number;
  /** Coefficient on a dry face, W/m2 K. */
  readonly coefficient: number;
  /** Added in proportion to the face's remaining water, W/m2 K (contact only). */
  readonly wetExtra: number;
  /** Emissivity towards what it sees; 0 without radiation. */
  readonly emissivity: number;
  /** Whether the face loses vapour to the air below boiling. */
  readonly evaporates: boolean;
  /** Vapour pressure of that air, Pa. */
  readonly vapourPressure: number;
  /** Whether a face just turned down touches badly for some seconds (contact only). */
  readonly bulges: boolean;
}

const CONTACT_FILM = ESTIMATES.filmContact.value;
const CONTACT_WET = CONTACT_DRY + CONTACT_WET_EXTRA;

/** Contact of a face on the iron, as a share of a pressed, oiled face's contact. */
export const PRESS = {
  /** Held down, well oiled. */
  pressed: 1,
  /** Lying by its own weight; within the published scatter of 200-1200 W/m2 K wet. */
  loose: ESTIMATES.looseContact.value,
} as const;
export type Press = keyof typeof PRESS;
export const PRESS_NAMES = ['pressed', 'loose'] as const satisfies readonly Press[];

/** A face on the pan: h = 150 + 250 min(1, W/W0) when pressed. `contact` scales both terms. */
export const panFace = (
  pan: number,
  contact = 1,
  { bulges = false, fatFilm = false }: Partial<Pick<HeatModel, 'bulges' | 'fatFilm'>> = {},
): Face => ({
  temperature: pan,
  radiant: pan,
  coefficient: (fatFilm ? CONTACT_FILM : CONTACT_DRY) * contact,
  wetExtra: (CONTACT_WET - (fatFilm ? CONTACT_FILM : CONTACT_DRY)) * contact,
  emissivity: 0,
  evaporates: false,
  vapourPressure: 0,
  bulges,
});

/** A face in hot fat: deeper than a film, so it touches everywhere. */
export const fatFace = (fat: number): Face => ({
  temperature: fat,
  radiant: fat,
  coefficient: FAT_DRY,
  wetExtra: FAT_WET_EXTRA,
  emissivity: 0,
  evaporates: false,
  vapourPressure: 0,
  bulges: false,
});

/** A face in air; what it sees is as warm as the air unless said. */
export const airFace = (
  air: number,
  coefficient: number,
  vapourPressure: number,
  emissivity = EMISSIVITY_MEAT,
  radiant = air,
): Face => ({
  temperature: air,
  radiant,
  coefficient,
  wetExtra: 0,
  emissivity,
  evaporates: true,
  vapourPressure,
  bulges: false,
});

/**
 * A face basted with hot fat for a share of the time, in air for the rest: the time's mean of both
 * fluxes. The fat that stays on it keeps its vapour in below boiling.
 * @param fat C; butter and aromatics work at 120-150
 * @param share of the time, 0 to 1
 */
export const bastedFace = (air: Face, fat: number, share: number): Face => {
  if (share === 0) return air;
  const hot = FAT_DRY * share;
  const cool = air.coefficient * (1 - share);
  const temperature = (hot * fat + cool * air.temperature) / (hot + cool);
  return {
    temperature,
    radiant: temperature,
    coefficient: hot + cool,
    wetExtra: FAT_WET_EXTRA * share,
    emissivity: 0,
    evaporates: false,
    vapourPressure: air.vapourPressure,
    bulges: false,
  };
};

/** The same face with no way out for its vapour: lying down, or wrapped. */
export const sealed = (face: Face): Face => ({ ...face, evaporates: false });
