import { connect, type Socket } from 'node:net';
import { afterEach, describe, expect, it } from '@jest/globals';
import express, { type Response } from 'express';
import { writeOn } from './imports/writeOn';
import { listening } from './listening';

/** Far more than the sockets between writer and reader hold, bytes. */
const PIECE = 'x'.repeat(1_000_000);
const PIECES = 24;

/** Writes the pieces to a reader that has asked but reads nothing yet. */
const toSlowReader = async (each: (res: Response) => void) => {
  let wrote: (went: readonly boolean[]) => void;
  const written = new Promise<readonly boolean[]>((done) => (wrote = done));
  const app = express().get('/', (_req, res, next) => {
    const write = async (): Promise<void> => {
      const went: boolean[] = [];
      for (let i = 0; i < PIECES; i += 1) {
        went.push(await writeOn(res, PIECE));
        each(res);
      }
      res.end();
      wrote(went);
    };
    write().catch(next);
  });
  const server = await listening(app);
  const socket: Socket = connect(server.port, '127.0.0.1');
  socket.pause();
  socket.write('GET / HTTP/1.1\r\nHost: here\r\nConnection: close\r\n\r\n');
  return { socket, written, stop: server.stop };
};

describe('writing to a slow reader', () => {
  const open: Awaited<ReturnType<typeof toSlowReader>>[] = [];
  afterEach(async () => {
    for (const { socket, stop } of open.splice(0)) {
      socket.destroy();
      await stop();
    }
  });
  const slowReader = async (each: (res: Response) => void = () => undefined) => {
    const reader = await toSlowReader(each);
    open.push(reader);
    return reader;
  };

  it('waits for it, writes every byte and leaves no listener behind', async () => {
    const left: number[] = [];
    const { socket, written } = await slowReader((res) =>
      left.push(res.listenerCount('close') + res.listenerCount('drain')),
    );
    let read = 0;
    socket.on('data', (chunk) => (read += chunk.length));
    const ended = new Promise((done) => socket.once('end', done));
    socket.resume();
    expect((await written).every(Boolean)).toBe(true);
    await ended;
    expect(read).toBeGreaterThan(PIECE.length * PIECES);
    expect(new Set(left).size).toBe(1);
  });

  it('ends once the reader has gone away', async () => {
    const { socket, written } = await slowReader();
    setTimeout(() => socket.destroy(), 50);
    expect((await written).at(-1)).toBe(false);
  });
});
