import { connect } from 'node:net';
import http from 'node:http';
import { describe, expect, it } from '@jest/globals';
import { bookFileSchema, problemSchema, PROBLEM_TYPES } from '@crustan/core/formats';
import { NOT_DEEP } from '@crustan/core/tests';
import { z } from 'zod';
import { createApp } from './createApp';
import { cookStore } from './db/cookStore';
import { cookRow } from './db/logRows';
import { BookWriter } from './imports/bookWriter';
import { listening } from './listening';
import { detailOf, JPEG, JSON_TYPE, servedBook, SQLITE_TYPE } from './servedBook';
import { MIGRATIONS, newId, planRecord, press, T0 } from './testing';

const itDeep = NOT_DEEP ? it.skip : it;

const { ask, temporary, url, startCook, readThrough } = servedBook();

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

  it('refuses a request that names two hosts', async () => {
    const { port } = new URL(url());
    const answer = await new Promise<string>((resolve) => {
      const socket = connect(Number(port), '127.0.0.1', () =>
        socket.write(
          'GET /healthz HTTP/1.1\r\nHost: localhost\r\nHost: rebound.example\r\nConnection: close\r\n\r\n',
        ),
      );
      let heard = '';
      socket.on('data', (bytes) => (heard += String(bytes)));
      socket.on('close', () => resolve(heard));
    });
    expect(answer).toMatch(/^HTTP\/1.1 400/);
  });

  const PLAN = JSON.stringify(planRecord());
  it.each<[string, Record<string, string>, number]>([
    ['a page of this kitchen', { 'Sec-Fetch-Site': 'same-origin' }, 200],
    ['no page at all', {}, 200],
    ['a page of another site', { 'Sec-Fetch-Site': 'cross-site' }, 403],
    ['a page of another port', { 'Sec-Fetch-Site': 'same-site' }, 403],
    ['an older browser, another site', { Origin: 'http://evil.example' }, 403],
    ['an older browser, a hidden origin', { Origin: 'null' }, 403],
  ])('lets %s change the logbook or not', async (_who, headers, status) => {
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
    expect(cookStore(temporary().book).get(cook)?.events).toEqual([]);
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
      expect(detailOf(malformed)).toBe('Invalid % escape in the address.');
    }
    const half = await ask('POST', `/api/cooks/${cook}/events`, JSON_TYPE, '{"half":');
    expect(detailOf(half)).toBe('The message must be JSON.');
  });

  it('writes a line a request: what was asked and what came of it, never what was said', async () => {
    const lines: string[] = [];
    const logTo = { write: (line: string) => void lines.push(line) };
    const { book } = temporary();
    const logged = await listening(
      createApp({ migrations: MIGRATIONS, book, logLevel: 'info', logTo }),
    );
    const body = JSON.stringify({ secret: 'with thyme' });
    await fetch(`${logged.url}/api/cooks/${newId()}/events?secret=thyme`, {
      method: 'POST',
      headers: { ...JSON_TYPE, Cookie: 'secret=thyme' },
      body,
    });
    await logged.stop();
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
    const { sqlite } = temporary().book;
    // SQLite's own limit stands in for a disk without room.
    sqlite.pragma(`max_page_count = ${Number(sqlite.pragma('page_count', { simple: true }))}`);
    const note = { kind: 'note', at: T0, text: 'x'.repeat(500) };
    const events = Array.from({ length: 150 }, () => ({ ...note, id: newId() }));
    const send = () =>
      ask('POST', `/api/cooks/${cook}/events`, JSON_TYPE, JSON.stringify({ events }));
    const full = await send();
    expect(full.status).toBe(507);
    expect(problemSchema.parse(JSON.parse(full.text)).type).toBe(PROBLEM_TYPES.diskFull);
    expect(cookStore(temporary().book).get(cook)?.events).toEqual([]);
    sqlite.pragma('max_page_count = 1000000');
    expect((await send()).status).toBe(200);
    expect(cookStore(temporary().book).get(cook)?.events).toHaveLength(150);
  });

  itDeep(
    'waits for a follower that does not read, answers the others, and sends it all once it reads',
    async () => {
      const id = startCook();
      const note = { kind: 'note', at: T0, text: 'x'.repeat(500) } as const;
      const notes = 16_000;
      // More than the sockets between them hold.
      const { sqlite } = temporary().book;
      const writer = new BookWriter(sqlite);
      sqlite.transaction(() => {
        for (let i = 0; i < notes; i += 1) writer.entry(cookRow({ ...note, id: newId() }, id, T0));
      })();
      const deaf = await new Promise<http.IncomingMessage>((resolve, reject) => {
        http.get(`${url()}/api/log/stream?follow=cook:${id}.0`, resolve).on('error', reject);
      });
      deaf.pause();
      const pressed = press('in', 0);
      const body = JSON.stringify({ events: [pressed] });
      expect((await ask('POST', `/api/cooks/${id}/events`, JSON_TYPE, body)).status).toBe(200);
      expect((await ask('GET', '/healthz')).status).toBe(200);
      let heard = 0;
      let tail = '';
      await new Promise<void>((done) => {
        deaf.on('data', (chunk: Buffer) => {
          tail += chunk.toString();
          heard += tail.split('"kind":"note"').length - 1;
          if (tail.includes(pressed.id)) done();
          tail = tail.slice(tail.lastIndexOf('"kind"') + 1).slice(-200);
        });
        deaf.resume();
      });
      deaf.destroy();
      expect(heard).toBe(notes);
    },
    60_000,
  );

  it('never acknowledges an event that another cook has', async () => {
    const [one, two] = [startCook('One'), startCook('Two')];
    const taken = press('in', 0);
    cookStore(temporary().book).addEvents(one, [taken], T0);
    const own = press('turned', 60);
    const send = (events: readonly unknown[]) =>
      ask('POST', `/api/cooks/${two}/events`, JSON_TYPE, JSON.stringify({ events }));
    const refused = await send([own, taken]);
    expect(refused.status).toBe(409);
    expect(problemSchema.parse(JSON.parse(refused.text))).toMatchObject({
      type: PROBLEM_TYPES.eventElsewhere,
      errors: [{ path: 'events[1].id' }],
    });
    expect(cookStore(temporary().book).get(two)?.events).toEqual([]);
    expect((await send([own])).status).toBe(200);
  });
});

describe('a logbook with a bad row', () => {
  it('leaves the row out of lists and files, names it, and keeps it', async () => {
    const store = cookStore(temporary().book);
    const [good, badPlan, badEvent] = [startCook('Good'), startCook('Bad'), startCook('Half')];
    store.addEvents(badEvent, [press('in', 0), press('pulled', 300)], T0);
    const { sqlite } = temporary().book;
    sqlite.prepare("update cooks set plan = '{half', way = 'boiled' where id = ?").run(badPlan);
    sqlite.prepare("update log set kind = 'sung' where cook_id = ? and kind = 'in'").run(badEvent);
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
