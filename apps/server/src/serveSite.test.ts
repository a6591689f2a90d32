import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { afterAll, describe, expect, it } from '@jest/globals';
import request from 'supertest';
import { createApp } from './createApp';
import { MIGRATIONS, temporaryBook } from './testing';

describe('the interface, served', () => {
  const site = mkdtempSync(path.join(os.tmpdir(), 'crustan-site-'));
  // Packed files are looked for once, when the app is made: they lie there before it.
  mkdirSync(path.join(site, '_expo'));
  writeFileSync(path.join(site, 'index.html'), '<title>page</title>');
  writeFileSync(path.join(site, '_expo', 'app-1.js'), 'plain');
  writeFileSync(path.join(site, '_expo', 'app-1.js.br'), 'packed');
  const temporary = temporaryBook();
  const web = request(createApp({ migrations: MIGRATIONS, book: temporary.book, site }));
  afterAll(() => {
    temporary.remove();
    rmSync(site, { recursive: true });
  });

  it.each(['/', '/stove', '/book/11111111-1111-4111-8111-111111111111'])(
    'answers %s with the page, never cached',
    async (place) => {
      const answer = await web.get(place).expect(200);
      expect(answer.text).toContain('<title>page</title>');
      expect(answer.headers['cache-control']).toBe('no-cache');
    },
  );

  it('sends hashed files packed, for a year', async () => {
    const answer = await web.get('/_expo/app-1.js').set('Accept-Encoding', 'br').expect(200);
    expect(answer.headers['content-encoding']).toBe('br');
    expect(answer.headers['cache-control']).toContain('max-age=31536000');
  });

  it('has no page for a missing file, a missing path of the API, or a path outside', async () => {
    for (const place of [
      '/_expo/gone.js',
      '/gone.png',
      '/api/gone',
      '/..%2f..%2fetc%2fpasswd.txt',
    ]) {
      const answer = await web.get(place);
      expect(answer.status).toBeGreaterThanOrEqual(400);
      expect(answer.status).toBeLessThan(500);
      expect(answer.text).not.toContain('<title>page</title>');
    }
  });

  it('lets no foreign script in and asks for no https at home', async () => {
    const { headers } = await web.get('/');
    const policy = headers['content-security-policy'] ?? '';
    expect(policy).toContain("script-src 'self'");
    expect(policy).not.toContain('upgrade-insecure-requests');
    expect(headers['strict-transport-security']).toBeUndefined();
    expect(headers['x-powered-by']).toBeUndefined();
  });
});
