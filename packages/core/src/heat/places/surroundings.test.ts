import { describe, expect, it } from '@jest/globals';
import { PRESS } from './face';
import { runFor } from '../stages/runFor';
import { solverFor } from '../stages/solverFor';
import {
  basted,
  FAN_OVEN,
  heldWarm,
  inHotFat,
  onARack,
  onThePan,
  resting,
  STILL_OVEN,
  type Surroundings,
} from './surroundings';

const after = (seconds: number, around: Surroundings, start = 6) => {
  const solver = solverFor(
    {
      tissue: 'lean-beef',
      thickness: 0.03,
      start,
      shape: { kind: 'round', radius: 0.05 },
    },
    { columns: 6 },
  );
  runFor(solver, around, seconds);
  return solver;
};

describe('surroundings', () => {
  it('a pressed face takes more heat than one that lies loose', () => {
    const [pressed, loose] = [PRESS.pressed, PRESS.loose].map((contact) =>
      after(120, onThePan(220, { contact })),
    );
    expect(pressed?.heatIn).toBeGreaterThan((loose?.heatIn ?? NaN) * 1.1);
  });

  it('basting warms the top and so the middle, the more the longer the spoon', () => {
    const core = (share: number): number => after(180, basted(200, 140, share)).core;
    expect(core(0.3)).toBeGreaterThan(core(0) + 0.3);
    expect(core(0.6)).toBeGreaterThan(core(0.3));
    expect(core(0)).toBeCloseTo(after(180, onThePan(200)).core, 6);
  });

  it('hot fat reaches the edge that a pan leaves in air', () => {
    const edge = (around: Surroundings): number => {
      const solver = after(120, around);
      return solver.temperature[solver.count - Math.ceil(solver.rows / 2)];
    };
    expect(edge(inHotFat(180))).toBeGreaterThan(edge(onThePan(180)) + 15);
  });

  it('a fan cooks faster than still air at the same dial', () => {
    expect(after(1500, onARack(120, FAN_OVEN)).core).toBeGreaterThan(
      after(1500, onARack(120, STILL_OVEN)).core + 1,
    );
  });

  it('held warm, a rested piece keeps its heat and its water', () => {
    const [held, open] = [heldWarm(58), resting('open')].map((around) => after(1800, around, 57));
    expect(held?.core).toBeGreaterThan(54);
    expect(held?.core).toBeLessThan(58);
    expect(open?.core).toBeLessThan(50);
    expect(held?.evaporatedShare).toBeLessThan((open?.evaporatedShare ?? NaN) / 2);
  });

  it('a wrapped rest keeps every drop', () => {
    expect(after(600, resting('wrapped'), 60).evaporated).toBe(0);
  });
});

it('an air-dried surface browns sooner than a wet one, a film later', () => {
  const browned = (film: number): number => {
    const solver = solverFor({ tissue: 'lean-beef', thickness: 0.03, start: 6, film });
    runFor(solver, onThePan(230), 45);
    return solver.browned(0);
  };
  expect(browned(-0.4)).toBeGreaterThan(browned(0) * 1.5);
  expect(browned(0.2)).toBeLessThan(browned(0));
});
