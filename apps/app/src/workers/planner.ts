import { proxy, wrap, type Remote } from 'comlink';
import type { PlanUpdate } from '@crustan/core/plan';
import { eachOnce } from './eachOnce';
import type { PlanJob, PlannedOn, PlanService } from './plan.worker';

/** Workers by name: each drops its own stale work. */
const workers = new Map<string, Remote<PlanService>>();

export const plannerWorker = (name: string): Remote<PlanService> => {
  const found = workers.get(name);
  if (found) return found;
  const made = wrap<PlanService>(
    new Worker(new URL('./plan.worker', window.location.href), { name: `plan ${name}` }),
  );
  workers.set(name, made);
  return made;
};

/** Finished jobs by their input, newest last: going back to a value costs nothing. */
const CACHED = 60;
const cache = new Map<string, readonly PlanUpdate[]>();

const keyOf = ({ request, inFull }: PlanJob, on: PlannedOn): string =>
  JSON.stringify([request, on, inFull]);

/** Known answer of a job: its own, or that of a more or a less complete one. */
export const knownPlan = (
  { request, inFull }: PlanJob,
  on: PlannedOn,
): { readonly updates: readonly PlanUpdate[]; readonly whole: boolean } | undefined => {
  const full = cache.get(keyOf({ request, inFull: true }, on));
  if (full) return { updates: full, whole: true };
  const short = cache.get(keyOf({ request, inFull: false }, on));
  return short && { updates: short, whole: !inFull };
};

const remember = (job: PlanJob, on: PlannedOn, updates: readonly PlanUpdate[]): void => {
  cache.set(keyOf(job, on), updates);
  const oldest = cache.keys().next().value;
  if (cache.size > CACHED && oldest !== undefined) cache.delete(oldest);
};

export interface JobListener {
  readonly onUpdate: (update: PlanUpdate) => void;
  readonly finished: () => void;
}

/**
 * Plans in a named worker those of the jobs that `take` hands out, one after another, dropping what that
 * worker was doing. Resolves when they are finished or dropped.
 */
export const planJobs = async (
  name: string,
  jobs: readonly PlanJob[],
  on: PlannedOn,
  listeners: readonly JobListener[],
  take = eachOnce(jobs.length),
): Promise<void> => {
  const heard = jobs.map((): PlanUpdate[] => []);
  await plannerWorker(name).plan(
    jobs,
    on,
    proxy((index: number, update: PlanUpdate | null) => {
      const job = jobs[index];
      if (!job) return;
      if (update === null) {
        remember(job, on, heard[index] ?? []);
        listeners[index]?.finished();
        return;
      }
      heard[index]?.push(update);
      listeners[index]?.onUpdate(update);
    }),
    proxy(async () => Promise.resolve(take())),
  );
};
