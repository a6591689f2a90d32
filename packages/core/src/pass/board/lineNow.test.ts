import { describe, expect, it } from '@jest/globals';
import { seededRandom } from '../../maths/random';
import { actionsOf } from '../../schedule/actions';
import { LINE } from '../../tests/serviceCases';
import { planOf, STEAK } from '../../tests';
import { begunPiece } from '../dishes/begunPiece';
import { gearLeft } from '../orders/gearLeft';
import { heatNow, serviceJob, tasksNow, type LineNow } from './lineNow';
import type { MenuDish } from '../dishes/menuDish';
import { pieceSteps } from '../dishes/pieceSteps';
import { probeNext, type ProbedPiece } from '../dishes/probeNext';
import { scheduleService } from '../search/scheduleService';
import type { ServiceEvent } from '../orders/serviceEvent';
import { serviceGear } from '../orders/serviceGear';
import { serviceReport } from './afterService';
import { serviceState } from '../orders/serviceTickets';
import { assignTasks, type Task } from './task';

const plan = planOf({ ...STEAK, way: 'sear-oven', thickness: 0.03, weight: 0.28 });
const steps = pieceSteps(plan, { recoverySeconds: 0 });
const DISH: MenuDish = {
  id: 'strip',
  createdAt: 0,
  name: 'Strip',
  portions: [
    {
      doneness: 'rare',
      target: 54,
      options: [{ plan, steps: { alone: steps, full: steps, fullArea: 0.03 } }],
    },
  ],
  sides: [],
  cost: 9,
  shelfDays: 2,
};
/** The same dish, basted with butter. */
const BUTTERED: MenuDish = {
  ...DISH,
  id: 'buttered',
  portions: DISH.portions.map((portion) => ({
    ...portion,
    options: portion.options.map((option) => ({
      ...option,
      plan: { ...plan, request: { ...plan.request, baste: 60 } },
    })),
  })),
};
const T0 = Date.UTC(2026, 10, 26, 18);
const said = (
  events: readonly ServiceEvent[],
  now: number,
  on: LineNow['on'] = new Map(),
): LineNow => ({
  gear: serviceGear(LINE),
  dishes: [DISH],
  state: serviceState(events),
  epoch: T0,
  now: T0 + now * 1000,
  on,
});
const ORDERED = {
  id: 'o',
  at: T0,
  kind: 'ordered' as const,
  order: { id: '7', table: '7', pieces: [{ id: 'a', dish: 'strip', doneness: 'rare' }] },
};

describe('a line at a moment', () => {
  it('has its gear put on before the first piece goes in, then the piece, then the plates', () => {
    const line = said([ORDERED], 10);
    const schedule = scheduleService(serviceJob(line));
    const things = tasksNow(line, schedule, heatNow(line));
    const kinds = things.map((thing) => (thing.kind === 'touch' ? thing.action : thing.kind));
    expect(kinds).toEqual(['heat', 'heat', 'in', 'plate']);
    expect(things[0]?.due).toBeGreaterThanOrEqual(9);
    const [oven, piece] = [things.find(({ station }) => station === 'oven'), schedule.pieces[0]];
    const intoOven = piece.start + (steps.stays[1]?.at ?? 0);
    expect(oven?.due).toBeLessThan(intoOven - 300);
  });

  it('has a pan washed before an allergic table, and not again once that was pressed', () => {
    const [piece] = ORDERED.order.pieces;
    const begun: ServiceEvent = {
      ...{ id: 'begun', at: T0 + 1000, kind: 'begun', piece: 'b', option: 0, full: false },
      pan: 'wide',
    };
    const events: readonly ServiceEvent[] = [
      { id: 'out', at: T0, kind: 'out', gear: 'pan', of: 'small', why: 'broken' },
      {
        ...{ ...ORDERED, id: 'first' },
        order: { id: '6', table: '6', pieces: [{ ...piece, id: 'b', dish: 'buttered' }] },
      },
      begun,
      { id: 'sent', at: T0 + 2000_000, kind: 'sent', of: '6' },
      { ...ORDERED, order: { ...ORDERED.order, allergens: ['milk'], wanted: T0 + 5400_000 } },
    ];
    const at = (now: number, ...more: readonly ServiceEvent[]) => {
      const asked = said([...events, ...more], now);
      const line = { ...asked, dishes: [DISH, BUTTERED], gear: gearLeft(asked.gear, asked.state) };
      const schedule = scheduleService(serviceJob(line));
      return { line, schedule, things: tasksNow(line, schedule, heatNow(line)) };
    };
    const { schedule, things } = at(2100);
    const [wash] = things.filter(({ kind }) => kind === 'wash');
    expect(wash).toMatchObject({ station: 'stove', ticket: '7', index: 0 });
    expect(wash?.due).toBeLessThanOrEqual((schedule.pieces[0]?.start ?? 0) - 120);
    // The clock of the phone that says it may be ahead.
    const ahead: ServiceEvent = { id: 'w', at: T0 + 3011_000, kind: 'washed', of: 'wide' };
    expect(heatNow(at(3010, ahead).line).pans[0]).toBeCloseTo(60);
    const washed: ServiceEvent = { id: 'w', at: T0 + 3000_000, kind: 'washed', of: 'wide' };
    const after = at(3010, washed);
    expect(after.things.some(({ kind }) => kind === 'wash')).toBe(false);
    // A washed pan has to be heated again.
    expect(heatNow(after.line).pans[0]).toBeLessThan(70);
    // Buttered steaks go into it again after it was washed: it is washed once more.
    const again = { ...begun, id: 'again', at: T0 + 3100_000 };
    expect(at(3110, washed, again).things.some(({ kind }) => kind === 'wash')).toBe(true);
  });

  it('asks for each side once for the whole table, in time for its plates', () => {
    const side = {
      name: 'Greens',
      handsOn: 60,
      handsOff: 240,
      needs: 'burner',
      keeps: 120,
    } as const;
    const order = {
      ...ORDERED.order,
      pieces: ['a', 'b'].map((id) => ({ id, dish: 'strip', doneness: 'rare' })),
    };
    const ordered: ServiceEvent = { ...ORDERED, order };
    const begun: ServiceEvent = {
      id: 'g',
      at: T0 + 900_000,
      kind: 'side',
      of: '7',
      side: 'Greens',
    };
    const asked = (events: readonly ServiceEvent[]) => {
      const line = { ...said(events, 10), dishes: [{ ...DISH, sides: [side] }] };
      const schedule = scheduleService(serviceJob(line));
      return { schedule, things: tasksNow(line, schedule, heatNow(line)) };
    };
    const { schedule, things } = asked([ordered]);
    const greens = things.filter(({ kind }) => kind === 'side');
    expect(greens).toMatchObject([{ name: 'Greens', plates: 2, station: 'stove', seconds: 60 }]);
    const lands = schedule.tickets[0].landsAt;
    expect(greens[0].due).toBeLessThanOrEqual(lands - 300);
    expect(greens[0].due).toBeGreaterThanOrEqual(lands - 300 - 120 - 45);
    expect(asked([ordered, begun]).things.some(({ kind }) => kind === 'side')).toBe(false);
  });

  it('knows what a pan is at from what was said, and from the piece that was laid in', () => {
    const set: ServiceEvent = {
      id: 's',
      at: T0,
      kind: 'set',
      gear: 'pan',
      of: 'wide',
      celsius: 230,
    };
    expect(heatNow(said([ORDERED], 60)).pans).toEqual([22, 22]);
    const soon = heatNow(said([ORDERED, set], 60)).pans[0];
    expect(soon).toBeGreaterThan(60);
    expect(heatNow(said([ORDERED, set], 1500)).pans[0]).toBe(230);
  });

  it('follows a piece by its presses: what is done is no longer asked for', () => {
    const actions = actionsOf(plan.legs, plan.restSeconds);
    const begun: ServiceEvent = {
      id: 'b',
      at: T0 + 400_000,
      kind: 'begun',
      piece: 'a',
      option: 0,
      full: false,
      pan: 'wide',
      oven: 'oven',
    };
    const late = 30;
    const timed = actions.map((action, i) => ({
      ...action,
      dueAt: T0 + (400 + action.at + (i === 0 ? 0 : late)) * 1000,
      ...(i === 0 ? { done: 'pressed' as const } : {}),
    }));
    const line = said([ORDERED, begun], 420, new Map([['a', timed]]));
    const job = serviceJob(line);
    expect(job.tickets[0]?.pieces[0]?.begun).toMatchObject({ start: 400, pan: 0, oven: 0 });
    const schedule = scheduleService(job);
    const things = tasksNow(line, schedule, heatNow(line));
    expect(things.some((thing) => thing.kind === 'touch' && thing.action === 'in')).toBe(false);
    expect(things.filter(({ kind }) => kind === 'touch').length).toBe(
      actions.filter(({ kind }) => kind !== 'in' && kind !== 'slice').length,
    );
    const report = serviceReport(
      serviceState([ORDERED, begun, { id: 'x', at: T0 + 2_000_000, kind: 'sent', of: '7' }]),
      [DISH],
      new Map([['a', timed]]),
    );
    expect(report).toMatchObject({ pieces: 1, cost: 9, refired: 0 });
    // Followed to its end, its time in the oven is the oven's, also where it began there.
    const whole = timed.map((action) => ({ ...action, done: 'pressed' as const }));
    const used = (done: readonly (typeof whole)[number][]) => {
      const { use } = serviceReport(
        serviceState([ORDERED, begun, { id: 'x', at: T0 + 9_000_000, kind: 'sent', of: '7' }]),
        [],
        new Map([['a', done]]),
      );
      return new Map(use.map(({ place, share }) => [place, share * 9_000]));
    };
    const atSecond = (kind: string): number =>
      ((whole.find((action) => action.kind === kind)?.dueAt ?? NaN) - T0) / 1000;
    const seared = used(whole);
    expect(seared.get('pan')).toBeCloseTo(atSecond('into-oven') - atSecond('in'), -1);
    expect(seared.get('oven')).toBeCloseTo(atSecond('pull') - atSecond('into-oven'), -1);
    const ovenFirst = whole.map((action) =>
      action.kind === 'into-oven' ? { ...action, kind: 'out' as const } : action,
    );
    const roasted = used(ovenFirst);
    expect(roasted.get('oven')).toBeCloseTo(atSecond('into-oven') - atSecond('in'), -1);
    expect(roasted.get('pan')).toBeCloseTo(atSecond('pull') - atSecond('into-oven'), -1);
    expect(report.byDish).toEqual([{ dish: 'strip', name: 'Strip', count: 1 }]);
  });

  it('a pulled piece rests from its press on; one in its oven leaves when its readings say', () => {
    const option = { alone: steps, full: steps, fullArea: 0.03 };
    const due = (done: readonly string[], shift: number) =>
      actionsOf(plan.legs, plan.restSeconds).map(({ kind, at }) => ({
        kind,
        at,
        due: at + shift,
        ...(done.includes(kind) ? { done: 'pressed' as const } : {}),
      }));
    const where = { option: 0, full: false, pan: 0, oven: 0 };
    const inOven = begunPiece(where, option, due(['in', 'turn', 'into-oven'], 50), 600);
    expect(inOven.stays.map(({ place }) => place)).toEqual(['oven']);
    expect(inOven.outAt).toBeCloseTo(steps.heatSeconds + 50, 6);
    const rests = begunPiece(where, option, due(['in', 'turn', 'into-oven', 'pull'], 0), 2000);
    expect(rests.stays).toEqual([]);
    expect(rests.touches).toEqual([]);
    expect(rests.readyAt).toBeCloseTo(steps.heatSeconds + steps.restSeconds, 6);
  });
});

describe('hands and thermometers', () => {
  it('nobody is dealt a second thing before the first is done', () => {
    const random = seededRandom(5);
    const things = Array.from({ length: 30 }, (_, i): Task => ({
      kind: 'touch',
      station: 'stove',
      due: Math.floor(random() * 400),
      seconds: 10,
      action: 'turn',
      piece: String(i),
      ticket: 't',
    }));
    for (const hands of [1, 2, 3]) {
      const dealt = assignTasks(things, hands);
      expect(dealt).toHaveLength(hands);
      expect(dealt.flat()).toHaveLength(things.length);
      for (const mine of dealt) {
        mine.slice(1).forEach((thing, i) => expect(thing.due).toBeGreaterThanOrEqual(mine[i].due));
      }
    }
  });

  it('probes what is least sure and nearest its end; what was just read, or is sure, is left', () => {
    const piece = (id: string, more: Partial<ProbedPiece>): ProbedPiece => ({
      id,
      decidesAt: 180,
      unsureEnd: 2,
      unsureSeconds: 60,
      readAt: undefined,
      late: 0,
      ...more,
    });
    expect(probeNext([piece('a', {}), piece('b', { unsureEnd: 3 })], 0)?.id).toBe('b');
    expect(probeNext([piece('a', {}), piece('b', { unsureEnd: 3, readAt: -5 })], 0)?.id).toBe('a');
    expect(probeNext([piece('a', {}), piece('b', { decidesAt: 2000 })], 0)?.id).toBe('a');
    expect(probeNext([piece('a', { unsureEnd: 0.1 })], 0)).toBeUndefined();
    expect(probeNext([piece('a', { decidesAt: 5 })], 0)).toBeUndefined();
  });
});
