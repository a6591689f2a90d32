import { afterEach, describe, expect, it } from '@jest/globals';
import type { LogEntry, PublishedSchedule } from '@crustan/core/formats';
import type { ServiceEvent } from '@crustan/core/pass';
import { runsOf } from '@crustan/core/tests';
import { z } from 'zod';
import { servedBook, JSON_TYPE, SQLITE_TYPE } from './servedBook';
import { newId, planRecord, press, T0 } from './testing';
import { dish, service } from './testingMenu';

const { ask, temporary, url } = servedBook();

/** One message of a stream. */
interface Message {
  readonly id: string | undefined;
  readonly event: string;
  readonly data: unknown;
}

const messageOf = (text: string): Message => {
  const field = (name: string): string | undefined =>
    new RegExp(`^${name}: (.*)$`, 'm').exec(text)?.[1];
  return {
    id: field('id'),
    event: field('event') ?? '',
    data: JSON.parse(field('data') ?? 'null'),
  };
};

const entriesSchema = z.object({
  entries: z.array(
    z.object({
      seq: z.int(),
      entry: z.object({
        stream: z.string(),
        event: z.object({ id: z.string(), kind: z.string() }),
      }),
    }),
  ),
});

describe('the log', () => {
  const open: AbortController[] = [];
  afterEach(() => open.splice(0).forEach((line) => line.abort()));

  async function* listen(query: string, lastEventId?: string): AsyncGenerator<Message> {
    const line = new AbortController();
    open.push(line);
    const answer = await fetch(`${url()}/api/log/stream?${query}`, {
      signal: line.signal,
      headers: lastEventId === undefined ? {} : { 'Last-Event-ID': lastEventId },
    });
    expect(answer.status).toBe(200);
    const decoder = new TextDecoder();
    let text = '';
    for await (const chunk of answer.body ?? []) {
      text += decoder.decode(chunk, { stream: true });
      for (let end = text.indexOf('\n\n'); end !== -1; end = text.indexOf('\n\n')) {
        const message = text.slice(0, end);
        text = text.slice(end + 2);
        if (message.includes('data: ')) yield messageOf(message);
      }
    }
  }
  /** Reads a stream until it has sent `wanted` entries. */
  const heard = async (stream: AsyncGenerator<Message>, wanted: number) => {
    const found: z.infer<typeof entriesSchema>['entries'] = [];
    let last: string | undefined;
    while (found.length < wanted) {
      const { value } = await stream.next();
      if (value?.event !== 'log') continue;
      found.push(...entriesSchema.parse(value.data).entries);
      last = value.id;
    }
    return { found, last };
  };
  const add = async (...entries: readonly LogEntry[]) => {
    const answer = await ask('POST', '/api/log', JSON_TYPE, JSON.stringify({ entries }));
    return { status: answer.status, body: JSON.parse(answer.text) as unknown };
  };
  const cookEntry = (stream: string, event: ReturnType<typeof press>): LogEntry => ({
    of: 'cook',
    stream,
    device: 'phone-1',
    event,
  });
  const openedCook = (id: string, together?: string): LogEntry => ({
    of: 'cook',
    stream: id,
    device: 'phone-1',
    event: {
      id,
      kind: 'opened',
      at: T0,
      plan: planRecord(),
      ...(together === undefined ? {} : { together: { id: together, waits: 0 } }),
    },
  });
  const evening = service([]);
  const opened: LogEntry = {
    of: 'service',
    stream: evening.id,
    device: 'phone-1',
    event: { id: evening.id, kind: 'opened', at: T0, service: evening },
  };
  const serviceEntry = (event: ServiceEvent): LogEntry => ({
    of: 'service',
    stream: evening.id,
    device: 'phone-1',
    event,
  });
  const ordered = (id: string, pieces: readonly string[]): LogEntry =>
    serviceEntry({
      id: newId(),
      kind: 'ordered',
      at: T0 + 1000,
      order: {
        id,
        table: '7',
        pieces: pieces.map((piece) => ({ id: piece, dish: newId(), doneness: 'medium rare' })),
      },
    });

  it('takes a service and its pieces in one message, twice the same being once', async () => {
    const [order, piece] = [newId(), newId()];
    const batch = [
      opened,
      ordered(order, [piece]),
      openedCook(piece, order),
      cookEntry(piece, press('in', 5)),
    ];
    const ids = batch.map(({ event }) => event.id);
    const { identity: book } = temporary().book;
    expect(await add(...batch)).toEqual({ status: 200, body: { acknowledged: ids, book } });
    expect((await add(...batch)).status).toBe(200);
    const { found } = await heard(listen(`follow=service:${evening.id}.0`), 4);
    expect(found.map(({ entry }) => entry.event.id)).toEqual(ids);
    const seqs = found.map(({ seq }) => seq);
    expect(seqs).toEqual(seqs.toSorted((a, b) => a - b));
  });

  it('refuses what is of another stream or of none, names it, and stores nothing of the batch', async () => {
    const [one, other] = [newId(), newId()];
    const event = press('in', 5);
    await add(openedCook(one), openedCook(other), cookEntry(one, event));
    const fine = press('turned', 60);
    expect(await add(cookEntry(one, fine), cookEntry(other, event))).toMatchObject({
      status: 409,
      body: { errors: [{ path: 'entries[1].event.id' }] },
    });
    const nowhere = newId();
    expect(await add(cookEntry(one, fine), cookEntry(nowhere, press('in', 7)))).toMatchObject({
      status: 404,
      body: { type: 'urn:crustan:problem:no-such-cook', errors: [{ path: 'entries[1].stream' }] },
    });
    const { found } = await heard(listen(`follow=cook:${one}.0`), 2);
    expect(found.map(({ entry }) => entry.event.id)).toEqual([one, event.id]);
    // A phone that sends everything again does not open a deleted cook.
    await ask('DELETE', `/api/cooks/${one}`);
    expect((await add(openedCook(one), cookEntry(one, fine))).status).toBe(404);
  });

  it('lets a service of sixty tables be followed from the beginning', async () => {
    const tables = Array.from({ length: 60 }, () => newId());
    const pieces = tables.map(() => [newId(), newId(), newId()] as const);
    await add(opened, ...tables.map((order, i) => ordered(order, pieces[i] ?? [])));
    for (const [i, order] of tables.entries()) {
      await add(
        ...(pieces[i] ?? []).flatMap((piece) => [
          openedCook(piece, order),
          ...['in', 'turned', 'pulled'].map((_kind, at) => cookEntry(piece, press('turned', at))),
        ]),
      );
    }
    const streams = Array.from({ length: runsOf(3, 3) }, () =>
      listen(`follow=service:${evening.id}.0`),
    );
    const all = 1 + 60 + 60 * 3 * 4;
    for (const { found } of await Promise.all(streams.map((stream) => heard(stream, all)))) {
      expect(new Set(found.map(({ entry }) => entry.event.id)).size).toBe(all);
    }
  });

  it('sends a follower that comes back only what it lacks, by its own word or the browser’s', async () => {
    const [one, two] = [newId(), newId()];
    await add(openedCook(one), cookEntry(one, press('in', 5)));
    const first = listen(`follow=cook:${one}.0`);
    const { found, last } = await heard(first, 2);
    const seq = found.at(-1)?.seq ?? 0;
    const later = press('turned', 60);
    await add(openedCook(two), cookEntry(one, later));
    const book = temporary().book.identity;
    const resumed = await heard(listen(`follow=cook:${one}.0`, last), 1);
    expect(resumed.found.map(({ entry }) => entry.event.id)).toEqual([later.id]);
    const mixed = listen(`follow=cook:${one}.${seq},cook:${two}.0&book=${book}`);
    const both = await heard(mixed, 2);
    expect(both.found.map(({ entry }) => entry.event.id)).toEqual([two, later.id]);
    // A place in the log of another logbook means nothing in this one.
    const stranger = listen(`follow=cook:${one}.${seq}&book=${newId()}`, `${newId()}.999`);
    expect((await heard(stranger, 3)).found).toHaveLength(3);
  });

  it('says of which book a service’s stream is, and starts again after a restore', async () => {
    await add(opened);
    const backup = Buffer.from(await (await fetch(`${url()}/api/book/backup`)).arrayBuffer());
    await add(ordered(newId(), [newId()]));
    const { identity } = temporary().book;
    const stream = listen(`follow=service:${evening.id}.0`);
    expect((await stream.next()).value).toMatchObject({ event: 'book', data: { book: identity } });
    const { last } = await heard(stream, 2);
    expect((await ask('PUT', '/api/book/backup', SQLITE_TYPE, backup)).status).toBe(200);
    const after = listen(`follow=service:${evening.id}.0`, last);
    expect((await after.next()).value).toMatchObject({
      event: 'book',
      data: { book: temporary().book.identity, replaces: [identity] },
    });
    // The order is not in the logbook that was restored: what the phone had last does not hide what there is.
    expect((await heard(after, 1)).found.map(({ entry }) => entry.event.kind)).toEqual(['opened']);
  });

  it('shares a schedule made from more of the log or a newer menu, never one from less', async () => {
    await add(opened);
    const made = (seq: number, menu: number, at = T0): PublishedSchedule => ({
      ...{ book: temporary().book.identity, seq, menu, at },
      ...{ pieces: [], tickets: [], sides: [], unplaced: [], moved: [], late: 0 },
    });
    const tell = (schedule: PublishedSchedule) =>
      ask('PUT', `/api/services/${evening.id}/told`, JSON_TYPE, JSON.stringify(schedule));
    const stands = async (): Promise<unknown> => {
      const stream = listen(`follow=service:${evening.id}.0`);
      for (;;) {
        const { value } = await stream.next();
        if (value?.event === 'told') return value.data;
      }
    };
    const told = (schedule: PublishedSchedule) => ({ service: evening.id, schedule });
    await tell(made(10, 2));
    expect(await stands()).toEqual(told(made(10, 2)));
    await tell(made(9, 2, T0 + 60_000));
    await tell(made(12, 1, T0 + 60_000));
    await tell(made(10, 2, T0 + 1000));
    expect(await stands()).toEqual(told(made(10, 2)));
    await tell({ ...made(90, 9, T0 + 60_000), book: newId() });
    expect(await stands()).toEqual(told(made(10, 2)));
    await tell(made(10, 3, T0 + 1000));
    expect(await stands()).toEqual(told(made(10, 3, T0 + 1000)));
    await tell(made(11, 3, T0));
    expect(await stands()).toEqual(told(made(11, 3, T0)));
  });

  it('counts the menu’s version at every change', async () => {
    const version = async (): Promise<number> =>
      z
        .object({ version: z.int() })
        .parse(await (await fetch(`${url()}/api/dishes?removed=true`)).json()).version;
    const first = await version();
    const menu = dish();
    const put = () => ask('PUT', `/api/dishes/${menu.id}`, JSON_TYPE, JSON.stringify(menu));
    await put();
    expect(await version()).toBe(first + 1);
    await ask('DELETE', `/api/dishes/${menu.id}`);
    expect(await version()).toBe(first + 2);
    await ask('DELETE', `/api/dishes/${menu.id}`);
    expect(await version()).toBe(first + 2);
  });
});
