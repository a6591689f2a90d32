import { foreignLearnFigures, learnForeign } from './foreignLearnBench';

const KITCHENS = 12;

const [seed = '1'] = process.argv.slice(2);
const found = Array.from({ length: KITCHENS }, (_, nth) => {
  const one = learnForeign(Number(seed), nth);
  if (process.env['FOREIGN_BENCH_TALK']) process.stderr.write(`${nth} ${JSON.stringify(one)}\n`);
  return one;
});
process.stdout.write(JSON.stringify(foreignLearnFigures(found)));
