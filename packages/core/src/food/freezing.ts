import type { Composition } from './composition';
import { CHOI_OKOS, integrate, tissueProperties, type Quadratic } from './properties';

/** Choi & Okos (1986), ice from -40 to 0 C: conductivity W/m K, heat capacity J/kg K, density kg/m3. */
const ICE = {
  conductivity: [2.2196, -6.2489e-3, 1.0154e-4],
  capacity: [2062.3, 6.0769, 0],
  density: [916.89, -0.13071, 0],
} as const satisfies Record<string, Quadratic>;

/**
 * Share of the weight that drips as a piece frozen at home thaws: slow freezing breaks more cells. Published
 * losses run from 1 to 6 %, of fish to 8 (as recalled).
 */
export const THAW_DRIP = { meat: [0.01, 0.06], fish: [0.02, 0.08] } as const;

/** Heat that melts ice at 0 C, J/kg. */
export const MELTING_ICE = 333_600;
/**
 * Water bound to protein does not freeze, kg per kg of protein: 0.25 to 0.4 is published. Chosen for the ice of
 * lean beef as Riedel measured it, as recalled: 0.74, 0.82 and 0.87 of its water at -5, -10 and -20 C.
 */
const BOUND_WATER = 0.27;
/** Freezing point of lean beef, -1.1 C (Riedel, as recalled), over that of the correlation for it. */
const POINT_SCALE = 0.54;

/**
 * Initial freezing point, C, from the solutes in the water: the correlation of Pham (1996), as recalled, scaled
 * to lean beef. Published points of raw meat and fish run from -0.9 to -2.2.
 */
export const freezingPoint = ({ water, protein, ash }: Composition): number =>
  POINT_SCALE * (-4.66 * (protein / water) - 46.4 * (ash / water));

/** Share of the mass that is ice at a temperature: Schwartzberg (1976), bound water left out. */
export const iceShare = (composition: Composition, celsius: number): number => {
  const point = freezingPoint(composition);
  if (celsius >= point) return 0;
  const freezable = composition.water - BOUND_WATER * composition.protein;
  return Math.max(0, freezable) * (1 - point / celsius);
};

const SOLIDS = ['protein', 'fat', 'ash'] as const;

/** Enthalpy over that of liquid at 0 C, J/kg: solids, liquid water, and ice with its latent heat. */
export const enthalpyWithIce = (composition: Composition, celsius: number): number => {
  const ice = iceShare(composition, celsius);
  const solids = SOLIDS.reduce(
    (sum, name) => sum + composition[name] * integrate(CHOI_OKOS[name].capacity, celsius),
    0,
  );
  const liquid = (composition.water - ice) * integrate(CHOI_OKOS.water.capacity, celsius);
  return solids + liquid + ice * (integrate(ICE.capacity, celsius) - MELTING_ICE);
};

const value = ([a, b, c]: Quadratic, celsius: number): number => a + celsius * (b + celsius * c);

/** Conductivity by volume fraction (Choi & Okos 1986), ice in place of the water it was, W/m K. */
export const conductivityWithIce = (composition: Composition, celsius: number): number => {
  const ice = iceShare(composition, celsius);
  const parts = [
    { share: composition.water - ice, of: CHOI_OKOS.water },
    { share: ice, of: ICE },
    ...SOLIDS.map((name) => ({ share: composition[name], of: CHOI_OKOS[name] })),
  ].map(({ share, of }) => ({
    volume: share / value(of.density, celsius),
    conductivity: value(of.conductivity, celsius),
  }));
  const whole = parts.reduce((sum, { volume }) => sum + volume, 0);
  return parts.reduce((sum, { volume, conductivity }) => sum + (volume / whole) * conductivity, 0);
};

/** Density that enthalpy per volume is taken at: of the thawed tissue, kg/m3. Freezing swells it by some per cent. */
export const thawedDensity = (composition: Composition): number =>
  tissueProperties(composition).density;
