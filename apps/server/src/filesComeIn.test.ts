import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import http from 'node:http';
import os from 'node:os';
import path from 'node:path';
import { describe, expect, it } from '@jest/globals';
import Database from 'better-sqlite3';
import {
  bookFileSchema,
  problemSchema,
  PROBLEM_TYPES,
  type BookImport,
} from '@crustan/core/formats';
import { z } from 'zod';
import { cookStore } from './db/cookStore';
import { photoStore } from './db/photoStore';
import { JPEG, JSON_TYPE, servedBook, SQLITE_TYPE } from './servedBook';
import { newId, press, T0 } from './testing';

const { ask, temporary, url, startCook, readThrough } = servedBook();

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
    cookStore(temporary().book).remove(id, T0);
    const read = await send(JSON.stringify(file));
    expect(read).toMatchObject({ phase: 'ready', cooks: 0, here: 1, back: 1 });
    expect(cookStore(temporary().book).has(id)).toBe(false);
    await store(read.id);
    expect(cookStore(temporary().book).has(id)).toBe(true);
  });

  it('names every cook whose events another cook has', async () => {
    const id = startCook('Mine');
    cookStore(temporary().book).addEvents(id, [press('in', 0), press('pulled', 300)], T0);
    const file = await exported();
    const stranger = { ...file.cooks[0], id: newId() };
    const read = await send(JSON.stringify({ ...file, cooks: [stranger] }));
    expect(read).toMatchObject({ phase: 'ready', cooks: 1, problemCount: 1 });
    expect(read.problems[0]).toEqual({
      where: 'cook “Mine”',
      why: '2 of its events are in another cook already.',
    });
  });

  it('detects the format of a photograph from its bytes', async () => {
    const id = startCook('Pictured');
    photoStore(temporary().book).put(id, { type: 'image/jpeg', bytes: JPEG });
    const file = await exported();
    cookStore(temporary().book).remove(id, T0);
    cookStore(temporary().book).sweep(T0 + 1);
    const script = Buffer.from('<script>alert(1)</script>').toString('base64');
    const [cook] = file.cooks;
    const photo = { type: 'image/png', data: script };
    const read = await send(JSON.stringify({ ...file, cooks: [{ ...cook, photo }] }));
    expect(read).toMatchObject({ phase: 'ready', cooks: 1, problemCount: 1 });
    await store(read.id);
    expect((await ask('GET', `/api/cooks/${id}/photo`)).status).toBe(404);
  });

  it('is refused early if it is not a logbook, and never delays a step', async () => {
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
    expect(read.refusal).toContain('not a logbook of this format');
    expect(presses).toBeGreaterThan(0);
  });

  it('leaves out a cook with an excessive number of events', async () => {
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
    Buffer.from(await (await fetch(`${url()}/api/book/backup`)).arrayBuffer());
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

  it('makes another logbook of it: phones are told, streams begin anew, two in one second are both kept', async () => {
    const id = startCook('Before');
    const bytes = await backup();
    const { identity } = temporary().book;
    const stream = await fetch(`${url()}/api/log/stream?follow=cook:${id}.0`);
    const first = await restore(bytes);
    expect(first.status).toBe(200);
    // The stream has ended: a page takes it up again and hears which book it is.
    expect(await stream.text()).toContain(identity);
    expect(temporary().book.identity).not.toBe(identity);
    expect(temporary().book.replaces).toEqual([identity]);
    const second = await restore(bytes);
    const before = [first, second].map(
      ({ text }) => z.object({ before: z.string() }).parse(JSON.parse(text)).before,
    );
    expect(new Set(before).size).toBe(2);
    for (const name of before) {
      const kept = new Database(path.join(temporary().folder, name), { readonly: true });
      expect(kept.prepare('select title from cooks').pluck().all()).toEqual(['Before']);
      kept.close();
    }
  });

  it('runs nothing that is stored in the file, and takes nothing that only looks like a row', async () => {
    const good = startCook('Good');
    const bad = startCook('Bad');
    photoStore(temporary().book).put(good, { type: 'image/jpeg', bytes: JPEG });
    photoStore(temporary().book).put(bad, { type: 'image/jpeg', bytes: JPEG });
    const bytes = altered(
      await backup(),
      `create table if not exists stolen (what text);
       create trigger thief after insert on log begin delete from cooks; end;
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
    const { sqlite } = temporary().book;
    const names = sqlite
      .prepare("select name from sqlite_master where type in ('trigger','view') or name = 'stolen'")
      .all();
    expect(names).toEqual([]);
    cookStore(temporary().book).addEvents(good, [press('in', 0)], T0);
    expect(cookStore(temporary().book).get(good)?.events).toHaveLength(1);
    const photo = await fetch(`${url()}/api/cooks/${good}/photo`);
    expect(photo.headers.get('content-type')).toBe('image/jpeg');
  });

  it.each([
    [
      'a view in the place of a table',
      'alter table log rename to real_log; create view log as select * from real_log',
    ],
    ['a table whose columns are missing', 'alter table cooks drop column plan'],
    [
      'ids that are there twice',
      `pragma foreign_keys = off; create table twice as select * from cooks; drop table cooks;
       alter table twice rename to cooks; insert into cooks select * from cooks`,
    ],
    ['no cooks', 'drop table judgements; drop table photos; drop table log; drop table cooks'],
  ])('refuses %s, and keeps the logbook', async (_what, sql) => {
    const id = startCook('Kept');
    const { identity } = temporary().book;
    const answer = await restore(altered(await backup(), sql));
    expect(answer.status).toBe(400);
    expect(temporary().book.identity).toBe(identity);
    expect(cookStore(temporary().book).has(id)).toBe(true);
  });

  it('serves no damaged copy, and is not ready while its pages are damaged', async () => {
    startCook('Kept');
    const { sqlite, folder } = temporary().book;
    const ready = () => fetch(`${url()}/readyz`);
    expect((await ready()).status).toBe(200);
    for (let i = 0; i < 30; i += 1) startCook(`Cook ${i}`);
    sqlite.pragma('wal_checkpoint(TRUNCATE)');
    const file = path.join(folder, 'book.sqlite');
    const pages = readFileSync(file);
    const hurt = Buffer.from(pages);
    // Every page but the first, which says what the file is.
    hurt.fill(0x5a, 3 * 4096, pages.length - 4096);
    writeFileSync(file, hurt);
    const answer = await ready();
    expect(answer.status).toBe(503);
    expect(await answer.text()).toContain('The logbook is damaged');
    // SQLite still holds sound pages in memory: without this the copy would not contain the damage.
    sqlite.pragma('shrink_memory');
    expect((await ask('GET', '/api/book/backup')).status).toBe(500);
    writeFileSync(file, pages);
    expect((await ready()).status).toBe(200);
  });

  it('takes a logbook of the first schema, whose tables lack columns', async () => {
    const id = startCook('Old');
    cookStore(temporary().book).addEvents(id, [press('in', 0), press('pulled', 395)], T0);
    const bytes = altered(
      await backup(),
      `create table events (seq integer primary key autoincrement, id text not null unique, cook_id text not null,
         kind text not null, at integer not null, received_at integer not null, celsius real, undoes text);
       insert into events (id, cook_id, kind, at, received_at)
         select id, cook_id, kind, at, received_at from log where kind <> 'opened';
       drop table log; alter table judgements drop column detail;
       drop table trials; drop table kitchens; drop table photos; drop table books;
       delete from __drizzle_migrations where created_at > (select min(created_at) from __drizzle_migrations)`,
    );
    expect((await restore(bytes)).status).toBe(200);
    expect(cookStore(temporary().book).get(id)?.events).toHaveLength(2);
    expect(cookStore(temporary().book).list().cooks[0]?.actualSeconds).toBe(395);
  });

  it('and an import never meet', async () => {
    startCook('One');
    const bytes = await backup();
    const held = http.request(`${url()}/api/book/imports`, { method: 'POST', headers: JSON_TYPE });
    held.on('error', () => undefined);
    held.write('{"format":');
    const arriving = path.join(temporary().folder, 'imports');
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
