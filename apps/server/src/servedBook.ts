import http from 'node:http';
import { afterEach, beforeEach } from '@jest/globals';
import { bookImportSchema, problemSchema, type BookImport } from '@crustan/core/formats';
import { createApp } from './createApp';
import { cookStore } from './db/cookStore';
import { listening, type Listening } from './listening';
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

/** A server with its own logbook for every test of a file, and functions to call it. */
export const servedBook = () => {
  let temporary: ReturnType<typeof temporaryBook>;
  let server: Listening;
  beforeEach(async () => {
    temporary = temporaryBook();
    server = await listening(
      createApp({ migrations: MIGRATIONS, book: temporary.book, hosts: ['kitchen.home'] }),
    );
  });
  afterEach(async () => {
    await server.stop();
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
      const sent = http.request(server.url + where, { method, headers }, (res) => {
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
    url: () => server.url,
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
