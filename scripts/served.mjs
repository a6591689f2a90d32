// Starts the built server as its own process, on a free port, for tests, pictures and benches.
import { spawn } from 'node:child_process';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import os from 'node:os';
import path from 'node:path';
import { ROOT } from './root.mjs';

export const freePort = () =>
  new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', reject);
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });

const healthy = async (url, child) => {
  for (let i = 0; i < 1200; i += 1) {
    if (child.exitCode !== null) throw new Error(`The server ended with ${child.exitCode}.`);
    try {
      if ((await fetch(`${url}/healthz`)).ok) return;
    } catch {
      // Not listening yet.
    }
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
  throw new Error('The server did not come up in a minute.');
};

/** On the network it comes a moment after the loopback. */
const onNetwork = async (url) => {
  for (let i = 0; i < 400; i += 1) {
    const { network } = await (await fetch(`${url}/api/v1/phones`)).json();
    if (network) return;
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
  throw new Error('The server did not come onto the network.');
};

/** The name of a kitchen on the network of tests, and of the demo's picture of one. */
export const LAN_NAME = 'kitchen.local';

/** @returns the address, the process, and a stop that also removes the data folder */
export const startServed = async ({ demo = false, data, port, lan = false } = {}) => {
  const folder = data ?? mkdtempSync(path.join(os.tmpdir(), 'crustan-'));
  // A data folder that has the demo's logbook: a server of the demo begins with a copy.
  const template = process.env.CRUSTAN_DEMO_TEMPLATE;
  if (demo && data === undefined && template !== undefined) {
    cpSync(template, folder, { recursive: true });
  }
  const at = port ?? (await freePort());
  const args = [
    path.join(ROOT, 'apps/server/dist/main.js'),
    ...(demo ? ['--demo'] : []),
    ...(lan ? ['--lan'] : []),
  ];
  const [lanPort, welcomePort] = lan ? [await freePort(), await freePort()] : [];
  const child = spawn(process.execPath, args, {
    stdio: ['ignore', 'ignore', 'inherit'],
    env: {
      ...process.env,
      CRUSTAN_PORT: String(at),
      CRUSTAN_DATA: folder,
      CRUSTAN_HOST: '127.0.0.1',
      ...(lan
        ? {
            CRUSTAN_LAN_HOST: '127.0.0.1',
            CRUSTAN_LAN_PORT: String(lanPort),
            CRUSTAN_WELCOME_PORT: String(welcomePort),
            CRUSTAN_HOSTS: LAN_NAME,
          }
        : {}),
    },
  });
  const url = `http://127.0.0.1:${at}`;
  await healthy(url, child);
  if (lan) await onNetwork(url);
  const ended = new Promise((resolve) => child.once('exit', resolve));
  const kill = async (signal = 'SIGTERM') => {
    child.kill(signal);
    await ended;
  };
  const stop = async () => {
    await kill();
    if (data === undefined) rmSync(folder, { recursive: true, force: true });
  };
  return { url, port: at, lanPort, welcomePort, folder, child, kill, stop };
};
