import { randomUUID } from 'node:crypto';
import { cookRecordSchema, keptPlan, type PlanRecord } from '@crustan/core/formats';
import { seededRandom } from '@crustan/core/maths';
import { planOf } from '@crustan/core/tests';

/** A server as its own process, on a folder that outlives it. */
export interface Killable {
  readonly url: string;
  readonly folder: string;
  readonly port: number;
  readonly kill: (signal?: 'SIGKILL' | 'SIGTERM') => Promise<void>;
}
export type StartServer = (at?: {
  readonly data: string;
  readonly port: number;
}) => Promise<Killable>;

/** Fate of recorded steps after many kills of the server. */
export interface KillFigures {
  readonly kills: number;
  /** Presses the server said it had. */
  readonly acknowledged: number;
  /** Of those, presses that the logbook does not have; and presses that it has twice. */
  readonly lost: number;
  readonly doubled: number;
}

interface Press {
  readonly id: string;
  readonly kind: 'turned';
  readonly at: number;
}

/** Batches on their way when the server is killed, and presses in one. */
const BATCHES = 5;
const MOST_PRESSES = 3;
/**
 * Longest delay of the kill after the last counted answer, ms: it falls between the first and the last answer at any
 * speed of the machine, and sometimes before any.
 */
const LATEST_AFTER_ANSWER = 4;
const LONGEST_WAIT = 5000;
const COOKS = 3;

const json = { 'Content-Type': 'application/json' };

const planRecord = (): PlanRecord => {
  const now = Date.now();
  const plan = keptPlan(planOf());
  return { id: randomUUID(), createdAt: now, title: 'Killed on the way', plateAt: now, plan };
};

const startCook = async (url: string, id: string, plan: PlanRecord): Promise<void> => {
  const body = JSON.stringify({ id, startedAt: plan.createdAt, plan });
  const answer = await fetch(`${url}/api/cooks/${id}`, { method: 'PUT', headers: json, body });
  if (answer.status !== 200) throw new Error(`a cook was answered ${answer.status}`);
};

/**
 * Kills a server again and again while presses are on their way, starts it again on the same folder,
 * and sends what was not acknowledged again, as a phone does.
 */
export const killedServer = async (
  start: StartServer,
  seed: number,
  kills: number,
): Promise<KillFigures> => {
  const random = seededRandom(seed);
  const plan = planRecord();
  const cooks = Array.from({ length: COOKS }, () => randomUUID());
  const acknowledged = new Set<string>();
  let unsure: { readonly cook: string; readonly presses: readonly Press[] }[] = [];
  let served = await start();
  for (const id of cooks) await startCook(served.url, id, plan);

  let answered = (): void => undefined;
  /** Resolves after this number of answered batches, or after the longest wait. */
  const answers = (wanted: number): Promise<void> =>
    new Promise((done) => {
      let left = wanted;
      const timer = setTimeout(done, LONGEST_WAIT);
      answered = () => {
        left -= 1;
        if (left > 0) return;
        clearTimeout(timer);
        done();
      };
      if (wanted === 0) answered();
    });

  const send = async (cook: string, presses: readonly Press[]): Promise<void> => {
    const body = JSON.stringify({ events: presses });
    try {
      const where = `${served.url}/api/cooks/${cook}/events`;
      const answer = await fetch(where, { method: 'POST', headers: json, body });
      // The whole answer, not only its first line: a phone with half of it is unsure too.
      await answer.text();
      if (answer.status !== 200) throw new Error(`answered ${answer.status}`);
      for (const { id } of presses) acknowledged.add(id);
      answered();
    } catch {
      // Cut off: it may be in the logbook or not. It is sent again.
      unsure.push({ cook, presses });
    }
  };
  const fresh = (): readonly Press[] =>
    Array.from({ length: 1 + Math.floor(random() * MOST_PRESSES) }, () => ({
      id: randomUUID(),
      kind: 'turned',
      at: plan.createdAt + Math.floor(random() * 1e6),
    }));

  for (let i = 0; i < kills; i += 1) {
    const again = unsure;
    unsure = [];
    const enough = answers(Math.floor(random() * BATCHES));
    const sending = [
      ...again.map(({ cook, presses }) => send(cook, presses)),
      ...Array.from({ length: BATCHES }, () =>
        send(cooks[Math.floor(random() * COOKS)] ?? '', fresh()),
      ),
    ];
    await enough;
    await new Promise((done) => setTimeout(done, random() * LATEST_AFTER_ANSWER));
    await served.kill('SIGKILL');
    await Promise.all(sending);
    served = await start({ data: served.folder, port: served.port });
  }

  const found: string[] = [];
  for (const id of cooks) {
    const cook = cookRecordSchema.parse(
      await (await fetch(`${served.url}/api/cooks/${id}`)).json(),
    );
    found.push(...cook.events.map((event) => event.id));
  }
  await served.kill('SIGKILL');
  const there = new Set(found);
  return {
    kills,
    acknowledged: acknowledged.size,
    lost: [...acknowledged].filter((id) => !there.has(id)).length,
    doubled: found.length - there.size,
  };
};
