import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import http from 'node:http';
import type { Server } from 'node:http';
import os from 'node:os';
import path from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import Database from 'better-sqlite3';
import {
  bookFileSchema,
  bookImportSchema,
  problemSchema,
  PROBLEM_TYPES,
  type BookImport,
} from '@crustan/core/formats';
import { z } from 'zod';
import { createApp } from './createApp';
import { cookStore } from './db/cookStore';
import { photoStore } from './db/photoStore';
import { BookWriter } from './imports/bookWriter';
import { MIGRATIONS, newId, planRecord, press, T0, temporaryBook } from './testing';

const JSON_TYPE = { 'Content-Type': 'application/json' };
const SQLITE_TYPE = { 'Content-Type': 'application/vnd.sqlite3' };
const JPEG = Buffer.from([0xff, 0xd8, 0xff, 0xe0, 1, 2, 3, 4]);

let temporary: ReturnType<typeof temporaryBook>;
let server: Server;
let url: string;
beforeEach(async () => {
  temporary = temporaryBook();
  server = createApp({
    migrations: MIGRATIONS,
    book: temporary.book,
    hosts: ['kitchen.home'],
  }).listen(0, '127.0.0.1');
  await new Promise((done) => server.once('listening', done));
  const address = server.address();
  url = `http://127.0.0.1:${typeof address === 'object' && address ? address.port : 0}`;
});
afterEach(async () => {
  server.closeAllConnections();
  await new Promise((done) => server.close(done));
  temporary.remove();
});

interface Answer {
  readonly status: number;
  readonly type: string;
  readonly text: string;
}

/** A request with any headers, Host and Sec-Fetch-Site too: `fetch` does not let them be set. */
const ask = (
  method: string,
  where: string,
  headers: Readonly<Record<string, string>> = {},
  body?: string | Buffer,
): Promise<Answer> =>
  new Promise((resolve, reject) => {
    const sent = http.request(url + where, { method, headers }, (res) => {
      const chunks: Buffer[] = [];
      res.on('data', (chunk: Buffer) => chunks.push(chunk));
      res.on('end', () =>
        resolve({
          status: res.statusCode ?? 0,
          type: res.headers['content-type'] ?? '',
          text: Buffer.concat(chunks).toString(),
        }),
      );
    });
    sent.on('error', reject);
    sent.end(body);
  });
const detailOf = ({ text }: Answer): string => problemSchema.parse(JSON.parse(text)).detail;

const startCook = (title = 'Cook'): string => {
  const id = newId();
  cookStore(temporary.book).start(id, planRecord(title), T0);
  return id;
};

/** Follows an import until it has been read. */
const readThrough = async (begun: string): Promise<BookImport> => {
  const { id } = bookImportSchema.parse(JSON.parse(begun));
  for (;;) {
    const { text } = await ask('GET', `/api/book/imports/${id}`);
    const state = bookImportSchema.parse(JSON.parse(text));
    if (!['receiving', 'checking'].includes(state.phase)) return state;
    await new Promise((done) => setTimeout(done, 10));
  }
};

describe('who may ask', () => {
  it.each([
    ['its address', '127.0.0.1:80', 200],
    ['localhost', 'localhost', 200],
    ['the loopback of IPv6', '[::1]:4680', 200],
    ['a name it was given', 'Kitchen.Home:4680', 200],
    ['a foreign name that points here', 'rebound.example', 421],
    ['a name that only begins like its own', 'localhost.example', 421],
  ])('answers under %s with %s: %i', async (_what, host, status) => {
    for (const where of ['/healthz', '/api/book/book.json']) {
      expect((await ask('GET', where, { Host: host })).status).toBe(status);
    }
  });

  const PLAN = JSON.stringify(planRecord());
  it.each<[string, Record<string, string>, number]>([
    ['a page of this kitchen', { 'Sec-Fetch-Site': 'same-origin' }, 200],
    ['no page at all', {}, 200],
    ['a page of another site', { 'Sec-Fetch-Site': 'cross-site' }, 403],
    ['a page of another port', { 'Sec-Fetch-Site': 'same-site' }, 403],
    ['an older browser, another site', { Origin: 'http://evil.example' }, 403],
    ['an older browser, a hidden origin', { Origin: 'null' }, 403],
  ])('lets %s change the book or not', async (_who, headers, status) => {
    const { id } = z.object({ id: z.string() }).parse(JSON.parse(PLAN));
    const plan = await ask('PUT', `/api/plans/${id}`, { ...JSON_TYPE, ...headers }, PLAN);
    expect(plan.status).toBe(status);
    const cook = startCook();
    const put = await ask(
      'PUT',
      `/api/cooks/${cook}/photo`,
      { 'Content-Type': 'image/jpeg', ...headers },
      JPEG,
    );
    expect(put.status).toBe(status);
    const brought = await ask('POST', '/api/book/imports', { ...JSON_TYPE, ...headers }, '{}');
    expect(brought.status).toBe(status === 200 ? 202 : 403);
    if (brought.status === 202) await readThrough(brought.text);
    const restored = await ask('PUT', '/api/book/backup', { ...SQLITE_TYPE, ...headers }, 'words');
    expect([400, 403, 409]).toContain(restored.status);
    expect(restored.status === 403).toBe(status === 403);
    const gone = await ask('DELETE', `/api/cooks/${cook}`, headers);
    expect(gone.status).toBe(status === 200 ? 204 : 403);
  });

  it('takes no message of a type that any form could send', async () => {
    const cook = startCook();
    const events = JSON.stringify({ events: [press('in', 0)] });
    for (const type of ['text/plain', 'application/x-www-form-urlencoded', 'multipart/form-data']) {
      const headers = { 'Content-Type': type };
      for (const [method, where] of [
        ['POST', `/api/cooks/${cook}/events`],
        ['POST', '/api/book/imports'],
        ['PUT', '/api/book/backup'],
        ['PUT', `/api/cooks/${cook}/photo`],
      ] as const) {
        expect((await ask(method, where, headers, events)).status).toBe(415);
      }
    }
    expect(cookStore(temporary.book).get(cook)?.events).toEqual([]);
  });
});

describe('what it says', () => {
  it('says of each mistake what it is', async () => {
    const cook = startCook();
    const large = Buffer.concat([JPEG, Buffer.alloc(3_100_000)]);
    const photo = await ask(
      'PUT',
      `/api/cooks/${cook}/photo`,
      { 'Content-Type': 'image/jpeg' },
      large,
    );
    expect(photo.status).toBe(413);
    expect(detailOf(photo)).toContain('3 MB');
    const message = JSON.stringify({ events: 'x'.repeat(600_000) });
    const long = await ask('POST', `/api/cooks/${cook}/events`, JSON_TYPE, message);
    expect(long.status).toBe(413);
    expect(detailOf(long)).toContain('512 kB');
    for (const where of ['/api/%E0%A4%A', '/%', '/api/cooks/%zz']) {
      const malformed = await ask('GET', where);
      expect(malformed.status).toBe(400);
      expect(malformed.type).toContain('application/problem+json');
      expect(detailOf(malformed)).toContain('cannot be read');
    }
    const half = await ask('POST', `/api/cooks/${cook}/events`, JSON_TYPE, '{"half":');
    expect(detailOf(half)).toBe('The message must be JSON.');
  });

  it('writes a line a request: what was asked and what came of it, never what was said', async () => {
    const lines: string[] = [];
    const logTo = { write: (line: string) => void lines.push(line) };
    const { book } = temporary;
    const logged = createApp({ migrations: MIGRATIONS, book, logLevel: 'info', logTo }).listen(0);
    await new Promise((done) => logged.once('listening', done));
    const address = logged.address();
    const at = `http://127.0.0.1:${typeof address === 'object' && address ? address.port : 0}`;
    const body = JSON.stringify({ secret: 'with thyme' });
    await fetch(`${at}/api/cooks/${newId()}/events?secret=thyme`, {
      method: 'POST',
      headers: { ...JSON_TYPE, Cookie: 'secret=thyme' },
      body,
    });
    logged.closeAllConnections();
    await new Promise((done) => logged.close(done));
    const line = z
      .object({
        level: z.number(),
        req: z.object({ method: z.string(), path: z.string() }),
        res: z.object({ statusCode: z.number() }),
        responseTime: z.number(),
      })
      .parse(JSON.parse(lines.join('')));
    expect(line).toMatchObject({ req: { method: 'POST' }, res: { statusCode: 400 } });
    expect(lines.join('')).not.toContain('thyme');
  });

  it('says that the disk is full, as a thing that may pass', async () => {
    const cook = startCook();
    const { sqlite } = temporary.book;
    // SQLite's own limit stands in for a disk without room.
    sqlite.pragma(`max_page_count = ${Number(sqlite.pragma('page_count', { simple: true }))}`);
    const note = { kind: 'note', at: T0, text: 'x'.repeat(500) };
    const events = Array.from({ length: 150 }, () => ({ ...note, id: newId() }));
    const send = () =>
      ask('POST', `/api/cooks/${cook}/events`, JSON_TYPE, JSON.stringify({ events }));
    const full = await send();
    expect(full.status).toBe(507);
    expect(problemSchema.parse(JSON.parse(full.text)).type).toBe(PROBLEM_TYPES.diskFull);
    expect(cookStore(temporary.book).get(cook)?.events).toEqual([]);
    sqlite.pragma('max_page_count = 1000000');
    expect((await send()).status).toBe(200);
    expect(cookStore(temporary.book).get(cook)?.events).toHaveLength(150);
  });

  it('lets a follower go that does not read, and goes on answering the others', async () => {
    const id = startCook();
    const note = { kind: 'note', at: T0, text: 'x'.repeat(500) } as const;
    // What it is told first is more than the sockets between them hold.
    const { sqlite } = temporary.book;
    const writer = new BookWriter(sqlite);
    sqlite.transaction(() => {
      for (let i = 0; i < 16_000; i += 1) writer.event({ ...note, id: newId() }, id, T0);
    })();
    const deaf = await new Promise<http.IncomingMessage>((resolve, reject) => {
      http.get(`${url}/api/cooks/stream?cooks=${id}`, resolve).on('error', reject);
    });
    deaf.pause();
    let open = true;
    const ended = new Promise<void>((done) =>
      deaf.once('close', () => {
        open = false;
        done();
      }),
    );
    deaf.on('error', () => undefined);
    const body = JSON.stringify({ events: [press('in', 0)] });
    expect((await ask('POST', `/api/cooks/${id}/events`, JSON_TYPE, body)).status).toBe(200);
    expect((await ask('GET', '/healthz')).status).toBe(200);
    deaf.resume();
    await ended;
    expect(open).toBe(false);
  }, 60_000);

  it('never acknowledges an event that another cook has', async () => {
    const [one, two] = [startCook('One'), startCook('Two')];
    const taken = press('in', 0);
    cookStore(temporary.book).addEvents(one, [taken], T0);
    const own = press('turned', 60);
    const send = (events: readonly unknown[]) =>
      ask('POST', `/api/cooks/${two}/events`, JSON_TYPE, JSON.stringify({ events }));
    const refused = await send([own, taken]);
    expect(refused.status).toBe(409);
    expect(problemSchema.parse(JSON.parse(refused.text))).toMatchObject({
      type: PROBLEM_TYPES.eventElsewhere,
      errors: [{ path: 'events[1].id' }],
    });
    expect(cookStore(temporary.book).get(two)?.events).toEqual([]);
    expect((await send([own])).status).toBe(200);
  });
});

describe('a book with a bad row', () => {
  it('leaves the row out of lists and files, names it, and keeps it', async () => {
    const store = cookStore(temporary.book);
    const [good, badPlan, badEvent] = [startCook('Good'), startCook('Bad'), startCook('Half')];
    store.addEvents(badEvent, [press('in', 0), press('pulled', 300)], T0);
    const { sqlite } = temporary.book;
    sqlite.prepare("update cooks set plan = '{half', way = 'boiled' where id = ?").run(badPlan);
    sqlite
      .prepare("update events set kind = 'sung' where cook_id = ? and kind = 'in'")
      .run(badEvent);
    sqlite.prepare("insert into plans values (?, ?, ?, '[]')").run(newId(), T0, T0);
    const list = z
      .object({ cooks: z.array(z.object({ id: z.string() })) })
      .parse(JSON.parse((await ask('GET', '/api/cooks')).text));
    expect(list.cooks.map(({ id }) => id).toSorted()).toEqual([good, badEvent].toSorted());
    const file = bookFileSchema.parse(JSON.parse((await ask('GET', '/api/book/book.json')).text));
    expect(file.cooks).toHaveLength(2);
    expect(file.cooks.find(({ id }) => id === badEvent)?.events).toHaveLength(1);
    expect((await ask('GET', '/api/book/cooks.csv')).status).toBe(200);
    expect((await ask('GET', '/api/plans')).status).toBe(200);
    const said = z
      .object({ count: z.number(), rows: z.array(z.object({ where: z.string() })) })
      .parse(JSON.parse((await ask('GET', '/api/book/unreadable')).text));
    expect(said.count).toBeGreaterThanOrEqual(4);
    expect(said.rows.some(({ where }) => where.includes(badPlan))).toBe(true);
    expect(sqlite.prepare('select plan from cooks where id = ?').pluck().get(badPlan)).toBe(
      '{half',
    );
  });
});

describe('a file that comes in', () => {
  const send = async (body: string): Promise<BookImport> => {
    const begun = await ask('POST', '/api/book/imports', JSON_TYPE, body);
    expect(begun.status).toBe(202);
    return readThrough(begun.text);
  };
  const store = (id: string) => ask('POST', `/api/book/imports/${id}/store`);
  const exported = async () =>
    bookFileSchema.parse(JSON.parse((await ask('GET', '/api/book/book.json')).text));

  it('puts a deleted cook back, and says so', async () => {
    const id = startCook('Deleted by mistake');
    startCook('Still here');
    const file = await exported();
    cookStore(temporary.book).remove(id, T0);
    const read = await send(JSON.stringify(file));
    expect(read).toMatchObject({ phase: 'ready', cooks: 0, here: 1, back: 1 });
    expect(cookStore(temporary.book).has(id)).toBe(false);
    await store(read.id);
    expect(cookStore(temporary.book).has(id)).toBe(true);
  });

  it('names every cook whose events another cook has', async () => {
    const id = startCook('Mine');
    cookStore(temporary.book).addEvents(id, [press('in', 0), press('pulled', 300)], T0);
    const file = await exported();
    const stranger = { ...file.cooks[0], id: newId() };
    const read = await send(JSON.stringify({ ...file, cooks: [stranger] }));
    expect(read).toMatchObject({ phase: 'ready', cooks: 1, problemCount: 1 });
    expect(read.problems[0]).toEqual({
      where: 'cook “Mine”',
      why: '2 of its events are in another cook already.',
    });
  });

  it('takes a photograph for what its bytes are', async () => {
    const id = startCook('Pictured');
    photoStore(temporary.book).put(id, { type: 'image/jpeg', bytes: JPEG });
    const file = await exported();
    cookStore(temporary.book).remove(id, T0);
    cookStore(temporary.book).sweep(T0 + 1);
    const script = Buffer.from('<script>alert(1)</script>').toString('base64');
    const [cook] = file.cooks;
    const photo = { type: 'image/png', data: script };
    const read = await send(JSON.stringify({ ...file, cooks: [{ ...cook, photo }] }));
    expect(read).toMatchObject({ phase: 'ready', cooks: 1, problemCount: 1 });
    await store(read.id);
    expect((await ask('GET', `/api/cooks/${id}/photo`)).status).toBe(404);
  });

  it('is refused early when it is no book, and never holds a press', async () => {
    const cook = startCook();
    const many = `{"format":"crustan-book/1","plans":[],"trials":[],"cooks":[${'1,'.repeat(400_000)}1]}`;
    const reading = send(many);
    let slowest = 0;
    let presses = 0;
    let over = false;
    void reading.then(() => (over = true));
    while (!over) {
      const began = performance.now();
      const body = JSON.stringify({ events: [press('in', presses)] });
      expect((await ask('POST', `/api/cooks/${cook}/events`, JSON_TYPE, body)).status).toBe(200);
      slowest = Math.max(slowest, performance.now() - began);
      presses += 1;
    }
    const read = await reading;
    expect(read.phase).toBe('refused');
    expect(read.refusal).toContain('no book of this format');
    expect(presses).toBeGreaterThan(0);
  });

  it('is bounded: a cook of more events than any cook has is left out', async () => {
    startCook('Pattern');
    const file = await exported();
    const events = Array.from({ length: 20_001 }, (_, i) => press('in', i));
    const read = await send(
      JSON.stringify({ ...file, cooks: [{ ...file.cooks[0], id: newId(), events }] }),
    );
    expect(read).toMatchObject({ phase: 'ready', cooks: 0, problemCount: 1 });
    expect(read.problems[0]?.why).toContain('at most 20000 events');
  });
});

describe('a restore', () => {
  const restore = (bytes: Buffer) => ask('PUT', '/api/book/backup', SQLITE_TYPE, bytes);
  const backup = async (): Promise<Buffer> =>
    Buffer.from(await (await fetch(`${url}/api/book/backup`)).arrayBuffer());
  /** A backup changed by somebody who means no good, or by an accident. */
  const altered = (bytes: Buffer, sql: string): Buffer => {
    const folder = mkdtempSync(path.join(os.tmpdir(), 'crustan-altered-'));
    const file = path.join(folder, 'book.sqlite');
    writeFileSync(file, bytes);
    const opened = new Database(file);
    opened.exec(sql);
    opened.close();
    const made = readFileSync(file);
    rmSync(folder, { recursive: true });
    return made;
  };

  it('makes another book of it: phones are told, streams begin anew, two in one second are both kept', async () => {
    const id = startCook('Before');
    const bytes = await backup();
    const { identity } = temporary.book;
    const stream = await fetch(`${url}/api/cooks/stream?cooks=${id}`);
    const first = await restore(bytes);
    expect(first.status).toBe(200);
    // The stream has ended: a page takes it up again and hears which book it is.
    expect(await stream.text()).toContain(identity);
    expect(temporary.book.identity).not.toBe(identity);
    expect(temporary.book.replaces).toEqual([identity]);
    const second = await restore(bytes);
    const before = [first, second].map(
      ({ text }) => z.object({ before: z.string() }).parse(JSON.parse(text)).before,
    );
    expect(new Set(before).size).toBe(2);
    for (const name of before) {
      const kept = new Database(path.join(temporary.folder, name), { readonly: true });
      expect(kept.prepare('select title from cooks').pluck().all()).toEqual(['Before']);
      kept.close();
    }
  });

  it('runs nothing that is stored in the file, and takes nothing that only looks like a row', async () => {
    const good = startCook('Good');
    const bad = startCook('Bad');
    photoStore(temporary.book).put(good, { type: 'image/jpeg', bytes: JPEG });
    photoStore(temporary.book).put(bad, { type: 'image/jpeg', bytes: JPEG });
    const bytes = altered(
      await backup(),
      `create table if not exists stolen (what text);
       create trigger thief after insert on events begin delete from cooks; end;
       update photos set type = 'text/html' where cook_id = '${good}';
       update photos set bytes = cast('<script>alert(1)</script>' as blob) where cook_id = '${bad}';
       update cooks set plan = '{}' where id = '${bad}';`,
    );
    const answer = await restore(bytes);
    expect(answer.status).toBe(200);
    const said = z
      .object({ cooks: z.number(), leftOutCount: z.number(), leftOut: z.array(z.unknown()) })
      .parse(JSON.parse(answer.text));
    expect(said).toMatchObject({ cooks: 1, leftOutCount: 2 });
    const { sqlite } = temporary.book;
    const names = sqlite
      .prepare("select name from sqlite_master where type in ('trigger','view') or name = 'stolen'")
      .all();
    expect(names).toEqual([]);
    cookStore(temporary.book).addEvents(good, [press('in', 0)], T0);
    expect(cookStore(temporary.book).get(good)?.events).toHaveLength(1);
    const photo = await fetch(`${url}/api/cooks/${good}/photo`);
    expect(photo.headers.get('content-type')).toBe('image/jpeg');
  });

  it.each([
    [
      'a view in the place of a table',
      'alter table events rename to real_events; create view events as select * from real_events',
    ],
    ['no cooks', 'drop table judgements; drop table photos; drop table events; drop table cooks'],
  ])('refuses %s, and keeps the book', async (_what, sql) => {
    const id = startCook('Kept');
    const { identity } = temporary.book;
    const answer = await restore(altered(await backup(), sql));
    expect(answer.status).toBe(400);
    expect(temporary.book.identity).toBe(identity);
    expect(cookStore(temporary.book).has(id)).toBe(true);
  });

  it('takes a book of the first schema, whose tables lack columns', async () => {
    const id = startCook('Old');
    cookStore(temporary.book).addEvents(id, [press('in', 0), press('pulled', 395)], T0);
    const bytes = altered(
      await backup(),
      `alter table events drop column detail; alter table judgements drop column detail;
       drop table trials; drop table kitchens; drop table photos; drop table books;
       delete from __drizzle_migrations where created_at > (select min(created_at) from __drizzle_migrations)`,
    );
    expect((await restore(bytes)).status).toBe(200);
    expect(cookStore(temporary.book).get(id)?.events).toHaveLength(2);
    expect(cookStore(temporary.book).list().cooks[0]?.actualSeconds).toBe(395);
  });

  it('and an import never meet', async () => {
    startCook('One');
    const bytes = await backup();
    const held = http.request(`${url}/api/book/imports`, { method: 'POST', headers: JSON_TYPE });
    held.on('error', () => undefined);
    held.write('{"format":');
    const arriving = path.join(temporary.folder, 'imports');
    const begun = (): boolean =>
      existsSync(arriving) && readdirSync(arriving).some((name) => name.endsWith('.json'));
    while (!begun()) await new Promise((done) => setTimeout(done, 10));
    const refused = await restore(bytes);
    expect(refused.status).toBe(409);
    expect(problemSchema.parse(JSON.parse(refused.text)).type).toBe(PROBLEM_TYPES.busy);
    held.destroy();
    while (begun()) await new Promise((done) => setTimeout(done, 10));
    expect((await restore(bytes)).status).toBe(200);
  });
});
