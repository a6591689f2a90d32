import { describe, expect, it } from '@jest/globals';
import { CUTS } from '../../food';
import { DEFAULT_PAN, NOMINAL_KITCHEN, type KitchenDeviation } from '../../gear';
import { HEAT_MODELS, coreGoal, onARack, runFor, solverFor, widened } from '../../heat';
import { STEAK } from '../../tests';
import { legSurroundings, type PieceInSurroundings } from './legSurroundings';
import { LONGEST_SEAR } from './longest';
import type { PlanRequest } from '../request/request';
import { shapeOf } from './pieceOf';
import { MethodSimulator } from './methodSimulator';

const THICK: PlanRequest = { ...STEAK, thickness: 0.04, weight: 0.45 };

describe('a cook on its way', () => {
  it('gives the same run for the same value, whatever was tried between', () => {
    for (const columns of [undefined, 4]) {
      const cook = new MethodSimulator({ ...THICK, way: 'sear-oven-sear' }, { columns });
      const first = cook.run(1500);
      cook.run(600);
      cook.endWith(first, 900);
      expect(cook.run(1500)).toEqual(first);
      // A run's legs, cooked by themselves, end as the run did.
      cook.reset();
      expect(cook.endOf(first.legs).peak).toBeCloseTo(first.end.peak, 1);
    }
  });

  it('keeps its energy through pan, oven, butter, edges and rest', () => {
    for (const change of [
      { way: 'sear-oven', ovenOn: 'pan' },
      { way: 'oven-sear', baste: 60, edges: 'both' },
      { way: 'once', panAfter: 170, temper: 1800 },
    ] as const) {
      for (const columns of [undefined, 6]) {
        const cook = new MethodSimulator({ ...THICK, ...change }, { columns });
        cook.run(900);
        expect(Math.abs(cook.solver.energyError())).toBeLessThan(1e-3);
      }
    }
    const { thickness, weight } = CUTS['duck-breast'];
    const duck = new MethodSimulator({
      ...STEAK,
      cut: 'duck-breast',
      thickness,
      weight,
      way: 'cold-pan',
    });
    duck.run(700);
    expect(Math.abs(duck.solver.energyError())).toBeLessThan(1e-3);
  });

  it('sears for the crust that is wanted, and no longer', () => {
    for (const crust of [1.1, 1.8]) {
      const cook = new MethodSimulator({ ...THICK, way: 'oven-sear', crust });
      const { faces, legs } = cook.run(2700);
      // The first face browns on for a moment in its own heat.
      for (const face of faces) {
        expect(face).toBeGreaterThan(crust - 0.01);
        expect(face).toBeLessThan(crust + 0.1);
      }
      expect(legs.every(({ cutShort }) => cutShort === undefined)).toBe(true);
    }
  });

  it('says that a sear ended at its longest, before its crust was there', () => {
    const pale = new MethodSimulator({ ...THICK, way: 'sear-oven', pan: 150, crust: 2 });
    const sears = pale.run(900).legs.filter(({ kind }) => kind === 'sear');
    expect(sears.map(({ seconds, cutShort }) => [seconds, cutShort])).toEqual([
      [LONGEST_SEAR, true],
      [LONGEST_SEAR, true],
    ]);
  });

  it('turns as often as it is told, to the end and on through the butter', () => {
    const flips = (change: Partial<PlanRequest>, seconds: number) =>
      new MethodSimulator({ ...STEAK, way: 'often', ...change })
        .run(seconds)
        .legs.flatMap(({ flips: made }) => [...made]);
    expect(flips({}, 100)).toEqual([30, 60, 90]);
    expect(flips({}, 94)).toEqual([30, 60, 90]);
    expect(flips({}, 30)).toEqual([]);
    // 40 s of turning, then a minute of butter: turned 20 and 50 s into it.
    expect(flips({ baste: 60 }, 100)).toEqual([30, 20, 50]);
    const turned = new MethodSimulator({ ...THICK, way: 'sear-oven', ovenTurn: true });
    expect(turned.run(600).legs.at(-1)?.flips).toEqual([300]);
  });

  it.each<[string, Partial<PlanRequest>, number]>([
    ['a turn more at the end', { way: 'often' }, 90],
    ['a turn more, with butter', { way: 'often', baste: 60 }, 120],
    ['a turn more, tented', { way: 'often', cover: 'loose' }, 150],
  ])('%s changes the end by no leap', (_what, change, seconds) => {
    const cook = new MethodSimulator({ ...STEAK, ...change });
    const peak = (value: number): number => cook.run(value).end.peak;
    for (const edge of [0, 30, 60]) {
      const [before, after] = [peak(seconds + edge - 0.05), peak(seconds + edge + 0.05)];
      expect(Math.abs(after - before)).toBeLessThan(0.08);
    }
  });

  it('a watcher that stops a leg sees no more of it', () => {
    const cook = new MethodSimulator({ ...STEAK, way: 'often' });
    cook.reset();
    const seen: number[] = [];
    const [leg] = new MethodSimulator({ ...STEAK, way: 'often' }).run(600).legs;
    if (leg === undefined) throw new Error('no leg');
    cook.runLeg(leg, (t) => {
      seen.push(t);
      return t > 90;
    });
    expect(seen.filter((t) => t > 90)).toHaveLength(1);
  });

  it('rests with the face that was seared first up, however often it was turned', () => {
    for (const seconds of [100, 70]) {
      const cook = new MethodSimulator({ ...STEAK, way: 'often' });
      cook.run(seconds);
      expect(cook.solver.upperSide).toBe(0);
    }
  });

  it('a kitchen that is off cooks otherwise: hotter, closer, thinner is further on', () => {
    const request: PlanRequest = { ...THICK, way: 'sear-oven' };
    const plain = new MethodSimulator(request).run(600);
    const end = (change: Partial<KitchenDeviation>) => {
      const cook = new MethodSimulator(request, { deviation: { ...NOMINAL_KITCHEN, ...change } });
      cook.reset();
      return cook.endOf(plain.legs).peak;
    };
    const base = plain.end.peak;
    expect(end({ oven: 20 })).toBeGreaterThan(base + 0.5);
    expect(end({ pan: 20 })).toBeGreaterThan(base);
    expect(end({ contact: 1.3 })).toBeGreaterThan(base);
  });

  it('cuts round pieces round, and a bone into the whole width', () => {
    expect(shapeOf({ ...STEAK, cut: 'fillet-steak' })).toMatchObject({ kind: 'round' });
    expect(shapeOf({ ...STEAK, cut: 'pork-chop' })).toMatchObject({ kind: 'long', whole: true });
    expect(shapeOf(STEAK)).toEqual({ kind: 'long', width: expect.any(Number) });
  });
});

describe('what is round the piece through a leg', () => {
  const placed: PieceInSurroundings = {
    pan: DEFAULT_PAN,
    press: 'pressed',
    contact: 1,
    ovenHeat: 1,
    sectionMultiple: 0.008,
    foodArea: 0.011,
    model: HEAT_MODELS.baseline,
    knob: 'up',
    spot: 'fresh',
    restOn: 'rack',
    oven: {},
    rolled: false,
    lateralAreaRatio: 0,
  };
  const piece = () => solverFor({ tissue: 'lean-beef', thickness: 0.03, start: 5 });

  it('a burner turned down is followed within minutes, not at once', () => {
    const around = legSurroundings({ on: 'pan', pan: 160, from: 220 }, placed, NOMINAL_KITCHEN);
    if (!('follow' in around)) throw new Error('a steady pan');
    const solver = piece();
    runFor(solver, around, 30);
    expect(around.around.lower.temperature).toBeGreaterThan(180);
    runFor(solver, around, 300);
    expect(around.around.lower.temperature).toBeCloseTo(160, 0);
  });

  it('a cold pan comes up under the piece and holds there', () => {
    const around = legSurroundings({ on: 'cold-pan', pan: 170 }, placed, NOMINAL_KITCHEN);
    if (!('follow' in around)) throw new Error('a steady pan');
    const solver = piece();
    expect(around.around.lower.temperature).toBeLessThan(30);
    runFor(solver, around, 60);
    expect(around.around.lower.temperature).toBeLessThan(150);
    runFor(solver, around, 900);
    expect(Math.abs(around.around.lower.temperature - 170)).toBeLessThan(12);
  });

  it('a pan moved into the oven drifts to its air, and is drawn down by what it feeds', () => {
    const heat = { on: 'oven-pan', air: 180, h: 12, pan: 230 } as const;
    const light = legSurroundings(heat, { ...placed, sectionMultiple: 0 }, NOMINAL_KITCHEN);
    const fed = legSurroundings(heat, { ...placed, sectionMultiple: 0.02 }, NOMINAL_KITCHEN);
    if (!('follow' in light) || !('follow' in fed)) throw new Error('a steady pan');
    runFor(piece(), light, 2400);
    runFor(piece(), fed, 600);
    expect(Math.abs(light.around.lower.temperature - 180)).toBeLessThan(8);
    expect(fed.around.lower.temperature).toBeLessThan(178);
  });

  it('standing on its edge warms a section’s edge, its faces hardly', () => {
    const shape = { kind: 'long', width: 0.08 } as const;
    const solver = solverFor(
      { tissue: 'lean-beef', thickness: 0.03, start: 5, shape },
      { columns: 6 },
    );
    runFor(
      solver,
      legSurroundings({ on: 'edge', pan: 220, share: 0.5 }, placed, NOMINAL_KITCHEN),
      60,
    );
    const edge = solver.temperature[(solver.columns - 1) * solver.rows + solver.rows / 2];
    expect(edge).toBeGreaterThan(60);
    expect(solver.surface).toBeLessThan(30);
    expect(solver.browned(0)).toBeLessThan(0.01);
  });
});

it('the lateral correction makes a flat piece as quick as its section, within a few per cent', () => {
  const air = onARack(110, 12);
  const until = (shape: object, share: number): number =>
    runFor(
      solverFor({ tissue: 'lean-beef', thickness: 0.04, start: 5, ...shape }, { columns: 8 }),
      widened(air, share),
      20_000,
      undefined,
      coreGoal(48),
    );
  const truth = until({ shape: { kind: 'long', width: 0.08 } }, 0);
  expect(until({}, 0) / truth).toBeGreaterThan(1.1);
  expect(Math.abs(until({}, 0.5 * 0.46) / truth - 1)).toBeLessThan(0.05);
  expect(widened(air, 0)).toBe(air);
});
