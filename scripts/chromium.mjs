// Debian's Chromium, found or installed; never a downloaded browser.
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync } from 'node:fs';
import path from 'node:path';
import { giveUp } from './root.mjs';

const CHROMIUM = process.env.CRUSTAN_CHROMIUM ?? '/usr/bin/chromium';

export const CHROMIUM_ARGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  // Metric units and a 24-hour clock, wherever the machine stands.
  '--accept-lang=en-GB',
  '--host-resolver-rules=MAP * ~NOTFOUND, EXCLUDE 127.0.0.1, EXCLUDE localhost',
];

/** Installs packages of Debian's, where this may. @returns whether they are there now */
const installed = (packages) => {
  if (process.getuid?.() !== 0) return false;
  process.stderr.write(`Installing Debian's ${packages[0]}.\n`);
  const apt = (args) =>
    spawnSync('apt-get', args, {
      stdio: ['ignore', 'ignore', 2],
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    }).status === 0;
  apt(['update', '-qq']);
  return apt(['install', '-y', '-qq', ...packages]);
};

export const ensureChromium = () => {
  if (existsSync(CHROMIUM)) return CHROMIUM;
  const mayInstall = process.env.CRUSTAN_CHROMIUM === undefined;
  if (mayInstall && installed(['chromium', 'fonts-liberation']) && existsSync(CHROMIUM)) {
    return CHROMIUM;
  }
  return giveUp(
    `No browser at ${CHROMIUM}; install Debian's chromium, or name one with CRUSTAN_CHROMIUM.`,
  );
};

const CERTUTIL = '/usr/bin/certutil';

/** A home folder whose Chromium trusts an authority, as a phone does after the welcome page. */
export const homeThatTrusts = (home, certificate) => {
  if (!existsSync(CERTUTIL) && !(installed(['libnss3-tools']) && existsSync(CERTUTIL))) {
    giveUp("No certutil; install Debian's libnss3-tools.");
  }
  const store = path.join(home, '.pki/nssdb');
  mkdirSync(store, { recursive: true });
  const certutil = (...args) => {
    const { status, stderr } = spawnSync(CERTUTIL, ['-d', `sql:${store}`, ...args], {
      encoding: 'utf8',
    });
    if (status !== 0) throw new Error(`certutil: ${stderr}`);
  };
  certutil('-N', '--empty-password');
  certutil('-A', '-t', 'C,,', '-n', 'kitchen', '-i', certificate);
  return home;
};
