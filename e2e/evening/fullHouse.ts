import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import http from 'node:http';
import {
  planListSchema,
  type LogEntry,
  type PlanRecord,
  type ServiceRecord,
} from '@crustan/core/formats';
import type { startServed } from '../../scripts/served.mjs';

export interface FullHouse {
  readonly pieces: number;
  readonly followers: number;
  /** From a press to its answer, ms: the 99th of a hundred. */
  readonly pressP99Ms: number;
  /** From a press to the last follower that heard it, ms: the 99th of a hundred. */
  readonly followerP99Ms: number;
  /** Entries that a follower did not hear. */
  readonly unheard: number;
  /** Time of the server's processor, ms. */
  readonly cpuPerPressMs: number;
}

const TABLES = 54;
const PIECES = 160;
const FOLLOWERS = 12;
const PRESSES = 300;
/** Between two presses, ms: a busy line. */
const BETWEEN = 60;
/** Entries of one message, with plans in them. */
const BATCH = 20;

/** Processor time of a process, ms, from ticks of 10 ms. */
const cpuOf = (pid: number): number => {
  const fields = readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ')[1]?.split(' ') ?? [];
  return 10 * (Number(fields[11]) + Number(fields[12]));
};

const share = (values: readonly number[], part: number): number => {
  const sorted = values.toSorted((a, b) => a - b);
  return Math.round(sorted[Math.min(sorted.length - 1, Math.floor(part * sorted.length))] ?? 0);
};

/**
 * Measures steps in a service of many pieces that a dozen pages follow.
 * @param start starts a server of its own
 */
export const fullHouse = async (start: typeof startServed): Promise<FullHouse> => {
  const served = await start({ demo: true });
  const agent = new http.Agent({ keepAlive: true });
  const lines: http.ClientRequest[] = [];
  try {
    const { url } = served;
    const { plans } = planListSchema.parse(await (await fetch(`${url}/api/plans`)).json());
    const [plan] = plans;
    if (!plan) throw new Error('The demo has no plan.');
    const send = (entries: readonly LogEntry[]): Promise<number> => {
      const began = performance.now();
      return new Promise((resolve, reject) => {
        const request = http.request(
          `${url}/api/log`,
          { method: 'POST', agent, headers: { 'Content-Type': 'application/json' } },
          (answer) => {
            answer.resume();
            answer.on('end', () => {
              if (answer.statusCode === 200) resolve(performance.now() - began);
              else reject(new Error(`The server answered ${answer.statusCode ?? 0}.`));
            });
          },
        );
        request.on('error', reject);
        request.end(JSON.stringify({ entries }));
      });
    };
    const at = Date.now();
    const service: ServiceRecord = {
      ...{ id: randomUUID(), name: 'A full house', opensAt: at, closesAt: at + 9e7, dishes: [] },
    };
    const ofService = (event: Extract<LogEntry, { of: 'service' }>['event']): LogEntry => ({
      ...{ of: 'service', stream: service.id, device: 'bench' },
      event,
    });
    const ofCook = (
      stream: string,
      event: Extract<LogEntry, { of: 'cook' }>['event'],
    ): LogEntry => ({ ...{ of: 'cook', stream, device: 'bench' }, event });
    await send([ofService({ id: service.id, kind: 'opened', at, service })]);
    const pieces = Array.from({ length: PIECES }, (_, i) => ({
      id: randomUUID(),
      table: i % TABLES,
    }));
    const orders = Array.from({ length: TABLES }, (_, table) => ({
      id: randomUUID(),
      table: String(table),
      pieces: pieces
        .filter((piece) => piece.table === table)
        .map(({ id }) => ({ id, dish: randomUUID(), doneness: 'medium rare' })),
    }));
    await send(orders.map((order) => ofService({ id: randomUUID(), kind: 'ordered', at, order })));
    const begun = pieces.flatMap(({ id, table }): LogEntry[] => {
      const together = { id: orders[table]?.id ?? '', waits: 0 };
      const own: PlanRecord = { ...plan, id: randomUUID() };
      return [
        ofCook(id, { id, kind: 'opened', at, plan: own, together }),
        ofCook(id, { id: randomUUID(), kind: 'in', at }),
      ];
    });
    for (let i = 0; i < begun.length; i += BATCH) await send(begun.slice(i, i + BATCH));

    const heard = new Map<string, number[]>();
    const caughtUp = Array.from({ length: FOLLOWERS }, () => {
      let known = 0;
      return new Promise<void>((done) => {
        const line = http.get(`${url}/api/log/stream?follow=service:${service.id}.0`, (answer) => {
          let rest = '';
          answer.setEncoding('utf8');
          answer.on('data', (chunk: string) => {
            rest += chunk;
            const whole = rest.lastIndexOf('\n\n');
            if (whole === -1) return;
            const now = performance.now();
            for (const [, id = ''] of rest.slice(0, whole).matchAll(/"event":\{"id":"([^"]+)"/g)) {
              known += 1;
              heard.get(id)?.push(now);
            }
            rest = rest.slice(whole + 2);
            if (known >= 1 + TABLES + 2 * PIECES) done();
          });
        });
        line.on('error', () => undefined);
        lines.push(line);
      });
    });
    await Promise.all(caughtUp);

    const [took, delays]: [number[], number[]] = [[], []];
    const before = cpuOf(served.child.pid ?? 0);
    const began = new Map<string, number>();
    for (let i = 0; i < PRESSES; i += 1) {
      const id = randomUUID();
      heard.set(id, []);
      began.set(id, performance.now());
      const piece = pieces[i % PIECES]?.id ?? '';
      took.push(await send([ofCook(piece, { id, kind: 'turned', at: at + i })]));
      await new Promise((done) => setTimeout(done, BETWEEN));
    }
    const cpu = cpuOf(served.child.pid ?? 0) - before;
    await new Promise((done) => setTimeout(done, 1000));
    let unheard = 0;
    for (const [id, times] of heard) {
      unheard += FOLLOWERS - times.length;
      delays.push(Math.max(...times, began.get(id) ?? 0) - (began.get(id) ?? 0));
    }
    return {
      ...{ pieces: PIECES, followers: FOLLOWERS, unheard },
      pressP99Ms: share(took, 0.99),
      followerP99Ms: share(delays, 0.99),
      cpuPerPressMs: Math.round((10 * cpu) / PRESSES) / 10,
    };
  } finally {
    lines.forEach((line) => line.destroy());
    agent.destroy();
    await served.stop();
  }
};
