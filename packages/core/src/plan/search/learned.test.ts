import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { Forecaster } from '../../estimate/forecast';
import type { CookEvent } from '../../cook/event';
import { DEFAULT_PAN } from '../../gear';
import { planCase, planOf, STEAK } from '../../tests';
import { pieceOf, pieceInSurroundings, shapeOf } from '../legs/pieceOf';
import { thicknessOf, type PlanRequest } from '../request/request';
import { timedFor } from '../legs/timedLeg';
import { MethodSimulator } from '../legs/methodSimulator';

const THICK: PlanRequest = { ...STEAK, thickness: 0.038, weight: 0.44, way: 'oven-sear' };
const learned = (thickness: number, contact = 1) => ({ thickness, contact });

describe('a plan that uses what was learned', () => {
  it('takes a piece for as thick as it was found to be, on a footprint that is smaller for it', () => {
    const thicker = { ...STEAK, learned: learned(0.002) };
    expect(thicknessOf(thicker)).toBeCloseTo(STEAK.thickness + 0.002, 9);
    expect(pieceOf(thicker, shapeOf(thicker)).thickness).toBeCloseTo(0.027, 9);
    const [was, is] = [STEAK, thicker].map((request) => shapeOf(request));
    expect(is.kind === 'long' && was.kind === 'long' && is.width < was.width).toBe(true);
    expect(
      pieceInSurroundings({ ...STEAK, learned: learned(0, 0.8) }, true, DEFAULT_PAN).contact,
    ).toBe(0.8);
    expect(pieceInSurroundings(STEAK, true, DEFAULT_PAN).contact).toBe(1);
  });

  it('is the plan of a piece measured so, not another', () => {
    const told = planOf({ ...THICK, thickness: 0.04 });
    const taught = planOf({ ...THICK, learned: learned(0.002) });
    expect(taught.pullAt).toBeCloseTo(told.pullAt, -1);
    expect(taught.request.thickness).toBe(THICK.thickness);
  });

  it('cooks longer for a thicker piece, and for a pan that touches less', () => {
    const usual = planOf(STEAK).cookSeconds;
    expect(planOf({ ...STEAK, learned: learned(0.001) }).cookSeconds).toBeGreaterThan(usual);
    expect(planOf({ ...STEAK, learned: learned(0, 0.75) }).cookSeconds).toBeGreaterThan(usual);
    expect(planOf({ ...STEAK, learned: learned(0, 1.25) }).cookSeconds).toBeLessThan(usual);
  });

  it('never makes a piece thinner than pieces are', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.003, max: 0.12, noNaN: true }),
        fc.double({ min: -0.006, max: 0.006, noNaN: true }),
        (thickness, bias) => {
          const taken = thicknessOf({ thickness, learned: learned(bias) });
          expect(taken).toBeGreaterThanOrEqual(0.003);
          expect(taken).toBeLessThanOrEqual(thickness + 0.006 + 1e-12);
        },
      ),
    );
  });

  it('is followed live as it was planned: readings as foreseen move nothing', () => {
    const request = { ...THICK, learned: learned(0.0015, 0.9) };
    // The plan as a record: on its section.
    const planned = planCase({ request, pan: DEFAULT_PAN });
    if (!planned.feasible) throw new Error(planned.obstacle.reason);
    const { plan } = planned;
    const T0 = Date.UTC(2026, 2, 1, 18);
    const cook = new MethodSimulator(request, { columns: 8 });
    cook.reset();
    const events: CookEvent[] = [{ id: 'in', kind: 'in', at: T0 }];
    const oven = plan.legs[0];
    const leg = timedFor(cook.legs[0], oven.seconds);
    let next = 240;
    cook.runLeg(leg, (t) => {
      if (t < next || t > 0.6 * oven.seconds) return false;
      events.push({
        id: `r${next}`,
        kind: 'reading',
        at: T0 + Math.round(t * 1000),
        celsius: cook.solver.core,
        by: 'probe',
      });
      next += 120;
      return false;
    });
    const forecaster = new Forecaster({ plan, plannedIn: T0, pan: DEFAULT_PAN });
    const found = forecaster.forecast(events, T0 + 0.6 * oven.seconds * 1000);
    expect(found?.readings).toBeGreaterThan(5);
    const pull = ((found?.pullAt ?? 0) - T0) / 1000;
    expect(Math.abs(pull - plan.pullAt)).toBeLessThan(0.05 * plan.pullAt);
    expect(Math.abs(found?.kitchen.thickness ?? 1)).toBeLessThan(0.0012);
  });
});
