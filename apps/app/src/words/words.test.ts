import { donenessOf } from '@crustan/core/doneness';
import { DEFAULT_PAN } from '@crustan/core/gear';
import { runOf } from '@crustan/core/schedule';
import type { Obstacle } from '@crustan/core/plan';
import { planOf, REQUEST } from '../testing';
import { remedyChange, describeBriefly, describeObstacle, describeRemedy } from './obstacleWords';
import { stepWords } from './stepWords';
import { showIn } from './show';

const request = REQUEST;
const [metric, imperial] = [showIn('metric'), showIn('imperial')];

it('says a hold with what the thermometer decides, and a first time in the pan as one', () => {
  const rib = planOf({
    ...request,
    cut: 'whole-fillet',
    thickness: 0.06,
    weight: 1.2,
    target: 53,
    way: 'oven-sear',
    hold: { in: 'warm-oven', seconds: 1800 },
  });
  const pull = `${Math.round(rib.pullCore)}°`;
  const said = (plan: typeof rib) =>
    runOf(plan).steps.map((step) => stepWords(step, plan, metric, DEFAULT_PAN));
  const lines = said(rib);
  expect(lines.map(({ does }) => does)).toContain(`At ${pull} the oven down to 60°`);
  const into = lines.find(({ does }) => does === 'Into the pan');
  expect(into?.why).toMatch(/^rolled a quarter at a time; .*once a drop of water skates on it$/);
  const tented = {
    ...rib,
    legs: rib.legs.map(({ air, ...leg }) => (leg.kind === 'board' ? leg : { ...leg, air })),
  };
  expect(said(tented).map(({ does }) => does)).toContain(`Out at ${pull}, loosely tented`);
});

it('says each step of a run in both units, from the plan itself', () => {
  const plan = planOf();
  const whole = planOf({
    ...request,
    thickness: 0.04,
    weight: 0.45,
    way: 'sear-oven-sear',
    edges: 'both',
    baste: 60,
    temper: 2700,
    saltAhead: 172_800,
  });
  for (const step of runOf(whole).steps) {
    const { does, why } = stepWords(step, whole, imperial, DEFAULT_PAN);
    expect(`${does} ${why}`).not.toMatch(/NaN|undefined/);
  }
  const on = runOf(whole).steps.find(({ kind }) => kind === 'oven-on');
  const said = (offset: number) => on && stepWords(on, whole, metric, DEFAULT_PAN, offset).does;
  expect(said(0)).toBe('Oven on, to 110°');
  expect(said(-12)).toBe('Oven on, dial at 122° for 110° of air');
  expect(runOf(whole).steps.map(({ kind }) => kind)).toEqual(
    expect.arrayContaining([
      'salt',
      'temper',
      'oven-on',
      'preheat',
      'flat',
      'out',
      'edges',
      'butter',
    ]),
  );
  for (const step of runOf(plan).steps) {
    const { does, why } = stepWords(step, plan, metric, DEFAULT_PAN);
    expect(does.length).toBeGreaterThan(5);
    expect(why).not.toMatch(/NaN|undefined/);
  }
  const pull = runOf(plan).steps.find(({ kind }) => kind === 'pull');
  expect(pull && stepWords(pull, plan, metric, DEFAULT_PAN).does).toContain(
    `${plan.pullCore.toFixed(0)}°`,
  );
  expect(pull && stepWords(pull, plan, imperial, DEFAULT_PAN).does).toContain(
    `${(plan.pullCore * 1.8 + 32).toFixed(0)}°`,
  );
});

it.each<Obstacle>([
  { reason: 'never', highest: 40, seconds: 5400 },
  { reason: 'burner', settles: 310 },
  { reason: 'crowded', length: 0.4, width: 0.2, diameter: 0.26 },
  { reason: 'tower', width: 0.03 },
  { reason: 'warm', start: 30 },
  { reason: 'over', lowest: 60 },
  { reason: 'cool-oven', air: 70, highest: 62 },
  { reason: 'locked', minimum: 62.8 },
])('explains $reason in whole sentences', (obstacle) => {
  const said = describeObstacle(obstacle, request, metric);
  expect(said).toMatch(/^[A-Z].*\.$/);
  expect(said).not.toMatch(/NaN|undefined|!/);
  expect(describeBriefly(obstacle, imperial)).toMatch(/^Cannot: .*\.$/);
});

it('says a remedy by the way it changes things', () => {
  expect(describeRemedy({ kind: 'thickness', thickness: 0.02 }, request, metric)).toBe(
    'Thinner: 20 mm',
  );
  expect(describeRemedy({ kind: 'pan', pan: 235 }, request, imperial)).toBe('Hotter pan: 455 °F');
  const down = { kind: 'turn-down', panAfter: 190 } as const;
  expect(describeRemedy(down, request, metric)).toBe('Burner down to 190 °C once browned');
  expect(remedyChange(down, request)).toEqual({ panAfter: 190 });
  expect(describeRemedy({ kind: 'way', way: 'often' }, request, metric)).toBe(
    'In the pan, turned often',
  );
  const reverse = { ...request, way: 'oven-sear' } as const;
  expect(remedyChange({ kind: 'oven', air: 120 }, reverse)).toEqual({ lowOven: 120 });
  expect(remedyChange({ kind: 'oven', air: 120 }, { ...reverse, way: 'sear-oven' })).toEqual({
    hotOven: 120,
  });
  expect(donenessOf('beef', 54).name).toBe('medium-rare');
});
