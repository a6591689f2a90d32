import { describe, expect, it } from '@jest/globals';
import { runFor, solverFor } from '../heat';
import { CAPACITY_IRON } from '../heat/places/iron';
import { crowding } from './crowding';
import { FATS, oilMargin } from './fats';
import { LiveOven } from './liveOven';
import { LivePan } from './livePan';
import { DEFAULT_OVEN, OvenBody, ovenWarmUp } from './ovenBody';
import { BURNER_EFFICIENCY, DEFAULT_PAN } from './pan';
import { PanBody, panLoss } from './panBody';
import { hottestPan, preheat, preheatCurve } from './preheat';

const STEAK = { tissue: 'lean-beef', thickness: 0.03, start: 5 } as const;
/** One steak's area, m2: what a slab's power per m2 is taken times. */
const AREA = 0.009;

describe('a pan on its burner', () => {
  it('heats up in five to fifteen minutes, as cooks report', () => {
    const warm = preheat(DEFAULT_PAN, 230);
    expect(warm.reached && warm.seconds).toBeGreaterThan(200);
    expect(warm.reached && warm.seconds).toBeLessThan(900);
    const heavier = preheat({ ...DEFAULT_PAN, mass: 4 }, 230);
    expect(heavier.reached && heavier.seconds).toBeGreaterThan(warm.reached ? warm.seconds : 0);
  });

  it('settles where the burner balances the losses, and never exceeds that', () => {
    const weak = { ...DEFAULT_PAN, power: 900 };
    const most = hottestPan(weak);
    expect(panLoss(weak, most, 22, 1)).toBeCloseTo(900 * 0.4, -1);
    expect(preheat(weak, most + 5)).toMatchObject({ reached: false });
    const curve = preheatCurve(weak, 1800, 30);
    for (let i = 1; i < curve.length; i += 1) expect(curve[i]).toBeGreaterThan(curve[i - 1]);
    expect(Math.max(...curve)).toBeLessThanOrEqual(most + 0.1);
  });

  it('exceeds 230 C with 28 cm on a gas burner of 1.8 kW', () => {
    expect(hottestPan({ ...DEFAULT_PAN, diameter: 0.28, power: 1800 })).toBeGreaterThan(230);
  });

  it('drops when loaded, more when crowded, and recovers', () => {
    const loaded = (pieces: number) => {
      const pan = new LivePan(new PanBody(DEFAULT_PAN, 22, 230), {
        times: pieces * AREA,
        hold: 230,
      });
      const solver = solverFor(STEAK);
      runFor(solver, pan, 120);
      return { pan, solver };
    };
    const [one, four] = [loaded(1), loaded(4)];
    expect(one.pan.lowest).toBeLessThan(228);
    expect(four.pan.lowest).toBeLessThan(one.pan.lowest - 10);
    // Four pieces draw four times the heat.
    expect(230 - four.pan.lowest).toBeGreaterThan(3 * (230 - one.pan.lowest));
    // Crowded, the crust is slower to come.
    expect(four.solver.browned(0)).toBeLessThan(one.solver.browned(0));
    const back = preheat(DEFAULT_PAN, 230, 22, four.pan.body.temperature);
    // No faster than all of the burner's heat stored in the iron.
    const { mass, power, burner } = DEFAULT_PAN;
    const stored = mass * CAPACITY_IRON * (230 - four.pan.body.temperature);
    expect(back.reached && back.seconds).toBeGreaterThan(
      stored / (power * BURNER_EFFICIENCY[burner]),
    );
    expect(back.reached && back.seconds).toBeLessThan(300);
  });

  it('transfers exactly its loss to the food', () => {
    const body = new PanBody({ ...DEFAULT_PAN, power: 0 }, 22, 230);
    const pan = new LivePan(body, { times: AREA });
    const solver = solverFor(STEAK);
    let lost = 0;
    let last = body.temperature;
    let given = 0;
    runFor(solver, pan, 60, () => {
      lost += (last - body.temperature) * DEFAULT_PAN.mass * 460;
      last = body.temperature;
      return false;
    });
    given = solver.heatIn * AREA;
    // The remainder is the loss of the empty pan over that minute.
    const own = 60 * panLoss(DEFAULT_PAN, 215, 22, 1);
    expect((lost - given) / own).toBeGreaterThan(0.7);
    expect((lost - given) / own).toBeLessThan(1.3);
  });

  it('takes so many pieces at once, and always one', () => {
    expect(crowding(DEFAULT_PAN, 0.009).most).toBe(3);
    expect(crowding(DEFAULT_PAN, 0.05).most).toBe(1);
    expect(crowding(DEFAULT_PAN, 0.009).covered(2)).toBeCloseTo(0.34, 2);
  });
});

describe('an oven', () => {
  it('warms up, then cycles about its dial and offset', () => {
    const oven = { ...DEFAULT_OVEN, offset: -12 };
    const warm = ovenWarmUp(oven, 180) ?? NaN;
    expect(warm).toBeGreaterThan(240);
    expect(warm).toBeLessThan(1800);
    const body = new OvenBody(oven, 180);
    body.follow(warm + 1200);
    const seen: number[] = [];
    for (let i = 0; i < 1800; i += 1) {
      body.follow(1);
      seen.push(body.air);
    }
    const mean = seen.reduce((sum, t) => sum + t) / seen.length;
    expect(mean).toBeGreaterThan(168 - 6);
    expect(mean).toBeLessThan(168 + 6);
    expect(Math.max(...seen) - Math.min(...seen)).toBeGreaterThan(oven.swing);
  });

  it('never warms past its hottest', () => {
    expect(ovenWarmUp({ ...DEFAULT_OVEN, hottest: 200 }, 250)).toBeUndefined();
  });

  it('loses heat by the door, and a piece in it minutes', () => {
    const settled = () => new OvenBody({ ...DEFAULT_OVEN, swing: 2 }, 120, 22, 120);
    const open = settled();
    open.openDoor(20);
    open.follow(20);
    expect(open.air).toBeLessThan(70);
    open.follow(240);
    expect(open.air).toBeGreaterThan(105);
    const cookIn = (openings: number): number => {
      const body = settled();
      const oven = new LiveOven(body, 12);
      const solver = solverFor({ ...STEAK, thickness: 0.04 });
      for (let i = 0; i < 6; i += 1) {
        if (i < openings) body.openDoor(25);
        runFor(solver, oven, 600);
      }
      return solver.core;
    };
    expect(cookIn(6)).toBeLessThan(cookIn(0) - 0.5);
  });
});

it('says how far a fat is from smoke and fire', () => {
  const [fat] = FATS;
  expect(oilMargin(fat, 180).smoke).toBe('none');
  expect(oilMargin(fat, 215).smoke).toBe('some');
  expect(oilMargin(fat, 300)).toMatchObject({ smoke: 'heavy', toFire: 15 });
  for (const { smokes } of FATS) expect(smokes[0]).toBeLessThan(smokes[1]);
});
