import { planOf, recordOf, uuid } from '../testing';
import type { LogEntry } from '@crustan/core/formats/logSchema';
import { bringService } from './bringService';
import { makeStore } from './store';

const AT = Date.UTC(2026, 10, 20, 18);
const SERVICE = { id: uuid(1), name: 'last week', opensAt: AT, closesAt: AT + 9e7, dishes: [] };
const orders = (count: number) =>
  Array.from({ length: count }, (_, i) => ({
    id: uuid(100 + i),
    at: AT + i,
    kind: 'ordered',
    order: {
      id: uuid(1000 + i),
      table: String(i),
      pieces: [{ id: uuid(2000 + i), dish: uuid(3), doneness: 'rare' }],
    },
  }));
const COOK = {
  id: uuid(2000),
  createdAt: AT,
  plan: recordOf(planOf()),
  together: { id: uuid(1000), waits: 0 },
  events: [{ id: uuid(50), kind: 'started', at: AT }],
};
const file = (more: object = {}): string =>
  JSON.stringify({
    format: 'crustan-service/1',
    service: SERVICE,
    events: orders(2),
    cooks: [COOK],
    dishes: [],
    ...more,
  });

const json = (body: unknown): Response =>
  new Response(JSON.stringify(body), { headers: { 'Content-Type': 'application/json' } });

/** A server that takes everything, and what it was sent. */
const serving = () => {
  const sent: { readonly path: string; readonly kinds: readonly string[] }[] = [];
  Object.assign(globalThis, {
    fetch: async (request: Request): Promise<Response> => {
      const { pathname } = new URL(request.url);
      const text = await request.text();
      if (text === '') return json({ dishes: [], version: 1 });
      const body: { entries: readonly LogEntry[] } = JSON.parse(text);
      const kinds = body.entries.map(({ of, event }) => `${of} ${event.kind}`);
      sent.push({ path: `${request.method} ${pathname}`, kinds });
      return json({ acknowledged: body.entries.map(({ event }) => event.id), book: uuid(900) });
    },
  });
  return sent;
};

describe('a service from a file', () => {
  it('sends events and cooks after the entry that they belong to', async () => {
    const sent = serving();
    const { dispatch } = makeStore();
    expect(await bringService(dispatch, file())).toEqual({
      ok: true,
      name: 'last week',
      tables: 2,
    });
    const kinds = [
      'service opened',
      'service ordered',
      'service ordered',
      'cook opened',
      'cook started',
    ];
    expect(sent).toEqual([{ path: 'POST /api/v1/log', kinds }]);
  });

  it('sends a long service in batches that the server accepts', async () => {
    const sent = serving();
    await bringService(makeStore().dispatch, file({ events: orders(450), cooks: [] }));
    expect(sent.map(({ kinds }) => kinds.length)).toEqual([50, 50, 50, 50, 50, 50, 50, 50, 50, 1]);
  });

  it.each([
    ['no json', /It is no JSON/],
    ['[]', /./],
    [file({ format: 'crustan-book/1' }), /^format must be "crustan-service\/1"/],
    [file({ events: [{ id: uuid(1), kind: 'eaten', at: AT }] }), /^events\.0/],
  ])('%.20s is told what it lacks, and nothing is sent', async (text, why) => {
    const sent = serving();
    const found = await bringService(makeStore().dispatch, text);
    expect(found).toMatchObject({ ok: false, why: expect.stringMatching(why) });
    expect(sent).toEqual([]);
  });
});
