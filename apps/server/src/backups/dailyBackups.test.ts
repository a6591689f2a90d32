import { existsSync, readdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from '@jest/globals';
import { runCommand } from '../commands';
import { cookStore } from '../db/cookStore';
import { openBook } from '../db/openBook';
import { MIGRATIONS, newId, planRecord, T0, temporaryBook } from '../testing';
import { dailyBackups } from './dailyBackups';

const DAY = 86_400_000;

describe('daily backups', () => {
  it('are made daily, limited in number, and restored from the command line', async () => {
    const { book, folder, remove } = temporaryBook();
    let now = T0;
    const said: string[] = [];
    const say = (line: string): void => void said.push(line);
    const backups = dailyBackups(book, { kept: 3, migrations: MIGRATIONS, now: () => now, say });
    const names = (): readonly string[] => readdirSync(path.join(folder, 'backups')).toSorted();
    await backups.make();
    const cook = newId();
    cookStore(book).start(cook, planRecord(), T0);
    for (let day = 1; day < 5; day += 1) {
      now = T0 + day * DAY;
      const file = await backups.make();
      expect(file !== undefined && existsSync(file)).toBe(true);
      expect(await backups.make()).toBeUndefined();
    }
    backups.stop();
    expect(names()).toEqual(
      [2, 3, 4].map((day) => `book-${new Date(T0 + day * DAY).toISOString().slice(0, 10)}.sqlite`),
    );
    expect(said).toEqual([]);

    cookStore(book).start(newId(), planRecord('After it'), T0);
    book.close();
    const file = path.join(folder, 'backups', names()[0] ?? '');
    const options = { folder, migrations: MIGRATIONS, say };
    expect(await runCommand(['restore', file], options)).toBe(0);
    const again = openBook(folder, MIGRATIONS);
    expect(cookStore(again).has(cook)).toBe(true);
    expect(cookStore(again).recent(10)).toHaveLength(0);
    again.close();
    remove();
  });

  it('survive files of a clock that ran ahead, and are not made with an unset clock', async () => {
    const { book, folder, remove } = temporaryBook();
    let now = T0;
    const said: string[] = [];
    const say = (line: string): void => void said.push(line);
    const backups = dailyBackups(book, { kept: 3, migrations: MIGRATIONS, now: () => now, say });
    await backups.make();
    const inFolder = path.join(folder, 'backups');
    for (const year of [2097, 2098, 2099]) {
      writeFileSync(path.join(inFolder, `book-${year}-01-01.sqlite`), 'ahead');
    }
    for (let day = 1; day < 4; day += 1) {
      now = T0 + day * DAY;
      await backups.make();
    }
    backups.stop();
    expect(readdirSync(inFolder).toSorted()).toEqual(
      [1, 2, 3].map((day) => `book-${new Date(T0 + day * DAY).toISOString().slice(0, 10)}.sqlite`),
    );
    now = 12_345;
    await expect(backups.make()).rejects.toThrow('clock');
    book.close();
    remove();
  });

  it('none are made where none are wanted', async () => {
    const { book, folder, remove } = temporaryBook();
    const say = (): void => undefined;
    const none = dailyBackups(book, { kept: 0, migrations: MIGRATIONS, now: () => T0, say });
    expect(await none.make()).toBeUndefined();
    none.stop();
    expect(existsSync(path.join(folder, 'backups'))).toBe(false);
    remove();
  });
});
