import type { Composition } from './composition';

/** Temperature above which the property polynomials are held, C. Choi & Okos (1986) range. */
export const PROPERTY_CEILING = 100;

/** Hoisted: a global is looked up at every use. */
const { min } = Math;

/** A quadratic in temperature: [c0, c1, c2], value c0 + c1 T + c2 T^2, T in C. */
export type Quadratic = readonly [number, number, number];

interface Component {
  readonly conductivity: Quadratic;
  readonly capacity: Quadratic;
  readonly density: Quadratic;
}

/** Choi & Okos (1986): conductivity W/m K, heat capacity J/kg K, density kg/m3, T in C. */
export const CHOI_OKOS: Readonly<Record<keyof Composition, Component>> = {
  water: {
    conductivity: [0.57109, 1.7625e-3, -6.7036e-6],
    capacity: [4128.9, -9.0864e-2, 5.4731e-3],
    density: [997.18, 3.1439e-3, -3.7574e-3],
  },
  protein: {
    conductivity: [0.17881, 1.1958e-3, -2.7178e-6],
    capacity: [2008.2, 1.2089, -1.3129e-3],
    density: [1329.9, -0.5184, 0],
  },
  fat: {
    conductivity: [0.18071, -2.7604e-4, -1.7749e-7],
    capacity: [1984.2, 1.4733, -4.8008e-3],
    density: [925.59, -0.41757, 0],
  },
  ash: {
    conductivity: [0.32961, 1.4011e-3, -2.9069e-6],
    capacity: [1092.6, 1.8896, -3.6817e-3],
    density: [2423.8, -0.28063, 0],
  },
};

const COMPONENTS = ['water', 'protein', 'fat', 'ash'] as const;
const SOLIDS = ['protein', 'fat', 'ash'] as const;
/** Densities are taken here and kept, C. */
const DENSITY_AT = 20;

/** Value of a quadratic, its temperature held at the property ceiling. */
export const evaluate = (q: Quadratic, celsius: number): number => {
  const t = min(celsius, PROPERTY_CEILING);
  return q[0] + t * (q[1] + t * q[2]);
};

/** Integral from 0 C of the quadratic a + b T + c T^2, constant above the property ceiling. */
export const integrateTerms = (a: number, b: number, c: number, celsius: number): number => {
  const t = min(celsius, PROPERTY_CEILING);
  const below = t * (a + t * (b / 2 + (t * c) / 3));
  return celsius > t ? below + (celsius - t) * (a + t * (b + t * c)) : below;
};

/** Integral of a quadratic from 0 C to `celsius`, constant above the property ceiling. */
export const integrate = (q: Quadratic, celsius: number): number =>
  integrateTerms(q[0], q[1], q[2], celsius);

/** Properties of a tissue per volume, for the solver. */
export interface TissueProperties {
  /** kg/m3 at 20 C. */
  readonly density: number;
  /** First water content, kg/m3. */
  readonly water: number;
  /** Conductivity while wet, W/m K. */
  readonly conductivityWet: Quadratic;
  /** Volumetric heat capacity of the solids, J/m3 K. */
  readonly capacitySolids: Quadratic;
}

const mix = <K extends string>(
  names: readonly K[],
  weight: (name: K) => number,
  of: (name: K) => Quadratic,
): Quadratic => {
  const sum = (order: 0 | 1 | 2): number =>
    names.reduce((total, name) => total + weight(name) * of(name)[order], 0);
  return [sum(0), sum(1), sum(2)];
};

/**
 * Mixes a composition into volumetric properties: conductivity by volume fraction, capacity by
 * mass (Choi & Okos 1986). The mixtures stay quadratics, so the solver evaluates one polynomial.
 */
export const tissueProperties = (composition: Composition): TissueProperties => {
  const densityOf = (name: keyof Composition): number =>
    evaluate(CHOI_OKOS[name].density, DENSITY_AT);
  const density =
    1 / COMPONENTS.reduce((volume, name) => volume + composition[name] / densityOf(name), 0);
  return {
    density,
    water: density * composition.water,
    conductivityWet: mix(
      COMPONENTS,
      (name) => (composition[name] * density) / densityOf(name),
      (name) => CHOI_OKOS[name].conductivity,
    ),
    capacitySolids: mix(
      SOLIDS,
      (name) => density * composition[name],
      (name) => CHOI_OKOS[name].capacity,
    ),
  };
};
