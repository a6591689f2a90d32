import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import Database from 'better-sqlite3';
import {
  bookFileSchema,
  bookImportSchema,
  problemSchema,
  type BookImport,
} from '@crustan/core/formats';
import { z } from 'zod';
import { createApp } from './createApp';
import { cookStore } from './db/cookStore';
import { cleanUpImports } from './imports/bookImports';
import { fill } from './filledBook';
import { listening } from './listening';
import { JSON_TYPE, SQLITE_TYPE } from './servedBook';
import { MIGRATIONS, newId, planRecord, press, T0, temporaryBook } from './testing';

interface Running extends ReturnType<typeof temporaryBook> {
  readonly url: string;
  readonly stop: () => Promise<void>;
}

const running = async (): Promise<Running> => {
  const temporary = temporaryBook();
  const server = await listening(createApp({ migrations: MIGRATIONS, book: temporary.book }));
  return {
    ...temporary,
    url: `${server.url}/api/book`,
    stop: async () => {
      await server.stop();
      temporary.remove();
    },
  };
};

describe('the whole logbook as files', () => {
  let from: Running;
  let to: Running;
  beforeEach(async () => {
    from = await running();
    to = await running();
  });
  afterEach(async () => {
    await from.stop();
    await to.stop();
  });

  const text = async (where: string): Promise<string> => (await fetch(where)).text();
  const state = async (id: string): Promise<BookImport> =>
    bookImportSchema.parse(await (await fetch(`${to.url}/imports/${id}`)).json());
  /** Sends a file and waits until it has been read. */
  const send = async (body: string | Buffer): Promise<BookImport> => {
    const answer = await fetch(`${to.url}/imports`, { method: 'POST', body, headers: JSON_TYPE });
    expect(answer.status).toBe(202);
    const { id } = bookImportSchema.parse(await answer.json());
    for (;;) {
      const now = await state(id);
      if (!['receiving', 'checking'].includes(now.phase)) return now;
      await new Promise((done) => setTimeout(done, 20));
    }
  };
  const store = (id: string) => fetch(`${to.url}/imports/${id}/store`, { method: 'POST' });

  it('goes round exactly: written, read into an empty logbook, written again', async () => {
    fill(from);
    const first = await text(`${from.url}/book.json`);
    expect(bookFileSchema.parse(JSON.parse(first)).cooks).toHaveLength(3);
    const read = await send(first);
    expect(read).toMatchObject({
      phase: 'ready',
      cooks: 3,
      readings: 3,
      plans: 1,
      trials: 1,
      dishes: 1,
      services: 1,
      demand: 1,
      practice: 1,
      kitchen: true,
      problemCount: 0,
      truncated: false,
    });
    // Read, but in no list until it is wanted.
    expect(cookStore(to.book).list().found).toBe(0);
    expect((await store(read.id)).status).toBe(200);
    expect(await text(`${to.url}/book.json`)).toBe(first);
    // Read again, everything is there already.
    const again = await send(first);
    expect(again).toMatchObject({ cooks: 0, here: 3 });
    await store(again.id);
    expect(await text(`${to.url}/book.json`)).toBe(first);
    expect(readdirSync(path.join(to.folder, 'imports'))).toEqual([]);
  });

  it('stopped, leaves nothing, and the file that was cut off gives what is whole', async () => {
    fill(from, 6);
    const whole = await text(`${from.url}/book.json`);
    const read = await send(whole);
    const stopped = await fetch(`${to.url}/imports/${read.id}`, { method: 'DELETE' });
    expect(await stopped.json()).toMatchObject({ phase: 'stopped' });
    expect((await store(read.id)).status).toBe(409);
    const count = (table: string) =>
      to.book.sqlite.prepare(`select count(*) from ${table}`).pluck().get();
    expect([count('cooks'), count('log'), count('photos')]).toEqual([0, 0, 0]);

    const cut = await send(whole.slice(0, whole.length - 3000));
    expect(cut.phase).toBe('ready');
    expect(cut.truncated).toBe(true);
    expect(cut.cooks).toBeGreaterThan(0);
    expect(cut.cooks).toBeLessThan(6);
    await store(cut.id);
    expect(cookStore(to.book).list().found).toBe(cut.cooks);
  });

  it('stopped while it is read, says so once nothing is left of it', async () => {
    fill(from);
    const book = bookFileSchema.parse(JSON.parse(await text(`${from.url}/book.json`)));
    const [pattern] = book.cooks;
    const many = Array.from({ length: 1500 }, () => ({
      ...pattern,
      id: newId(),
      events: pattern?.events.map((event) => ({ ...event, id: newId() })),
    }));
    const answer = await fetch(`${to.url}/imports`, {
      method: 'POST',
      headers: JSON_TYPE,
      body: JSON.stringify({ ...book, cooks: many }),
    });
    const { id } = bookImportSchema.parse(await answer.json());
    // A second file waits for the first.
    expect(
      (await fetch(`${to.url}/imports`, { method: 'POST', body: '{}', headers: JSON_TYPE })).status,
    ).toBe(409);
    const stopped = await fetch(`${to.url}/imports/${id}`, { method: 'DELETE' });
    const { phase, cooks } = bookImportSchema.parse(await stopped.json());
    expect(phase).toBe('stopped');
    expect(cooks).toBeLessThan(1500);
    expect(to.book.sqlite.prepare('select count(*) from cooks').pluck().get()).toBe(0);
    expect(readdirSync(path.join(to.folder, 'imports'))).toEqual([]);
  });

  it('drops at the next start what an import had brought when the server was killed', async () => {
    fill(from);
    const read = await send(await text(`${from.url}/book.json`));
    expect(read.phase).toBe('ready');
    cleanUpImports(to.book);
    expect(to.book.sqlite.prepare('select count(*) from log').pluck().get()).toBe(0);
  });

  it('names every part it leaves out, and takes the others', async () => {
    fill(from);
    const book = bookFileSchema.parse(JSON.parse(await text(`${from.url}/book.json`)));
    const [one, two, three] = book.cooks;
    const mixed = {
      ...book,
      plans: [...book.plans, { title: 'Half a plan' }],
      cooks: [
        { ...one, events: [{ id: newId(), kind: 'reading', at: T0, celsius: 400 }] },
        two,
        { ...three, plan: { ...three?.plan, title: '' } },
        'words',
      ],
    };
    const read = await send(JSON.stringify(mixed));
    expect(read).toMatchObject({ phase: 'ready', cooks: 1, problemCount: 4 });
    expect(read.problems[1]?.where).toBe('cooks[0], “Cook 0”');
    expect(read.problems[1]?.why).toContain('-5 to 120 C');
    expect(read.problems[0]?.where).toBe('plans[1], “Half a plan”');
  });

  it.each([
    ['nothing at all', '', /empty/],
    ['words', 'Dear diary, tonight', /not JSON/],
    ['another format', '{"format":"tea/1","plans":[],"trials":[],"cooks":[]}', /“tea\/1”/],
    ['a list', '[1,2,3]', /says nothing/],
    ['what is nested without end', `{"cooks":[${'['.repeat(60)}${']'.repeat(60)}]}`, /nested/],
    ['bytes of another code', Buffer.from([0x7b, 0x22, 0xe9, 0x22, 0x7d]), /UTF-8/],
    ['UTF-16', Buffer.from('\uFEFF{"format":"crustan-book/1"}', 'utf16le'), /UTF-16/],
  ])('refuses %s with a word, and holds nothing of it', async (_what, body, why) => {
    const read = await send(body);
    expect(read.phase).toBe('refused');
    expect(read.refusal).toMatch(why);
    expect(readdirSync(path.join(to.folder, 'imports'))).toEqual([]);
  });

  it('writes tables that no spreadsheet takes for formulas', async () => {
    const [first] = fill(from);
    const bytes = new Uint8Array(await (await fetch(`${from.url}/cooks.csv`)).arrayBuffer());
    // Marked as UTF-8: spreadsheets take it for their own code page otherwise.
    expect([...bytes.subarray(0, 3)]).toEqual([0xef, 0xbb, 0xbf]);
    const cooks = new TextDecoder().decode(bytes);
    expect(cooks).toContain('"\'-2 degrees, ""quoted""\nand a second line"');
    expect(cooks.split('started').length).toBe(2);
    const readings = await text(`${from.url}/readings.csv`);
    expect(readings.trim().split('\n')).toHaveLength(4);
    expect(readings).toContain(`${first},2026-03-01T18:03:20.000Z,200,31.25,probe`);
  });

  it('backs up while it runs, and puts a backup in place of the logbook while it runs', async () => {
    const ids = fill(from);
    const backup = Buffer.from(await (await fetch(`${from.url}/backup`)).arrayBuffer());
    expect(backup.subarray(0, 15).toString()).toBe('SQLite format 3');
    cookStore(to.book).start(newId(), planRecord('Was here before'), T0);
    const restored = await fetch(`${to.url}/backup`, {
      method: 'PUT',
      body: backup,
      headers: SQLITE_TYPE,
    });
    expect(restored.status).toBe(200);
    const { cooks, before } = z
      .object({ cooks: z.number(), before: z.string() })
      .parse(await restored.json());
    expect(cooks).toBe(3);
    // The same server continues with the other logbook; the former one is kept beside it.
    expect(await text(`${to.url}/book.json`)).toBe(await text(`${from.url}/book.json`));
    cookStore(to.book).addEvents(ids[0] ?? '', [press('turned', 100)], T0);
    const former = new Database(path.join(to.folder, before), { readonly: true });
    expect(former.prepare('select title from cooks').pluck().all()).toEqual(['Was here before']);
    former.close();
  });

  it('discards an unfinished import at a restore', async () => {
    fill(from);
    const read = await send(await text(`${from.url}/book.json`));
    const backup = Buffer.from(await (await fetch(`${to.url}/backup`)).arrayBuffer());
    expect(
      (await fetch(`${to.url}/backup`, { method: 'PUT', body: backup, headers: SQLITE_TYPE }))
        .status,
    ).toBe(200);
    expect((await store(read.id)).status).toBe(409);
    // The backup was made while cooks of the import lay beside the logbook: they are not in it.
    expect(cookStore(to.book).list().found).toBe(0);
    expect(to.book.sqlite.prepare('select count(*) from cooks').pluck().get()).toBe(0);
  });

  it('restores nothing that is no backup', async () => {
    fill(to);
    const kept = await text(`${to.url}/book.json`);
    const other = path.join(from.folder, 'other.sqlite');
    const strange = new Database(other);
    strange.exec('create table tea (leaves text)');
    strange.close();
    const backup = Buffer.from(await (await fetch(`${from.url}/backup`)).arrayBuffer());
    const later = path.join(from.folder, 'later.sqlite');
    writeFileSync(later, backup);
    const newer = new Database(later);
    newer.exec("insert into __drizzle_migrations (hash, created_at) values ('later', 9e12)");
    newer.close();
    for (const [body, why] of [
      [Buffer.from('only words'), /not a SQLite file/],
      [readFileSync(other), /no cooks/],
      [readFileSync(later), /later Crustan/],
      [backup.subarray(0, 9000), /damaged|not a SQLite/],
    ] as const) {
      const answer = await fetch(`${to.url}/backup`, { method: 'PUT', body, headers: SQLITE_TYPE });
      expect(answer.status).toBe(400);
      expect(problemSchema.parse(await answer.json()).detail).toMatch(why);
    }
    expect(await text(`${to.url}/book.json`)).toBe(kept);
    expect(existsSync(path.join(to.folder, 'book.sqlite'))).toBe(true);
  });
});
