import type { PlanUpdate } from '@crustan/core/plan';
import { REQUEST, slicedPlanOf } from '../testing';
import { requestChanged } from '../store/draftSlice';
import { makeStore } from '../store/store';
import type { PlanJob, PlannedOn } from './plan.worker';
import { followDraft, HEAD_START, laneOf, PlanLane } from './planLane';
import { knownPlan, planJobs, type JobListener } from './planner';

jest.mock('./planner', () => ({ knownPlan: jest.fn(), planJobs: jest.fn() }));
const known = jest.mocked(knownPlan);
const plan = jest.mocked(planJobs);

interface Asked {
  readonly worker: string;
  readonly jobs: readonly PlanJob[];
  readonly listeners: readonly JobListener[];
}
const asked: Asked[] = [];
afterEach(() => void jest.useRealTimers());
beforeEach(() => {
  jest.useFakeTimers();
  asked.length = 0;
  known.mockReturnValue(undefined);
  // The first worker is busy with the first it takes; the other takes the rest.
  plan.mockImplementation((worker, jobs, _on, listeners, take = () => undefined) => {
    const taken: number[] = [];
    for (let job = take(); job !== undefined; job = worker === 'a' ? undefined : take()) {
      taken.push(job);
    }
    asked.push({
      worker,
      jobs: jobs.filter((_, i) => taken.includes(i)),
      listeners: listeners.filter((_, i) => taken.includes(i)),
    });
    return Promise.resolve();
  });
});

const { plan: madePlan, slices } = slicedPlanOf();
const made: PlanUpdate & { readonly kind: 'plan' } = { kind: 'plan', plan: madePlan, slices };
const job: PlanJob = { request: REQUEST, inFull: true };
const other: PlanJob = { request: { ...REQUEST, thickness: 0.03 }, inFull: true };
const on: PlannedOn = {
  pan: { diameter: 0.26, mass: 2.4, burner: 'gas', power: 3000 },
  minimum: undefined,
};

describe('a lane', () => {
  it('follows a plan as it becomes known', () => {
    const lane = new PlanLane();
    expect(lane.ask(job, on)).toBe(true);
    const heard = lane.listener();
    expect(lane.snapshot()).toMatchObject({ stale: true, computing: true });
    heard.onUpdate(made);
    expect(lane.snapshot()).toMatchObject({ stale: false, computing: true, plan: made.plan });
    heard.onUpdate({ kind: 'window', window: { early: 30, late: 31 } });
    heard.onUpdate(made);
    expect(lane.snapshot().window).toEqual({ early: 30, late: 31 });
    heard.finished();
    expect(lane.snapshot().computing).toBe(false);
  });

  it('keeps the last answer, marked stale, and hears nothing more of an old request', () => {
    const lane = new PlanLane();
    lane.ask(job, on);
    const old = lane.listener();
    old.onUpdate(made);
    lane.ask(other, on);
    expect(lane.snapshot()).toMatchObject({ stale: true, plan: made.plan });
    old.onUpdate({ kind: 'window', window: { early: 1, late: 1 } });
    expect(lane.snapshot().window).toBeUndefined();
    lane.listener().onUpdate({ kind: 'obstacle', obstacle: { reason: 'burner', settles: 310 } });
    expect(lane.snapshot().plan).toBeUndefined();
    expect(lane.snapshot().obstacle).toEqual({ reason: 'burner', settles: 310 });
  });

  it('answers at once from what was computed before; a shorter answer is still gone on from', () => {
    const lane = new PlanLane();
    known.mockReturnValue({ updates: [made], whole: true });
    expect(lane.ask(job, on)).toBe(false);
    expect(lane.snapshot()).toMatchObject({ stale: false, computing: false, plan: made.plan });
    known.mockReturnValue({ updates: [made], whole: false });
    expect(lane.ask(other, on)).toBe(true);
    expect(lane.snapshot()).toMatchObject({ stale: false, computing: true });
  });

  it('steps back from no section’s plan to a quick one', () => {
    const lane = new PlanLane();
    known.mockReturnValue({ updates: [made], whole: false });
    lane.ask(job, on);
    const quick = slicedPlanOf({ ...REQUEST, target: 56 });
    lane.listener().onUpdate({ kind: 'plan', quick: true, ...quick });
    expect(lane.snapshot().plan).toBe(made.plan);
    lane.listener().onUpdate({ kind: 'plan', plan: quick.plan, slices: quick.slices });
    expect(lane.snapshot().plan).toBe(quick.plan);
  });

  it('shows a way among others the same figures while it only waits', () => {
    const lane = new PlanLane();
    lane.ask(job, on);
    lane.listener().onUpdate(made);
    const before = lane.figures();
    lane.ask(other, on);
    expect(lane.figures()).toBe(before);
    lane.listener().onUpdate({ kind: 'window', window: { early: 3, late: 4 } });
    expect(lane.figures()).not.toBe(before);
  });

  it('lets a press wait for the plan it means', async () => {
    const lane = new PlanLane();
    lane.ask(job, on);
    const waiting = lane.settled();
    lane.listener().onUpdate(made);
    await expect(waiting).resolves.toMatchObject({ plan: made.plan });
  });
});

/** The question follows a change in a later task. */
const nextTask = (): Promise<void> => jest.advanceTimersByTimeAsync(HEAD_START + 20);

const waysAsked = (): readonly string[] =>
  asked.flatMap(({ jobs }) => jobs.map(({ request, inFull }) => `${request.way} ${inFull}`));

it('plans the draft every way that applies, the chosen one first and in full', async () => {
  const store = makeStore();
  const stop = followDraft(store);
  expect(asked[0]?.jobs[0]).toMatchObject({ request: { way: 'once' }, inFull: true });
  // The chosen way has the processor to itself for its first figures.
  expect(asked).toHaveLength(1);
  await nextTask();
  expect(waysAsked().toSorted()).toEqual([
    'often false',
    'once true',
    'oven-sear false',
    'sear-oven false',
    'sear-oven-sear false',
  ]);
  asked.length = 0;
  // Several changes at once are asked about once.
  store.dispatch(requestChanged({ thickness: 0.03 }));
  store.dispatch(requestChanged({ thickness: 0.031 }));
  expect(asked).toHaveLength(0);
  await nextTask();
  expect(waysAsked()).toHaveLength(5);
  store.dispatch(requestChanged({ thickness: 0.032 }));
  stop();
  asked.length = 0;
  await nextTask();
  expect(asked).toHaveLength(0);
  expect(laneOf('once').snapshot().stale).toBe(true);
});

it('choosing a way that is done asks for the rest of that one only', async () => {
  const store = makeStore();
  const stop = followDraft(store);
  await nextTask();
  for (const { listeners } of asked) {
    for (const listener of listeners) {
      listener.onUpdate(made);
      listener.finished();
    }
  }
  asked.length = 0;
  known.mockImplementation(({ inFull }) => ({ updates: [made], whole: !inFull }));
  store.dispatch(requestChanged({ way: 'oven-sear' }));
  await nextTask();
  expect(waysAsked()).toEqual(['oven-sear true']);
  stop();
});

it('says when a worker breaks', async () => {
  plan.mockRejectedValue(new Error('out of memory'));
  const stop = followDraft(makeStore());
  await nextTask();
  expect(laneOf('once').snapshot().broken).toContain('out of memory');
  stop();
});
