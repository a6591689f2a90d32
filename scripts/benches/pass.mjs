// Simulated services of forty pieces in hidden kitchens, against first come, first served and exact optima. Then
// congested services, against a search twelve times as long and a simple one.
import { runSeeded } from './seeded.mjs';

const sum = (all, of) => all.reduce((total, each) => total + of(each), 0);

export const benchPass = async () => {
  const [figures] = await runSeeded('pass');
  const parts = 2;
  const found = await runSeeded(
    'pass',
    Array.from({ length: parts }, (_, part) => [String(part), String(parts)]),
  );
  const all = found.flatMap(({ services }) => services);
  const late = sum(all, ({ late: one }) => one);
  return {
    ...figures,
    first: found[0].first,
    congested: all.length,
    againstSearch: {
      longer: late / sum(all, ({ longer }) => longer),
      order: late / sum(all, ({ order }) => order),
      greedy: late / sum(all, ({ greedy }) => greedy),
    },
    faults: sum(all, ({ faults }) => faults),
    services: all,
  };
};
