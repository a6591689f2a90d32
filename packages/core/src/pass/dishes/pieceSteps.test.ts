import { describe, expect, it } from '@jest/globals';
import { DEFAULT_OVEN } from '../../gear/ovenBody';
import { DEFAULT_PAN } from '../../gear/pan';
import { runToEnd } from '../../maths';
import { USUAL, type PlanRequest } from '../../plan/request/request';
import { LINE } from '../../tests/serviceCases';
import { GearState } from '../orders/gearState';
import { WHOLE_PAN } from './pieceSteps';
import { portionOptions } from './portionOptions';
import { ovenChange, panChange, serviceGear } from '../orders/serviceGear';

const STRIP: PlanRequest = {
  ...USUAL,
  cut: 'strip-steak',
  thickness: 0.03,
  weight: 0.28,
  target: 54,
  way: 'sear-oven',
  pan: 235,
};

describe('what a portion takes of the line', () => {
  const options = runToEnd(
    portionOptions({ request: STRIP, others: ['once', 'often'], pan: DEFAULT_PAN, quick: true }),
  );

  it('its own way first, then those that are feasible', () => {
    expect(options[0]?.plan.request.way).toBe('sear-oven');
    expect(options.length).toBeGreaterThan(1);
  });

  it('stays follow one another to the last heat; hands come where the plan has something to do', () => {
    for (const { plan, steps } of options) {
      for (const { stays, touches, heatSeconds } of [steps.alone, steps.full]) {
        const last = stays[stays.length - 1];
        expect(last.at + last.seconds).toBeCloseTo(heatSeconds, 6);
        stays.slice(1).forEach((stay, i) => {
          expect(stay.at).toBeCloseTo(stays[i].at + stays[i].seconds, 6);
        });
        expect(touches[0]).toMatchObject({ kind: 'in', at: 0 });
        expect(touches[touches.length - 1]).toMatchObject({ kind: 'pull', at: heatSeconds });
      }
      expect(steps.alone.heatSeconds).toBeCloseTo(plan.cookSeconds, 6);
      expect(steps.alone.keepsSeconds).toBeGreaterThanOrEqual(60);
      expect(steps.fullArea).toBeGreaterThan(steps.alone.stays[0].area);
    }
  });

  it('in the pan into the oven, the pan is away with it', () => {
    const [taken] = runToEnd(
      portionOptions({
        request: { ...STRIP, ovenOn: 'pan' },
        others: [],
        pan: DEFAULT_PAN,
        quick: true,
      }),
    );
    const [pan, oven] = taken.steps.alone.stays;
    expect(pan).toMatchObject({ place: 'pan', area: WHOLE_PAN });
    expect(pan.seconds).toBeCloseTo(taken.steps.alone.heatSeconds, 6);
    expect(oven.place).toBe('oven');
  });
});

describe('the gear of a service', () => {
  it('puts the widest pan on the strongest burner that takes it; a pan without one stands aside', () => {
    const gear = serviceGear({
      ...LINE,
      pans: [...LINE.pans, { id: 'third', name: 'Third', diameter: 0.28, mass: 3 }],
    });
    expect(gear.pans.map(({ id, burner }) => [id, burner])).toEqual([
      ['wide', 'a'],
      ['third', 'b'],
    ]);
    expect(gear.aside).toEqual(['small']);
  });

  it('takes longer over a larger change, and longest to cool an oven', () => {
    expect(panChange(DEFAULT_PAN, 200, 200)).toBe(0);
    expect(panChange(DEFAULT_PAN, 22, 230)).toBeGreaterThan(panChange(DEFAULT_PAN, 200, 230));
    expect(ovenChange(DEFAULT_OVEN, 120, 180)).toBeLessThan(ovenChange(DEFAULT_OVEN, 180, 120));
  });

  it('comes to what it is set to and stays there', () => {
    const gear = serviceGear(LINE);
    const state = new GearState(gear);
    state.setPan(0, 230);
    state.setOven(0, 180);
    state.follow(60);
    expect(state.heat.pans[0]).toBeLessThan(230);
    for (let t = 0; t < 2400; t += 5) state.follow(5);
    expect(state.heat).toMatchObject({ pans: [230, 22], ovens: [180] });
    state.setOven(0, 120);
    state.follow(300);
    expect(state.heat.ovens[0]).toBeGreaterThan(125);
  });
});
