import { searchFigures } from './congestedServices';
import { passFigures } from './passBench';

const [seed = '1', part, parts = '1'] = process.argv.slice(2);
process.stdout.write(
  JSON.stringify(
    part === undefined
      ? await passFigures(Number(seed))
      : searchFigures(Number(seed), Number(part), Number(parts)),
  ),
);
