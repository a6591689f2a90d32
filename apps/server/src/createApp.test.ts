import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import request from 'supertest';
import { createApp } from './createApp';
import { MIGRATIONS, newId, planRecord, press, T0, temporaryBook } from './testing';

const PROBLEM = /application\/problem\+json/;

describe('the server', () => {
  let temporary: ReturnType<typeof temporaryBook>;
  let api: ReturnType<typeof request>;
  beforeEach(() => {
    temporary = temporaryBook();
    api = request(createApp({ migrations: MIGRATIONS, book: temporary.book, now: () => T0 }));
  });
  afterEach(() => temporary.remove());

  const startCook = async (title?: string, startedAt = T0) => {
    const id = newId();
    const plan = planRecord(title);
    await api.put(`/api/cooks/${id}`).send({ id, startedAt, plan }).expect(200);
    return { id, plan };
  };

  it('reports health and its schema once the logbook is open', async () => {
    const { body } = await api.get('/healthz').expect(200);
    const { schemaVersion } = temporary.book;
    expect(body).toEqual({ status: 'ok', schemaVersion, unreadable: 0 });
    expect(body.schemaVersion).toBeGreaterThan(0);
  });

  it('serves the schema of each file and message by its name', async () => {
    const { body } = await api.get('/api/v1/schemas').expect(200);
    expect(body.schemas).toContain('crustan-plan-1');
    for (const name of body.schemas) {
      const schema = await api.get(`/api/v1/schemas/${name}`).expect(200);
      expect(schema.body.$schema).toContain('json-schema.org');
    }
    const none = await api
      .get('/api/v1/schemas/recipe')
      .expect(404)
      .expect('Content-Type', PROBLEM);
    expect(none.body.detail).toContain('crustan-plan-1');
  });

  it('keeps a plan, lists it newest first, takes a second sending, drops it', async () => {
    const older = planRecord('Older');
    const newer = { ...planRecord('Newer'), createdAt: T0 + 1 };
    for (const plan of [older, newer, newer]) {
      await api.put(`/api/plans/${plan.id}`).send(plan).expect(200);
    }
    const { body } = await api.get('/api/plans').expect(200);
    expect(body.plans).toEqual([newer, older]);
    await api.delete(`/api/plans/${older.id}`).expect(204);
    await api.delete(`/api/plans/${older.id}`).expect(404).expect('Content-Type', PROBLEM);
  });

  it('follows a cook from its start to its judgement', async () => {
    const { id, plan } = await startCook();
    const events = [
      press('started', -600),
      press('in', 0),
      press('turned', 200),
      { id: newId(), kind: 'reading', at: T0 + 300_000, celsius: 39.5 },
      press('pulled', 410),
      press('sliced', 640),
    ];
    const { body } = await api.post(`/api/cooks/${id}/events`).send({ events }).expect(200);
    expect(body.acknowledged).toEqual(events.map((event) => event.id));
    const judgement = { endTemperature: 54.4, crust: 'deep-brown', notes: 'Good.' };
    await api.put(`/api/cooks/${id}/judgement`).send(judgement).expect(200);
    const cook = await api.get(`/api/cooks/${id}`).expect(200);
    expect(cook.body).toEqual({ id, createdAt: T0, plan, events, judgement });
    const list = await api.get('/api/cooks').expect(200);
    expect(list.body.cooks[0]).toMatchObject({
      id,
      actualSeconds: 410,
      endTemperature: 54.4,
      crust: 'deep-brown',
      finished: true,
    });
  });

  it('doubles nothing when presses are sent twice, and forgets what was taken back', async () => {
    const { id } = await startCook();
    const into = press('in', 0);
    const out = press('pulled', 100);
    const undo = { id: newId(), kind: 'undo', at: T0 + 110_000, of: out.id };
    await api
      .post(`/api/cooks/${id}/events`)
      .send({ events: [into, out] })
      .expect(200);
    await api
      .post(`/api/cooks/${id}/events`)
      .send({ events: [out, undo, into] })
      .expect(200);
    const { body } = await api.get(`/api/cooks/${id}`).expect(200);
    expect(body.events).toEqual([into, out, undo]);
    const list = await api.get('/api/cooks').expect(200);
    expect(list.body.cooks[0].actualSeconds).toBeUndefined();
  });

  it('lists newest first, page by page', async () => {
    for (let i = 0; i < 52; i += 1) await startCook(`Cook ${i}`, T0 + i);
    const first = await api.get('/api/cooks').expect(200);
    expect(first.body.cooks[0].title).toBe('Cook 51');
    expect(first.body.cooks).toHaveLength(50);
    expect(first.body.found).toBe(52);
    const { before, id } = first.body.next;
    const rest = await api.get(`/api/cooks?before=${before}&beforeId=${id}`).expect(200);
    expect(rest.body.cooks.map((cook: { title: string }) => cook.title)).toEqual([
      'Cook 1',
      'Cook 0',
    ]);
    expect(rest.body.next).toBeUndefined();
  });

  it.each([
    ['thickness', { thickness: 0.5 }, '0.003 to 0.18 m'],
    ['pan', { pan: 5000 }, '120 to 400 C'],
    ['cut', { cut: 'unicorn' }, 'strip-steak'],
  ])(
    'refuses a plan with a bad %s, says what is right, stores nothing',
    async (key, change, right) => {
      const plan = planRecord();
      const bad = { ...plan, plan: { ...plan.plan, request: { ...plan.plan.request, ...change } } };
      const { body } = await api
        .put(`/api/plans/${plan.id}`)
        .send(bad)
        .expect(400)
        .expect('Content-Type', PROBLEM);
      expect(body.errors[0].path).toBe(`plan.request.${key}`);
      expect(body.errors[0].message).toContain(right);
      expect((await api.get('/api/plans')).body.plans).toEqual([]);
    },
  );

  it('stores none of a batch when one event is bad', async () => {
    const { id } = await startCook();
    const bad = { id: newId(), kind: 'reading', at: T0, celsius: 400 };
    const { body } = await api
      .post(`/api/cooks/${id}/events`)
      .send({ events: [press('in', 0), bad] })
      .expect(400);
    expect(body.errors[0].message).toContain('-5 to 120 C');
    expect((await api.get(`/api/cooks/${id}`)).body.events).toEqual([]);
  });

  it('answers every other mistake in the same shape', async () => {
    const { id } = await startCook();
    const plan = planRecord();
    const answers = [
      await api.get('/api/nothing').expect(404),
      await api.get('/api/cooks/not-a-uuid').expect(400),
      await api.get(`/api/cooks/${newId()}`).expect(404),
      await api
        .post(`/api/cooks/${newId()}/events`)
        .send({ events: [press('in', 0)] })
        .expect(404),
      await api.post(`/api/cooks/${id}/events`).send({ events: [] }).expect(400),
      await api.put(`/api/plans/${newId()}`).send(plan).expect(400),
      await api.put(`/api/plans/${plan.id}`).type('json').send('{"half":').expect(400),
      await api
        .put(`/api/plans/${plan.id}`)
        .send({ ...plan, title: 'x'.repeat(600_000) })
        .expect(413),
      await api.get('/api/cooks?before=soon').expect(400),
    ];
    for (const answer of answers) {
      expect(answer.headers['content-type']).toMatch(PROBLEM);
      expect(answer.body).toMatchObject({ title: expect.any(String), detail: expect.any(String) });
      expect(answer.text).not.toMatch(/\bat .*\.ts|node_modules/);
    }
  });
});
