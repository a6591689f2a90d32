import { foreignBench } from './foreignBench';

const [seed = '1'] = process.argv.slice(2);
const talk = (line: string): void => {
  if (process.env['FOREIGN_BENCH_TALK']) process.stderr.write(`${line}\n`);
};
process.stdout.write(JSON.stringify(foreignBench(Number(seed), talk)));
