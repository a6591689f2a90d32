import { TLSSocket } from 'node:tls';
import type { Request } from 'express';

const LOOPBACK = /^(?:127\.|::1$|::ffff:127\.)/;

/**
 * Whether a request is the owner's own: made on this machine, in the clear. Everything that comes over
 * TLS, or from another machine, comes over the network and must be paired.
 */
export const isOwners = ({ socket }: Pick<Request, 'socket'>): boolean =>
  !(socket instanceof TLSSocket) && LOOPBACK.test(socket.remoteAddress ?? '');
