import { surfaceResiduals } from './surfacePoints';

process.stdout.write(JSON.stringify(surfaceResiduals()));
