import os from 'node:os';
import { isIPv4 } from 'node:net';

/** The names and addresses a kitchen has on its network. */
export interface LanNames {
  /** Dotted names, in small letters. */
  readonly names: readonly string[];
  readonly addresses: readonly string[];
}

/** Networks a home or a restaurant is likely to have, the likelier first. */
const LIKELY = [/^192\.168\./, /^10\./, /^172\.(?:1[6-9]|2\d|3[01])\./] as const;

const likeliness = (address: string): number => {
  const at = LIKELY.findIndex((net) => net.test(address));
  return at === -1 ? LIKELY.length : at;
};

/**
 * Names of this machine on its network.
 * @param given names that were given to it besides its own
 */
export const lanNames = (
  given: readonly string[],
  hostname = os.hostname(),
  interfaces = os.networkInterfaces(),
): LanNames => {
  const own = hostname.toLowerCase().replace(/\.local$/, '');
  // Phones find a machine by its name where its system answers for it (mDNS).
  const names =
    own === 'localhost' || own === '' ? [] : own.includes('.') ? [own] : [`${own}.local`];
  const addresses = Object.values(interfaces)
    .flatMap((all) => all ?? [])
    .filter(({ internal, address }) => !internal && isIPv4(address))
    .map(({ address }) => address);
  return {
    names: [...new Set([...names, ...given.map((name) => name.toLowerCase())])],
    addresses: [...new Set(addresses)].toSorted((a, b) => likeliness(a) - likeliness(b)),
  };
};
