import { useSyncExternalStore } from 'react';
import { cutOf } from '@crustan/core/plan/request';
import { WAYS, waysFor, type Way } from '@crustan/core/plan/way';
import type {
  CookPlan,
  Obstacle,
  PlanRequest,
  PlanSpread,
  PlanUpdate,
  PullWindow,
  Remedy,
  Slices,
} from '@crustan/core/plan';
import { plannedOn, requestHere } from '../store/kitchenSlice';
import { onChange } from '../store/onChange';
import type { AppStore } from '../store/store';
import type { PlanJob, PlannedOn } from './plan.worker';
import { eachOnce } from './eachOnce';
import { knownPlan, planJobs, type JobListener } from './planner';

/** Present state of a plan. While it is stale it belongs to an earlier request. */
export interface PlanView {
  readonly stale: boolean;
  /** Whether anything more is still being computed. */
  readonly computing: boolean;
  readonly plan?: CookPlan | undefined;
  readonly slices?: Slices | undefined;
  readonly window?: PullWindow | undefined;
  readonly spread?: PlanSpread | undefined;
  readonly obstacle?: Obstacle | undefined;
  readonly remedies?: readonly Remedy[] | undefined;
  /** The worker itself failed: in its words. */
  readonly broken?: string | undefined;
}

const NOTHING: PlanView = { stale: true, computing: true };

/** Part of a plan that a list of methods shows: the object stays the same while only an answer is awaited. */
export type WayFigures = Pick<PlanView, 'plan' | 'slices' | 'window' | 'obstacle'>;

const figuresOf = (view: PlanView, before: WayFigures): WayFigures => {
  const { plan, slices, window, obstacle } = view;
  const same =
    plan === before.plan &&
    slices === before.slices &&
    window === before.window &&
    obstacle === before.obstacle;
  return same ? before : { plan, slices, window, obstacle };
};

const withUpdate = (view: PlanView, update: PlanUpdate): PlanView => {
  switch (update.kind) {
    case 'plan':
      // Known from when this was a way among others: no step back to the quick answer.
      if (update.quick && view.plan && !view.stale) return view;
      // A second plan is the same one on the section: what refined the first still stands.
      return {
        ...(view.stale ? NOTHING : view),
        stale: false,
        obstacle: undefined,
        plan: update.plan,
        slices: update.slices,
      };
    case 'obstacle':
      return {
        stale: false,
        computing: true,
        obstacle: update.obstacle,
        remedies: update.remedies,
      };
    case 'window':
      return { ...view, window: update.window };
    case 'spread':
      return { ...view, spread: update.spread };
    case 'remedies':
      return { ...view, remedies: update.remedies };
  }
};

/**
 * One way's plan, followed from its worker: only what shows this way is drawn again when an answer
 * comes.
 */
export class PlanLane implements JobListener {
  private view = NOTHING;
  private shown: WayFigures = {};
  private asked = '';
  private satisfied = false;
  private readonly listeners = new Set<() => void>();

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  readonly snapshot = (): PlanView => this.view;

  readonly figures = (): WayFigures => this.shown;

  /** Answer to the last question, once it is complete and no longer stale. */
  settled(): Promise<PlanView> {
    return new Promise((resolve) => {
      if (!this.view.stale) {
        resolve(this.view);
        return;
      }
      const stop = this.subscribe(() => {
        if (this.view.stale) return;
        stop();
        resolve(this.view);
      });
    });
  }

  private show(view: PlanView): void {
    this.view = view;
    this.shown = figuresOf(view, this.shown);
    for (const listener of this.listeners) listener();
  }

  /**
   * Asks for a job; the last answer stays, marked stale, until the next comes.
   * @returns whether a worker must still compute it
   */
  ask(job: PlanJob, on: PlannedOn): boolean {
    const asked = JSON.stringify([job, on]);
    if (asked === this.asked && this.satisfied) return false;
    const again = asked === this.asked;
    this.asked = asked;
    const known = knownPlan(job, on);
    this.satisfied = known?.whole ?? false;
    if (known) this.show({ ...known.updates.reduce(withUpdate, NOTHING), computing: !known.whole });
    else if (!again) this.show({ ...this.view, stale: true, computing: true });
    return !this.satisfied;
  }

  /** Listens for answers to the present question; those for an earlier request are ignored. */
  listener(): JobListener {
    const { asked } = this;
    const wanted = (): boolean => this.asked === asked;
    return {
      onUpdate: (update) => {
        if (wanted()) this.onUpdate(update);
      },
      finished: () => {
        if (wanted()) this.finished();
      },
    };
  }

  onUpdate(update: PlanUpdate): void {
    this.show(withUpdate(this.view, update));
  }

  finished(): void {
    this.satisfied = true;
    this.show({ ...this.view, computing: false });
  }

  broke(why: string): void {
    this.show({ stale: false, computing: false, broken: why });
  }
}

const laneEntries = WAYS.map((way) => [way, new PlanLane()] as const);
const lanes = new Map<Way, PlanLane>(laneEntries);

/** The lane of a way. */
export const laneOf = (way: Way): PlanLane => {
  const lane = lanes.get(way);
  if (!lane) throw new Error(`no lane for ${way}`);
  return lane;
};

/** Current state of one method's plan. */
export const usePlanView = (way: Way): PlanView => {
  const lane = laneOf(way);
  return useSyncExternalStore(lane.subscribe, lane.snapshot);
};

/** Current figures of one method's plan, for a list. */
export const useWayFigures = (way: Way): WayFigures => {
  const lane = laneOf(way);
  return useSyncExternalStore(lane.subscribe, lane.figures);
};

/** Names of the parallel workers: each takes the next method when it is free, the chosen one first. */
const WORKERS = ['a', 'b'] as const;

/** Delay of the second worker, so that the chosen method's first figures come first, ms. */
export const HEAD_START = 60;
let second: ReturnType<typeof setTimeout> | undefined;

interface Wanted {
  readonly lane: PlanLane;
  readonly job: PlanJob;
}

/** Asks every way's lane, and has the workers compute what is not known. */
export const planAllWays = (request: PlanRequest, on: PlannedOn): void => {
  const ways = waysFor(cutOf(request));
  const chosen = ways.includes(request.way) ? request.way : (ways[0] ?? request.way);
  const wanted = [chosen, ...ways.filter((way) => way !== chosen)].flatMap((way): Wanted[] => {
    const job = { request: { ...request, way }, inFull: way === chosen };
    const lane = laneOf(way);
    return lane.ask(job, on) ? [{ lane, job }] : [];
  });
  clearTimeout(second);
  if (wanted.length === 0) return;
  const take = eachOnce(wanted.length);
  const start = (name: string): void => {
    planJobs(
      name,
      wanted.map(({ job }) => job),
      on,
      wanted.map(({ lane }) => lane.listener()),
      take,
    ).catch((error: unknown) => {
      for (const { lane } of wanted) if (lane.snapshot().stale) lane.broke(String(error));
    });
  };
  const [first, other] = WORKERS;
  start(first);
  second = setTimeout(() => start(other), HEAD_START);
};

/** Has every lane plan the draft, now and whenever it changes; returns how to stop. */
export const followDraft = (store: AppStore): (() => void) => {
  const asked = () => {
    const { draft, kitchen } = store.getState();
    return { request: draft.request, kitchen };
  };
  const plan = ({ request, kitchen }: ReturnType<typeof asked>): void =>
    planAllWays(requestHere(request, kitchen), plannedOn(kitchen, request));
  plan(asked());
  let due: ReturnType<typeof setTimeout> | undefined;
  // In a later task, after the one that moves the control under the thumb.
  const changed = (): void => {
    due ??= setTimeout(() => {
      due = undefined;
      plan(asked());
    }, 0);
  };
  const stops = [
    onChange(store, ({ draft }) => draft.request, changed),
    onChange(store, ({ kitchen }) => kitchen, changed),
  ];
  return () => {
    stops.forEach((stop) => stop());
    clearTimeout(due);
  };
};
