import { CHOI_OKOS, TISSUES, type Composition } from '../food';
import type { Cook, Stage } from '../heat';

/*
 * A second program for the baseline equations of docs/heat-model.md, as plain as can be: explicit
 * steps on a uniform grid of round or flat pieces. It shares only the tables of food with the solver,
 * so that both must be wrong in the same way for a test to miss it. SI and Celsius.
 */

/** Hoisted: a global is looked up at every use. */
const { abs, ceil, exp, floor, max, min, round } = Math;

const CELL = 0.5e-3;
const RING = 4e-3;
const BOILS = 100.5;
const K_DRY = 0.15;
const SIGMA = 5.670374419e-8;
const M_OVER_R = 0.01801528 / 8.314462618;

interface Outside {
  readonly temperature: number;
  readonly h: number;
  readonly wet: number;
  readonly emissivity: number;
  readonly vapour: number | undefined;
}
const pan = (temperature: number): Outside => ({
  temperature,
  h: 150,
  wet: 250,
  emissivity: 0,
  vapour: undefined,
});
const air = (
  temperature: number,
  h: number,
  vapour: number | undefined,
  emissivity = 0.9,
): Outside => ({ temperature, h, wet: 0, emissivity, vapour });

type Faces = readonly [lower: Outside, upper: Outside, edge: Outside];
const facesOf = (stage: Stage): Faces => {
  switch (stage.kind) {
    case 'sear':
    case 'turns':
      return [pan(stage.pan), air(25, 8, 1200), air(60, 8, 1200)];
    case 'oven': {
      const all = air(stage.air, stage.h, 2000);
      return [stage.pan === undefined ? all : pan(stage.pan), all, all];
    }
    case 'counter':
      return [air(stage.air, 5, undefined), air(stage.air, 5, 1200), air(stage.air, 5, 1200)];
    case 'hold':
      throw new Error('holds are no part of the baseline');
    case 'rest': {
      if (stage.cover === 'wrapped') throw new Error('wrapped rests are no part of the baseline');
      const open = stage.cover === 'open';
      const all = open ? air(22, 6, 1200) : air(35, 4, 4500, 0.5);
      return [{ ...all, vapour: undefined }, all, all];
    }
  }
};

const polynomial = ([a, b, c]: readonly [number, number, number], celsius: number): number => {
  const t = min(celsius, 100);
  return a + b * t + c * t * t;
};
const saturation = (celsius: number): number =>
  610.94 * exp((17.625 * celsius) / (243.04 + celsius));
const PARTS = ['water', 'protein', 'fat', 'ash'] as const;

/** Runs a cook of a flat or round piece of one tissue; cores at the end of each stage, C. */
export const explicitProgram = (cook: Cook) => {
  const { tissue, thickness, start, shape } = cook.piece;
  if (shape?.kind === 'long') throw new Error('only flat and round pieces');
  const composition: Composition = TISSUES[tissue];
  const at20 = (part: keyof Composition): number => polynomial(CHOI_OKOS[part].density, 20);
  const density = 1 / PARTS.reduce((sum, part) => sum + composition[part] / at20(part), 0);
  const water0 = density * composition.water;
  const mixed = (
    parts: readonly (keyof Composition)[],
    weight: (part: keyof Composition) => number,
    property: 'conductivity' | 'capacity',
  ): readonly [number, number, number] => {
    const term = (n: 0 | 1 | 2): number =>
      parts.reduce((sum, part) => sum + weight(part) * CHOI_OKOS[part][property][n], 0);
    return [term(0), term(1), term(2)];
  };
  const byVolume = (part: keyof Composition): number => (composition[part] * density) / at20(part);
  const wetConductivity = mixed(PARTS, byVolume, 'conductivity');
  const solids = mixed(
    ['protein', 'fat', 'ash'],
    (part) => density * composition[part],
    'capacity',
  );
  const kWet = (t: number): number => polynomial(wetConductivity, t);
  const capacity = (t: number, water: number): number =>
    water * polynomial(CHOI_OKOS.water.capacity, t) + polynomial(solids, t);

  const nz = round(thickness / CELL);
  const radius = shape?.kind === 'round' ? shape.radius : undefined;
  const nr = radius === undefined ? 1 : round(radius / RING);
  const dz = thickness / nz;
  const dr = radius === undefined ? 1 : radius / nr;
  /** Area of a ring, m2 per radian; a flat piece is one column of one square metre. */
  const ring = (i: number): number =>
    radius === undefined ? 1 : (((i + 1) * dr) ** 2 - (i * dr) ** 2) / 2;
  const T = new Float64Array(nz * nr).fill(start);
  const W = new Float64Array(nz * nr).fill(water0);
  const k = new Float64Array(nz * nr);
  const q = new Float64Array(nz * nr);
  const columns = Array.from({ length: nr }, (_, i) =>
    Array.from({ length: nz }, (__, j) => i * nz + j),
  );
  const turned = columns.map((column) => column.toReversed());
  const rows = Array.from({ length: nz }, (_, j) =>
    Array.from({ length: nr }, (__, i) => (nr - 1 - i) * nz + j),
  );
  const middle = (): number => (T[floor((nz - 1) / 2)] + T[ceil((nz - 1) / 2)]) / 2;

  /** Heat into a face cell, W, and the vapour that leaves through it by the first wet cell. */
  const face = (outside: Outside, cells: readonly number[], area: number, half: number): void => {
    const [outer] = cells;
    const h = outside.h + outside.wet * min(1, W[outer] / water0);
    const surface = T[outer] + ((outside.temperature - T[outer]) * h) / (h + k[outer] / half);
    const kelvin = 273.15;
    const radiated =
      outside.emissivity * SIGMA * ((outside.temperature + kelvin) ** 4 - (surface + kelvin) ** 4);
    // Radiation as a coefficient of the same surface, so that both pass the half cell together.
    const away = outside.temperature - surface;
    const total = h + (abs(away) < 1e-6 ? 0 : radiated / away);
    q[outer] += (area * (outside.temperature - T[outer])) / (1 / total + half / k[outer]);
    if (outside.vapour === undefined) return;
    const wet = cells.findIndex((cell) => W[cell] >= 0.1 * water0);
    if (wet === -1) return;
    const cell = cells[wet];
    const ofFilm = (353 / (outside.temperature + kelvin)) * ((1007 * 0.9) / outside.h);
    const leaving =
      ((0.98 * saturation(T[cell]) * M_OVER_R) / (T[cell] + kelvin) -
        (outside.vapour * M_OVER_R) / (outside.temperature + kelvin)) /
      (ofFilm + ((wet + 1 - W[cell] / water0) * 2 * half) / 3e-6);
    if (leaving <= 0) return;
    const volume = area * 2 * half;
    const kilograms = min(leaving * area * dt, W[cell] * volume);
    W[cell] -= kilograms / volume;
    q[cell] -= (kilograms * (2.501e6 - 2361 * T[cell])) / dt;
  };

  /** Within the limit of explicit steps in both directions, s. */
  const dt = 0.2 / (1.6e-7 / dz ** 2 + (radius === undefined ? 0 : 1.6e-7 / dr ** 2)) / 2;
  const step = ([lower, upper, edge]: Faces): void => {
    for (let c = 0; c < T.length; c += 1) {
      k[c] = K_DRY + (kWet(T[c]) - K_DRY) * min(1, W[c] / water0);
      q[c] = 0;
    }
    for (let i = 0; i < nr; i += 1) {
      const area = ring(i);
      for (let j = 0; j + 1 < nz; j += 1) {
        const [a, b] = [i * nz + j, i * nz + j + 1];
        const flow = (area * (T[b] - T[a])) / ((dz / 2) * (1 / k[a] + 1 / k[b]));
        q[a] += flow;
        q[b] -= flow;
      }
      if (i + 1 < nr) {
        for (let j = 0; j < nz; j += 1) {
          const [a, b] = [i * nz + j, (i + 1) * nz + j];
          const between = (i + 1) * dr * dz;
          const flow = (between * (T[b] - T[a])) / ((dr / 2) * (1 / k[a] + 1 / k[b]));
          q[a] += flow;
          q[b] -= flow;
        }
      }
      face(lower, columns[i], area, dz / 2);
      face(upper, turned[i], area, dz / 2);
    }
    if (radius !== undefined) {
      for (const row of rows) face(edge, row, radius * dz, dr / 2);
    }
    for (let i = 0; i < nr; i += 1) {
      const volume = ring(i) * dz;
      for (let j = 0; j < nz; j += 1) {
        const c = i * nz + j;
        const heat = capacity(T[c], W[c]);
        T[c] += (q[c] * dt) / (volume * heat);
        if (T[c] <= BOILS || W[c] <= 0) continue;
        const boiled = min(W[c], ((T[c] - BOILS) * heat) / 2.257e6);
        W[c] -= boiled;
        T[c] -= (boiled * 2.257e6) / heat;
      }
    }
  };
  const flip = (): void => {
    for (const field of [T, W]) {
      for (let i = 0; i < nr; i += 1) field.subarray(i * nz, (i + 1) * nz).reverse();
    }
  };

  return cook.stages.map((stage) => {
    const faces = facesOf(stage);
    let seconds = 0;
    let corePeak = middle();
    const run = (most: number, until = Infinity): void => {
      const from = seconds;
      while (seconds - from < most - dt / 2 && middle() < until) {
        step(faces);
        seconds += dt;
        corePeak = max(corePeak, middle());
      }
    };
    if (stage.kind === 'turns') {
      for (let i = 0; i < stage.count; i += 1) {
        run(stage.every);
        flip();
      }
    } else if (stage.kind === 'oven') {
      run(stage.seconds ?? stage.maxSeconds ?? 0, stage.untilCore);
    } else {
      run(stage.seconds);
      if (stage.kind === 'sear' && stage.thenFlip) flip();
    }
    return { seconds, core: middle(), corePeak };
  });
};
