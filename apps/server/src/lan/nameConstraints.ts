import { BlockList, isIPv4 } from 'node:net';
import { GeneralName, GeneralSubtree, GeneralSubtrees, NameConstraints } from '@peculiar/asn1-x509';
import { AsnConvert } from '@peculiar/asn1-schema';
import * as x509 from '@peculiar/x509';

const OID = '2.5.29.30';

/** Endings of names that are used on private networks: RFC 6762, RFC 8375, and common ones. */
const PRIVATE_NAMES = ['local', 'lan', 'home', 'home.arpa', 'internal', 'localhost'] as const;

/** Private, shared and loopback networks: RFC 1918, RFC 6598, RFC 3927, RFC 1122. */
const PRIVATE_NETS = [
  ['10.0.0.0', 8],
  ['172.16.0.0', 12],
  ['192.168.0.0', 16],
  ['100.64.0.0', 10],
  ['169.254.0.0', 16],
  ['127.0.0.0', 8],
] as const;

/** Name constraints (RFC 5280, 4.2.1.10) that restrict an authority to a private network. */
export const nameConstraints = (): x509.Extension => {
  const names = PRIVATE_NAMES.map((dNSName) => new GeneralName({ dNSName }));
  const nets = PRIVATE_NETS.map(([net, bits]) => new GeneralName({ iPAddress: `${net}/${bits}` }));
  const permittedSubtrees = new GeneralSubtrees(
    [...names, ...nets].map((base) => new GeneralSubtree({ base })),
  );
  const constraints = new NameConstraints({ permittedSubtrees });
  return new x509.Extension(OID, true, AsnConvert.serialize(constraints));
};

const nets = new BlockList();
for (const [net, bits] of PRIVATE_NETS) nets.addSubnet(net, bits);

/** Whether the authority may sign for a name or an address. */
export const isPrivate = (host: string): boolean => {
  if (isIPv4(host)) return nets.check(host);
  const name = host.toLowerCase();
  return PRIVATE_NAMES.some((end) => name === end || name.endsWith(`.${end}`));
};
