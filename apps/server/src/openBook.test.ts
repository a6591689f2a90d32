import { chmodSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { expect, it } from '@jest/globals';
import Database from 'better-sqlite3';
import { cookStore } from './db/cookStore';
import { openBook } from './db/openBook';
import { planStore } from './db/planStore';
import { loadDemo } from './demo/loadDemo';
import { MIGRATIONS, newId, planRecord, press, T0, temporaryBook } from './testing';

it('writes through to disk: WAL with full sync, foreign keys on', () => {
  const { folder, remove } = temporaryBook();
  const other = new Database(path.join(folder, 'book.sqlite'), { readonly: true });
  expect(other.pragma('journal_mode', { simple: true })).toBe('wal');
  other.close();
  remove();
});

it('opens again with everything in it, as often as wanted', () => {
  const { book, folder, remove } = temporaryBook();
  const id = newId();
  cookStore(book).start(id, planRecord(), T0);
  cookStore(book).addEvents(id, [press('in', 0)], T0);
  const again = openBook(folder, MIGRATIONS);
  expect(cookStore(again).get(id)?.events).toHaveLength(1);
  expect(again.schemaVersion).toBe(book.schemaVersion);
  again.close();
  remove();
});

it('opens a book of the first days: how often it was turned is a way now, its stay has legs', () => {
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
  const [plan] = planStore(again).list();
  expect(plan?.plan.request).toMatchObject({ way: 'once', lowOven: 110 });
  expect(plan?.plan.legs.map(({ kind }) => kind)).toEqual(['sear', 'sear']);
  expect(cookStore(again).get(cook)?.plan.plan.cookSeconds).toBe(record.plan.cookSeconds);
  expect(cookStore(again).list().cooks).toHaveLength(1);
  again.close();
  remove();
});

it('explains a folder it cannot write and a file that is no book', () => {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'crustan-test-'));
  writeFileSync(path.join(folder, 'file'), 'in the way');
  expect(() => openBook(path.join(folder, 'file', 'book'), MIGRATIONS)).toThrow(
    /cannot be written; choose one/,
  );
  writeFileSync(path.join(folder, 'book.sqlite'), 'this is not a database, only words in a file');
  expect(() => openBook(folder, MIGRATIONS)).toThrow(/cannot be opened/);
  chmodSync(folder, 0o755);
  rmSync(folder, { recursive: true });
});

it('loads the demo once, with cooks that differ from their plans as kitchens do', () => {
  const { book, remove } = temporaryBook();
  loadDemo(book, T0);
  loadDemo(book, T0);
  const { cooks } = cookStore(book).list();
  expect(cooks.length).toBeGreaterThanOrEqual(8);
  expect(new Set(cooks.map((cook) => cook.id)).size).toBe(cooks.length);
  expect(planStore(book).list().length).toBeGreaterThanOrEqual(3);
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
