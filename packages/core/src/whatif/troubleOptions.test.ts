import { describe, expect, it } from '@jest/globals';
import { DEFAULT_PAN, NOMINAL_KITCHEN } from '../gear';
import { fatOf } from '../gear/fats';
import { planOf, STEAK } from '../tests';
import { cookState } from '../cook/cookState';
import { pressFor } from '../cook/press';
import { TROUBLES, type CookEvent, type Trouble } from '../cook/event';
import { troubleOptions, type OptionId } from './troubleOptions';

const T0 = 1_700_000_000_000;
const thick = planOf({ ...STEAK, thickness: 0.04, weight: 0.45, way: 'oven-sear' });
const panOnly = planOf({ ...STEAK, thickness: 0.03, weight: 0.35, baste: 60 });
const IN: CookEvent = { id: 'in', kind: 'in', at: T0 };

const ask = (plan: typeof thick, share: number, trouble: Trouble, delay = 1200) => {
  const at = T0 + plan.cookSeconds * 1000 * share;
  const inProgress = {
    plan,
    plannedIn: T0,
    events: [IN],
    pan: DEFAULT_PAN,
    kitchen: NOMINAL_KITCHEN,
  };
  const options = troubleOptions(inProgress, at, trouble, { delay, thinner: 0.006 });
  const find = (id: OptionId) => {
    const found = options.find((option) => option.id === id);
    if (!found) throw new Error(`${trouble} has no ${id}`);
    return found;
  };
  return { at, options, find };
};

describe('when it goes wrong', () => {
  it('offers for every trouble something that is computed, and ends near what was wanted', () => {
    for (const plan of [thick, panOnly]) {
      for (const trouble of TROUBLES) {
        const { options } = ask(plan, 0.45, trouble);
        expect([trouble, options.length > 0]).toEqual([trouble, true]);
        for (const option of options) {
          expect(Number.isFinite(option.peak)).toBe(true);
          expect(option.seconds).toBeGreaterThanOrEqual(0);
          if (option.id === 'as-is') expect(option.peak).toBeCloseTo(plan.request.target, 0);
        }
      }
    }
  });

  it('late: a hotter oven is sooner for the same end', () => {
    const { options, find } = ask(thick, 0.4, 'late');
    const asIs = find('as-is');
    const up = options.filter(({ id }) => id === 'oven-up');
    expect(up.map(({ celsius }) => celsius)).toEqual([130, 150]);
    for (const option of up) {
      expect(option.seconds).toBeLessThan(asIs.seconds - 200);
      expect(option.peak).toBeCloseTo(asIs.peak, 0);
    }
    expect(find('out-now').peak).toBeLessThan(asIs.peak - 10);
  });

  it('guests late: a wait moves the plate and not the end; held after it, it cools', () => {
    const { find } = ask(thick, 0.9, 'delayed');
    const board = find('board');
    expect(board.peak).toBeCloseTo(thick.request.target, 0);
    expect(board.seconds).toBeGreaterThan(1200);
    expect(find('hold-after').sliceCore).toBeLessThan(thick.request.target - 3);
  });

  it('a cold pan: out while it comes back, and the crust is the better for it', () => {
    const { find } = ask(panOnly, 0.2, 'cold-pan');
    const palest = (id: OptionId) => Math.min(...find(id).browning);
    expect(palest('reheat')).toBeGreaterThan(palest('pan-down'));
    expect(find('reheat').legs[0]?.kind).toBe('board');
  });

  it('smoke: the pan is brought under what the fat takes', () => {
    const { find } = ask(panOnly, 0.3, 'smoke');
    expect(find('pan-down').celsius).toBeLessThan(fatOf(panOnly.request.fat).smokes[0]);
  });

  it('uneven: pulled for the thin end, the thick one is under', () => {
    const { find } = ask(thick, 0.5, 'uneven');
    const thin = find('for-thin');
    expect(thin.thinPeak).toBeCloseTo(thick.request.target, 0);
    expect(thin.peak).toBeLessThan(thick.request.target - 1);
    expect(find('as-is').thinPeak).toBeGreaterThan(thick.request.target + 1);
  });

  it('becomes the cook’s own course: what is left is walked from the change', () => {
    const { at, find } = ask(panOnly, 0.3, 'butter');
    const { legs, restSeconds } = find('wipe');
    const changed: CookEvent = { id: 'c', kind: 'changed', at, why: 'butter', legs, restSeconds };
    const events: CookEvent[] = [IN, changed];
    const now = () => cookState(panOnly, T0, events);
    expect(now().left.map(({ kind }) => kind)).toEqual([
      'lift',
      'back',
      'turn',
      'pull',
      'slice',
      'judge',
    ]);
    expect(now().current.dueAt).toBeCloseTo(at, -3);
    events.push({ id: 'l', kind: 'lifted', at: at + 5000 });
    expect(now().place).toBe('board');
    // Lifted five seconds late: everything after it is five seconds later.
    expect(now().current).toMatchObject({ kind: 'back', dueAt: at + 65_000 });
    events.push({ id: 'b', kind: 'back', at: at + 70_000 });
    expect(now().place).toBe('pan');
    // Taken back, the plan stands again.
    events.push({ id: 'u', kind: 'undo', at: at + 80_000, of: 'c' });
    expect(now().left.at(-2)?.kind).toBe('slice');
    expect(now().progress.changed).toBeUndefined();
  });

  it('every way out comes to an end: each of its steps becomes due, though the forecast is never in the past', () => {
    for (const plan of [thick, panOnly]) {
      for (const trouble of TROUBLES) {
        const { at, options } = ask(plan, 0.45, trouble);
        for (const { id, legs, restSeconds } of options) {
          const events: CookEvent[] = [
            IN,
            { id: 'c', kind: 'changed', at, why: trouble, legs, restSeconds },
          ];
          const asked = [trouble, id];
          let now = at + 1000;
          for (let step = 0; step < 60; step += 1) {
            // The readings say: now.
            const { current } = cookState(plan, T0, events, now);
            if (current.kind === 'judge' || current.kind === 'heat') break;
            now = Math.max(now, current.dueAt);
            const { current: then } = cookState(plan, T0, events, now);
            expect([...asked, then.kind, then.dueAt <= now + 1]).toEqual([
              ...asked,
              current.kind,
              true,
            ]);
            events.push({ id: `${step}`, kind: pressFor(current.kind), at: now });
          }
          expect([...asked, cookState(plan, T0, events, now).current.kind]).toEqual([
            ...asked,
            'judge',
          ]);
        }
      }
    }
  });

  it('in the rest, guests late move the knife alone, and say how far it cools', () => {
    const out = T0 + thick.cookSeconds * 1000;
    const events: CookEvent[] = [
      IN,
      { id: 'o', kind: 'out', at: T0 + thick.pullAt * 1000 },
      { id: 'p', kind: 'pulled', at: out },
    ];
    const inProgress = {
      plan: thick,
      plannedIn: T0,
      events,
      pan: DEFAULT_PAN,
      kitchen: NOMINAL_KITCHEN,
    };
    const at = out + 60_000;
    const [wait] = troubleOptions(inProgress, at, 'delayed', { delay: 1200, thinner: 0.006 });
    if (!wait) throw new Error('no way out');
    expect(wait).toMatchObject({ id: 'hold-after', legs: [], seconds: 0 });
    expect(wait.sliceCore).toBeLessThan(thick.peakCore - 3);
    const { legs, restSeconds } = wait;
    events.push({ id: 'c', kind: 'changed', at, why: 'delayed', legs, restSeconds });
    const state = cookState(thick, T0, events);
    expect(state.place).toBe('rest');
    expect(state.current).toMatchObject({ kind: 'slice', dueAt: at + restSeconds * 1000 });
  });

  it('out now ends the cook at once', () => {
    const { at, find } = ask(thick, 0.6, 'overshoot');
    const { legs, restSeconds } = find('out-now');
    expect(legs).toEqual([]);
    const changed: CookEvent = {
      id: 'c',
      kind: 'changed',
      at,
      why: 'overshoot',
      legs,
      restSeconds,
    };
    const { current } = cookState(thick, T0, [IN, changed]);
    expect(current.kind).toBe('pull');
    expect(current.dueAt).toBeCloseTo(at, -3);
  });
});

it('a step left out is over, and edges left out give their time back', () => {
  const plan = planOf({ ...STEAK, edges: 'last', thickness: 0.03, weight: 0.35 });
  const turned = T0 + (plan.turns[0] ?? 0) * 1000;
  const events: CookEvent[] = [IN, { id: 't', kind: 'turned', at: turned }];
  const edges = cookState(plan, T0, events).current;
  expect(edges.kind).toBe('edges');
  events.push({ id: 's', kind: 'skipped', at: edges.dueAt, step: 'edges' });
  const { current } = cookState(plan, T0, events);
  expect(current.kind).toBe('pull');
  expect(current.dueAt).toBeLessThan(T0 + plan.cookSeconds * 1000 - 30_000);
});
