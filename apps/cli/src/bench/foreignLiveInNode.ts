import { followForeign } from './foreignFollowed';
import { foreignLiveFigures } from './foreignLiveBench';

const COOKS = 60;

const [seed = '1'] = process.argv.slice(2);
const talk = (line: string): void => {
  if (process.env['FOREIGN_BENCH_TALK']) process.stderr.write(`${line}\n`);
};
const cooks = Array.from({ length: COOKS }, (_, nth) => followForeign(Number(seed), nth));
process.stdout.write(JSON.stringify(foreignLiveFigures(cooks, talk)));
