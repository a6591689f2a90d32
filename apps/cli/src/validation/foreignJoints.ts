import {
  drawForeignKitchen,
  ForeignPiece,
  type ForeignFace,
  type ForeignKitchen,
} from '@crustan/core/foreign';
import { seededRandom } from '@crustan/core/maths';
import {
  cookJoint,
  JOINT_START,
  RATE_PART,
  RISE_SECONDS,
  SURFACE_POINTS,
  type JointCook,
  type JointRise,
  type SurfacePoint,
} from '../fit/surfacePoints';

/** Kitchens in which each joint is cooked, and the seed that draws them: none of the benches'. */
const KITCHENS = 12;
const SEED = 77;
/** Coefficient of the room's air, W/m2K, as in a rest, and the mass fraction of water. */
const ROOM_COEFFICIENT = 6;
const WATER = 0.74;
const LONGEST = 6 * 3600;

/** A joint in one foreign kitchen with an exact oven, and in a rest on a rack. */
const cookIn = (kitchen: ForeignKitchen, joint: JointCook): JointRise => {
  // A box with the section of the round joint.
  const side = Math.sqrt(Math.PI) * joint.radius;
  const piece = new ForeignPiece(
    {
      ...{ width: side, length: side, thickness: joint.thickness },
      ...{ start: JOINT_START, water: WATER },
    },
    kitchen,
  );
  const dt = piece.longestStep;
  const inAir = (celsius: number, coefficient: number, vapour: number): void => {
    const face: ForeignFace = { kind: 'air', celsius, walls: celsius, coefficient, vapour };
    piece.step({ lower: face, upper: face, side: face }, dt);
  };
  const cores = [piece.core];
  while (cores.length * dt < LONGEST && piece.core < joint.pull) {
    inAir(joint.air, kitchen.ovenCoefficient, kitchen.ovenVapour);
    cores.push(piece.core);
  }
  const { core, lossShare: loss } = piece;
  const steps = cores.length - 1;
  const part = Math.round(RATE_PART * steps);
  const rate = (core - (cores[steps - part] ?? NaN)) / (part * dt);
  let peak = core;
  for (let t = 0; t < RISE_SECONDS; t += dt) {
    inAir(kitchen.room, ROOM_COEFFICIENT, kitchen.roomVapour);
    peak = Math.max(peak, piece.core);
  }
  return { rise: peak - core, rate, loss };
};

/** Mean and standard deviation of a figure over the foreign kitchens. */
export interface Scattered {
  readonly mean: number;
  readonly deviation: number;
}

/** A reported joint in the model and in foreign kitchens. */
export interface ForeignRise {
  readonly point: SurfacePoint;
  readonly model: JointRise;
  /** K. */
  readonly rise: Scattered;
  /** Rise over the rate of the core at the pull, s. */
  readonly carried: Scattered;
  /** Loss at the pull, share of the first mass. */
  readonly loss: Scattered;
}

const scattered = (all: readonly number[]): Scattered => {
  const mean = all.reduce((sum, one) => sum + one, 0) / all.length;
  const squares = all.reduce((sum, one) => sum + (one - mean) ** 2, 0);
  return { mean, deviation: Math.sqrt(squares / (all.length - 1)) };
};

/** The joints whose rise is reported from outside, in the model and in foreign kitchens. */
export const foreignRises = (): readonly ForeignRise[] => {
  const random = seededRandom(SEED);
  const kitchens = Array.from({ length: KITCHENS }, () => drawForeignKitchen(random));
  return SURFACE_POINTS.flatMap((point): ForeignRise[] => {
    const { joint } = point;
    if (!joint) return [];
    const cooks = kitchens.map((kitchen) => cookIn(kitchen, joint));
    return [
      {
        point,
        model: cookJoint(joint),
        rise: scattered(cooks.map(({ rise }) => rise)),
        carried: scattered(cooks.map(({ rise, rate }) => rise / rate)),
        loss: scattered(cooks.map(({ loss }) => loss)),
      },
    ];
  });
};
