import 'reflect-metadata';
import { chmodSync, existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { isIP } from 'node:net';
import path from 'node:path';
import { webcrypto } from 'node:crypto';
import * as x509 from '@peculiar/x509';
import { nameConstraints } from './nameConstraints';

x509.cryptoProvider.set(webcrypto);

const ALGORITHM = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' } as const;
const DAY = 86_400_000;
const YEARS = 10;
/** Validity of a server's certificate, days, and remaining days at which it is renewed. */
export const SERVER_DAYS = 90;
export const RENEWED_AT = 30;
/** A clock that is a little behind takes it too, ms. */
const EARLIER = DAY;

/** The kitchen's own certificate authority. */
export interface Authority {
  readonly certificate: x509.X509Certificate;
  readonly key: webcrypto.CryptoKey;
}

/** Key and certificates of a TLS server, PEM. */
export interface ServerCertificate {
  readonly cert: string;
  readonly key: string;
  /** ms since 1970. */
  readonly endsAt: number;
}

const serial = (): string =>
  Buffer.from(webcrypto.getRandomValues(new Uint8Array(16))).toString('hex');

const keyPem = async (key: webcrypto.CryptoKey): Promise<string> =>
  x509.PemConverter.encode(await webcrypto.subtle.exportKey('pkcs8', key), 'PRIVATE KEY');

const keyFrom = (pem: string): Promise<webcrypto.CryptoKey> =>
  webcrypto.subtle.importKey('pkcs8', x509.PemConverter.decodeFirst(pem), ALGORITHM, true, [
    'sign',
  ]);

/**
 * Creates the authority of a kitchen. It signs only for names of a private network: a phone that trusts it does not
 * trust it for any public site.
 */
const makeAuthority = async (name: string, now: number): Promise<Authority> => {
  const keys = await webcrypto.subtle.generateKey(ALGORITHM, true, ['sign', 'verify']);
  const certificate = await x509.X509CertificateGenerator.createSelfSigned({
    serialNumber: serial(),
    name: `CN=Crustan kitchen ${name}`,
    notBefore: new Date(now - EARLIER),
    notAfter: new Date(now + YEARS * 365 * DAY),
    signingAlgorithm: ALGORITHM,
    keys,
    extensions: [
      new x509.BasicConstraintsExtension(true, 0, true),
      new x509.KeyUsagesExtension(
        x509.KeyUsageFlags.keyCertSign | x509.KeyUsageFlags.cRLSign,
        true,
      ),
      nameConstraints(),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
    ],
  });
  return { certificate, key: keys.privateKey };
};

/**
 * The authority of a data folder, created at its first use and stored with owner-only permissions.
 * @throws if only the key or only the certificate exists: it is not replaced automatically, since phones trust it
 */
export const authorityIn = async (
  folder: string,
  name: string,
  now: number,
): Promise<Authority> => {
  const place = path.join(folder, 'authority');
  const [certFile, keyFile] = [
    path.join(place, 'authority.crt'),
    path.join(place, 'authority.key'),
  ];
  if (existsSync(certFile) || existsSync(keyFile)) {
    const certificate = new x509.X509Certificate(readFileSync(certFile, 'utf8'));
    return { certificate, key: await keyFrom(readFileSync(keyFile, 'utf8')) };
  }
  const made = await makeAuthority(name, now);
  mkdirSync(place, { recursive: true, mode: 0o700 });
  chmodSync(place, 0o700);
  // The key first: a certificate without its key would be trusted and of no use.
  writeFileSync(keyFile, await keyPem(made.key), { mode: 0o600, flush: true });
  writeFileSync(certFile, made.certificate.toString('pem'), { mode: 0o600, flush: true });
  return made;
};

/** Signs a certificate for a server of these names and addresses. */
export const serverCertificate = async (
  { certificate, key }: Authority,
  hosts: readonly string[],
  now: number,
): Promise<ServerCertificate> => {
  const keys = await webcrypto.subtle.generateKey(ALGORITHM, true, ['sign', 'verify']);
  const endsAt = Math.min(now + SERVER_DAYS * DAY, certificate.notAfter.getTime());
  const made = await x509.X509CertificateGenerator.create({
    serialNumber: serial(),
    subject: `CN=${hosts[0] ?? 'Crustan'}`,
    issuer: certificate.subject,
    notBefore: new Date(now - EARLIER),
    notAfter: new Date(endsAt),
    signingAlgorithm: ALGORITHM,
    publicKey: keys.publicKey,
    signingKey: key,
    extensions: [
      new x509.BasicConstraintsExtension(false, undefined, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.digitalSignature, true),
      new x509.ExtendedKeyUsageExtension([x509.ExtendedKeyUsage.serverAuth]),
      new x509.SubjectAlternativeNameExtension(
        hosts.map((value) => ({ type: isIP(value) === 0 ? 'dns' : 'ip', value })),
      ),
      await x509.AuthorityKeyIdentifierExtension.create(certificate.publicKey),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
    ],
  });
  return { cert: made.toString('pem'), key: await keyPem(keys.privateKey), endsAt };
};
