import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import type { CookPlan, PlanRequest } from '../plan';
import { planOf as planned, STEAK } from '../tests';
import { cookState } from './cookState';
import { heatStartFor, runOf } from '../schedule';
import { type CookEvent } from './event';
import { PRESS_KINDS, type PressKind } from './press';
import { heatedIn, preheatStep } from './preheatStep';
import { replay } from './replay';

const request: PlanRequest = { ...STEAK, thickness: 0.022, weight: 0.28, pan: 220 };
const planOf = (way: PlanRequest['way'], change: Partial<PlanRequest> = {}): CookPlan =>
  planned({ ...request, ...change, way });
const T0 = 1_700_000_000_000;
const press = (
  kind: 'started' | 'in' | 'turned' | 'pulled' | 'sliced',
  seconds: number,
): CookEvent => ({ id: `${kind}-${seconds}`, kind, at: T0 + seconds * 1000 });

describe('cookState', () => {
  const plan = planOf('once');

  it('walks the whole cook, the next thing under the present one', () => {
    const events: CookEvent[] = [press('started', -600)];
    const now = () => cookState(plan, T0, events);
    expect(now().current).toMatchObject({ kind: 'in', dueAt: T0 });
    expect(now().next?.kind).toBe('turn');
    events.push(press('in', 20));
    expect(now().current.kind).toBe('turn');
    expect(now().current.dueAt).toBeCloseTo(T0 + (20 + plan.cookSeconds / 2) * 1000, 0);
    events.push(press('turned', 250));
    expect(now().current.kind).toBe('pull');
    expect(now().current.dueAt).toBeCloseTo(T0 + (20 + plan.cookSeconds) * 1000, 0);
    events.push(press('pulled', 520));
    expect(now().place).toBe('rest');
    expect(now().current).toMatchObject({
      kind: 'slice',
      dueAt: T0 + (520 + plan.restSeconds) * 1000,
    });
    events.push(press('sliced', 800));
    expect(now().place).toBe('sliced');
    expect(now().current.kind).toBe('judge');
  });

  it('takes a press back, and back again, whatever order events arrive in', () => {
    const pulled = press('pulled', 300);
    const undo: CookEvent = { id: 'u', kind: 'undo', at: T0 + 305_000, of: pulled.id };
    const state = cookState(plan, T0, [undo, pulled, press('in', 0)]);
    expect(state.place).toBe('pan');
    expect(state.lastPress?.kind).toBe('in');
  });

  it('holds a reading against the curve', () => {
    const seconds = plan.cookSeconds * 0.6;
    const reading: CookEvent = { id: 'r', kind: 'reading', at: T0 + seconds * 1000, celsius: 30 };
    const [seen] = cookState(plan, T0, [press('in', 0), reading]).readings;
    expect(seen?.planned).toBeGreaterThan(request.start);
    expect(seen?.planned).toBeLessThan(plan.pullCore);
    expect(cookState(plan, T0, [reading]).readings[0]?.planned).toBeUndefined();
  });

  it('counts turns from the last one made when turning often', () => {
    const often = planOf('often');
    const events = [press('in', 0), press('turned', 41)];
    const { current, next } = cookState(often, T0, events);
    expect(current).toMatchObject({ kind: 'turn', turn: 2, dueAt: T0 + 71_000 });
    expect(next?.turn).toBe(3);
    const late = [press('in', 0), press('turned', often.cookSeconds - 10)];
    expect(cookState(often, T0, late).current.kind).toBe('pull');
  });
});

it('follows a piece from oven to pan: each place is counted from when it was come to', () => {
  const plan = planOf('oven-sear', { thickness: 0.04, weight: 0.45, edges: 'last' });
  const press = (kind: PressKind, seconds: number): CookEvent => ({
    id: `${kind}${seconds}`,
    kind,
    at: T0 + seconds * 1000,
  });
  const events = [press('in', 0)];
  const now = () => cookState(plan, T0, events);
  expect(now().place).toBe('oven');
  expect(now().current).toMatchObject({ kind: 'out', dueAt: T0 + plan.pullAt * 1000 });
  expect(now().next?.kind).toBe('turn');
  // Ten minutes late out of the oven: everything after it is ten minutes later.
  const late = plan.pullAt + 600;
  events.push(press('out', late));
  expect(now().place).toBe('pan');
  const side = plan.legs[1]?.seconds ?? 0;
  expect(now().current.kind).toBe('turn');
  expect(now().current.dueAt).toBeCloseTo(T0 + (late + side) * 1000, -1);
  events.push(press('turned', late + side + 4));
  expect(now().current.kind).toBe('edges');
  // Forgotten, and pulled all the same.
  events.push(press('pulled', late + 200));
  expect(now().current.kind).toBe('slice');
});

it('whatever is pressed, in whatever order, there is a next thing, and it never ends by itself', () => {
  const plan = planOf('sear-oven-sear', {
    thickness: 0.04,
    weight: 0.45,
    edges: 'both',
    baste: 60,
  });
  const presses = fc.array(
    fc.record({
      kind: fc.constantFrom(...PRESS_KINDS),
      seconds: fc.integer({ min: 0, max: 9000 }),
    }),
    { maxLength: 14 },
  );
  fc.assert(
    fc.property(presses, (pressed) => {
      const events = pressed.map(({ kind, seconds }, i): CookEvent => ({
        id: `${i}`,
        kind,
        at: T0 + seconds * 1000,
      }));
      const state = cookState(plan, T0, events);
      expect(Number.isFinite(state.current.dueAt)).toBe(true);
      const sliced = pressed.some(({ kind }) => kind === 'sliced');
      expect(state.place === 'sliced').toBe(sliced);
      expect(state.current.kind === 'judge').toBe(sliced);
      // The same steps in another order give the same state.
      expect(cookState(plan, T0, events.toReversed()).place).toBe(state.place);
      // If all steps are taken back, nothing has happened.
      const undone = events.map(({ id, at }): CookEvent => ({
        id: `u${id}`,
        kind: 'undo',
        at,
        of: id,
      }));
      expect(cookState(plan, T0, [...events, ...undone])).toMatchObject({
        place: 'before',
        current: { kind: 'in', dueAt: T0 },
      });
    }),
    { numRuns: 60 },
  );
});

it('has the pan put on in time, until its press says that it is on', () => {
  const run = runOf(planOf('once'));
  const plannedIn = heatStartFor(run, T0 + 3_600_000);
  const step = preheatStep(run, plannedIn, []);
  expect(step?.kind).toBe('heat');
  expect(step?.dueAt).toBeLessThan(plannedIn - 120_000);
  const on: CookEvent = { id: 'on', kind: 'pan-on', at: plannedIn - 60_000 };
  expect(preheatStep(run, plannedIn, [on])).toBeUndefined();
  // Put on a minute before its time, the pan is hot that much later than planned.
  const takes = plannedIn - (step?.dueAt ?? 0);
  expect(heatedIn(run, plannedIn, [on])).toBe(plannedIn - 60_000 + takes);
  expect(heatedIn(run, plannedIn, [])).toBe(plannedIn);
  const oven = runOf(planOf('oven-sear', { thickness: 0.04, weight: 0.45 }));
  expect(preheatStep(oven, plannedIn, [])).toBeUndefined();
});

describe('replay', () => {
  const at = (kind: PressKind, seconds: number): CookEvent => ({
    id: `${kind}${seconds}`,
    kind,
    at: T0 + seconds * 1000,
  });

  it('returns the plan for the planned times, and more heat for a late pull', () => {
    const plan = planOf('once');
    const begun = [at('in', 0), at('turned', plan.turns[0] ?? 0)];
    const same = replay(plan, T0, [...begun, at('pulled', plan.cookSeconds)]);
    expect(same?.plan.peakCore).toBeCloseTo(plan.peakCore, 0);
    const late = replay(plan, T0, [...begun, at('pulled', plan.cookSeconds + 60)]);
    expect(late?.plan.peakCore).toBeGreaterThan(plan.peakCore + 1);
    expect(replay(plan, T0, begun)).toBeUndefined();
  });

  it('begins each leg with the press that answered for it', () => {
    const plan = planOf('oven-sear', { thickness: 0.04, weight: 0.45 });
    const run = (out: number) =>
      replay(plan, T0, [
        at('in', 0),
        at('out', out),
        ...plan.turns.map((turn) => at('turned', turn)),
        at('pulled', plan.cookSeconds),
      ])?.plan;
    const same = run(plan.pullAt);
    expect(same?.legs.map(({ kind }) => kind)).toEqual(['oven', 'sear', 'sear']);
    expect(same?.peakCore).toBeGreaterThan(plan.peakCore - 1.5);
    // Out ten minutes sooner, and left in the pan: the crust is the darker.
    expect(run(plan.pullAt - 600)?.browning[0]).toBeGreaterThan((same?.browning[0] ?? 9) + 0.3);
  });

  it('follows a change of course: a minute on the board is a minute without heat', () => {
    const plan = planOf('once');
    const half = plan.cookSeconds / 2;
    const left = (seconds: number): CookEvent[] => [
      at('in', 0),
      {
        id: 'c',
        kind: 'changed',
        at: T0 + (half - 60) * 1000,
        why: 'cold-pan',
        legs: [
          { kind: 'board', seconds: 60, flips: [] },
          { kind: 'sear', seconds: half, pan: 220, flips: [], decides: true },
        ],
        restSeconds: 240,
      },
      at('lifted', half - 60),
      at('back', half),
      at('pulled', half + seconds),
    ];
    const replayed = replay(plan, T0, left(half))?.plan;
    expect(replayed?.legs.map(({ kind }) => kind)).toEqual(['sear', 'board', 'sear']);
    expect(replayed?.legs[1]?.seconds).toBeCloseTo(60, 0);
    expect(replayed?.peakCore).toBeLessThan(plan.peakCore);
  });
});
