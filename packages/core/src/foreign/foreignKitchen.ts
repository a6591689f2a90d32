import { even } from '../maths/random';

/**
 * Parameters of a kitchen whose physics differs from the model's. Temperatures in C, times in s, lengths in m.
 * The ranges are those of the specification for an independent judge; none is tuned to the model.
 */
export interface ForeignKitchen {
  readonly room: number;
  /** Contact of a face with the pan when it is laid down, W/m2K; the share it falls to; its time constant. */
  readonly contact: number;
  readonly contactLeft: number;
  readonly contactTime: number;
  /** Air beside and above a piece in the pan, and its coefficient, W/m2K. */
  readonly beside: number;
  readonly besideCoefficient: number;
  /** Water activity of a surface that has dried, and the evaporation after which it has, kg/m2. */
  readonly driedActivity: number;
  readonly driedAfter: number;
  /** Oven air over its dial, and its cycle: amplitude in K and period. */
  readonly ovenOffset: number;
  readonly ovenSwing: number;
  readonly ovenPeriod: number;
  /** Walls of the oven over its air. */
  readonly wallsOver: number;
  readonly ovenCoefficient: number;
  /** Vapour pressure of the oven's air and the room's, Pa. */
  readonly ovenVapour: number;
  readonly roomVapour: number;
  /** Heat of denaturation between 50 and 75 C, J/kg. */
  readonly denaturation: number;
  /** Real thickness and start over the stated ones. */
  readonly thicknessOff: number;
  readonly startOff: number;
  /** Probe tip from the middle along the thickness, and its bias, K. */
  readonly probeOff: number;
  readonly probeBias: number;
  /** Contact of a resting face with the board, W/m2K. */
  readonly boardContact: number;
  /** Share of the burner's power that corrects each kelvin of the pan. */
  readonly burnerGain: number;
}

export const ROOM = 22;
const ROOM_VAPOUR = 1300;

/** Draws a foreign kitchen. */
export const drawForeignKitchen = (random: () => number): ForeignKitchen => {
  const between = (low: number, high: number): number => even(random, low, high);
  return {
    room: between(ROOM - 2, ROOM + 3),
    contact: between(240, 480),
    contactLeft: between(0.45, 0.8),
    contactTime: between(40, 150),
    beside: between(45, 80),
    besideCoefficient: between(7, 12),
    driedActivity: between(0.3, 0.7),
    driedAfter: between(0.25, 0.8),
    ovenOffset: between(-14, 16),
    ovenSwing: between(2, 10) / 2,
    ovenPeriod: between(400, 900),
    wallsOver: between(-8, 8),
    ovenCoefficient: between(9, 15),
    ovenVapour: between(1800, 6000),
    roomVapour: ROOM_VAPOUR,
    denaturation: between(0, 5000),
    thicknessOff: between(-0.0015, 0.0015),
    startOff: between(-1.5, 1.5),
    probeOff: between(-0.0025, 0.0025),
    probeBias: between(-0.3, 0.3),
    boardContact: between(80, 200),
    burnerGain: between(0.01, 0.04),
  };
};
