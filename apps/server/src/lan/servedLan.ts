import { readFileSync } from 'node:fs';
import https from 'node:https';
import path from 'node:path';
import { afterEach, beforeEach } from '@jest/globals';
import { openAnswers } from '../access/openAnswers';
import { pairingCodes, type PairingCodes } from '../access/pairingCodes';
import { phoneList, type PhoneList } from '../access/phoneList';
import { createApp } from '../createApp';
import { MIGRATIONS, T0, temporaryBook } from '../testing';
import { startLan, type Lan } from './startLan';

export interface LanAnswer {
  readonly status: number;
  readonly headers: Readonly<Record<string, string | readonly string[] | undefined>>;
  readonly text: string;
}

interface Asked {
  readonly method?: string;
  readonly headers?: Readonly<Record<string, string>>;
  readonly body?: string;
  /** The port and trust of the welcome page or the app. */
  readonly trusting?: boolean;
}

/** A kitchen on its network, on the loopback of this machine, for every test of a file. */
export const servedLan = () => {
  let temporary: ReturnType<typeof temporaryBook>;
  let lan: Lan | undefined;
  let phones: PhoneList;
  let codes: PairingCodes;
  let time = T0;
  const answers = openAnswers();
  beforeEach(async () => {
    temporary = temporaryBook();
    time = Date.now();
    phones = phoneList(temporary.folder);
    codes = pairingCodes();
    const app = createApp({
      book: temporary.book,
      migrations: MIGRATIONS,
      lanHosts: () => lan?.hosts() ?? [],
      access: { phones, codes, answers, network: () => lan?.network() },
      now: () => time,
    });
    lan = await startLan({
      app,
      folder: temporary.folder,
      host: '127.0.0.1',
      port: 0,
      welcomePort: 0,
      hosts: ['kitchen.local'],
      now: () => time,
      say: () => undefined,
    });
  });
  afterEach(() => {
    lan?.stop();
    temporary.remove();
  });
  const authority = (): string =>
    readFileSync(path.join(temporary.folder, 'authority/authority.crt'), 'utf8');
  const port = (): string => new URL(lan?.network().addresses[0] ?? '').port;

  const ask = (
    where: string,
    { method = 'GET', headers = {}, body, trusting = true }: Asked = {},
  ): Promise<LanAnswer> =>
    new Promise((resolve, reject) => {
      const sent = https.request(
        {
          host: '127.0.0.1',
          port: port(),
          servername: 'kitchen.local',
          path: where,
          method,
          headers: { Host: `kitchen.local:${port()}`, ...headers },
          ...(trusting ? { ca: authority() } : {}),
        },
        (res) => {
          const chunks: Buffer[] = [];
          res.on('data', (chunk: Buffer) => chunks.push(chunk));
          res.once('error', reject);
          res.once('end', () =>
            resolve({
              status: res.statusCode ?? 0,
              headers: res.headers,
              text: Buffer.concat(chunks).toString(),
            }),
          );
        },
      );
      sent.once('error', reject);
      sent.end(body);
    });

  const pair = async (role: 'cook' | 'watcher' = 'cook', name = 'By the stove') => {
    const { code } = codes.issue(role, time);
    const answer = await ask('/pair', {
      method: 'POST',
      headers: { 'Content-Type': 'application/x-www-form-urlencoded' },
      body: new URLSearchParams({ code, name }).toString(),
    });
    const cookie = [answer.headers['set-cookie'] ?? []].flat().at(0) ?? '';
    return { answer, cookie, Cookie: cookie.split(';')[0] ?? '' };
  };

  return {
    ask,
    pair,
    authority,
    port,
    answers,
    phones: () => phones,
    codes: () => codes,
    network: () => lan?.network(),
    folder: () => temporary.folder,
    book: () => temporary.book,
    now: () => time,
    later: (ms: number) => {
      time += ms;
    },
  };
};
