import { EventEmitter } from 'node:events';
import { afterEach, beforeEach, describe, expect, it, jest } from '@jest/globals';
import express from 'express';
import http from 'node:http';
import { openStream, type EventStream } from './sse';

describe('a stream of events', () => {
  beforeEach(() => {
    jest.useFakeTimers({ doNotFake: ['nextTick', 'setImmediate', 'queueMicrotask'] });
  });
  afterEach(() => {
    jest.useRealTimers();
  });

  it('lets a page go that has read nothing for a minute', async () => {
    const opened = new EventEmitter();
    const app = express();
    app.get('/', (req, res) => {
      opened.emit(
        'stream',
        openStream(req, res, () => opened.emit('closed')),
      );
    });
    const server = http.createServer(app);
    await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
    const address = server.address();
    if (address === null || typeof address === 'string') throw new Error('a port');
    const streams = new Promise<EventStream>((done) => opened.once('stream', done));
    const page = http.get({ port: address.port, host: '127.0.0.1' }, (res) => res.pause());
    page.on('error', () => undefined);
    const stream = await streams;
    while (stream.unread() < 200_000) stream.send('note', 'x'.repeat(50_000));
    const drained = stream.drained();
    jest.advanceTimersByTime(61_000);
    expect(await drained).toBe(false);
    expect(stream.send('note', 'more')).toBe(false);
    page.destroy();
    server.close();
  });
});
