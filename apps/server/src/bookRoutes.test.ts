import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import request from 'supertest';
import { DEFAULT_KITCHEN, PROBLEM_TYPES } from '@crustan/core/formats';
import { createApp } from './createApp';
import { MIGRATIONS, newId, planRecord, press, REQUEST, T0, temporaryBook } from './testing';

const PNG = Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]);

describe('a logbook of many cooks', () => {
  let temporary: ReturnType<typeof temporaryBook>;
  let api: ReturnType<typeof request>;
  let now = T0;
  beforeEach(() => {
    now = T0;
    temporary = temporaryBook();
    api = request(createApp({ migrations: MIGRATIONS, book: temporary.book, now: () => now }));
  });
  afterEach(() => temporary.remove());

  const cook = async (
    title: string,
    change: Partial<typeof REQUEST> = {},
    judgement?: object,
    at = T0,
  ): Promise<string> => {
    const id = newId();
    const record = planRecord(title);
    const plan = {
      ...record,
      plan: { ...record.plan, request: { ...record.plan.request, ...change } },
    };
    await api.put(`/api/cooks/${id}`).send({ id, startedAt: at, plan }).expect(200);
    const events = [press('in', 0), press('pulled', 400), press('sliced', 700)];
    await api.post(`/api/cooks/${id}/events`).send({ events }).expect(200);
    if (judgement) await api.put(`/api/cooks/${id}/judgement`).send(judgement).expect(200);
    return id;
  };
  const titles = async (query: string): Promise<string[]> => {
    const { body } = await api.get(`/api/cooks?${query}`).expect(200);
    expect(body.found).toBe(body.cooks.length);
    return body.cooks.map((line: { title: string }) => line.title);
  };

  it('is searched by words of title, piece and notes, by method and judgement', async () => {
    await cook('Sunday strip', {}, { crust: 'golden', again: 'again', notes: 'Thyme, 100% good' });
    await cook('Sunday pork', { cut: 'pork-loin' }, { crust: 'pale', notes: '' }, T0 + 1000);
    await cook('Wednesday', { way: 'often' }, undefined, T0 + 86_400_000);
    expect(await titles('words=sunday')).toEqual(['Sunday pork', 'Sunday strip']);
    expect(await titles('words=STRIP%20thyme')).toEqual(['Sunday strip']);
    expect(await titles(`words=${encodeURIComponent('100%')}`)).toEqual(['Sunday strip']);
    expect(await titles(`words=${encodeURIComponent('_')}`)).toEqual([]);
    expect(await titles('cut=pork-loin')).toEqual(['Sunday pork']);
    expect(await titles('way=often')).toEqual(['Wednesday']);
    expect(await titles('again=again')).toEqual(['Sunday strip']);
    expect(await titles(`from=${T0 + 500}&to=${T0 + 2000}`)).toEqual(['Sunday pork']);
    expect(await titles('crust=pale&words=strip')).toEqual([]);
    await api.get('/api/cooks?way=boiled').expect(400);
  });

  it('pages through cooks of the same moment without losing one', async () => {
    for (let i = 0; i < 55; i += 1) await cook(`Same ${i}`);
    const first = await api.get('/api/cooks').expect(200);
    const { before, id } = first.body.next;
    const rest = await api.get(`/api/cooks?before=${before}&beforeId=${id}`).expect(200);
    const all = [...first.body.cooks, ...rest.body.cooks].map((line: { id: string }) => line.id);
    expect(new Set(all).size).toBe(55);
  });

  it('keeps the whole judgement, and what was weighed as a loss', async () => {
    const judgement = {
      endTemperature: 55,
      doneness: 'medium-rare',
      crust: 'dark',
      crunch: 'crisp',
      greyBand: 'thin',
      juice: 'pool',
      tenderness: 'tender',
      seasoning: 'too-little',
      again: 'with-change',
      weightBefore: 0.3,
      weightAfter: 0.255,
      paid: 12,
      notes: '',
    };
    const id = await cook('Judged', {}, judgement);
    expect((await api.get(`/api/cooks/${id}`)).body.judgement).toEqual(judgement);
    const { body } = await api.get('/api/book/lines').expect(200);
    expect(body.cooks[0].loss).toBeCloseTo(0.15, 6);
    expect(body.cooks[0]).toMatchObject({ paid: 12, again: 'with-change', crust: 'dark' });
    await api
      .put(`/api/cooks/${id}/judgement`)
      .send({ ...judgement, crunch: 'loud' })
      .expect(400);
  });

  it('deletes a cook so that it can be put back, for a month', async () => {
    const [gone, other] = [await cook('Gone'), await cook('Other')];
    await api.delete(`/api/cooks/${gone}`).expect(204);
    await api.get(`/api/cooks/${gone}`).expect(404);
    await api.delete(`/api/cooks/${gone}`).expect(404);
    expect(await titles('')).toEqual(['Other']);
    expect((await api.get('/api/book/book.json')).body.cooks).toHaveLength(1);
    const back = await api.post(`/api/cooks/${gone}/put-back`).expect(200);
    expect(back.body.events).toHaveLength(3);
    expect(await titles('')).toHaveLength(2);
    await api.delete(`/api/cooks/${gone}`).expect(204);
    now = T0 + 40 * 86_400_000;
    await api.delete(`/api/cooks/${other}`).expect(204);
    await api.post(`/api/cooks/${gone}/put-back`).expect(404);
    await api.post(`/api/cooks/${other}/put-back`).expect(200);
  });

  it('keeps one photograph a cook, and only a photograph', async () => {
    const id = await cook('Seen');
    await api.get(`/api/cooks/${id}/photo`).expect(404);
    const put = await api
      .put(`/api/cooks/${id}/photo`)
      .set('Content-Type', 'image/png')
      .send(PNG)
      .expect(200);
    expect(put.body.photo).toBe(true);
    const got = await api.get(`/api/cooks/${id}/photo`).expect(200);
    expect(got.headers['content-type']).toBe('image/png');
    expect(got.body).toEqual(PNG);
    for (const [type, body] of [
      ['image/png', Buffer.from('<svg onload=alert(1)>')],
      ['image/svg+xml', Buffer.from('<svg/>')],
    ] as const) {
      await api.put(`/api/cooks/${id}/photo`).set('Content-Type', type).send(body).expect(415);
    }
    await api
      .put(`/api/cooks/${id}/photo`)
      .set('Content-Type', 'image/png')
      .send(Buffer.concat([PNG, Buffer.alloc(3_100_000)]))
      .expect(413);
    await api.delete(`/api/cooks/${id}/photo`).expect(200);
    await api.get(`/api/cooks/${id}/photo`).expect(404);
  });

  it('keeps trials', async () => {
    const trial = {
      id: newId(),
      createdAt: T0,
      title: 'Turned once, or often',
      kind: 'turns',
      arms: [{ label: 'once' }, { label: 'every 30 s' }],
    };
    await api.put(`/api/trials/${trial.id}`).send(trial).expect(200);
    expect((await api.get('/api/trials')).body.trials).toEqual([trial]);
    await api.put(`/api/trials/${newId()}`).send(trial).expect(400);
    await api
      .put(`/api/trials/${trial.id}`)
      .send({ ...trial, arms: [{ label: 'alone' }] })
      .expect(400);
    await api.delete(`/api/trials/${trial.id}`).expect(204);
  });

  it('keeps the kitchen by version: a change made on an old one is refused, whatever its clock', async () => {
    const empty = await api.get('/api/kitchen').expect(204);
    expect(empty.headers['etag']).toBe('"0"');
    const put = (offset: number, version: string) =>
      api
        .put('/api/kitchen')
        .set('If-Match', version)
        .send({ kitchen: { ...DEFAULT_KITCHEN, ovens: [{ id: 'oven', offset }] } });
    await api.put('/api/kitchen').send({ kitchen: DEFAULT_KITCHEN }).expect(428);
    now = Date.UTC(2099, 0, 1);
    const first = await put(-9, '"0"').expect(200);
    expect(first.headers['etag']).toBe('"1"');
    expect(first.body).toMatchObject({ kitchen: { ovens: [{ offset: -9 }] }, changedAt: now });
    // A phone that had not received the change, and one whose clock is decades behind.
    const late = await put(4, '"0"').expect(412);
    expect(late.body.type).toBe(PROBLEM_TYPES.stale);
    now = T0;
    await put(4, '"1"').expect(200);
    expect((await api.get('/api/kitchen')).body.kitchen.ovens[0].offset).toBe(4);
  });

  it('goes on past a row that cannot be read, in the list of cooks and in that of plans', async () => {
    const { sqlite } = temporary.book;
    for (let i = 0; i < 60; i += 1) {
      now = T0 + i * 1000;
      const id = newId();
      await api
        .put(`/api/cooks/${id}`)
        .send({ id, startedAt: now, plan: planRecord(`Cook ${i}`) })
        .expect(200);
      const plan = { ...planRecord(`Plan ${i}`), createdAt: now };
      await api.put(`/api/plans/${plan.id}`).send(plan).expect(200);
    }
    sqlite.prepare("update cooks set way = 'no such way' where title = 'Cook 30'").run();
    sqlite.prepare("update plans set record = '{' where created_at = ?").run(T0 + 30_000);
    const every = async (where: 'cooks' | 'plans'): Promise<number> => {
      let count = 0;
      let query = '';
      for (let page = 0; page < 5; page += 1) {
        const { body } = await api.get(`/api/${where}${query}`).expect(200);
        count += body[where].length;
        if (body.next === undefined) break;
        query = `?before=${body.next.before}&beforeId=${body.next.id}`;
      }
      return count;
    };
    expect(await every('cooks')).toBe(59);
    expect(await every('plans')).toBe(59);
  });

  it('offers the last valid kitchen in place of one that cannot be read, and takes the next change', async () => {
    const put = (offset: number, version: string) =>
      api
        .put('/api/kitchen')
        .set('If-Match', version)
        .send({ kitchen: { ...DEFAULT_KITCHEN, ovens: [{ id: 'oven', offset }] } });
    await put(-9, '"0"').expect(200);
    await put(4, '"1"').expect(200);
    const { sqlite } = temporary.book;
    const broken = sqlite.prepare("update kitchens set record = '{half' where id = 1");
    broken.run();
    const offered = await api.get('/api/kitchen').expect(200);
    expect(offered.headers['etag']).toBe('"2"');
    expect(offered.body).toMatchObject({ recovered: true, kitchen: { ovens: [{ offset: -9 }] } });
    expect((await api.get('/api/book/unreadable')).body.rows[0].where).toBe('the kitchen');
    await put(7, '"2"').expect(200);
    const now7 = await api.get('/api/kitchen').expect(200);
    expect(now7.body).toMatchObject({ kitchen: { ovens: [{ offset: 7 }] } });
    expect(now7.body.recovered).toBeUndefined();
    // With nothing valid before it, the default is offered.
    broken.run();
    sqlite.prepare("update kitchens set record = '{half'").run();
    const first = await api.get('/api/kitchen').expect(200);
    expect(first.body).toMatchObject({ recovered: true, kitchen: DEFAULT_KITCHEN });
    await put(1, first.headers['etag'] ?? '').expect(200);
  });

  it('takes a change of a kitchen whose version has more digits than were ever counted', async () => {
    const put = (version: string) =>
      api.put('/api/kitchen').set('If-Match', version).send({ kitchen: DEFAULT_KITCHEN });
    await put('"0"').expect(200);
    expect((await put('"12345678901234567890"').expect(412)).body.type).toBe(PROBLEM_TYPES.stale);
    temporary.book.sqlite.prepare('update kitchens set version = 12345678901234567').run();
    const { headers } = await api.get('/api/kitchen').expect(200);
    await put(headers['etag'] ?? '').expect(200);
  });

  it('stores and reads a kitchen with an unset clock', async () => {
    now = Date.UTC(1970, 0, 2);
    const stored = await api
      .put('/api/kitchen')
      .set('If-Match', '"0"')
      .send({ kitchen: DEFAULT_KITCHEN })
      .expect(200);
    expect(stored.body.changedAt).toBe(Date.UTC(2020, 0, 1));
    temporary.book.sqlite.prepare('update kitchens set changed_at = 1').run();
    const read = await api.get('/api/kitchen').expect(200);
    expect(read.body.recovered).toBeUndefined();
    expect(read.body.changedAt).toBe(Date.UTC(2020, 0, 1));
  });

  it('returns the newest finished cooks in full for calibration', async () => {
    const ids = [
      await cook('Older', {}, undefined, T0),
      await cook('Newer', {}, undefined, T0 + 1),
    ];
    const unfinished = newId();
    await api
      .put(`/api/cooks/${unfinished}`)
      .send({ id: unfinished, startedAt: T0 + 2, plan: planRecord() })
      .expect(200);
    const { body } = await api.get('/api/cooks/recent?most=5').expect(200);
    expect(body.cooks.map((one: { id: string }) => one.id)).toEqual(ids.toReversed());
    await api.get('/api/cooks/recent?most=500').expect(400);
  });
});
