import { heatBench } from './heatBench';

const figures = await heatBench(() => {
  globalThis.gc?.();
  return Promise.resolve(process.memoryUsage().heapUsed);
});
process.stdout.write(JSON.stringify(figures));
