import { crustFrom } from '../../doneness';
import type { PanOnBurner } from '../../gear';
import { browningIndex } from '../../heat';
import type { PlanRequest } from '../request/request';
import { ovenAir, ovenAirChange } from '../request/ovenAir';
import { solveWay } from './solveWay';
import { AIRED_FROM, saltDepths, SALT_SCHOOLS, TEMPER_SCHOOLS } from '../request/schools';
import { brineFilm } from '../request/surfaceFilm';
import { timedFor } from '../legs/timedLeg';
import { MethodSimulator } from '../legs/methodSimulator';
import type { UnitSystem } from '../../units';

/** Effect of salting this long ahead on a face. */
export interface SaltSchool {
  readonly ahead: number;
  /** Brine lying on it when it is not dried, kg/m2. */
  readonly brine: number;
  /** Depth of the salt, m: the least and the most by published diffusivities. */
  readonly depths: readonly [number, number];
  /** Seconds in the pan until that face is golden, as the piece is dried. */
  readonly golden: number;
}

/** Longest a face is watched for gold, s. */
const LONGEST = 900;

/** Seconds on the pan until the face that went down is golden. */
const secondsToGolden = (request: PlanRequest, pan: PanOnBurner): number => {
  const cook = new MethodSimulator({ ...request, way: 'once', edges: 'none', baste: 0 }, { pan });
  cook.reset();
  const { solver } = cook;
  let at = LONGEST;
  cook.runLeg({ ...timedFor(cook.legs[0], LONGEST), flips: [] }, (t) => {
    at = t;
    return browningIndex(solver.browned(0)) >= crustFrom('golden', request);
  });
  return at;
};

/** Each school of salting, on this piece in this pan. Days ahead the face dries in the fridge. */
export function* saltSchools(
  request: PlanRequest,
  pan: PanOnBurner,
): Generator<null, readonly SaltSchool[]> {
  const found: SaltSchool[] = [];
  for (const ahead of SALT_SCHOOLS) {
    yield null;
    const surface =
      ahead >= AIRED_FROM ? 'aired' : request.surface === 'aired' ? 'dry' : request.surface;
    found.push({
      ahead,
      brine: brineFilm(request.salt, ahead),
      depths: saltDepths(ahead, request.thickness),
      golden: secondsToGolden({ ...request, surface, airing: undefined, saltAhead: ahead }, pan),
    });
  }
  return found;
}

export interface TemperSchool {
  readonly seconds: number;
  /** C as it meets the heat. */
  readonly core: number;
  readonly surface: number;
  /** Minutes of cooking it saves, s; undefined if the way does not work. */
  readonly saves: number | undefined;
}

/** Effect of tempering on this piece and on its cook. */
export function* temperSchools(
  request: PlanRequest,
  pan: PanOnBurner,
): Generator<null, readonly TemperSchool[]> {
  const found: TemperSchool[] = [];
  let cold: number | undefined;
  for (const seconds of TEMPER_SCHOOLS) {
    yield null;
    const cook = new MethodSimulator({ ...request, temper: seconds }, { pan });
    cook.reset();
    const { core } = cook.solver;
    const surface = cook.solver.temperature[cook.solver.rows - 1];
    const solved = yield* solveWay(cook);
    const value = solved.ok ? solved.run.value : undefined;
    if (seconds === 0) cold = value;
    found.push({
      seconds,
      core,
      surface,
      saves: value === undefined || cold === undefined ? undefined : cold - value,
    });
  }
  return found;
}

/** Change of the plan's time with one input. */
export interface InputChange {
  readonly input: 'thickness' | 'pan' | 'oven' | 'start' | 'cover';
  /** Change of the input, in its own unit; 0 for one that is switched. */
  readonly by: number;
  /** Seconds more (or fewer) of the part that was solved; undefined if it then fails. */
  readonly seconds: number | undefined;
}

/** Change of each input: a step in which a cook would think, m and K. */
export type InputSteps = Readonly<Record<Exclude<InputChange['input'], 'cover'>, number>>;

/** The steps in each system of units: an eighth of an inch, tens and a quarter of a hundred Fahrenheit. */
export const INPUT_STEPS: Readonly<Record<UnitSystem, InputSteps>> = {
  metric: { thickness: 0.003, start: 5, pan: 20, oven: 10 },
  imperial: { thickness: 0.0254 / 8, start: 10 / 1.8, pan: 25 / 1.8, oven: 25 / 1.8 },
};

/** Effect of a small change of each input. */
export function* analyzeSensitivity(
  request: PlanRequest,
  pan: PanOnBurner,
  steps: InputSteps = INPUT_STEPS.metric,
): Generator<null, readonly InputChange[]> {
  const solve = function* (changed: PlanRequest): Generator<null, number | undefined> {
    const solved = yield* solveWay(new MethodSimulator(changed, { pan }));
    return solved.ok ? solved.run.value : undefined;
  };
  const base = yield* solve(request);
  const air = ovenAir(request);
  const moves: readonly (readonly [InputChange['input'], number, PlanRequest])[] = [
    ['thickness', steps.thickness, { ...request, thickness: request.thickness + steps.thickness }],
    ['start', steps.start, { ...request, start: request.start + steps.start }],
    ['pan', steps.pan, { ...request, pan: request.pan + steps.pan }],
    ...(air === undefined
      ? []
      : ([
          ['oven', steps.oven, { ...request, ...ovenAirChange(request, air + steps.oven) }],
        ] as const)),
    ['cover', 0, { ...request, cover: request.cover === 'open' ? 'wrapped' : 'open' }],
  ];
  const found: InputChange[] = [];
  for (const [input, by, changed] of moves) {
    const value = yield* solve(changed);
    found.push({
      input,
      by,
      seconds: value === undefined || base === undefined ? undefined : value - base,
    });
  }
  return found;
}
