import https from 'node:https';
import { Socket } from 'node:net';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from '@jest/globals';
import { problemSchema, PROBLEM_TYPES } from '@crustan/core/formats';
import { API, API_ROOT } from '../apiTable';
import { cookStore } from '../db/cookStore';
import { servedLan } from '../lan/servedLan';
import { newId, planRecord, T0 } from '../testing';
import { CODE_LASTS, MOST_WRONG, MOST_WRONG_OF_ADDRESS } from './pairingCodes';
import { isInTheClear } from './reach';

const { ask, pair, phones, codes, now, later, folder, book, authority, port, answers } =
  servedLan();
const FORM = { 'Content-Type': 'application/x-www-form-urlencoded' };
const filled = (where: string): string => where.replace('{id}', newId());
const form = (code: string, name = 'Phone') => ({
  method: 'POST',
  headers: FORM,
  body: new URLSearchParams({ code, name }).toString(),
});

describe('a phone on the network', () => {
  it('gets only the pairing page, and nothing of the API, before pairing', async () => {
    for (const { method, path: where } of API) {
      for (const root of [API_ROOT, `${API_ROOT}/v1`]) {
        const { status, text } = await ask(`${root}${filled(where)}`, {
          method: method.toUpperCase(),
        });
        expect(status).toBe(status === 429 ? 429 : 401);
        if (status === 401) {
          expect(problemSchema.parse(JSON.parse(text)).type).toBe(PROBLEM_TYPES.unpaired);
        }
      }
      later(60_000);
    }
    const opened = await ask('/', { headers: { Accept: 'text/html' } });
    if (opened.status !== 429) {
      expect([opened.status, opened.headers['location']]).toEqual([303, '/pair']);
    }
  });

  it('pairs with the shown code once, and its token is not in the file', async () => {
    const { answer, cookie, Cookie } = await pair();
    expect([answer.status, answer.headers['location']]).toEqual([303, '/']);
    expect(cookie).toMatch(/^__Host-crustan=.{43}; /);
    for (const trait of ['HttpOnly', 'Secure', 'SameSite=Strict', 'Path=/']) {
      expect(cookie).toContain(trait);
    }
    expect((await ask('/api/v1/me', { headers: { Cookie } })).text).toContain('"cook"');
    const kept = readFileSync(path.join(folder(), 'phones.json'), 'utf8');
    expect(kept).not.toContain(Cookie.split('=')[1]);
    expect((await ask('/api/v1/me', { headers: { Cookie: `${Cookie}x` } })).status).toBe(401);
  });

  it('ends a code after five minutes and after its use', async () => {
    const first = codes().issue('cook', now()).code;
    later(CODE_LASTS + 1);
    expect((await ask('/pair', form(first))).status).toBe(403);
    const used = await pair();
    expect(used.answer.status).toBe(303);
  });

  it('strangers who guess void no code: each address has a few tries, then a new code is shown', () => {
    const at = now();
    const { code } = codes().issue('watcher', at);
    const wrong = code === '000000' ? '000001' : '000000';
    for (let i = 0; i < MOST_WRONG_OF_ADDRESS; i += 1) {
      expect(codes().try(wrong, '10.0.0.66', at).kind).toBe('wrong');
    }
    expect(codes().try(wrong, '10.0.0.66', at).kind).toBe('blocked');
    expect(codes().try(code, '10.0.0.66', at).kind).toBe('blocked');
    expect(codes().current(at)?.code).toBe(code);
    for (let i = MOST_WRONG_OF_ADDRESS; i < MOST_WRONG; i += 1) {
      codes().try(wrong, `10.0.1.${i}`, at);
    }
    // The code that was guessed at is void, and the owner has the next one already.
    const next = codes().current(at);
    expect(next).toMatchObject({ role: 'watcher', endsAt: at + CODE_LASTS });
    expect(codes().try(next?.code ?? '', '10.0.0.7', at)).toEqual({
      kind: 'right',
      role: 'watcher',
    });
    expect(codes().current(at)).toBeUndefined();
  });

  it('one address has five tries in five minutes', async () => {
    codes().issue('cook', now());
    const tried: number[] = [];
    for (let i = 0; i < 7; i += 1) tried.push((await ask('/pair', form('12345'))).status);
    expect(tried).toEqual([400, 400, 400, 400, 400, 429, 429]);
  });

  it('has the rights of its role on every route, and no others', async () => {
    const cook = await pair('cook', 'Cook');
    const watcher = await pair('watcher', 'Watcher');
    const role = (status: number, text: string): boolean =>
      status === 403 && problemSchema.parse(JSON.parse(text)).type === PROBLEM_TYPES.role;
    for (const { method, path: where, who, stream } of API) {
      if (stream) continue;
      for (const [{ Cookie }, may] of [
        [cook, who !== 'owner'],
        [watcher, who === 'watcher'],
      ] as const) {
        const answer = await ask(`/api/v1${filled(where)}`, {
          method: method.toUpperCase(),
          headers: { Cookie },
        });
        expect([where, method, role(answer.status, answer.text)]).toEqual([where, method, !may]);
      }
    }
  });

  it('is refused a forbidden path in any spelling', async () => {
    const { Cookie } = await pair('watcher', 'Watcher');
    for (const where of [
      '/API/v1/phones',
      '/Api/plans',
      '/api/V1/phones',
      '/api/v1/Phones',
      '/api//v1/phones',
      '//api/v1/phones',
      '/api/v1/phones/',
      '/api/v1/../v1/phones',
      '/api/v1/unknown',
      '/api',
    ]) {
      const { status } = await ask(where, { headers: { Cookie } });
      expect([where, status]).toEqual([where, 403]);
    }
    for (const method of ['POST', 'PUT', 'DELETE']) {
      expect((await ask('/index.html', { method, headers: { Cookie } })).status).toBe(403);
    }
    // Another spelling of a path that the API does not have does not bypass it.
    const { status, text } = await ask('/%61pi/v1/phones', { headers: { Cookie } });
    expect([status, text.includes('By the stove')]).toEqual([404, false]);
  });

  it('refuses a foreign host name and a page of another site, paired or not', async () => {
    const { Cookie } = await pair();
    const rebound = await ask('/api/v1/plans', { headers: { Cookie, Host: 'evil.example' } });
    expect(rebound.status).toBe(421);
    const crossed = await ask(`/api/v1/cooks/${newId()}`, {
      method: 'DELETE',
      headers: { Cookie, 'Sec-Fetch-Site': 'cross-site' },
    });
    expect(crossed.status).toBe(403);
    const foreign = { ...form('123456'), headers: { ...FORM, Origin: 'https://evil.example' } };
    expect((await ask('/pair', foreign)).status).toBe(403);
  });

  it('loses its stream at once when revoked, and its next request is refused', async () => {
    const { Cookie } = await pair();
    const id = newId();
    cookStore(book()).start(id, planRecord(), T0);
    const [phone] = phones().all();
    const cut = new Promise<void>((resolve) => {
      https.get(
        {
          host: '127.0.0.1',
          port: port(),
          servername: 'kitchen.local',
          ca: authority(),
          path: `/api/v1/log/stream?follow=cook:${id}.0`,
          headers: { Cookie, Host: `kitchen.local:${port()}` },
        },
        (res) => {
          res.once('data', () => {
            expect(answers.streams(phone?.id ?? '')).toBe(1);
            phones().revoke(phone?.id ?? '');
            answers.cut(phone?.id ?? '');
          });
          res.once('close', resolve);
          res.once('error', () => undefined);
        },
      );
    });
    await cut;
    expect((await ask('/api/v1/me', { headers: { Cookie } })).status).toBe(401);
  });

  it('is rejected by a client that does not trust the authority', async () => {
    await expect(ask('/pair', { trusting: false })).rejects.toThrow(/certificate/);
  });

  it('gets no answer without TLS, with any token', () => {
    const clear = (remoteAddress: string): boolean => {
      const socket = new Socket();
      Object.defineProperty(socket, 'remoteAddress', { value: remoteAddress });
      return isInTheClear({ socket });
    };
    expect(['192.168.1.9', '::ffff:10.0.0.3', 'fe80::1'].map(clear)).toEqual([true, true, true]);
    expect(['127.0.0.1', '::1', '::ffff:127.0.0.1'].map(clear)).toEqual([false, false, false]);
  });
});
