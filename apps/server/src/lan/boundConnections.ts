import type http from 'node:http';
import type https from 'node:https';
import type { Socket } from 'node:net';

export interface ConnectionLimits {
  readonly all: number;
  readonly address: number;
  readonly handshake: number;
  readonly head: number;
  readonly whole: number;
  readonly silent: number;
  readonly idle: number;
  readonly checked: number;
}

/** Limits of a server's open connections. Times in ms. */
export const CONNECTION_LIMITS: ConnectionLimits = {
  /** Connections in all, and of one address: a browser opens six and a few streams. */
  all: 400,
  address: 40,
  /** TLS handshake, head of a request, whole request, silence, an idle connection after an answer. */
  handshake: 5000,
  head: 5000,
  whole: 15_000,
  silent: 20_000,
  idle: 10_000,
  /** Interval at which the limits on heads and bodies are checked, ms. */
  checked: 1000,
};

/** Options that a server is created with: they cannot be set later. */
export const BOUNDED_SERVER = {
  connectionsCheckingInterval: CONNECTION_LIMITS.checked,
  handshakeTimeout: CONNECTION_LIMITS.handshake,
} as const;

/**
 * Closes what is slow or silent, and refuses an address that has too many connections open; a stream of events speaks
 * every fifteen seconds.
 */
export const boundConnections = (
  server: http.Server | https.Server,
  { all, address, head, whole, silent, idle }: ConnectionLimits = CONNECTION_LIMITS,
): void => {
  server.headersTimeout = head;
  server.requestTimeout = whole;
  server.keepAliveTimeout = idle;
  server.setTimeout(silent);
  server.maxConnections = all;
  const open = new Map<string, number>();
  server.on('connection', (socket: Socket) => {
    const from = socket.remoteAddress ?? '';
    const count = (open.get(from) ?? 0) + 1;
    if (count > address) {
      socket.destroy();
      return;
    }
    open.set(from, count);
    // Node times a head from its first byte: a connection that sends none is timed here.
    const first = setTimeout(() => socket.bytesRead === 0 && socket.destroy(), head);
    socket.once('close', () => {
      clearTimeout(first);
      const left = (open.get(from) ?? 1) - 1;
      if (left === 0) open.delete(from);
      else open.set(from, left);
    });
  });
};
