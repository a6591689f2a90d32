import { KELVIN } from '../../units';
import { STEFAN_BOLTZMANN } from '../matter/constants';

/** Heat capacity, J/kg K, density, kg/m3, and conductivity, W/m K, of cast iron. Handbook. */
export const CAPACITY_IRON = 460;
export const DENSITY_IRON = 7200;
export const CONDUCTIVITY_IRON = 50;
/** Convection from a hot pan in a kitchen, W/m2 K; emissivity of seasoned iron. Typical values. */
const LOSS_COEFFICIENT = 10;
const EMISSIVITY_IRON = 0.9;
/** Height of a pan's wall, m. Typical. */
export const WALL_HEIGHT = 0.05;

/** Heat flux from hot iron to a kitchen, W/m2. */
export const ironLoss = (celsius: number, kitchen: number): number => {
  const t = celsius + KELVIN;
  const air = kitchen + KELVIN;
  const radiates = STEFAN_BOLTZMANN * (t * t * t * t - air * air * air * air);
  return LOSS_COEFFICIENT * (celsius - kitchen) + EMISSIVITY_IRON * radiates;
};
