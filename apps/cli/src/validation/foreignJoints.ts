import {
  drawForeignKitchen,
  ForeignPiece,
  type ForeignFace,
  type ForeignKitchen,
} from '@crustan/core/foreign';
import { seededRandom } from '@crustan/core/maths';
import {
  JOINT_START,
  RISE_SECONDS,
  SURFACE_POINTS,
  type JointCook,
  type SurfacePoint,
} from '../fit/surfacePoints';

/** Kitchens in which each joint is cooked, and the seed that draws them: none of the benches'. */
const KITCHENS = 12;
const SEED = 77;
/** Coefficient of the room's air, W/m2K, as in a rest, and the mass fraction of water. */
const ROOM_COEFFICIENT = 6;
const WATER = 0.74;
const LONGEST = 6 * 3600;

/** Rise of a joint's core in its rest on a rack in one foreign kitchen, K; the oven is exact. */
const riseIn = (kitchen: ForeignKitchen, joint: JointCook): number => {
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
  for (let t = 0; t < LONGEST && piece.core < joint.pull; t += dt) {
    inAir(joint.air, kitchen.ovenCoefficient, kitchen.ovenVapour);
  }
  const { core } = piece;
  let peak = core;
  for (let t = 0; t < RISE_SECONDS; t += dt) {
    inAir(kitchen.room, ROOM_COEFFICIENT, kitchen.roomVapour);
    peak = Math.max(peak, piece.core);
  }
  return peak - core;
};

/** Rises of a joint in foreign kitchens, K. */
export interface ForeignRise {
  readonly point: SurfacePoint;
  readonly mean: number;
  readonly deviation: number;
}

/** The joints whose rise is reported from outside, cooked in foreign kitchens. */
export const foreignRises = (): readonly ForeignRise[] => {
  const random = seededRandom(SEED);
  const kitchens = Array.from({ length: KITCHENS }, () => drawForeignKitchen(random));
  return SURFACE_POINTS.flatMap((point): ForeignRise[] => {
    const { joint } = point;
    if (!joint) return [];
    const rises = kitchens.map((kitchen) => riseIn(kitchen, joint));
    const mean = rises.reduce((sum, rise) => sum + rise, 0) / KITCHENS;
    const squares = rises.reduce((sum, rise) => sum + (rise - mean) ** 2, 0);
    return [{ point, mean, deviation: Math.sqrt(squares / (KITCHENS - 1)) }];
  });
};
