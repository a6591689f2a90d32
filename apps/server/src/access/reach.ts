import { TLSSocket } from 'node:tls';
import type { Request } from 'express';

const LOOPBACK = /^(?:127\.|::1$|::ffff:127\.)/;

/**
 * Whether a request is the owner's own: made on this machine, in the clear. Everything that comes over
 * TLS, or from another machine, comes over the network and must be paired.
 */
export const isOwners = ({ socket }: Pick<Request, 'socket'>): boolean =>
  !(socket instanceof TLSSocket) && LOOPBACK.test(socket.remoteAddress ?? '');

/** Whether a request can be overheard on the network: no phone is paired or known by it. */
export const isInTheClear = (req: Pick<Request, 'socket'>): boolean =>
  !isOwners(req) && !(req.socket instanceof TLSSocket);
