// A kitchen on its network: paired clients on one cook, and what strangers, foreign names and other
// sites' pages are refused.
import https from 'node:https';
import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { build } from '../build.mjs';
import { startServed } from '../served.mjs';
import { askedSeed } from './seeded.mjs';

const CLIENTS = 20;
const PRESSES = 60;
const BETWEEN = 150;
const REQUESTS = 400;
const NAME = 'kitchen.local';

const share = (sorted, q) => sorted[Math.min(sorted.length - 1, Math.ceil(q * sorted.length) - 1)];
const rounded = (ms) => Math.round(ms * 10) / 10;

/** Asks a kitchen over TLS, as its phones do. */
const asking =
  ({ folder, lanPort }) =>
  (where, { method = 'GET', headers = {}, body, agent, onStream } = {}) =>
    new Promise((resolve, reject) => {
      const sent = https.request(
        {
          host: '127.0.0.1',
          port: lanPort,
          servername: NAME,
          ca: readFileSync(path.join(folder, 'authority/authority.crt')),
          path: where,
          method,
          agent,
          headers: { Host: `${NAME}:${lanPort}`, ...headers },
        },
        (res) => {
          if (onStream) {
            res.on('data', onStream);
            res.on('error', () => undefined);
            resolve({ status: res.statusCode, end: () => sent.destroy() });
            return;
          }
          let text = '';
          res.on('data', (chunk) => (text += chunk));
          res.on('end', () => resolve({ status: res.statusCode, headers: res.headers, text }));
        },
      );
      sent.on('error', reject);
      sent.end(body);
    });

const owners = async (url, where, method, body) =>
  (
    await fetch(`${url}/api/v1${where}`, {
      method,
      headers: { 'Content-Type': 'application/json' },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    })
  ).json();

const paired = async (ask, url, i) => {
  const { code } = await owners(url, '/phones/codes', 'POST', { role: 'cook' });
  const answer = await ask('/pair', {
    method: 'POST',
    headers: { 'Content-Type': 'application/x-www-form-urlencoded' },
    body: new URLSearchParams({ code, name: `Phone ${i}` }).toString(),
  });
  return answer.headers['set-cookie'][0].split(';')[0];
};

/** Every route of the API, its varying parts filled in. */
const routesOf = async (url) => {
  const { paths } = await owners(url, '/openapi.json', 'GET');
  return Object.entries(paths).flatMap(([where, operations]) =>
    Object.keys(operations).map((method) => ({
      method: method.toUpperCase(),
      where: `/api/v1${where.replace('{id}', randomUUID())}`,
    })),
  );
};

const REFUSALS = [401, 403, 421, 429];
const refused = async (ask, routes, headers) => {
  let count = 0;
  for (const { method, where } of routes) {
    const { status } = await ask(where, { method, headers });
    if (REFUSALS.includes(status)) count += 1;
  }
  return { refused: count, tried: routes.length };
};

export const benchLan = async () => {
  askedSeed();
  await build();
  const served = await startServed({ demo: true, lan: true });
  const lines = [];
  try {
    const { url } = served;
    const ask = asking(served);
    const cookies = [];
    for (let i = 0; i < CLIENTS; i += 1) cookies.push(await paired(ask, url, i));

    const agent = new https.Agent({ keepAlive: true });
    const took = [];
    for (let i = 0; i < REQUESTS; i += 1) {
      const began = performance.now();
      await ask('/api/v1/me', { headers: { Cookie: cookies[i % CLIENTS] }, agent });
      took.push(performance.now() - began);
    }

    const { plans } = await owners(url, '/plans', 'GET');
    const cook = randomUUID();
    await owners(url, `/cooks/${cook}`, 'PUT', {
      id: cook,
      startedAt: Date.now(),
      plan: { ...plans[0], id: randomUUID() },
    });
    const heard = new Map();
    for (const [i, Cookie] of cookies.entries()) {
      let rest = '';
      lines.push(
        await ask(`/api/v1/log/stream?follow=cook:${cook}.0`, {
          headers: { Cookie },
          onStream: (chunk) => {
            const at = performance.now();
            rest += chunk;
            const whole = rest.lastIndexOf('\n\n');
            if (whole === -1) return;
            for (const [, id] of rest.slice(0, whole).matchAll(/"id":"([0-9a-f-]{36})"/g)) {
              const by = heard.get(id);
              if (by && !by.has(i)) by.set(i, at);
            }
            rest = rest.slice(whole + 2);
          },
        }),
      );
    }
    const delays = [];
    for (let n = 0; n < PRESSES; n += 1) {
      const id = randomUUID();
      heard.set(id, new Map());
      const began = performance.now();
      const event = { id, kind: 'reading', at: Date.now(), celsius: 20 + n / 2 };
      await ask('/api/v1/log', {
        method: 'POST',
        headers: { Cookie: cookies[n % CLIENTS], 'Content-Type': 'application/json' },
        body: JSON.stringify({
          entries: [{ of: 'cook', stream: cook, device: `phone ${n % CLIENTS}`, event }],
        }),
        agent,
      });
      await new Promise((done) => setTimeout(done, BETWEEN));
      for (const at of heard.get(id).values()) delays.push(at - began);
    }
    agent.destroy();

    const routes = await routesOf(url);
    const Cookie = cookies[0];
    const changing = routes.filter(({ method }) => method !== 'GET');
    took.sort((a, b) => a - b);
    delays.sort((a, b) => a - b);
    return {
      pairedRequestMs: rounded(share(took, 0.5)),
      streamDelayMs: rounded(share(delays, 0.99)),
      heard: { of: PRESSES * CLIENTS, within: delays.length },
      followers: CLIENTS,
      strangersRefused: await refused(ask, routes, {}),
      rebindRefused: await refused(ask, routes, { Cookie, Host: 'rebound.example' }),
      crossSiteRefused: await refused(ask, changing, {
        Cookie,
        'Content-Type': 'text/plain',
        'Sec-Fetch-Site': 'cross-site',
      }),
    };
  } finally {
    lines.forEach(({ end }) => end());
    await served.stop();
  }
};
