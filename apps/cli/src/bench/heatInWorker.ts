import { z } from 'zod';
import { heatBench } from './heatBench';

const callable = <T>() => z.custom<T>((value) => typeof value === 'function');
const scope = z.object({
  postMessage: callable<(message: unknown) => void>(),
  addEventListener:
    callable<(kind: 'message', hear: (event: unknown) => void, once: object) => void>(),
});
const answer = z.object({ data: z.number() });

const { postMessage, addEventListener } = scope.parse(globalThis);

/** A worker cannot read its own heap: whoever started it can, through the browser. */
const heapUsed = (): Promise<number> =>
  new Promise((resolve) => {
    addEventListener('message', (event) => resolve(answer.parse(event).data), { once: true });
    postMessage('heap');
  });

void heatBench(heapUsed).then(postMessage);
