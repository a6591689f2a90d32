import http from 'node:http';
import https from 'node:https';
import type { AddressInfo } from 'node:net';
import type { Express } from 'express';
import {
  authorityIn,
  RENEWED_AT,
  serverCertificate,
  type Authority,
  type ServerCertificate,
} from './authority';
import { BOUNDED_SERVER, boundConnections } from './boundConnections';
import { lanNames, type LanNames } from './lanNames';
import { isPrivate } from './nameConstraints';
import type { Network } from './network';
import { welcomeApp } from './welcomeApp';

export interface LanOptions {
  readonly app: Express;
  readonly folder: string;
  /** Address it listens on: every one of the machine, or the loopback's in tests. */
  readonly host: string;
  readonly port: number;
  readonly welcomePort: number;
  /** Names besides the machine's own. */
  readonly hosts: readonly string[];
  readonly now: () => number;
  readonly say: (line: string) => void;
}

export interface Lan {
  readonly network: () => Network;
  /** Names and addresses it answers to. */
  readonly hosts: () => readonly string[];
  readonly stop: () => void;
}

/** Interval at which names, addresses and the certificate's end are checked, ms. */
const LOOKED_AT = 60_000;
const DAY = 86_400_000;
const listening = (
  server: http.Server | https.Server,
  port: number,
  host: string,
): Promise<number> =>
  new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, host, () => {
      server.off('error', reject);
      const address: AddressInfo | string | null = server.address();
      resolve(typeof address === 'object' && address ? address.port : port);
    });
  });

/** Hosts for which a certificate is signed. */
const hostsIn = ({ names, addresses }: LanNames): readonly string[] =>
  [...addresses, ...names, 'localhost', '127.0.0.1'].filter(isPrivate);

const sameHosts = (a: readonly string[], b: readonly string[]): boolean =>
  a.length === b.length && a.every((host) => b.includes(host));

/**
 * Puts a kitchen on its network: the app over TLS with a certificate of the kitchen's own authority, made
 * again before it ends and when names or addresses change, and the welcome page in the clear beside it.
 * @throws where a port is in use
 */
export const startLan = async (options: LanOptions): Promise<Lan> => {
  const { app, folder, host, now, say } = options;
  let found = lanNames(options.hosts);
  const authority: Authority = await authorityIn(folder, found.names[0] ?? 'at home', now());
  let hosts = hostsIn(found);
  let certificate: ServerCertificate = await serverCertificate(authority, hosts, now());
  const left = [...found.names, ...found.addresses].filter((name) => !isPrivate(name));
  if (left.length > 0) {
    say(`Not on ${left.join(', ')}: the kitchen’s authority signs only for private networks.`);
  }

  const server = https.createServer(
    { ...BOUNDED_SERVER, ...certificate, minVersion: 'TLSv1.2' },
    app,
  );
  boundConnections(server);
  const port = await listening(server, options.port, host);
  const welcome = http.createServer(
    BOUNDED_SERVER,
    welcomeApp({
      network: () => network(),
      answersTo: (name) => hosts.includes(name),
      certificate: () => Buffer.from(authority.certificate.rawData),
    }),
  );
  boundConnections(welcome);
  const welcomePort = await listening(welcome, options.welcomePort, host);

  const network = (): Network => {
    const shown = [...found.addresses, ...found.names].filter(isPrivate);
    const [first = '127.0.0.1'] = shown;
    return {
      addresses: (shown.length === 0 ? [first] : shown).map((name) => `https://${name}:${port}`),
      welcome: `http://${first}:${welcomePort}`,
    };
  };

  const renew = async (): Promise<void> => {
    found = lanNames(options.hosts);
    const next = hostsIn(found);
    const ends = certificate.endsAt - now() < RENEWED_AT * DAY;
    if (!ends && sameHosts(next, hosts)) return;
    certificate = await serverCertificate(authority, next, now());
    hosts = next;
    server.setSecureContext({ ...certificate, minVersion: 'TLSv1.2' });
  };
  const timer = setInterval(() => {
    renew().catch((error: unknown) => say(`The certificate was not renewed: ${String(error)}`));
  }, LOOKED_AT);
  timer.unref();

  return {
    network,
    hosts: () => hosts,
    stop: () => {
      clearInterval(timer);
      for (const one of [server, welcome]) {
        one.close();
        one.closeIdleConnections();
        setTimeout(() => one.closeAllConnections(), 300).unref();
      }
    },
  };
};
