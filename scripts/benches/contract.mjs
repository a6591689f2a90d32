// Whether plans keep their promise: a thousand random requests of a seed; some minutes.
import { runSeeded } from './seeded.mjs';

const PLANS = '1000';
const PARTS = 2;

export const benchContract = async () => {
  const shares = Array.from({ length: PARTS }, (_, i) => [PLANS, String(i), String(PARTS)]);
  const found = await runSeeded('contract', shares);
  const sum = (key) => found.reduce((total, figures) => total + figures[key], 0);
  return {
    plans: sum('plans'),
    feasible: sum('feasible'),
    broken: sum('broken'),
    worst: Math.max(...found.map(({ worst }) => worst)),
    unsmooth: sum('unsmooth'),
    slowestMs: Math.max(...found.map(({ slowestMs }) => slowestMs)),
  };
};
