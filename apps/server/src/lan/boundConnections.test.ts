import http from 'node:http';
import net from 'node:net';
import { afterEach, describe, expect, it } from '@jest/globals';
import { boundConnections, CONNECTION_LIMITS } from './boundConnections';

const LIMITS = { ...CONNECTION_LIMITS, address: 8, head: 500, whole: 1200, checked: 100 };
const open: net.Socket[] = [];
let server: http.Server | undefined;
afterEach(() => {
  for (const socket of open.splice(0)) socket.destroy();
  server?.closeAllConnections();
  server?.close();
});

const started = async (): Promise<number> => {
  server = http.createServer({ connectionsCheckingInterval: LIMITS.checked }, (req, res) => {
    req.on('end', () => res.end('ok'));
    req.resume();
  });
  boundConnections(server, LIMITS);
  await new Promise<void>((done) => server?.listen(0, '127.0.0.1', done));
  const address = server.address();
  return typeof address === 'object' && address ? address.port : 0;
};
/** The time after which a connection counts as left open, ms: a busy machine closes late. */
const LEFT_OPEN = 20_000;
/** A connection, and how long after its opening it was closed, ms; undefined: it was left open. */
const connected = (port: number, say = '') => {
  const began = performance.now();
  const socket = net.connect(port, '127.0.0.1', () => socket.write(say));
  socket.on('error', () => undefined);
  // An answer that nobody reads (a 408) would keep the socket from closing.
  socket.resume();
  open.push(socket);
  const closed = new Promise<number | undefined>((done) => {
    socket.once('close', () => done(performance.now() - began));
    setTimeout(() => done(undefined), LEFT_OPEN).unref();
  });
  return { socket, closed };
};

describe('the connections of a server on the network', () => {
  it('are limited per address; a closed one makes room', async () => {
    const port = await started();
    const all = Array.from({ length: 30 }, () => connected(port));
    await Promise.all(all.slice(LIMITS.address).map(({ closed }) => closed));
    const refused = all.filter(({ socket }) => socket.destroyed);
    expect(refused).toHaveLength(30 - LIMITS.address);
    for (const { socket } of all) socket.destroy();
    await Promise.all(all.map(({ closed }) => closed));
    const answer = await fetch(`http://127.0.0.1:${port}/`);
    expect(await answer.text()).toBe('ok');
  });

  it('close within seconds without a header or with a slow body', async () => {
    const port = await started();
    const silent = connected(port);
    const dripping = connected(port, 'POST / HTTP/1.1\r\nHost: a\r\nContent-Length: 1000\r\n\r\n');
    const drip = setInterval(() => dripping.socket.write('x'), 100);
    const [head, whole] = await Promise.all([silent.closed, dripping.closed]);
    clearInterval(drip);
    expect(head).toBeGreaterThan(LIMITS.head - LIMITS.checked);
    expect(whole).toBeGreaterThan(LIMITS.whole - 2 * LIMITS.checked);
  }, 30_000);

  it('have limits of seconds', () => {
    const { handshake, head, whole } = CONNECTION_LIMITS;
    expect(Math.max(handshake, head)).toBeLessThanOrEqual(10_000);
    expect(whole).toBeLessThanOrEqual(20_000);
  });
});
