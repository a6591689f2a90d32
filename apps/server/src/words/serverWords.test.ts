import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { environmentLanguage } from '@crustan/messages';
import { argumentsOf } from '@crustan/messages/argumentsOf';
import { server } from '@crustan/messages/en/server';
import { server as serverEs } from '@crustan/messages/es/server';
import request from 'supertest';
import { createApp } from '../createApp';
import { MIGRATIONS, newId, T0, temporaryBook } from '../testing';
import { SERVER_WORDS } from './serverWords';

const SRC = path.resolve(MIGRATIONS, '../src');
const sources = readdirSync(SRC, { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'))
  .map((file) => readFileSync(path.join(SRC, file), 'utf8'))
  .join('\n');

describe('the messages of the server', () => {
  let temporary: ReturnType<typeof temporaryBook>;
  let api: ReturnType<typeof request>;
  beforeEach(() => {
    temporary = temporaryBook();
    api = request(createApp({ migrations: MIGRATIONS, book: temporary.book, now: () => T0 }));
  });
  afterEach(() => temporary.remove());

  const titleIn = async (language?: string): Promise<string> => {
    const asked = api.get(`/api/v1/cooks/${newId()}`);
    if (language !== undefined) asked.set('Accept-Language', language);
    const { body, headers } = await asked.expect(404);
    expect(headers['vary']).toMatch(/Accept-Language/);
    return `${body.title}: ${body.detail}`;
  };

  it('are in the language that the request accepts, and in English where it accepts none of ours', async () => {
    const english = 'No such cook: This cook is not in the logbook.';
    const spanish = 'No existe esa cocción: Esta cocción no está en el diario.';
    expect(await titleIn()).toBe(english);
    expect(await titleIn('fi')).toBe(english);
    expect(await titleIn('en-GB,es;q=0.5')).toBe(english);
    expect(await titleIn('es-MX')).toBe(spanish);
    expect(await titleIn('fi, es;q=0.8, en;q=0.2')).toBe(spanish);
  });

  it('put what is out of range, and the values of a message, into the language of the user', async () => {
    const { body } = await api
      .put(`/api/v1/cooks/${newId()}`)
      .set('Accept-Language', 'es')
      .send({});
    expect(body.title).toBe('Fuera de los límites');
    const missing = await api.get('/api/v1/nowhere').set('Accept-Language', 'es').expect(404);
    expect(missing.body.detail).toBe('Aquí no existe GET /nowhere.');
  });

  it('give the reason of a refused restore in the language that is asked for', async () => {
    const { body } = await api
      .put('/api/v1/book/backup')
      .set('Accept-Language', 'es')
      .set('Content-Type', 'application/vnd.sqlite3')
      .send(Buffer.from('not a logbook'))
      .expect(400);
    expect(body.detail).toBe('El archivo no se ha usado: no es un archivo SQLite.');
  });

  it('follow the environment in the lines of the process', () => {
    expect(environmentLanguage({ LANG: 'es_ES.UTF-8' })).toBe('es');
    expect(environmentLanguage({ LANG: 'es_ES.UTF-8', LC_ALL: 'C' })).toBe('en');
    expect(environmentLanguage({})).toBe('en');
    expect(SERVER_WORDS.es('your-book-is-in', { folder: '/x' })).toBe('Tu diario está en /x.');
  });

  it('are all used, and have the same arguments in Spanish', () => {
    // Some ids end with a code: `of-another-${of}`.
    const isUsed = (id: string): boolean =>
      sources.includes(`'${id}'`) ||
      [/^(of-another|id-of-an-event-of-another|no-such)-(cook|service)$/, /^wait-for-the-/].some(
        (built) => built.test(id),
      ) ||
      /^(a-)?(cook|service)(-that-is)?-not-in-the-logbook$/.test(id);
    expect(Object.keys(server).filter((id) => !isUsed(id))).toEqual([]);
    for (const [id, message] of Object.entries(serverEs)) {
      const english = Object.entries(server).find(([one]) => one === id)?.[1] ?? '';
      expect([id, argumentsOf(message)]).toEqual([id, argumentsOf(english)]);
    }
  });
});
