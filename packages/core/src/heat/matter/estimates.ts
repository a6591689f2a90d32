/** A figure that is not published for this use: its value, and the range in which it probably lies. */
export interface Estimate {
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly unit: string;
  readonly what: string;
}

/**
 * Every estimate of the kitchen model beyond the baseline, in one table. Their ranges enter the stated spread of a
 * plan (`plan/ranges/wayRanges`); docs/heat-model.md prints them with the equations.
 */
export const ESTIMATES = {
  fatMelting: {
    value: 60e3,
    least: 50e3,
    most: 100e3,
    unit: 'J/kg',
    what: 'heat that melts fat, per mass of fat, between 15 and 45 C',
  },
  renderingTime: {
    value: 300,
    least: 240,
    most: 360,
    unit: 's',
    what: 'time constant with which a layer of fat above 60 C loses thickness',
  },
  renderedLeft: {
    value: 0.575,
    least: 0.5,
    most: 0.65,
    unit: '',
    what: 'share of its thickness that a rendered layer keeps',
  },
  faceShrinkage: {
    value: 0.125,
    least: 0.1,
    most: 0.15,
    unit: '',
    what: 'share of its area that a face loses when the meat is done through',
  },
  filmContact: {
    value: 220,
    least: 150,
    most: 300,
    unit: 'W/m2K',
    what: 'contact of a pressed face once dry, through a film of fat; published contact coefficients for meat run from 200 to 1200 (Housova & Topinka 1985) and 250 to 650 (Wichchukit et al. 2001), as recalled, so that 150 lies under both',
  },
  bulgedContact: {
    value: 0.45,
    least: 0.3,
    most: 0.65,
    unit: '',
    what: 'contact of a face just turned down, as a share of its later contact',
  },
  bulgedSeconds: {
    value: 20,
    least: 10,
    most: 30,
    unit: 's',
    what: 'how long a face turned down bulges',
  },
  looseContact: {
    value: 0.65,
    least: 0.45,
    most: 0.85,
    unit: '',
    what: 'contact of a piece lying by its own weight, of a pressed one',
  },
  juiceTime: {
    value: 120,
    least: 60,
    most: 180,
    unit: 's',
    what: 'time constant with which juice is expelled just under the surface',
  },
  juiceDiffusivity: {
    value: 4.5e-8,
    least: 1.5e-8,
    most: 1e-7,
    unit: 'm2/s',
    what: 'diffusivity of expelled juice through meat: it adds the square of the distance to the surface over this to the time constant',
  },
  juiceToFront: {
    value: 0.3,
    least: 0.15,
    most: 0.45,
    unit: '',
    what: 'share of the expelled juice that reaches a boiling front, as far as it boils away there',
  },
  crustDiffusivity: {
    value: 4e-6,
    least: 2e-6,
    most: 6e-6,
    unit: 'm2/s',
    what: 'diffusivity of vapour through the dried layer: published figures run from 1e-6 to 1e-5, and the times of steaks in low ovens leave this range',
  },
  stillOven: {
    value: 14,
    least: 10,
    most: 18,
    unit: 'W/m2K',
    what: 'convection in an oven without a fan; plans carry it as an input',
  },
  ovenVapour: {
    value: 3000,
    least: 1500,
    most: 8000,
    unit: 'Pa',
    what: 'vapour pressure in an electric oven: air of a kitchen, and what the piece gives off',
  },
  boneTaper: {
    value: 0.012,
    least: 0.008,
    most: 0.016,
    unit: 'm',
    what: 'distance from a bone over which the contact comes up to that of flat meat',
  },
  besidePanVapour: {
    value: 10e3,
    least: 5e3,
    most: 15e3,
    unit: 'Pa',
    what: 'vapour pressure beside a piece in a pan',
  },
  restContact: {
    value: 200,
    least: 100,
    most: 400,
    unit: 'W/m2K',
    what: 'contact of a resting piece with its board or plate',
  },
  restContactFoil: {
    value: 60,
    least: 40,
    most: 100,
    unit: 'W/m2K',
    what: 'the same with foil between',
  },
  floorShare: {
    value: 0.72,
    least: 0.65,
    most: 0.8,
    unit: '',
    what: "share of a pan's mass that is its floor",
  },
  trayCoefficient: {
    value: 6,
    least: 4,
    most: 8,
    unit: 'W/m2K',
    what: 'convection on the lower face of a piece on a rack over a tray',
  },
  trayCooler: {
    value: 8,
    least: 4,
    most: 15,
    unit: 'K',
    what: 'what that lower face sees, under the air',
  },
  gasVapour: {
    value: 6000,
    least: 4000,
    most: 10000,
    unit: 'Pa',
    what: 'vapour pressure in a gas oven, whose flame gives water',
  },
} as const satisfies Readonly<Record<string, Estimate>>;
export type EstimateName = keyof typeof ESTIMATES;
