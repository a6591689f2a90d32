import {
  ESTIMATES,
  HEAT_MODELS,
  lossOf,
  simulate,
  STILL_OVEN,
  type Piece,
  type Stage,
} from '@crustan/core/heat';

/** A figure of an oven cook from practice, charts or an independent solver, as the range it lies in. */
export interface SurfacePoint {
  readonly name: string;
  readonly unit: 'K' | 'min' | '%' | 'C';
  readonly least: number;
  readonly most: number;
  /** Figure by the first law, in which juice came to a front only as far as that boiled. */
  readonly before: number;
  readonly of: () => number;
  /** Held aside while the law is fitted. */
  readonly aside?: true;
  /** The joint whose rise it is. */
  readonly joint?: JointCook;
}

/** A round joint out of a fridge, in an oven until its core is at the pull: m and C. */
export interface JointCook {
  readonly radius: number;
  readonly thickness: number;
  readonly air: number;
  readonly pull: number;
}

/** Start of a joint, C, and the time of its rise, s. */
export const JOINT_START = 5;
export const RISE_SECONDS = 1200;

const REST = 1800;
const LONGEST = 6 * 3600;
const vapour = ESTIMATES.ovenVapour.value;
const oven = (air: number, untilCore: number): Stage => ({
  ...{ kind: 'oven', air, h: STILL_OVEN, vapour, untilCore, maxSeconds: LONGEST },
});
const jointOf = ({ radius, thickness }: Pick<JointCook, 'radius' | 'thickness'>): Piece => ({
  ...{ tissue: 'lean-beef', thickness, start: JOINT_START, shape: { kind: 'round', radius } },
});
const steak = (thickness: number, start: number): Piece => ({
  ...{ tissue: 'lean-beef', thickness, start, shape: { kind: 'long', width: 0.1 } },
});
const cooked = (piece: Piece, stages: readonly Stage[]) =>
  simulate({ piece, stages, model: HEAT_MODELS.kitchen });

/** A joint's core at and after its pull. */
export interface JointRise {
  /** Rise in 20 minutes of open air after an oven, K. */
  readonly rise: number;
  /** Rate at which the core rose over the last tenth of its time in the oven, K/s. */
  readonly rate: number;
  /** Loss at the pull, share of the first mass. */
  readonly loss: number;
}

/** Part of the time in the oven over which the rate of the core is measured. */
export const RATE_PART = 0.1;

/** Cooks a joint and lets it rest on a rack. */
export const cookJoint = (joint: JointCook): JointRise => {
  const times: number[] = [];
  const cores: number[] = [];
  let loss = NaN;
  const { stages } = simulate(
    {
      piece: jointOf(joint),
      model: HEAT_MODELS.kitchen,
      stages: [
        oven(joint.air, joint.pull),
        { kind: 'rest', cover: 'open', on: 'rack', seconds: RISE_SECONDS },
      ],
    },
    {
      watch: (solver, dt) => {
        times.push((times.at(-1) ?? 0) + dt);
        cores.push(solver.core);
        if (Number.isNaN(loss) && solver.core >= joint.pull - 1e-6) loss = solver.evaporatedShare;
      },
    },
  );
  const [inOven, rest] = stages;
  const pulled = inOven?.seconds ?? NaN;
  const before = cores[times.findIndex((time) => time >= (1 - RATE_PART) * pulled)] ?? NaN;
  return {
    rise: (rest?.corePeak ?? NaN) - joint.pull,
    rate: (joint.pull - before) / (RATE_PART * pulled),
    loss,
  };
};
/** The point of a joint's rise. @param range K */
const risePoint = (
  joint: JointCook,
  [least, most]: readonly [number, number],
  before: number,
): SurfacePoint => {
  const [radius, thickness] = [1000 * joint.radius, 1000 * joint.thickness].map(Math.round);
  return {
    name: `joint, radius ${radius} mm, ${thickness} mm, ${joint.air} C to ${joint.pull} C: rise in 20 min`,
    ...{ unit: 'K', least, most, before, joint },
    of: () => cookJoint(joint).rise,
  };
};
/** Minutes in an oven until the core is there. */
const minutesOf = (piece: Piece, air: number, core: number): number =>
  (cooked(piece, [oven(air, core)]).stages[0]?.seconds ?? NaN) / 60;
/** Loss of a joint after its rest, % of its weight. */
const lossAt = (piece: Piece, air: number, pull: number): number => {
  const result = cooked(piece, [
    oven(air, pull),
    { kind: 'rest', cover: 'open', on: 'rack', seconds: REST },
  ]);
  return 100 * lossOf(result).central;
};
/** Loss of a lean strip of 25 mm turned once at 205 C, %, by the peak of its core. */
export const stripLoss = (peak: number): number => {
  let [low, high, loss] = [60, 1200, NaN];
  for (let i = 0; i < 16; i += 1) {
    const seconds = (low + high) / 2;
    const sear: Stage = { kind: 'sear', pan: 205, seconds, thenFlip: true };
    const found = cooked({ tissue: 'lean-beef', thickness: 0.025, start: 5 }, [
      ...[sear, sear],
      { kind: 'rest', cover: 'loose', seconds: 300 },
    ]);
    loss = 100 * lossOf(found).central;
    if (Math.max(...found.stages.map(({ corePeak }) => corePeak)) < peak) low = seconds;
    else high = seconds;
  }
  return loss;
};
/** The surface after two hours in an oven, C. */
const surfaceOf = (piece: Piece, air: number): number =>
  cooked(piece, [{ kind: 'oven', air, h: STILL_OVEN, vapour, seconds: 7200 }]).stages[0]?.surface ??
  NaN;

/** The joints of the points, m. */
const LARGE = { radius: 0.08, thickness: 0.13 } as const;
const SMALL = { radius: 0.07, thickness: 0.1 } as const;

/** Points of brief section 1; one in three is held aside. All figures of roasts are recalled. */
export const SURFACE_POINTS: readonly SurfacePoint[] = [
  risePoint({ ...LARGE, air: 163, pull: 57.2 }, [5, 6.5], 10.5),
  { ...risePoint({ ...SMALL, air: 165, pull: 52 }, [4, 6], 12), aside: true },
  risePoint({ ...SMALL, air: 110, pull: 52 }, [1, 4], 5.1),
  risePoint({ ...SMALL, air: 220, pull: 52 }, [8, 12], 17.8),
  { ...risePoint({ ...LARGE, air: 120, pull: 55 }, [1, 4], 5.3), aside: true },
  {
    name: 'joint, radius 80 mm, 130 mm, 163 C to 60 C: loss',
    ...{ unit: '%', least: 20, most: 25 },
    before: 29.3,
    of: () => lossAt(jointOf(LARGE), 163, 60),
  },
  {
    name: 'joint, radius 80 mm, 130 mm, two hours at 115 C: surface',
    ...{ unit: 'C', least: 65, most: 80 },
    before: 69.8,
    of: () => surfaceOf(jointOf(LARGE), 115),
  },
  {
    name: 'steak, 38 mm, 107 C, 9 to 40.5 C',
    ...{ unit: 'min', least: 39, most: 47 },
    before: 45.7,
    of: () => minutesOf(steak(0.038, 9), 107, 40.5),
  },
  {
    name: 'steak, 38 mm, 135 C, 9 to 40.5 C',
    ...{ unit: 'min', least: 25, most: 32 },
    before: 34.4,
    of: () => minutesOf(steak(0.038, 9), 135, 40.5),
  },
  {
    name: 'steak, 34 mm, 93 C, 4 to 38 C',
    ...{ unit: 'min', least: 44, most: 61 },
    before: 48.0,
    of: () => minutesOf(steak(0.034, 4), 93, 38),
    aside: true,
  },
  {
    name: 'steak, 47 mm, 121 C, 12 to 49 C',
    ...{ unit: 'min', least: 30, most: 61 },
    before: 61.7,
    of: () => minutesOf(steak(0.047, 12), 121, 49),
  },
  {
    name: 'steak, 50 mm, 99 C, 8 to 50 C',
    ...{ unit: 'min', least: 80, most: 100 },
    before: 94.2,
    of: () => minutesOf(steak(0.05, 8), 99, 50),
    aside: true,
  },
  {
    name: 'strip, 25 mm, turned once at 205 C to 71 C: loss',
    ...{ unit: '%', least: 20, most: 25 },
    before: 25,
    of: () => stripLoss(71),
  },
  {
    name: 'strip, 25 mm, turned once at 205 C to 60 C: loss',
    ...{ unit: '%', least: 13, most: 19 },
    before: 18,
    of: () => stripLoss(60),
    aside: true,
  },
];

export interface SurfaceResidual {
  readonly name: string;
  readonly value: number;
  /** Distance from the middle of the range, in half ranges: within one is inside. */
  readonly off: number;
  readonly aside: boolean;
}

export const surfaceResiduals = (): readonly SurfaceResidual[] =>
  SURFACE_POINTS.map(({ name, least, most, of, aside = false }) => {
    const value = of();
    return { name, value, off: (value - (least + most) / 2) / ((most - least) / 2), aside };
  });
