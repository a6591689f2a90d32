import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { USUAL_PAN_USED } from '../../gear';
import { AIRED_FISH, DUCK, SCALLOP } from '../../tests';
import {
  baselineWith,
  ESTIMATES,
  HEAT_MODELS,
  HEAT_OPTIONS,
  lossOf,
  readingOf,
  runStage,
  simulate,
  solverFor,
  stageKitchen,
  USUAL_THERMOMETER,
  type Cook,
  type HeatModel,
  type PanUsed,
  type Stage,
} from '..';

const { baseline, kitchen } = HEAT_MODELS;
const PAN: PanUsed = { ...USUAL_PAN_USED, knob: 'left' };
const rest = (seconds: number, more: object = {}): Stage => ({
  kind: 'rest',
  cover: 'open',
  seconds,
  ...more,
});
const OFTEN: Cook = {
  piece: { tissue: 'lean-beef', thickness: 0.025, start: 5 },
  stages: [{ kind: 'turns', pan: 215, every: 30, count: 14 }, rest(600)],
};
const peak = (cook: Cook, model: HeatModel = baseline): number =>
  Math.max(...simulate({ ...cook, model }, { columns: 8 }).stages.map((s) => s.corePeak));

/** Seconds of a low oven to 50 C with something changed, over those without. */
const slower = (more: object): number => {
  const seconds = (stage: object): number =>
    simulate({
      piece: { tissue: 'lean-beef', thickness: 0.04, start: 5 },
      stages: [{ kind: 'oven', air: 110, h: 12, untilCore: 50, maxSeconds: 20_000, ...stage }],
    }).stages[0]?.seconds ?? NaN;
  return seconds(more) / seconds({}) - 1;
};

describe('what a kitchen adds', () => {
  it('leaves the baseline as it was while every option is off', () => {
    expect(HEAT_OPTIONS.every((option) => !baseline[option] && kitchen[option])).toBe(true);
    expect(peak({ ...OFTEN, model: baseline })).toBe(peak(OFTEN));
  });

  it('is the same on a finer grid, on a dried skin too: a face is wet over a depth, not over a cell', () => {
    for (const cook of [OFTEN, DUCK, SCALLOP, AIRED_FISH]) {
      const on = (refinement: number): number =>
        Math.max(
          ...simulate({ ...cook, model: kitchen }, { columns: 1, refinement }).stages.map(
            ({ corePeak }) => corePeak,
          ),
        );
      const [usual, ...finer] = [1, 2, 4].map(on);
      for (const one of finer) expect(Math.abs(one - (usual ?? NaN))).toBeLessThan(0.7);
    }
  });

  it.each(HEAT_OPTIONS)('%s keeps the ledger of heat closed by itself', (option) => {
    for (const cook of [OFTEN, DUCK, SCALLOP]) {
      const { energyError } = simulate({ ...cook, model: baselineWith(option) }, { columns: 6 });
      expect(Math.abs(energyError)).toBeLessThan(1e-3);
    }
  });

  it('all together keep it over random cooks, and every figure is one', () => {
    const pans = fc.double({ min: 150, max: 290, noNaN: true });
    fc.assert(
      fc.property(
        fc.double({ min: 0.012, max: 0.045, noNaN: true }),
        pans,
        fc.integer({ min: 2, max: 14 }),
        fc.constantFrom('left', 'up', 'full'),
        fc.integer({ min: 1, max: 4 }),
        fc.constantFrom('board', 'plate', 'warm-plate', 'rack'),
        (thickness, pan, count, knob, pieces, on) => {
          const cook: Cook = {
            ...OFTEN,
            model: kitchen,
            body: { ...PAN, knob, pieces },
            piece: { ...OFTEN.piece, thickness },
            stages: [{ kind: 'turns', pan, every: 30, count }, rest(400, { on })],
          };
          const { energyError, stages } = simulate(cook);
          expect(Math.abs(energyError)).toBeLessThan(1e-3);
          for (const { core, coldest, rim, reading } of stages) {
            for (const figure of [core, coldest, rim, reading]) {
              expect(figure).toBeGreaterThan(0);
              expect(figure).toBeLessThan(130);
            }
          }
        },
      ),
      { numRuns: 25 },
    );
  });

  it('iron cools under the food when the knob is left alone: more pieces, more of it', () => {
    const alone = peak(OFTEN);
    const under = (pieces: number, knob: PanUsed['knob']): number =>
      peak({ ...OFTEN, body: { ...PAN, pieces, knob } });
    const [one, two, four] = [under(1, 'left'), under(2, 'left'), under(4, 'left')];
    expect(alone - one).toBeGreaterThan(0.5);
    expect(one - two).toBeGreaterThan(0.5);
    expect(two - four).toBeGreaterThan(2);
    expect(alone - under(1, 'up')).toBeLessThan(0.5);
    expect(under(1, 'full')).toBeGreaterThan(under(1, 'up'));
  });

  it('the side that sees the iron warms small pieces by degrees, a slab not at all', () => {
    const side = baselineWith('sideSeesIron');
    expect(peak(SCALLOP, side) - peak(SCALLOP)).toBeGreaterThan(2);
    expect(peak(SCALLOP, side) - peak(SCALLOP)).toBeLessThan(8);
    expect(peak(OFTEN, side)).toBe(peak(OFTEN));
  });

  it('a low oven has more to it than its dial', () => {
    expect(slower({ h: 8 })).toBeGreaterThan(0.1);
    expect(slower({ tray: true })).toBeGreaterThan(0.15);
    expect(slower({ vapour: 6000 })).toBeLessThan(-0.04);
    expect(slower({ vapour: 12_000 })).toBeLessThan(-0.1);
    expect(slower({ walls: 125 })).toBeLessThan(-0.05);
    const doors = slower({ doors: [600, 1200, 1800, 2400] });
    expect(doors).toBeGreaterThan(0.01);
    expect(doors).toBeLessThan(0.1);
  });

  it('the core of a duck breast is in its meat, colder than the middle of skin and all', () => {
    const at = (model: HeatModel): number => simulate({ ...DUCK, model }).stages[0]?.core ?? NaN;
    expect(at(baseline) - at(baselineWith('meatCore'))).toBeGreaterThan(4);
    expect(simulate(OFTEN).stages[0]?.core).toBeCloseTo(
      simulate({ ...OFTEN, model: baselineWith('meatCore') }).stages[0]?.core ?? NaN,
      1,
    );
  });

  it('skin renders to about the share that is left, its fat gone from the piece', () => {
    const piece = solverFor(DUCK.piece, { model: kitchen });
    const first = piece.mass();
    runStage(piece, { kind: 'sear', pan: 190, seconds: 1800, thenFlip: false });
    const skin = (heights: Float64Array): number =>
      heights.reduce((sum, h, i) => sum + (piece.matter.renders[i] === 1 ? h : 0), 0);
    const left = skin(piece.heights) / skin(piece.section.heights);
    expect(left).toBeGreaterThan(ESTIMATES.renderedLeft.value - 0.01);
    expect(left).toBeLessThan(0.75);
    expect(piece.renderedMass).toBeGreaterThan(0.5);
    expect(first - piece.mass()).toBeCloseTo(
      piece.renderedMass + piece.evaporated + piece.dripped,
      6,
    );
  });

  it('melting fat slows marbled meat; shrinking faces and a bulging one slow every piece', () => {
    const marbled: Cook = { ...OFTEN, piece: { ...OFTEN.piece, tissue: 'marbled-beef' } };
    const lost = (cook: Cook, option: 'fatMelts' | 'shrinks' | 'bulges'): number =>
      peak(cook) - peak(cook, baselineWith(option));
    expect(lost(marbled, 'fatMelts')).toBeGreaterThan(1.5 * lost(OFTEN, 'fatMelts'));
    expect(lost(OFTEN, 'shrinks')).toBeGreaterThan(0.5);
    expect(lost(OFTEN, 'bulges')).toBeGreaterThan(1);
    const pressed = OFTEN.stages.map((stage) =>
      stage.kind === 'turns' ? { ...stage, press: 'pressed' as const } : stage,
    );
    expect(peak({ ...OFTEN, stages: pressed }, kitchen)).toBeGreaterThan(peak(OFTEN, kitchen) + 2);
  });

  it('a board or a cold plate takes a degree or so of the peak, a warm plate gives', () => {
    const on = (surface?: string): number =>
      peak({
        ...OFTEN,
        stages: [
          OFTEN.stages[0] ?? rest(0),
          rest(600, surface === undefined ? {} : { on: surface }),
        ],
      });
    expect(on() - on('board')).toBeGreaterThan(0.3);
    expect(on() - on('plate')).toBeGreaterThan(0.5);
    expect(on() - on('plate')).toBeLessThan(3);
    expect(on('warm-plate')).toBeGreaterThan(on('plate') + 0.5);
  });

  it('a stem from the top reads degrees over the core of a hot piece, one from the side hardly', () => {
    const piece = solverFor(OFTEN.piece, { model: kitchen });
    const pan: Stage = { kind: 'turns', pan: 230, every: 30, count: 14 };
    runStage(piece, pan, undefined, stageKitchen(piece, [pan], PAN));
    const over = (change: object): number =>
      readingOf(piece, { ...USUAL_THERMOMETER, ...change }) - piece.core;
    expect(over({ off: 0.005 })).toBeGreaterThan(over({ off: 0.002 }));
    expect(over({ off: 0.005 })).toBeGreaterThan(2);
    expect(over({ off: 0.005 })).toBeLessThan(11);
    expect(Math.abs(over({ from: 'side' }))).toBeLessThan(1.5);
    // Read at once it has not got there.
    expect(over({ after: 1 })).toBeLessThan(over({}) - 4);
  });

  it('goes on from a snapshot as it went on before', () => {
    const piece = solverFor(DUCK.piece, { model: kitchen });
    runStage(piece, { kind: 'sear', pan: 170, seconds: 500, thenFlip: false });
    const kept = piece.snapshot();
    piece.save(kept);
    const goOn = (): readonly number[] => {
      runStage(piece, { kind: 'sear', pan: 170, seconds: 200, thenFlip: false });
      return [piece.core, piece.browned(0), piece.mass(), piece.heightScale, piece.heights[0] ?? 0];
    };
    const first = goOn();
    piece.restore(kept);
    goOn().forEach((figure, i) => expect(figure).toBeCloseTo(first[i] ?? NaN, 9));
  });

  it('loss is one figure: near what is usually weighed of a strip turned once', () => {
    // Common practice: 12, 16, 20 % at 54, 60, 66 C, within about three points in both directions.
    const lossAt = (wanted: number): number => {
      let best = { off: Infinity, loss: NaN };
      for (let seconds = 200; seconds < 700; seconds += 25) {
        const sear: Stage = { kind: 'sear', pan: 215, seconds, thenFlip: true };
        const result = simulate({
          ...OFTEN,
          model: kitchen,
          stages: [sear, sear, rest(300)],
        });
        const off = Math.abs(Math.max(...result.stages.map((s) => s.corePeak)) - wanted);
        if (off < best.off) best = { off, loss: lossOf(result).central };
      }
      return best.loss;
    };
    for (const [wanted, usual] of [
      [54, 0.12],
      [60, 0.16],
      [66, 0.2],
    ] as const) {
      expect(Math.abs(lossAt(wanted) - usual)).toBeLessThan(0.035);
    }
  });
});
