import { describe, expect, it } from '@jest/globals';
import { practiceListSchema } from '@crustan/core/formats/practiceSchema';
import { practiceStore } from './db/practiceStore';
import { detailOf, JSON_TYPE, servedBook, SQLITE_TYPE } from './servedBook';
import { newId, T0 } from './testing';

const result = (more: object = {}) => ({ id: newId(), at: T0, of: 'strip', score: 80, ...more });

describe('practice results', () => {
  const { ask, temporary, url } = servedBook();
  const put = (id: string, body: object) =>
    ask('PUT', `/api/v1/practice/${id}`, JSON_TYPE, JSON.stringify(body));
  const listed = async () =>
    practiceListSchema.parse(JSON.parse((await ask('GET', '/api/v1/practice')).text)).results;

  it('stores a repeated message once, and lists it in order of arrival', async () => {
    const [one, two] = [
      result({ at: T0 + 2000 }),
      result({ of: 'drill-pan', calls: [{ called: 210, was: 190 }] }),
    ];
    for (const sent of [one, two, one]) expect((await put(sent.id, sent)).status).toBe(200);
    // A stored result is not changed by another message with its id.
    await put(one.id, { ...one, score: 3 });
    expect(await listed()).toEqual([two, one]);
  });

  it.each([
    ['a score past a hundred', { score: 120 }],
    ['a lesson that is no name', { of: 'A Lesson!' }],
    ['a call of no pan on earth', { calls: [{ called: 5000, was: 200 }] }],
    ['what it does not know', { hours: 3 }],
  ])('refuses %s, and says what would be right', async (_, wrong) => {
    const sent = result(wrong);
    const answer = await put(sent.id, sent);
    expect(answer.status).toBe(400);
    expect(detailOf(answer).length).toBeGreaterThan(10);
    expect((await put(newId(), result())).status).toBe(400);
    expect(await listed()).toEqual([]);
  });

  it('leaves out and names an unreadable record', async () => {
    const { book } = temporary();
    const good = result();
    practiceStore(book).put(good);
    book.sqlite
      .prepare('insert into practice (id, at, record) values (?, ?, ?)')
      .run('broken', 5, '{"no": json');
    expect(await listed()).toEqual([good]);
    const { text } = await ask('GET', '/api/v1/book/unreadable');
    expect(text).toContain('practice broken');
  });

  it('goes along in a backup, and comes back with it', async () => {
    const before = result();
    await put(before.id, before);
    const backup = Buffer.from(await (await fetch(`${url()}/api/v1/book/backup`)).arrayBuffer());
    const after = result({ at: T0 + 3000 });
    await put(after.id, after);
    expect(await listed()).toEqual([before, after]);
    expect((await ask('PUT', '/api/v1/book/backup', SQLITE_TYPE, backup)).status).toBe(200);
    expect(await listed()).toEqual([before]);
  });
});
