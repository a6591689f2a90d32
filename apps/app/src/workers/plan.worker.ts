import { expose, transfer } from 'comlink';
import {
  judgeTimes,
  loadingOf,
  planCell,
  planWay,
  saltSchools,
  temperSchools,
  thicknessToAsk,
  thinEnd,
  INPUT_STEPS,
  analyzeSensitivity,
  type SaidStep,
  type PlanRequest,
  type PlanUpdate,
} from '@crustan/core/plan';
import type { PanOnBurner } from '@crustan/core/gear';
import { breathe, SPELL } from './breathe';
import { LatestSearch } from './latestSearch';
import type { UnitSystem } from '@crustan/core/units';

/** Equipment and rules for every job. */
export interface PlannedOn {
  readonly pan: PanOnBurner;
  /** The table's figure, for a kitchen that keeps to it, C. */
  readonly minimum: number | undefined;
}

/** A method to plan: in full for the chosen one, else only its figures. */
export interface PlanJob {
  readonly request: PlanRequest;
  readonly inFull: boolean;
}

/** Message of a worker about its jobs: an update of the nth, or null if the nth is finished. */
export type TellJob = (job: number, update: PlanUpdate | null) => void;

/** Returns the number of a job that no worker has taken; undefined after the last. */
export type TakeJob = () => Promise<number | undefined>;

/** Updates of a complete job after which the other jobs are started. */
const FIRST_TOLD: readonly PlanUpdate['kind'][] = ['window', 'obstacle'];

/** An update whose slices are moved to the page, not copied. */
const handedOver = (update: PlanUpdate): PlanUpdate =>
  'slices' in update
    ? transfer(
        update,
        update.slices.frames.map(({ peak }) => peak.buffer),
      )
    : update;

const searches = new LatestSearch();

const service = {
  /**
   * Plans the jobs that `take` returns, until the last: a job in full until its window is known or it is rejected, and
   * its remainder at the end. A later call drops this one.
   */
  plan: async (
    jobs: readonly PlanJob[],
    on: PlannedOn,
    tell: TellJob,
    take: TakeJob,
  ): Promise<void> => {
    const wanted = searches.begin();
    let spell = performance.now();
    /** Runs one job until it ends or reports an awaited update; false if it was cancelled. */
    const run = async (
      job: number,
      search: Generator<PlanUpdate | null>,
      until: readonly PlanUpdate['kind'][],
    ): Promise<boolean> => {
      for (;;) {
        const step = search.next();
        if (step.done === true) {
          tell(job, null);
          return true;
        }
        const update = step.value;
        if (update !== null) tell(job, handedOver(update));
        else if (performance.now() - spell < SPELL) continue;
        await breathe();
        if (!wanted()) return false;
        spell = performance.now();
        if (update !== null && until.includes(update.kind)) return true;
      }
    };
    const left: (() => Promise<boolean>)[] = [];
    for (;;) {
      const job = await take();
      if (!wanted()) return;
      const asked = job === undefined ? undefined : jobs[job];
      if (job === undefined || asked === undefined) break;
      const { request, inFull } = asked;
      const search = planWay(request, { ...on, inFull });
      if (!(await run(job, search, inFull ? FIRST_TOLD : []))) return;
      if (inFull) left.push(() => run(job, search, []));
    }
    for (const rest of left) if (!(await rest())) return;
  },
  salt: (request: PlanRequest, { pan }: PlannedOn) => searches.finish(saltSchools(request, pan)),
  temper: (request: PlanRequest, { pan }: PlannedOn) =>
    searches.finish(temperSchools(request, pan)),
  changes: (request: PlanRequest, { pan }: PlannedOn, units: UnitSystem) =>
    searches.finish(analyzeSensitivity(request, pan, INPUT_STEPS[units])),
  thickness: (request: PlanRequest, on: PlannedOn) => searches.finish(thicknessToAsk(request, on)),
  thinEnd: (request: PlanRequest, { pan }: PlannedOn, thin: number) =>
    searches.finish(thinEnd(request, pan, thin)),
  times: (request: PlanRequest, { pan }: PlannedOn, steps: readonly SaidStep[]) =>
    searches.finish(judgeTimes(request, steps, pan)),
  card: (request: PlanRequest, on: PlannedOn) => searches.finish(planCell(request, on)),
  loading: (request: PlanRequest, pan: PanOnBurner) => loadingOf(request, pan),
  /** Drops what is being computed: nobody waits for it any more. */
  drop: (): void => searches.drop(),
};

export type PlanService = typeof service;
expose(service);
