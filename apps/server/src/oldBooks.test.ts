import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import Database from 'better-sqlite3';
import { FIRST_GEAR } from '@crustan/core/learn';
import type { ServiceEvent } from '@crustan/core/pass';
import { z } from 'zod';
import { allLines } from './db/cookList';
import { cookStore } from './db/cookStore';
import { demandStore } from './db/demandStore';
import { dishStore } from './db/dishStore';
import { logStore } from './db/logStore';
import { openBook } from './db/openBook';
import { planStore } from './db/planStore';
import { serviceStore } from './db/serviceStore';
import { dish, service } from './testingMenu';
import { MIGRATIONS, newId, planRecord, T0 } from './testing';

describe('books of every released schema', () => {
  let folder: string;
  beforeEach(() => {
    folder = mkdtempSync(path.join(os.tmpdir(), 'crustan-old-'));
  });
  afterEach(() => rmSync(folder, { recursive: true, force: true }));

  /** A logbook with the migrations of a released version. */
  const released = (version: number): Database.Database => {
    const then = path.join(folder, 'then');
    cpSync(MIGRATIONS, then, { recursive: true });
    const journal = path.join(then, 'meta/_journal.json');
    const parsed = z
      .looseObject({ entries: z.array(z.looseObject({ idx: z.number() })) })
      .parse(JSON.parse(readFileSync(journal, 'utf8')));
    const entries = parsed.entries.filter(({ idx }) => idx < version);
    expect(entries).toHaveLength(version);
    const file = new Database(path.join(folder, 'book.sqlite'));
    for (const { tag, when } of entries) {
      const text = readFileSync(path.join(then, `${String(tag)}.sql`), 'utf8');
      for (const statement of text.split('--> statement-breakpoint')) file.exec(statement);
      file.exec(
        'create table if not exists __drizzle_migrations (id integer primary key, hash text not null, created_at numeric)',
      );
      file
        .prepare('insert into __drizzle_migrations (hash, created_at) values (?, ?)')
        .run(String(tag), when);
    }
    rmSync(then, { recursive: true });
    return file;
  };

  /** A plan's record as that version wrote it: with what it knew of, under the names it had. */
  const recordOf = (version: number) => {
    const record = planRecord('An old strip');
    const {
      evenness: _even,
      drip: _drip,
      lethality: _logs,
      inRange: _range,
      ...then
    } = record.plan;
    if (version >= 3) return { ...record, gear: FIRST_GEAR };
    if (version === 2) return { ...record, plan: then };
    const { legs: _legs, stoveSeconds: _stove, pullAt: _pullAt, doneCore: _done, ...first } = then;
    const { cut, thickness, weight, start, surface, pan, target, cover } = then.request;
    const request = { cut, thickness, weight, start, surface, pan, turning: 'once', target, cover };
    return { ...record, plan: { ...first, request } };
  };

  /** Rows as a version wrote them: a plan, a cook with its steps and a judgement. */
  const filled = (version: number): string => {
    const file = released(version);
    const id = newId();
    const record = recordOf(version);
    file
      .prepare('insert into plans values (?, ?, ?, ?)')
      .run(record.id, T0, T0, JSON.stringify(record));
    file
      .prepare(
        'insert into cooks (id, created_at, title, target, cook_seconds, plan) values (?, ?, ?, ?, ?, ?)',
      )
      .run(id, T0, 'An old strip', 54, 400, JSON.stringify(record));
    const add = file.prepare(
      'insert into events (id, cook_id, kind, at, received_at, celsius, undoes) values (?, ?, ?, ?, ?, ?, ?)',
    );
    const wrong = newId();
    add.run(newId(), id, 'in', T0, T0, null, null);
    add.run(newId(), id, 'reading', T0 + 60_000, T0, 31.5, null);
    add.run(wrong, id, 'pulled', T0 + 90_000, T0, null, null);
    add.run(newId(), id, 'undo', T0 + 92_000, T0, null, wrong);
    add.run(newId(), id, 'pulled', T0 + 395_000, T0, null, null);
    add.run(newId(), id, 'sliced', T0 + 700_000, T0, null, null);
    file
      .prepare(
        'insert into judgements (cook_id, end_temperature, crust, notes, judged_at) values (?, ?, ?, ?, ?)',
      )
      .run(id, 53.2, 'deep brown', 'Smoky, and worth it', T0);
    file.close();
    return id;
  };

  it.each([1, 2, 3, 4])('schema %i opens with everything in it, and goes on', (version) => {
    const id = filled(version);
    for (let opened = 0; opened < 2; opened += 1) {
      const book = openBook(folder, MIGRATIONS);
      expect(book.schemaVersion).toBe(9);
      const store = cookStore(book);
      const cook = store.get(id);
      expect(cook?.events.filter(({ kind }) => kind !== 'note')).toHaveLength(6);
      expect(cook?.judgement).toEqual({
        endTemperature: 53.2,
        crust: 'deep-brown',
        notes: 'Smoky, and worth it',
      });
      expect(planStore(book).list().plans[0]?.title).toBe('An old strip');
      // The columns for lists are filled from the stored records.
      expect(allLines(book, { words: 'smoky strip' })).toMatchObject([
        { id, way: 'once', cut: 'strip-steak', actualSeconds: 395, finished: true },
      ]);
      // A judgement in words is found by its code.
      expect(allLines(book, { crust: 'deep-brown' })).toHaveLength(1);
      store.addEvents(id, [{ id: newId(), kind: 'note', at: T0 + 800_000, text: 'Again' }], T0);
      book.close();
    }
  });

  it('keeps the counts of past days and the menu of a logbook before services were counted', () => {
    const file = released(7);
    file.prepare("insert into demand (date, dish, count) values ('2026-11-20', 'Strip', 9)").run();
    const menu = dish();
    file
      .prepare('insert into dishes (id, created_at, record) values (?, ?, ?)')
      .run(menu.id, menu.createdAt, JSON.stringify(menu));
    file.close();
    const book = openBook(folder, MIGRATIONS);
    expect(demandStore(book).all()).toEqual([{ date: '2026-11-20', dish: 'Strip', count: 9 }]);
    expect(dishStore(book).list()).toEqual([menu]);
    book.close();
  });

  it.each([6, 7, 8])('keeps the services of schema %i, and their order in the log', (version) => {
    const file = released(version);
    const evening = service([]);
    const order = {
      id: newId(),
      table: '4',
      pieces: [{ id: newId(), dish: newId(), doneness: 'rare' }],
    };
    const events: readonly ServiceEvent[] = [
      { id: newId(), kind: 'ordered', at: T0, order },
      { id: newId(), kind: 'fired', at: T0 + 1000, of: order.id },
    ];
    file
      .prepare('insert into services (id, opens_at, record) values (?, ?, ?)')
      .run(evening.id, evening.opensAt, JSON.stringify(evening));
    const add = file.prepare(
      'insert into service_events (id, service_id, ticket, at, received_at, record) values (?, ?, ?, ?, ?, ?)',
    );
    for (const event of events) {
      const ticket = event.kind === 'ordered' ? order.id : null;
      add.run(event.id, evening.id, ticket, event.at, T0, JSON.stringify(event));
    }
    add.run(newId(), evening.id, null, T0, T0, '{"half":');
    const piece = newId();
    const { id, plan } = { id: piece, plan: JSON.stringify(recordOf(version)) };
    file
      .prepare(
        'insert into cooks (id, created_at, title, target, cook_seconds, plan, together) values (?, ?, ?, ?, ?, ?, ?)',
      )
      .run(id, T0, 'A piece', 54, 400, plan, order.id);
    file.close();
    const book = openBook(folder, MIGRATIONS);
    expect(serviceStore(book).list()).toEqual([evening]);
    expect(serviceStore(book).events(evening.id)).toEqual(events);
    expect(serviceStore(book).cooks(evening.id)).toEqual([piece]);
    expect(book.damage.count).toBe(1);
    const { entries } = logStore(book).after([{ of: 'service', id: evening.id }], 0, 50);
    expect(entries.map(({ entry: { of, event } }) => [of, event.kind])).toEqual([
      ['cook', 'opened'],
      ['service', 'opened'],
      ['service', 'ordered'],
      ['service', 'fired'],
    ]);
    book.close();
  });

  it('leaves a file that is no logbook as it is', () => {
    const file = path.join(folder, 'book.sqlite');
    writeFileSync(file, 'no logbook at all, only words');
    expect(() => openBook(folder, MIGRATIONS)).toThrow(/cannot be opened/);
    expect(readFileSync(file, 'utf8')).toBe('no logbook at all, only words');
  });
});
