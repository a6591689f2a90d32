import { randomUUID } from 'node:crypto';
import http from 'node:http';
import { DEFAULT_KITCHEN, keptPlan } from '@crustan/core/formats';
import { seededRandom } from '@crustan/core/maths';
import { planOf } from '@crustan/core/tests';

/** Answers of a server to random requests. */
export interface RequestFigures {
  readonly requests: number;
  /** Requests whose connection ended without an answer. */
  readonly unanswered: number;
  /** Answers of 500 and over. */
  readonly serverErrors: number;
  /** The longest that one was kept waiting, ms. */
  readonly slowestMs: number;
}

/** Stands for the status of a request that was not answered. */
const UNANSWERED = 0;
/** Requests under way at once. */
const AT_ONCE = 4;
const METHODS = ['GET', 'PUT', 'POST', 'DELETE', 'PATCH'] as const;
const TYPES = ['application/json', 'text/plain', 'image/png', 'application/vnd.sqlite3'] as const;
const PARTS = ['events', 'judgement', 'photo', 'together', 'put-back', 'store', 'stream'] as const;
const PLACES = [
  'cooks',
  'services',
  'log',
  'log/stream',
  'plans',
  'trials',
  'kitchen',
  'clock',
  'book/lines',
  'book/unreadable',
  'book/cooks.csv',
  'book/imports',
  'book/backup',
  'devices/simulated',
  'nothing',
] as const;

type Random = () => number;
const oneOf = <T>(random: Random, all: readonly [T, ...T[]]): T =>
  all[Math.floor(random() * all.length)] ?? all[0];

/** Any JSON, up to a depth: what a broken phone, or nobody, would send. */
const anyValue = (random: Random, depth = 0): unknown => {
  const kind = Math.floor(random() * (depth > 3 ? 6 : 8));
  switch (kind) {
    case 0:
      return null;
    case 1:
      return random() < 0.5;
    case 2:
      return oneOf(random, [0, -1, 1e308, 0.1, Number.MAX_SAFE_INTEGER, 4_102_444_800_000]);
    case 3:
      return oneOf(random, ['', '\u0000', '=1+1', '😀'.repeat(40), '../../etc/passwd', "'; drop"]);
    case 4:
      return randomUUID();
    case 5:
      return Math.floor(random() * 1e13);
    case 6:
      return Array.from({ length: Math.floor(random() * 4) }, () => anyValue(random, depth + 1));
    default:
      return Object.fromEntries(
        ['id', 'at', 'kind', 'events', 'plan', '__proto__', 'title']
          .filter(() => random() < 0.4)
          .map((key) => [key, anyValue(random, depth + 1)]),
      );
  }
};

/** A valid message with one part replaced by a random value. */
const spoiled = (random: Random, value: object): unknown => {
  if (random() < 0.3) return value;
  const keys = Object.keys(value);
  const key = keys[Math.floor(random() * keys.length)] ?? 'id';
  return { ...value, [key]: anyValue(random) };
};

const bodyFor = (random: Random, place: string, id: string, plan: object): unknown => {
  const now = Date.now();
  if (random() < 0.3) return anyValue(random);
  if (place === 'kitchen') return spoiled(random, { kitchen: DEFAULT_KITCHEN });
  if (place === 'plans') return spoiled(random, { ...plan, id });
  const events = [{ id: randomUUID(), kind: 'turned', at: now }];
  if (place === 'log') {
    const entry = {
      of: 'cook',
      stream: id,
      device: 'phone',
      event: spoiled(random, events[0] ?? {}),
    };
    return { entries: [spoiled(random, entry)] };
  }
  return random() < 0.5
    ? spoiled(random, { id, startedAt: now, plan })
    : { events: [spoiled(random, events[0] ?? {})] };
};

interface Asked {
  readonly method: string;
  readonly path: string;
  readonly headers: Readonly<Record<string, string>>;
  readonly body: string | undefined;
}

const anyRequest = (random: Random, ids: readonly string[], plan: object): Asked => {
  const method = oneOf(random, METHODS);
  const place = oneOf(random, PLACES);
  const known = ids[Math.floor(random() * ids.length)] ?? randomUUID();
  const id =
    random() < 0.7 ? known : oneOf(random, [randomUUID(), 'not-an-id', '%zz', '%00', '..']);
  const part = random() < 0.5 ? `/${oneOf(random, PARTS)}` : '';
  const query =
    random() < 0.2
      ? `?before=${Array.from(String(anyValue(random)))
          .slice(0, 15)
          .join('')}&most=9e9`
      : '';
  const path = `/api/${place}${random() < 0.7 ? `/${id}${part}` : ''}${encodeURI(query)}`;
  const says = method !== 'GET' && random() < 0.9;
  const text = says ? JSON.stringify(bodyFor(random, place, id, plan)) : undefined;
  const body = text !== undefined && random() < 0.05 ? text.slice(0, text.length / 2) : text;
  const type = random() < 0.85 ? TYPES[0] : oneOf(random, TYPES);
  const headers = {
    // Node frames the body of a DELETE only where its length is said.
    ...(body === undefined
      ? {}
      : { 'Content-Type': type, 'Content-Length': String(Buffer.byteLength(body)) }),
    ...(random() < 0.5 ? { 'If-Match': oneOf(random, ['"0"', '"1"', '"9"', '*', '"x"']) } : {}),
    ...(random() < 0.05 ? { Origin: 'http://evil.example' } : {}),
  };
  return { method, path, headers, body };
};

/** Sends one and waits for its answer, or for the first of a stream's. @returns its status */
const ask = (url: string, { method, path, headers, body }: Asked): Promise<number> =>
  new Promise((resolve, reject) => {
    const { hostname, port } = new URL(url);
    const sent = http.request({ hostname, port, path, method, headers }, (res) => {
      const status = res.statusCode ?? 0;
      if (res.headers['content-type']?.startsWith('text/event-stream')) res.destroy();
      res.resume();
      res.once('close', () => resolve(status));
    });
    sent.on('error', reject);
    sent.end(body);
  });

/** Sends a server requests of every kind, good ones and broken ones. */
export const randomRequests = async (
  url: string,
  seed: number,
  requests: number,
): Promise<RequestFigures> => {
  const random = seededRandom(seed);
  const now = Date.now();
  const plan = {
    id: randomUUID(),
    createdAt: now,
    title: 'Any',
    plateAt: now,
    plan: keptPlan(planOf()),
  };
  const ids = Array.from({ length: 12 }, () => randomUUID());
  let sent = 0;
  let unanswered = 0;
  let serverErrors = 0;
  let slowestMs = 0;
  const sender = async (): Promise<void> => {
    while (sent < requests) {
      sent += 1;
      const asked = anyRequest(random, ids, plan);
      const began = performance.now();
      const status = await ask(url, asked).catch((error: unknown) => {
        process.stderr.write(`${String(error)} at ${JSON.stringify(asked).slice(0, 600)}\n`);
        return UNANSWERED;
      });
      if (status === UNANSWERED) unanswered += 1;
      slowestMs = Math.max(slowestMs, performance.now() - began);
      if (status >= 500) {
        serverErrors += 1;
        process.stderr.write(
          `${status} ${asked.method} ${asked.path} ${asked.body?.slice(0, 200)}\n`,
        );
      }
    }
  };
  await Promise.all(Array.from({ length: AT_ONCE }, sender));
  return { requests, unanswered, serverErrors, slowestMs: Math.round(slowestMs) };
};
