// Debian's Chromium, found or installed; never a downloaded browser.
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { giveUp } from './root.mjs';

const CHROMIUM = process.env.CRUSTAN_CHROMIUM ?? '/usr/bin/chromium';

export const CHROMIUM_ARGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--host-resolver-rules=MAP * ~NOTFOUND, EXCLUDE 127.0.0.1, EXCLUDE localhost',
];

export const ensureChromium = () => {
  if (existsSync(CHROMIUM)) return CHROMIUM;
  if (process.env.CRUSTAN_CHROMIUM === undefined && process.getuid?.() === 0) {
    process.stderr.write("Installing Debian's Chromium.\n");
    const apt = (args) =>
      spawnSync('apt-get', args, {
        stdio: ['ignore', 'ignore', 2],
        env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
      }).status === 0;
    apt(['update', '-qq']);
    if (apt(['install', '-y', '-qq', 'chromium', 'fonts-liberation']) && existsSync(CHROMIUM)) {
      return CHROMIUM;
    }
  }
  return giveUp(
    `No browser at ${CHROMIUM}; install Debian's chromium, or name one with CRUSTAN_CHROMIUM.`,
  );
};
