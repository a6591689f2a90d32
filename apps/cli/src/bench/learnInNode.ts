import { availableParallelism } from 'node:os';
import { fileURLToPath } from 'node:url';
import { isMainThread, parentPort, Worker, workerData } from 'node:worker_threads';
import { z } from 'zod';
import { learnFigures, learnOne, type KitchenLearned } from './learnBench';

const shareSchema = z.object({ seed: z.number(), kitchens: z.array(z.number()) });

/** One thread's share of the kitchens. */
const inThread = (seed: number, kitchens: readonly number[]): Promise<KitchenLearned[]> =>
  new Promise((resolve, reject) => {
    const thread = new Worker(fileURLToPath(import.meta.url), { workerData: { seed, kitchens } });
    thread.once('message', resolve);
    thread.once('error', reject);
  });

if (isMainThread) {
  const [seed = '1', kitchens = '100'] = process.argv.slice(2);
  const threads = Math.max(1, availableParallelism());
  const shares = Array.from({ length: threads }, (_, t) =>
    Array.from({ length: Number(kitchens) }, (_, i) => i).filter((i) => i % threads === t),
  );
  const found = await Promise.all(shares.map((share) => inThread(Number(seed), share)));
  process.stdout.write(JSON.stringify(learnFigures(Number(seed), found.flat())));
} else {
  const { seed, kitchens } = shareSchema.parse(workerData);
  parentPort?.postMessage(kitchens.map((nth) => learnOne(seed, nth)));
}
