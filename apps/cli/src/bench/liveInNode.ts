import { liveBench } from './liveBench';

const [seed = '1', kitchens = '200'] = process.argv.slice(2);
process.stdout.write(JSON.stringify(liveBench(Number(seed), Number(kitchens))));
