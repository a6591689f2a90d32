import { crustFrom } from '../../doneness';
import { fatOf, hottestPan, type PanOnBurner } from '../../gear';
import { checkGear } from './checkGear';
import { PLAN_LIMITS } from '../request/limits';
import { isUnder } from './lowestTarget';
import { ovenAir, ovenAirChange } from '../request/ovenAir';
import { charredFrom, type CrustComplaint } from '../legs/crustComplaint';
import { palestFace } from '../legs/palestBrowning';
import type { Obstacle, Remedy } from '../legs/planResult';
import { recordRun } from './recordPlan';
import { refineWay } from './refineWay';
import { cutOf, type PlanRequest } from '../request/request';
import { solveWay } from './solveWay';
import { usesLowOven, usesOven, waysFor, type Way } from '../request/way';
import { MethodSimulator, type SimulationRun } from '../legs/methodSimulator';

/** Steps in which remedies are offered: whole millimetres and five degrees. */
const THICKNESS_STEP = 0.001;
const DEGREES = 5;
/** Additional thickness up to which a piece is searched, and the thinnest that is offered, m. */
const THICKEST_EXTRA = 0.02;
const THINNEST = 0.01;
/** No hotter oven is offered, C. */
const HOTTEST_OVEN = 230;

/** The kitchen a remedy must work in. */
export interface PlanKitchen {
  readonly pan: PanOnBurner;
  /** The published minimum a kitchen keeps its plans to, C. */
  readonly minimum?: number | undefined;
}

/** Fault of a request for which fixes are searched. */
type Complaint = Obstacle['reason'] | CrustComplaint;

/** Browning index that the palest face that matters must have, and that no face may reach. */
export interface CrustBounds {
  readonly least: number;
  readonly under: number;
}

/** Crust neither pale nor charred. */
export const goodCrust = (request: PlanRequest): CrustBounds => ({
  least: crustFrom('golden', request),
  under: charredFrom(request),
});

/** Crust that a fix for each fault must give; for the others one that is not burnt. */
const crustNeeded = (request: PlanRequest, complaint: Complaint): CrustBounds => {
  const { least, under } = goodCrust(request);
  if (complaint === 'charred') return { least: 0, under };
  return { least: complaint === 'pale' ? least : 0, under: crustFrom('burnt', request) };
};

/** Input of the search for a fix. */
interface Search extends PlanKitchen {
  readonly request: PlanRequest;
  readonly crust: CrustBounds;
}

const hasCrust = (
  request: PlanRequest,
  faces: SimulationRun['faces'],
  { least, under }: CrustBounds,
): boolean => palestFace(request, faces) >= least && Math.max(...faces) < under;

/** Whether a request works in one dimension. */
export function* worksInOneDimension(
  request: PlanRequest,
  { pan, minimum = -Infinity }: PlanKitchen,
  crust: CrustBounds,
): Generator<null, boolean> {
  if (request.target < minimum || checkGear(request, pan)) return false;
  const solved = yield* solveWay(new MethodSimulator(request, { pan }));
  return solved.ok && hasCrust(request, solved.run.faces, crust);
}

/** Whether it works on the section too, in the very steps by which it will be planned. */
function* worksOnSection(
  request: PlanRequest,
  { pan, minimum, crust }: Search,
): Generator<null, boolean> {
  if (request.target < (minimum ?? -Infinity) || checkGear(request, pan)) return false;
  const guide = new MethodSimulator(request, { pan });
  const solved = yield* solveWay(guide);
  if (!solved.ok) return false;
  const refined = yield* refineWay(request, solved, { guide, pan, frames: 1 });
  if (!refined.ok || !hasCrust(request, refined.run.faces, crust)) return false;
  return minimum === undefined || !isUnder(recordRun(refined.cook, refined.run).plan, minimum);
}

/** The nearest whole number of steps, rounded so that binary fractions leave no digits. */
const onStep = (value: number, step: number): number =>
  Number((Math.round(value / step) * step).toFixed(6));

/** One input of a request as a ladder of values: from the one that fails to the furthest offered. */
interface Ladder {
  readonly from: number;
  readonly to: number;
  readonly step: number;
  readonly request: (value: number) => PlanRequest;
}

/**
 * The value nearest to `from` that works, by bisection between what fails and the furthest;
 * undefined when not even the furthest works.
 */
function* nearestWorking(ladder: Ladder, search: Search): Generator<null, number | undefined> {
  const { from, to, step, request } = ladder;
  const rungs = Math.floor(Math.abs(to - from) / step + 1e-6);
  const rung = (i: number): number => onStep(to + i * Math.sign(from - to) * step, step);
  if (rungs < 1 || !(yield* worksInOneDimension(request(rung(0)), search, search.crust)))
    return undefined;
  let good = 0;
  let wrong = rungs;
  while (wrong - good > 1) {
    const middle = Math.floor((good + wrong) / 2);
    if (yield* worksInOneDimension(request(rung(middle)), search, search.crust)) good = middle;
    else wrong = middle;
  }
  // A value that barely works in one dimension may fail on the section: then the next one further in is tried.
  for (let i = good; i >= Math.max(0, good - 2); i -= 1) {
    if (yield* worksOnSection(request(rung(i)), search)) return rung(i);
  }
  return undefined;
}

/** The first value of a ladder that works, walked from the one that fails. */
function* firstWorking(ladder: Ladder, search: Search): Generator<null, number | undefined> {
  const { from, to, step, request } = ladder;
  for (let i = 1; i * step <= to - from + 1e-9; i += 1) {
    const value = onStep(from + (i + 0.5) * step - 1e-9, step);
    const worth = yield* worksInOneDimension(request(value), search, search.crust);
    if (worth && (yield* worksOnSection(request(value), search))) return value;
  }
  return undefined;
}

const withPanAfter = (request: PlanRequest) => (panAfter: number) => ({ ...request, panAfter });
const withPan = (request: PlanRequest) => (pan: number) => ({ ...request, pan });
const withThickness = (request: PlanRequest) => (thickness: number) => ({ ...request, thickness });
const withOven =
  (request: PlanRequest) =>
  (air: number): PlanRequest => ({ ...request, ...ovenAirChange(request, air) });

const panRemedy = (pan: number | undefined): Remedy | undefined =>
  pan === undefined ? undefined : { kind: 'pan', pan };
const thicknessRemedy = (thickness: number | undefined): Remedy | undefined =>
  thickness === undefined ? undefined : { kind: 'thickness', thickness };

/** The first of some ways that works. */
function* wayAmong(search: Search, ways: readonly Way[]): Generator<null, Remedy | undefined> {
  const { request } = search;
  for (const way of ways) {
    if (way !== request.way && (yield* worksOnSection({ ...request, way }, search))) {
      return { kind: 'way', way };
    }
  }
  return undefined;
}

type RemedySearch = (search: Search) => Generator<null, Remedy | undefined>;

const SEARCHES = {
  way: (search) => wayAmong(search, waysFor(cutOf(search.request))),
  turnOften: (search) =>
    wayAmong(
      search,
      waysFor(cutOf(search.request)).filter((way) => way === 'often'),
    ),
  otherWay: (search) => wayAmong(search, waysFor(cutOf(search.request)).filter(usesOven)),
  *steady(search) {
    const { pan, panAfter } = search.request;
    if (panAfter === undefined) return undefined;
    const works = yield* worksOnSection({ ...search.request, panAfter: undefined }, search);
    return works ? { kind: 'turn-down', panAfter: pan } : undefined;
  },
  *turnDown(search) {
    const { request } = search;
    const { pan, panAfter = pan, way } = request;
    if (usesOven(way)) return undefined;
    const to = PLAN_LIMITS.pan.least;
    const ladder = { from: panAfter, to, step: DEGREES, request: withPanAfter(request) };
    const lower = yield* nearestWorking(ladder, search);
    return lower === undefined ? undefined : { kind: 'turn-down', panAfter: lower };
  },
  *hotterOven(search) {
    const { request } = search;
    const from = ovenAir(request);
    if (from === undefined) return undefined;
    const most = usesLowOven(request.way) ? PLAN_LIMITS.lowOven.most : HOTTEST_OVEN;
    const ladder = { from, to: most, step: DEGREES, request: withOven(request) };
    const air = yield* nearestWorking(ladder, search);
    return air === undefined ? undefined : { kind: 'oven', air };
  },
  *hotterPan(search) {
    const { request, pan } = search;
    // No pan is offered that the burner cannot bring up, or in which the fat would smoke.
    const hottest = Math.min(hottestPan(pan) - 1, fatOf(request.fat).smokes[1]);
    const to = Math.floor(hottest / DEGREES) * DEGREES;
    const ladder = { from: request.pan, to, step: DEGREES, request: withPan(request) };
    return panRemedy(to > request.pan ? yield* nearestWorking(ladder, search) : undefined);
  },
  *coolerPan(search) {
    const { request } = search;
    const to = PLAN_LIMITS.pan.least;
    const ladder = { from: request.pan, to, step: DEGREES, request: withPan(request) };
    return panRemedy(yield* nearestWorking(ladder, search));
  },
  *thinner(search) {
    const { request } = search;
    const ladder = {
      from: request.thickness,
      to: THINNEST,
      step: THICKNESS_STEP,
      request: withThickness(request),
    };
    return thicknessRemedy(
      request.thickness > THINNEST ? yield* nearestWorking(ladder, search) : undefined,
    );
  },
  *thicker(search) {
    const { request } = search;
    const ladder = {
      from: request.thickness,
      to: Math.min(request.thickness + THICKEST_EXTRA, PLAN_LIMITS.thickness.most),
      step: THICKNESS_STEP,
      request: withThickness(request),
    };
    return thicknessRemedy(yield* firstWorking(ladder, search));
  },
} satisfies Record<string, RemedySearch>;

/** Searches for each fault, the most promising first. */
const TRIED: Readonly<Record<Complaint, readonly (keyof typeof SEARCHES)[]>> = {
  charred: ['turnDown', 'turnOften', 'thinner', 'coolerPan', 'otherWay'],
  never: ['way', 'hotterPan', 'thinner'],
  over: ['steady', 'way', 'thicker', 'hotterPan'],
  'cool-oven': ['hotterOven', 'way'],
  pale: ['way', 'hotterPan', 'thicker'],
  burner: [],
  crowded: [],
  tower: [],
  locked: [],
  warm: [],
};

/** Changes with which the request works, each verified by planning it. Empty where none was found. */
export function* remediesFor(
  request: PlanRequest,
  complaint: Complaint,
  kitchen: PlanKitchen,
): Generator<null, readonly Remedy[]> {
  const search: Search = { ...kitchen, request, crust: crustNeeded(request, complaint) };
  const remedies: Remedy[] = [];
  for (const name of TRIED[complaint]) {
    // Sears beside an oven stop at their crust: neither pan nor thickness is what burns there.
    if (complaint === 'charred' && usesOven(request.way) && name !== 'otherWay') continue;
    const remedy: Remedy | undefined = yield* SEARCHES[name](search);
    if (remedy) remedies.push(remedy);
  }
  return remedies;
}
