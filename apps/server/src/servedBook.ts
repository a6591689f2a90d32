import http, { type Server } from 'node:http';
import { afterEach, beforeEach } from '@jest/globals';
import { bookImportSchema, problemSchema, type BookImport } from '@crustan/core/formats';
import { createApp } from './createApp';
import { cookStore } from './db/cookStore';
import { MIGRATIONS, newId, planRecord, T0, temporaryBook } from './testing';

export const JSON_TYPE = { 'Content-Type': 'application/json' };
export const SQLITE_TYPE = { 'Content-Type': 'application/vnd.sqlite3' };
export const JPEG = Buffer.from([0xff, 0xd8, 0xff, 0xe0, 1, 2, 3, 4]);

export interface Answer {
  readonly status: number;
  readonly type: string;
  readonly text: string;
}

export const detailOf = ({ text }: Answer): string => problemSchema.parse(JSON.parse(text)).detail;

/** A server on a book of its own for every test of a file, and how to ask it. */
export const servedBook = () => {
  let temporary: ReturnType<typeof temporaryBook>;
  let server: Server;
  let url = '';
  beforeEach(async () => {
    temporary = temporaryBook();
    server = createApp({
      migrations: MIGRATIONS,
      book: temporary.book,
      hosts: ['kitchen.home'],
    }).listen(0, '127.0.0.1');
    await new Promise((done) => server.once('listening', done));
    const address = server.address();
    url = `http://127.0.0.1:${typeof address === 'object' && address ? address.port : 0}`;
  });
  afterEach(async () => {
    server.closeAllConnections();
    await new Promise((done) => server.close(done));
    temporary.remove();
  });

  /** A request with any headers, Host and Sec-Fetch-Site too: `fetch` does not let them be set. */
  const ask = (
    method: string,
    where: string,
    headers: Readonly<Record<string, string>> = {},
    body?: string | Buffer,
  ): Promise<Answer> =>
    new Promise((resolve, reject) => {
      const sent = http.request(url + where, { method, headers }, (res) => {
        const chunks: Buffer[] = [];
        res.on('data', (chunk: Buffer) => chunks.push(chunk));
        res.on('end', () =>
          resolve({
            status: res.statusCode ?? 0,
            type: res.headers['content-type'] ?? '',
            text: Buffer.concat(chunks).toString(),
          }),
        );
      });
      sent.on('error', reject);
      sent.end(body);
    });

  return {
    ask,
    temporary: () => temporary,
    url: () => url,
    startCook: (title = 'Cook'): string => {
      const id = newId();
      cookStore(temporary.book).start(id, planRecord(title), T0);
      return id;
    },
    /** Follows an import until it has been read. */
    readThrough: async (begun: string): Promise<BookImport> => {
      const { id } = bookImportSchema.parse(JSON.parse(begun));
      for (;;) {
        const { text } = await ask('GET', `/api/book/imports/${id}`);
        const state = bookImportSchema.parse(JSON.parse(text));
        if (!['receiving', 'checking'].includes(state.phase)) return state;
        await new Promise((done) => setTimeout(done, 10));
      }
    },
  };
};
