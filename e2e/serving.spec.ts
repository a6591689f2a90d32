import { spawn } from 'node:child_process';
import { mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { cookRecordSchema } from '@crustan/core/formats';
import { startServed } from '../scripts/served.mjs';
import { expect, test } from './kitchen';

const serverLine = async (
  env: Readonly<Record<string, string>>,
): Promise<{ readonly code: number | null; readonly said: string }> => {
  const child = spawn(process.execPath, ['apps/server/dist/main.js'], {
    env: { ...process.env, ...env },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let said = '';
  child.stderr.on('data', (part: Buffer) => (said += part.toString()));
  const code = await new Promise<number | null>((resolve) => child.once('exit', resolve));
  return { code, said };
};

test(
  'a port or a folder in use, a folder it cannot write, a port that is none: one plain line',
  { tag: '@deep' },
  async ({ own }) => {
    const another = mkdtempSync(path.join(os.tmpdir(), 'crustan-other-'));
    const inUse = await serverLine({ CRUSTAN_PORT: String(own.port), CRUSTAN_DATA: another });
    rmSync(another, { recursive: true });
    const taken = await serverLine({ CRUSTAN_PORT: '0', CRUSTAN_DATA: own.folder });
    expect(taken.code).toBe(1);
    expect(taken.said).toMatch(/^Another Crustan has the data folder .* open; stop it, or .*\n$/);
    expect(inUse).toEqual({
      code: 1,
      said: `Port ${own.port} is in use; stop what holds it, or choose another with CRUSTAN_PORT.\n`,
    });
    const file = path.join(own.folder, 'a-file');
    writeFileSync(file, '');
    const unwritable = await serverLine({
      CRUSTAN_PORT: '0',
      CRUSTAN_DATA: path.join(file, 'book'),
    });
    expect(unwritable.code).toBe(1);
    expect(unwritable.said).toMatch(/^The data folder .* is not writable; choose another\.\n$/);
    const noPort = await serverLine({ CRUSTAN_PORT: 'stove', CRUSTAN_DATA: own.folder });
    expect(noPort).toEqual({
      code: 1,
      said: 'CRUSTAN_PORT is "stove"; it must be a port from 1 to 65535.\n',
    });
  },
);

test('serves itself compressed, and only what is there', async ({ own }) => {
  const page = await fetch(own.url);
  expect(page.headers.get('content-security-policy')).toContain("script-src 'self'");
  const script = /src="([^"]+\.js)"/.exec(await page.text())?.[1] ?? '';
  const asked = await fetch(own.url + script, { headers: { 'Accept-Encoding': 'br' } });
  expect(asked.headers.get('content-encoding')).toBe('br');
  expect(asked.headers.get('cache-control')).toContain('immutable');
  expect((await fetch(`${own.url}/_expo/static/js/web/none.js`)).status).toBe(404);
  expect((await fetch(`${own.url}/book/anything`)).status).toBe(200);
  expect((await fetch(`${own.url}/../package.json`)).status).toBe(404);
});

test(
  'killed after every press, it has every press it acknowledged',
  { tag: '@deep' },
  async ({ demo }) => {
    const plans = await (await fetch(`${demo.url}/api/plans`)).json();
    let served = await startServed();
    const id = crypto.randomUUID();
    const send = async (method: string, where: string, body: unknown): Promise<void> => {
      const answer = await fetch(served.url + where, {
        method,
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify(body),
      });
      expect(answer.status).toBe(200);
      await served.kill('SIGKILL');
      served = await startServed({ data: served.folder, port: served.port });
    };
    try {
      await send('PUT', `/api/cooks/${id}`, { id, startedAt: Date.now(), plan: plans.plans[0] });
      const kinds = ['started', 'pan-on', 'in', 'turned', 'turned', 'pulled', 'sliced'];
      for (const kind of kinds) {
        const event = { id: crypto.randomUUID(), kind, at: Date.now() };
        await send('POST', `/api/cooks/${id}/events`, { events: [event] });
      }
      await send('PUT', `/api/cooks/${id}/judgement`, { crust: 'golden', notes: 'kept' });
      const answer = await fetch(`${served.url}/api/cooks/${id}`);
      const cook = cookRecordSchema.parse(await answer.json());
      expect(cook.events.map(({ kind }) => kind)).toEqual(kinds);
      expect(cook.judgement).toEqual({ crust: 'golden', notes: 'kept' });
    } finally {
      await served.kill('SIGKILL');
    }
  },
);

test(
  'a restore that is killed at any moment leaves one whole logbook, the old or the new',
  { tag: '@deep' },
  async ({ demo }) => {
    test.slow();
    const backup = Buffer.from(await (await fetch(`${demo.url}/api/book/backup`)).arrayBuffer());
    const inDemo = (await (await fetch(`${demo.url}/api/cooks`)).json()).found;
    let served = await startServed();
    const seen = new Set<number>();
    const DONE = 0;
    try {
      for (const after of [5, 40, 80, 120, 160, 200, 250, 300, 400, 700, DONE]) {
        const sending = fetch(`${served.url}/api/book/backup`, {
          method: 'PUT',
          headers: { 'Content-Type': 'application/vnd.sqlite3' },
          body: backup,
        }).catch(() => undefined);
        const killed = new Promise((done) => setTimeout(done, after));
        // The last one is killed once it has said that it is done.
        await (after === DONE ? sending : killed);
        await served.kill('SIGKILL');
        await sending;
        served = await startServed({ data: served.folder, port: served.port });
        const { found } = await (await fetch(`${served.url}/api/cooks`)).json();
        expect([0, inDemo]).toContain(found);
        seen.add(found);
        expect(readdirSync(served.folder)).not.toContain('book.next.sqlite');
      }
      expect(seen.has(inDemo)).toBe(true);
    } finally {
      await served.kill('SIGKILL');
    }
  },
);
