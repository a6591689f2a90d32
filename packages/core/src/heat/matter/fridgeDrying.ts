import { EMISSIVITY_MEAT, STEFAN_BOLTZMANN } from './constants';
import { KELVIN } from '../../units';
import {
  latentHeat,
  saturationPressure,
  vapourDensityAtMeat,
  vapourDensityOfAir,
  vapourResistance,
} from './vapour';

export const DRYING_PLACES = ['rack', 'fan', 'towels'] as const;
/** Uncovered on a rack in still air or in a fridge with a fan, or wrapped in towels renewed daily. */
export type DryingPlace = (typeof DRYING_PLACES)[number];

/** Conditions of a face in the fridge. */
interface FridgeAir {
  /** Convection, W/m2 K. */
  readonly coefficient: number;
  /** Relative humidity. */
  readonly humidity: number;
}

interface Drying {
  /** Likely, and what dries the least and the most. Estimates. */
  readonly likely: FridgeAir;
  readonly least: FridgeAir;
  readonly most: FridgeAir;
  /** A cloth on the face: its air layer, m, and the water it absorbs a day, kg/m2. */
  readonly cloth?: { readonly air: number; readonly takesADay: number };
}

/** A household fridge at 4 C. Estimates; humidity is what fridges differ in most. */
const FRIDGE = 4;
const DRYING: Readonly<Record<DryingPlace, Drying>> = {
  rack: {
    likely: { coefficient: 5, humidity: 0.75 },
    least: { coefficient: 4, humidity: 0.85 },
    most: { coefficient: 6, humidity: 0.6 },
  },
  fan: {
    likely: { coefficient: 10, humidity: 0.65 },
    least: { coefficient: 7, humidity: 0.8 },
    most: { coefficient: 15, humidity: 0.5 },
  },
  towels: {
    likely: { coefficient: 5, humidity: 0.75 },
    least: { coefficient: 4, humidity: 0.85 },
    most: { coefficient: 6, humidity: 0.6 },
    cloth: { air: 3e-3, takesADay: 0.06 },
  },
};

/** Diffusivity of vapour in air near 4 C, m2/s. */
const VAPOUR_IN_AIR = 2.2e-5;
const DAY = 86_400;
/** Steps of the drying, and of the face's balance within each. */
const STEP = 1800;
const BALANCE = 4;

/** Flux from a face with a dry layer of this depth, kg/m2 s: the face is at its wet-bulb temperature. */
const fluxFrom = ({ coefficient, humidity }: FridgeAir, dry: number, cloth: number): number => {
  const air = vapourDensityOfAir(humidity * saturationPressure(FRIDGE), FRIDGE);
  const resistance = vapourResistance(coefficient, FRIDGE, dry) + cloth / VAPOUR_IN_AIR;
  const radiation = 4 * EMISSIVITY_MEAT * STEFAN_BOLTZMANN * (FRIDGE + KELVIN) ** 3;
  let flux = 0;
  for (let i = 0; i < BALANCE; i += 1) {
    const face = FRIDGE - (flux * latentHeat(FRIDGE)) / (coefficient + radiation);
    flux = Math.max(0, (vapourDensityAtMeat(face) - air) / resistance);
  }
  return flux;
};

/** Water loss of a face in a time, kg/m2. */
const lostIn = (air: FridgeAir, seconds: number, water: number, cloth: Drying['cloth']): number => {
  let lost = 0;
  for (let at = 0; at < seconds; at += STEP) {
    const dt = Math.min(STEP, seconds - at);
    lost += dt * fluxFrom(air, lost / water, cloth?.air ?? 0);
  }
  return lost + ((cloth?.takesADay ?? 0) * seconds) / DAY;
};

/** Water lost by each face, kg/m2: likely, and the range that fridges differ by. */
export interface FaceDried {
  readonly likely: number;
  readonly least: number;
  readonly most: number;
}

/**
 * Water loss of a face in the fridge: the evaporation law of the solver (Lewis's film, then the dried layer, which
 * grows with the loss), with the face at its own wet-bulb temperature.
 * @param water of the tissue, kg/m3
 */
export const faceDried = (place: DryingPlace, seconds: number, water: number): FaceDried => {
  const { likely, least, most, cloth } = DRYING[place];
  const lost = (air: FridgeAir): number => lostIn(air, seconds, water, cloth);
  return { likely: lost(likely), least: lost(least), most: lost(most) };
};
