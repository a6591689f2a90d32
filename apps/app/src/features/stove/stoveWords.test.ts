import { keptPlan } from '@crustan/core/formats';
import { cookState, type CookEvent, type DueStep } from '@crustan/core/cook';
import { planOf, REQUEST, uuid } from '../../testing';
import { showIn } from '../../words/show';
import { pressOf, describeAction, describeHappened, describeHow } from './stoveWords';

const thick = { ...REQUEST, thickness: 0.04, weight: 0.45 };
const once = keptPlan(planOf());
const PLANS = [
  once,
  keptPlan(planOf({ ...REQUEST, way: 'often' })),
  keptPlan(planOf({ ...REQUEST, edges: 'both', baste: 60 })),
  keptPlan(planOf({ ...thick, way: 'sear-oven-sear', ovenTurn: true })),
  keptPlan(planOf({ ...thick, way: 'sear-oven', ovenOn: 'pan' })),
];

/** Every step a cook is shown, pressed one after another as they fall due. */
const stepsOf = (plan: (typeof PLANS)[number]): readonly DueStep[] => {
  const events: CookEvent[] = [];
  const steps: DueStep[] = [{ kind: 'heat', dueAt: 0 }];
  for (let i = 0; i < 60; i += 1) {
    const { current } = cookState(plan, 1_700_000_000_000, events);
    const kind = pressOf(current);
    if (!kind) break;
    steps.push(current);
    events.push({ id: uuid(i), kind, at: current.dueAt });
  }
  return steps;
};

it.each(['metric', 'imperial'] as const)(
  'says every step of every way, short and without a blank, %s',
  (units) => {
    const show = showIn(units);
    for (const plan of PLANS) {
      const steps = stepsOf(plan);
      expect(steps.at(-1)?.kind).toBe('slice');
      for (const step of steps) {
        expect(describeAction(step, plan, show).length).toBeLessThan(30);
        expect(describeHow(step, plan, show)).toMatch(/^[A-Z].*\.$/);
        expect(describeHappened(step, plan, show)).toMatch(/^(It|I|The) /);
        expect(`${describeAction(step, plan, show)}${describeHow(step, plan, show)}`).not.toMatch(
          /NaN|undefined|!/,
        );
      }
    }
  },
);

it('goes through a sear, an oven and a sear with their steps', () => {
  const plan = PLANS[3];
  if (!plan) throw new Error('no plan');
  expect(stepsOf(plan).map(({ kind }) => kind)).toEqual([
    'heat',
    'in',
    'turn',
    'into-oven',
    'turn',
    'out',
    'turn',
    'pull',
    'slice',
  ]);
});

it('shows the pull in the units of the cook', () => {
  const pull: DueStep = { kind: 'pull', dueAt: 0 };
  expect(describeAction(pull, once, showIn('metric'))).toBe(`Out at ${once.pullCore.toFixed(0)}°`);
  const fahrenheit = (once.pullCore * 1.8 + 32).toFixed(0);
  expect(describeAction(pull, once, showIn('imperial'))).toBe(`Out at ${fahrenheit}°`);
});
