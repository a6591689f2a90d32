import { mkdirSync, mkdtempSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { runCommand } from '../commands';
import { MIGRATIONS, T0 } from '../testing';
import { MOST_PHONES, phoneList } from './phoneList';

let folder = '';
beforeEach(() => {
  folder = mkdtempSync(path.join(os.tmpdir(), 'crustan-phones-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

const told = async (
  ...args: string[]
): Promise<{ status: number | undefined; lines: string[] }> => {
  const lines: string[] = [];
  const say = (line: string): void => void lines.push(line);
  return { status: await runCommand(args, { folder, migrations: MIGRATIONS, say }), lines };
};

describe('the phones of a kitchen', () => {
  it('come back after a restart with names and roles, in a file that only the owner can read', () => {
    const first = phoneList(folder);
    const paired = first.pair('Stove', 'cook', T0);
    const { phone, token } = paired ?? { phone: undefined, token: '' };
    first.change(phone?.id ?? '', { name: 'By the window', role: 'watcher' });
    const again = phoneList(folder);
    expect(again.seen(token, T0 + 2000)).toMatchObject({ name: 'By the window', role: 'watcher' });
    expect(statSync(path.join(folder, 'phones.json')).mode & 0o077).toBe(0);
    expect(readdirSync(folder)).toEqual(['phones.json']);
    expect(again.seen('x'.repeat(43), T0)).toBeUndefined();
  });

  it('accepts a phone although the time of its last request cannot be stored', () => {
    const phones = phoneList(folder);
    const token = phones.pair('Stove', 'cook', T0)?.token ?? '';
    // A full disk: the file beside the list cannot be opened.
    mkdirSync(path.join(folder, 'phones.json.next'));
    expect(phones.seen(token, T0 + 3_600_000)).toMatchObject({ name: 'Stove' });
    expect(phones.all()[0]?.seenAt).toBe(T0 + 3_600_000);
    rmSync(path.join(folder, 'phones.json.next'), { recursive: true });
    expect(phoneList(folder).all()[0]?.seenAt).toBe(T0);
    phones.seen(token, T0 + 7_200_000);
    expect(phoneList(folder).all()[0]?.seenAt).toBe(T0 + 7_200_000);
  });

  it('can be read after a start with an unset clock', () => {
    const phones = phoneList(folder);
    const token = phones.pair('Stove', 'cook', 12_345)?.token ?? '';
    phones.seen(token, 99_999_999);
    expect(phoneList(folder).seen(token, T0)).toMatchObject({ name: 'Stove' });
  });

  it('stores the time of the last request to a minute', () => {
    const phones = phoneList(folder);
    const token = phones.pair('Stove', 'cook', T0)?.token ?? '';
    phones.seen(token, T0 + 59_000);
    expect(phones.all()[0]?.seenAt).toBe(T0);
    phones.seen(token, T0 + 61_000);
    expect(phoneList(folder).all()[0]?.seenAt).toBe(T0 + 61_000);
  });

  it('are at most fifty, and an invalid file is not an empty list', () => {
    const phones = phoneList(folder);
    for (let i = 0; i < MOST_PHONES; i += 1) {
      expect(phones.pair(`P${i}`, 'cook', T0)).toBeDefined();
    }
    expect(phones.pair('One more', 'cook', T0)).toBeUndefined();
    writeFileSync(path.join(folder, 'phones.json'), '{"phones":[{"id":1}]}');
    expect(() => phones.all()).toThrow();
    expect(() => phoneList(folder)).toThrow();
  });

  it('are listed and revoked from the command line, which a running server notices', async () => {
    const served = phoneList(folder);
    const token = served.pair('Stove', 'cook', T0)?.token ?? '';
    expect((await told('phones')).lines.join()).toContain('Stove');
    expect((await told('revoke', 'Nobody')).status).toBe(1);
    expect((await told('revoke', 'Stove')).status).toBe(0);
    expect(served.seen(token, T0)).toBeUndefined();
    expect((await told('phones')).lines).toEqual(['No phone is paired.']);
    expect((await told('--lan')).status).toBeUndefined();
    expect((await told('restore', path.join(folder, 'none.sqlite'))).status).toBe(1);
    expect((await told('remove')).status).toBe(1);
  });
});
