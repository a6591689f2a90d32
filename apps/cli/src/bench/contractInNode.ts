import { contractBench } from './contractBench';

const [seed = '1', count = '1000', part = '0', parts = '1'] = process.argv.slice(2);
const talk = (line: string): void => {
  if (process.env['CONTRACT_BENCH_TALK']) process.stderr.write(`${line}\n`);
};
process.stdout.write(
  JSON.stringify(contractBench(Number(seed), Number(count), Number(part), Number(parts), talk)),
);
