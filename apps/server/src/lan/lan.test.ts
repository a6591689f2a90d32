import http from 'node:http';
import { X509Certificate } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync, statSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import tls from 'node:tls';
import { describe, expect, it } from '@jest/globals';
import { authorityIn, serverCertificate, SERVER_DAYS } from './authority';
import { lanNames } from './lanNames';
import { isPrivate } from './nameConstraints';
import { servedLan } from './servedLan';

const { network, authority, port } = servedLan();

const get = (url: string, Host?: string): Promise<{ status: number; body: Buffer; type: string }> =>
  new Promise((resolve, reject) => {
    http
      .get(url, { headers: Host === undefined ? {} : { Host } }, (res) => {
        const chunks: Buffer[] = [];
        res.on('data', (chunk: Buffer) => chunks.push(chunk));
        res.once('end', () =>
          resolve({
            status: res.statusCode ?? 0,
            body: Buffer.concat(chunks),
            type: res.headers['content-type'] ?? '',
          }),
        );
      })
      .once('error', reject);
  });
const welcome = (where: string): string =>
  `http://127.0.0.1:${new URL(network()?.welcome ?? '').port}${where}`;

describe('the kitchen’s authority', () => {
  it('is created once, readable by its owner only, and signs a certificate that a trusting client accepts', async () => {
    const folder = mkdtempSync(path.join(os.tmpdir(), 'crustan-authority-'));
    try {
      const now = Date.now();
      const first = await authorityIn(folder, 'test', now);
      const again = await authorityIn(folder, 'test', now + 1000);
      expect(again.certificate.serialNumber).toBe(first.certificate.serialNumber);
      for (const [name, mode] of [
        ['authority', 0o700],
        ['authority/authority.key', 0o600],
      ] as const) {
        expect(statSync(path.join(folder, name)).mode & 0o777).toBe(mode);
      }
      const { cert, endsAt } = await serverCertificate(again, ['kitchen.local', '10.0.0.7'], now);
      const signed = new X509Certificate(cert);
      const own = new X509Certificate(
        readFileSync(path.join(folder, 'authority/authority.crt'), 'utf8'),
      );
      expect(signed.checkIssued(own) && signed.verify(own.publicKey)).toBe(true);
      expect(signed.checkHost('kitchen.local')).toBe('kitchen.local');
      expect(signed.checkIP('10.0.0.7')).toBe('10.0.0.7');
      expect(signed.ca).toBe(false);
      expect(own.ca).toBe(true);
      expect(endsAt).toBe(now + SERVER_DAYS * 86_400_000);
    } finally {
      rmSync(folder, { recursive: true, force: true });
    }
  });

  it('signs for private names and networks alone, and TLS holds it to that', async () => {
    expect(['kitchen.local', '192.168.1.9', '10.1.1.1', 'a.home.arpa'].every(isPrivate)).toBe(true);
    expect(['example.com', '8.8.8.8', 'local.example.com'].some(isPrivate)).toBe(false);
    const folder = mkdtempSync(path.join(os.tmpdir(), 'crustan-authority-'));
    const own = await authorityIn(folder, 'test', Date.now());
    const believed = async (host: string): Promise<boolean> => {
      const server = tls.createServer(await serverCertificate(own, [host], Date.now()));
      await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
      const address = server.address();
      const at = typeof address === 'object' && address ? address.port : 0;
      const found = await new Promise<boolean>((resolve) => {
        const ca = own.certificate.toString('pem');
        const socket = tls.connect({ host: '127.0.0.1', port: at, servername: host, ca }, () => {
          socket.end();
          resolve(true);
        });
        socket.once('error', () => resolve(false));
      });
      server.close();
      return found;
    };
    expect(await believed('kitchen.local')).toBe(true);
    expect(await believed('bank.example.com')).toBe(false);
    rmSync(folder, { recursive: true, force: true });
  });
});

const inside = (address: string, internal: boolean): os.NetworkInterfaceInfo => ({
  address,
  internal,
  netmask: '255.255.255.0',
  family: 'IPv4',
  mac: '00:00:00:00:00:00',
  cidr: null,
});

describe('a kitchen on its network', () => {
  it('shows its name and its most likely address', () => {
    const found = lanNames(['Cook.Home'], 'Range', {
      lo: [inside('127.0.0.1', true)],
      net: [inside('8.8.4.4', false), inside('10.0.0.4', false), inside('192.168.7.4', false)],
    });
    expect(found).toEqual({
      names: ['range.local', 'cook.home'],
      addresses: ['192.168.7.4', '10.0.0.4', '8.8.4.4'],
    });
  });

  it('welcomes in the clear with the way to trust it and the certificate, and nothing else', async () => {
    const page = await get(welcome('/'));
    expect(page.status).toBe(200);
    expect(page.body.toString()).toContain(network()?.addresses[0]);
    const certificate = await get(welcome('/crustan-kitchen.crt'));
    expect(certificate.type).toContain('application/x-x509-ca-cert');
    expect(new X509Certificate(certificate.body).fingerprint256).toBe(
      new X509Certificate(authority()).fingerprint256,
    );
    for (const where of ['/api/v1/plans', '/api/plans', '/pair', '/index.html', '/healthz']) {
      expect((await get(welcome(where))).status).toBe(404);
    }
    expect((await get(welcome('/'), 'evil.example')).status).toBe(421);
  });

  it('speaks nothing older than TLS 1.2', async () => {
    const old = new Promise((resolve, reject) => {
      const socket = tls.connect(
        { host: '127.0.0.1', port: Number(port()), maxVersion: 'TLSv1.1', minVersion: 'TLSv1' },
        () => resolve(undefined),
      );
      socket.once('error', reject);
    });
    await expect(old).rejects.toThrow();
  });
});
