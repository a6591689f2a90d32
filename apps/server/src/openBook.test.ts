import {
  chmodSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { expect, it } from '@jest/globals';
import { NOT_DEEP } from '@crustan/core/tests';
import Database from 'better-sqlite3';
import { cookStore } from './db/cookStore';
import { openBook } from './db/openBook';
import { planStore } from './db/planStore';
import { demoRecords, loadDemo, writeDemo, type DemoRecords } from './demo/loadDemo';
import { MIGRATIONS, newId, planRecord, press, T0, temporaryBook } from './testing';

it('writes through to disk: WAL with full sync, foreign keys on', () => {
  const { book, remove } = temporaryBook();
  const is = (pragma: string): unknown => book.sqlite.pragma(pragma, { simple: true });
  expect(is('journal_mode')).toBe('wal');
  // 2 is FULL: a commit that returned is on the disk.
  expect(is('synchronous')).toBe(2);
  expect(is('foreign_keys')).toBe(1);
  remove();
});

it('opens again with everything in it, and as the same book', () => {
  const { book, folder, remove } = temporaryBook();
  const id = newId();
  cookStore(book).start(id, planRecord(), T0);
  cookStore(book).addEvents(id, [press('in', 0)], T0);
  const { identity, schemaVersion } = book;
  book.close();
  const again = openBook(folder, MIGRATIONS);
  expect(cookStore(again).get(id)?.events).toHaveLength(1);
  expect(again.schemaVersion).toBe(schemaVersion);
  expect(again.identity).toBe(identity);
  again.close();
  remove();
});

it('has its folder for itself: a second start is told so and touches nothing', () => {
  const { book, folder, remove } = temporaryBook();
  cookStore(book).start(newId(), planRecord(), T0);
  mkdirSync(path.join(folder, 'imports'));
  writeFileSync(path.join(folder, 'imports', 'staged'), 'of the first');
  expect(() => openBook(folder, MIGRATIONS)).toThrow(/Another Crustan has the data folder/);
  expect(readdirSync(path.join(folder, 'imports'))).toEqual(['staged']);
  expect(cookStore(book).list().found).toBe(1);
  book.close();
  openBook(folder, MIGRATIONS).close();
  remove();
});

it('keeps the folder and its files to its owner', () => {
  const { folder, remove } = temporaryBook();
  const mode = (name: string): number => statSync(path.join(folder, name)).mode & 0o777;
  expect(mode('')).toBe(0o700);
  for (const name of readdirSync(folder)) expect([name, mode(name)]).toEqual([name, 0o600]);
  remove();
});

it('puts a logbook back that a killed restore had left without its name', () => {
  const { book, folder, remove } = temporaryBook();
  const id = newId();
  cookStore(book).start(id, planRecord(), T0);
  book.close();
  const file = path.join(folder, 'book.sqlite');
  renameSync(file, path.join(folder, 'book-before-2026-03-01T180000.sqlite'));
  writeFileSync(path.join(folder, 'book.next.sqlite'), 'half a copy');
  const again = openBook(folder, MIGRATIONS);
  expect(again.recovered).toBe('book-before-2026-03-01T180000.sqlite');
  expect(cookStore(again).has(id)).toBe(true);
  expect(existsSync(path.join(folder, 'book.next.sqlite'))).toBe(false);
  again.close();
  remove();
});

it('says what is wrong with a logbook at start: empty, damaged, of a later Crustan', () => {
  const { book, folder, remove } = temporaryBook();
  for (let i = 0; i < 60; i += 1) cookStore(book).start(newId(), planRecord(`Cook ${i}`), T0 + i);
  book.close();
  const file = path.join(folder, 'book.sqlite');
  const whole = readFileSync(file);
  const damaged = Buffer.from(whole);
  damaged.fill(0xff, 40_000, 60_000);
  const later = path.join(folder, 'later.sqlite');
  writeFileSync(later, whole);
  const newer = new Database(later);
  newer.exec("insert into __drizzle_migrations (hash, created_at) values ('later', 9e12)");
  newer.close();
  for (const [bytes, why] of [
    [Buffer.alloc(0), /is empty: put a backup in its place/],
    [damaged, /damaged/],
    [readFileSync(later), /later Crustan/],
  ] as const) {
    writeFileSync(file, bytes);
    expect(() => openBook(folder, MIGRATIONS)).toThrow(why);
    expect(readFileSync(file).equals(bytes)).toBe(true);
  }
  writeFileSync(file, whole);
  openBook(folder, MIGRATIONS).close();
  remove();
});

it('opens a logbook of the first days: how often it was turned is a way now, its stay has legs', () => {
  const { book, folder, remove } = temporaryBook();
  const record = planRecord('An old strip');
  const {
    legs: _legs,
    stoveSeconds: _stove,
    pullAt: _pullAt,
    doneCore: _done,
    evenness: _even,
    drip: _drip,
    lethality: _logs,
    inRange: _range,
    request,
    ...kept
  } = record.plan;
  const { cut, thickness, weight, start, surface, pan, target, cover } = request;
  const asked = { cut, thickness, weight, start, surface, pan, turning: 'once', target, cover };
  const old = JSON.stringify({ ...record, plan: { ...kept, request: asked } });
  const cook = newId();
  cookStore(book).start(cook, planRecord(), T0);
  planStore(book).put(record);
  book.close();
  // As the first version wrote it.
  const file = new Database(path.join(folder, 'book.sqlite'));
  file.prepare('UPDATE plans SET record = ?').run(old);
  file.prepare('UPDATE cooks SET plan = ?').run(old);
  file.close();
  const again = openBook(folder, MIGRATIONS);
  const [plan] = planStore(again).list().plans;
  expect(plan?.plan.request).toMatchObject({ way: 'once', lowOven: 110 });
  expect(plan?.plan.legs.map(({ kind }) => kind)).toEqual(['sear', 'sear']);
  expect(cookStore(again).get(cook)?.plan.plan.cookSeconds).toBe(record.plan.cookSeconds);
  expect(cookStore(again).list().cooks).toHaveLength(1);
  again.close();
  remove();
});

it('explains a folder it cannot write and a file that is no logbook', () => {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'crustan-test-'));
  writeFileSync(path.join(folder, 'file'), 'in the way');
  expect(() => openBook(path.join(folder, 'file', 'book'), MIGRATIONS)).toThrow(
    /is not writable; choose another/,
  );
  writeFileSync(path.join(folder, 'book.sqlite'), 'this is not a database, only words in a file');
  expect(() => openBook(folder, MIGRATIONS)).toThrow(/cannot be opened/);
  chmodSync(folder, 0o755);
  rmSync(folder, { recursive: true });
});

const itDeep = NOT_DEEP ? it.skip : it;
let records: DemoRecords | undefined;
/** The scenario, planned and cooked once for the tests that write it. */
const demo = (): DemoRecords => (records ??= demoRecords(T0));

itDeep('loads the demo once, with cooks that differ from their plans as kitchens do', () => {
  const { book, remove } = temporaryBook();
  writeDemo(book, demo());
  const first = book.sqlite.serialize();
  loadDemo(book, T0);
  expect(book.sqlite.serialize().equals(first)).toBe(true);
  const { cooks } = cookStore(book).list();
  expect(cooks.length).toBeGreaterThanOrEqual(8);
  expect(new Set(cooks.map((cook) => cook.id)).size).toBe(cooks.length);
  expect(planStore(book).list().plans.length).toBeGreaterThanOrEqual(3);
  for (const cook of cooks) {
    if (cook.title.startsWith('Sunday')) expect(new Date(cook.createdAt).getDay()).toBe(0);
    expect(cook.finished).toBe(true);
    const off = Math.abs((cook.endTemperature ?? NaN) - cook.target);
    expect(off).toBeLessThan(9);
    expect(Math.abs((cook.actualSeconds ?? NaN) - cook.cookSeconds)).toBeLessThan(
      90 + 0.4 * cook.cookSeconds,
    );
    const full = cookStore(book).get(cook.id);
    expect(full?.events.map(({ kind }) => kind)).toEqual(
      expect.arrayContaining(['started', 'in', 'turned', 'reading', 'pulled', 'sliced']),
    );
  }
  expect(cooks.some((cook) => Math.abs((cook.endTemperature ?? 0) - cook.target) > 0.3)).toBe(true);
  remove();
});

itDeep(
  'loads the demo whole or not at all: killed on the way, the next start begins it again',
  () => {
    const { book, remove } = temporaryBook();
    // A fault in the middle; plans are written last.
    book.sqlite.exec(
      "create trigger ended before insert on plans begin select raise(abort, 'killed'); end",
    );
    expect(() => writeDemo(book, demo())).toThrow('killed');
    expect(cookStore(book).list().found).toBe(0);
    book.sqlite.exec('drop trigger ended');
    writeDemo(book, demo());
    expect(cookStore(book).list().found).toBeGreaterThanOrEqual(8);
    expect(planStore(book).list().plans.length).toBeGreaterThanOrEqual(3);
    remove();
  },
);
