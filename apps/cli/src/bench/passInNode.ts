import { passFigures } from './passBench';

const [seed = '1', services = '30'] = process.argv.slice(2);
process.stdout.write(JSON.stringify(await passFigures(Number(seed), Number(services))));
