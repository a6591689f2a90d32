import { footprint } from '../../food/footprint';
import { crowding } from '../../gear/crowding';
import type { PanOnBurner } from '../../gear/pan';
import type { CookPlan, Obstacle } from '../../plan/legs/planResult';
import { planWay } from '../../plan/search/planWay';
import { cutOf, type PlanRequest } from '../../plan/request/request';
import { waysFor } from '../../plan/request/way';
import type { PieceJob, PieceOption } from '../dishes/dish';
import { plateSteps } from '../dishes/plateSteps';
import { schedulePlate } from './schedulePlate';
import type { ServiceGear, ServicePan } from '../orders/serviceGear';
import type { ResourceConflict } from '../slots/timeline';

/** Pieces that a home cook wants on one plate. Each request has its number of alike pieces. */
export interface PlateQuestion {
  readonly groups: readonly PlanRequest[];
  /** The published minimum that a kitchen keeps each to, C. */
  readonly minimums: readonly (number | undefined)[];
  readonly gear: ServiceGear;
  /** A pan that could be used too; undefined: every burner is in use. */
  readonly secondPan?: ServicePan | undefined;
  /** Until the plate, s. */
  readonly plateIn: number;
}

/** Pieces alike that go into one pan together. Seconds from now. */
export interface PlateBatch {
  /** Index of its request. */
  readonly group: number;
  readonly count: number;
  readonly plan: CookPlan;
  /** Index in the gear's list; undefined if it sees no pan. */
  readonly pan: number | undefined;
  readonly start: number;
  readonly readyAt: number;
  /** Rested, and waiting for the others, s; how much of that is longer than it stays warm. */
  readonly waits: number;
  readonly overRested: number;
}

/** All pieces on one plate. Seconds from now. */
export interface PlateTogether {
  readonly batches: readonly PlateBatch[];
  readonly landsAt: number;
  readonly late: number;
  /** Between the first and the last batch on the plate, s: above 0 where they cannot be there together. */
  readonly apart: number;
  readonly hindered?: ResourceConflict | undefined;
}

/** A change that makes a plate better, found by planning it. */
export interface PlateChange {
  readonly kind: 'pan' | 'low-oven';
  readonly plate: PlateTogether;
}

export type PlateFound =
  | {
      readonly kind: 'plate';
      readonly plate: PlateTogether;
      /** Undefined while the search for them runs. */
      readonly changes?: readonly PlateChange[] | undefined;
    }
  /** A piece that cannot be planned by itself. */
  | { readonly kind: 'obstacle'; readonly group: number; readonly obstacle: Obstacle }
  /** No pan stands on a burner, or the pieces do not fit within hours. */
  | { readonly kind: 'none'; readonly reason: 'pan' | 'hours' };

/** Cache of plans: a change of only the plate's time plans nothing again. */
export interface PlanMemory {
  readonly get: (key: string) => CookPlan | Obstacle | undefined;
  readonly set: (key: string, found: CookPlan | Obstacle) => void;
}

/** Later than this, or rested longer than this beyond what keeps, a change is looked for, s. */
const WORTH_A_CHANGE = 60;

const isPlan = (found: CookPlan | Obstacle): found is CookPlan => 'legs' in found;

/** Sizes of the batches: the fewest batches that the pan allows, as even as possible. */
export const batchSizes = (count: number, most: number): readonly number[] => {
  const batches = Math.ceil(count / Math.max(1, most));
  return Array.from({ length: batches }, (_, i) => Math.floor((count + batches - 1 - i) / batches));
};

function* planned(
  request: PlanRequest,
  minimum: number | undefined,
  pan: PanOnBurner,
  memory: PlanMemory,
): Generator<null, CookPlan | Obstacle> {
  const key = JSON.stringify([request, minimum, pan]);
  const known = memory.get(key);
  if (known) return known;
  let found: CookPlan | Obstacle | undefined;
  for (const update of planWay(request, { pan, minimum, inFull: false })) {
    if (update?.kind === 'obstacle') found = update.obstacle;
    if (update?.kind === 'plan' && !update.quick) found = update.plan;
    yield null;
  }
  if (!found) throw new Error('a request gives a plan or an obstacle');
  memory.set(key, found);
  return found;
}

/** Plans of a batch for pans that are alike. */
interface PanPlans {
  readonly plan: CookPlan;
  /** As it is cooked where the pan is as full as it sears. */
  readonly full: CookPlan;
  readonly option: PieceOption;
}

interface Batch {
  readonly group: number;
  readonly count: number;
  /** In the order of the job's options. */
  readonly plans: readonly PanPlans[];
  readonly job: PieceJob;
}

/** Pans of the gear that are alike, by their indices. */
const alikePans = ({ pans }: ServiceGear): readonly (readonly number[])[] => {
  const bodies = pans.map(({ pan }) => JSON.stringify(pan));
  return [...new Set(bodies)].map((body) => [...bodies.keys()].filter((i) => bodies[i] === body));
};

/** Pieces alike that go in together, and all pieces of the plate. */
interface BatchSize {
  readonly count: number;
  readonly all: number;
}

/** Plans a batch for pans that are alike; an obstacle if it has no plan there. */
function* panPlans(
  request: PlanRequest,
  { count, all }: BatchSize,
  pans: readonly number[],
  { gear, minimum, memory }: { gear: ServiceGear; minimum: number | undefined; memory: PlanMemory },
): Generator<null, PanPlans | Obstacle> {
  const { pan } = gear.pans[pans[0]];
  const { area } = footprint(cutOf(request), request.weight, request.thickness);
  const together = Math.max(count, Math.min(all, crowding(pan, area).most));
  const plan = yield* planned({ ...request, pieces: count }, minimum, pan, memory);
  if (!isPlan(plan)) return plan;
  const more =
    together > count
      ? yield* planned({ ...request, pieces: together }, minimum, pan, memory)
      : plan;
  const full = isPlan(more) ? more : plan;
  const alone = plateSteps(plan, pan, count);
  const option = {
    alone,
    full: full === plan ? alone : plateSteps(full, pan, count),
    fullArea: together * area,
    pans,
  };
  return { plan, full, option };
}

function* batchesOf(
  { groups, minimums, gear }: PlateQuestion,
  memory: PlanMemory,
): Generator<null, readonly Batch[] | Extract<PlateFound, { kind: 'obstacle' }>> {
  const all = groups.reduce((sum, { pieces }) => sum + pieces, 0);
  const [first, ...others] = alikePans(gear);
  const mostIn = (request: PlanRequest, [pan]: readonly number[]): number => {
    const { area } = footprint(cutOf(request), request.weight, request.thickness);
    return crowding(gear.pans[pan].pan, area).most;
  };
  const batches: Batch[] = [];
  for (const [group, request] of groups.entries()) {
    const asked = { gear, minimum: minimums[group], memory };
    for (const [nth, count] of batchSizes(request.pieces, mostIn(request, first)).entries()) {
      const size = { count, all };
      const own = yield* panPlans(request, size, first, asked);
      if (!('plan' in own)) return { kind: 'obstacle', group, obstacle: own };
      const plans = [own];
      // A batch that is alone on the plate waits for no other pan.
      for (const pans of all === count ? [] : others) {
        if (mostIn(request, pans) < count) continue;
        const there = yield* panPlans(request, size, pans, asked);
        if ('plan' in there) plans.push(there);
      }
      const options = plans.map(({ option }) => option);
      batches.push({ group, count, plans, job: { id: `${group}-${nth}`, options } });
    }
  }
  return batches;
}

/** Schedule of batches for one plate; undefined if they cannot be placed within hours. */
const timedPlate = (
  batches: readonly Batch[],
  asked: Pick<PlateQuestion, 'gear' | 'plateIn'>,
): PlateTogether | undefined => {
  const jobs = batches.map(({ job }) => job);
  const found = schedulePlate(jobs, asked);
  if (!found) return undefined;
  const { ticket, pieces } = found;
  return {
    landsAt: ticket.landsAt,
    late: ticket.late,
    apart: ticket.apart,
    hindered: ticket.hindered?.taken,
    batches: pieces
      .flatMap((placed): readonly PlateBatch[] => {
        const { id, full, pan, option, start, readyAt, waits, overRested } = placed;
        const batch = batches.find(({ job }) => job.id === id);
        if (!batch) return [];
        const { group, count, plans } = batch;
        const { plan: alone, full: inFull, option: steps } = plans[option];
        const inPan = steps.alone.stays.some(({ place }) => place === 'pan');
        // In a full pan it takes the full pan's times; its number of pieces is unchanged.
        const plan = full ? { ...inFull, request: alone.request } : alone;
        return [
          {
            ...{ group, count, plan, start, readyAt, waits, overRested },
            pan: inPan ? pan : undefined,
          },
        ];
      })
      .toSorted((a, b) => a.start - b.start),
  };
};

/** Sum of lateness, spread and excess rest of a plate, s. */
const faultOf = ({ late, apart, batches }: PlateTogether): number =>
  late + apart + batches.reduce((sum, { overRested }) => sum + overRested, 0);

const lowOvenFirst = (request: PlanRequest): PlanRequest =>
  waysFor(cutOf(request)).includes('oven-sear') ? { ...request, way: 'oven-sear' } : request;

/**
 * Times every piece for one plate through the pans and ovens of a home kitchen, by the search that schedules a service.
 * Pieces alike go in together, as many as a pan sears. Where the plate comes late, apart or too long after its rest, a
 * second pan and a low oven first are planned and offered where they are better. Yields between simulations, and the plate once it is
 * known while changes are looked for.
 */
export function* plateTogether(
  question: PlateQuestion,
  memory: PlanMemory,
): Generator<PlateFound | null, PlateFound> {
  const { gear, groups, secondPan } = question;
  if (gear.pans.length === 0) return { kind: 'none', reason: 'pan' };
  const batches = yield* batchesOf(question, memory);
  if ('kind' in batches) return batches;
  const plate = timedPlate(batches, question);
  const fault = plate ? faultOf(plate) : Infinity;
  const changes: PlateChange[] = [];
  const offer = (kind: PlateChange['kind'], changed: PlateTogether | undefined): void => {
    if (changed && faultOf(changed) + WORTH_A_CHANGE <= fault)
      changes.push({ kind, plate: changed });
  };
  if (fault > WORTH_A_CHANGE) {
    if (plate) yield { kind: 'plate', plate };
    if (secondPan) {
      const asked = { ...question, gear: { ...gear, pans: [...gear.pans, secondPan] } };
      const inTwo = yield* batchesOf(asked, memory);
      if (!('kind' in inTwo)) offer('pan', timedPlate(inTwo, asked));
    }
    const low = groups.map(lowOvenFirst);
    const changed = low.some((request, i) => request.way !== groups[i].way);
    if (changed && gear.ovens.length > 0) {
      const asked = { ...question, groups: low };
      const inOven = yield* batchesOf(asked, memory);
      if (!('kind' in inOven)) offer('low-oven', timedPlate(inOven, asked));
    }
  }
  if (!plate) return { kind: 'none', reason: 'hours' };
  return {
    kind: 'plate',
    plate,
    changes: changes.toSorted((a, b) => faultOf(a.plate) - faultOf(b.plate)),
  };
}
