import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import Database from 'better-sqlite3';
import path from 'node:path';
import { dishListSchema, serviceInFullSchema } from '@crustan/core/formats';
import { z } from 'zod';
import type { ServiceEvent } from '@crustan/core/pass';
import { createApp } from './createApp';
import { BOOK_NAME } from './db/bookFiles';
import { copyBook } from './imports/copyBook';
import { listening, type Listening } from './listening';
import { MIGRATIONS, newId, planRecord, press, T0, temporaryBook } from './testing';
import { dish, service } from './testingMenu';

describe('a service in the logbook', () => {
  let temporary: ReturnType<typeof temporaryBook>;
  let server: Listening;
  let url: string;
  beforeEach(async () => {
    temporary = temporaryBook();
    server = await listening(createApp({ migrations: MIGRATIONS, book: temporary.book }));
    url = `${server.url}/api`;
  });
  afterEach(async () => {
    await server.stop();
    temporary.remove();
  });

  const send = (method: string, at: string, body?: unknown): Promise<Response> =>
    fetch(`${url}${at}`, {
      method,
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(body),
    });

  const ordered = (pieces: readonly string[], dishId: string): ServiceEvent => ({
    id: newId(),
    kind: 'ordered',
    at: T0 + 1000,
    order: {
      id: newId(),
      table: '7',
      pieces: pieces.map((id) => ({ id, dish: dishId, doneness: 'medium rare' })),
    },
  });

  it('keeps dishes, tickets and the cooks that are tied to them; twice the same is once', async () => {
    const menu = dish();
    expect((await send('PUT', `/dishes/${menu.id}`, menu)).status).toBe(200);
    const evening = service([menu.id]);
    expect((await send('PUT', `/services/${evening.id}`, evening)).status).toBe(200);
    const piece = newId();
    const event = ordered([piece], menu.id);
    for (let twice = 0; twice < 2; twice += 1) {
      const answer = await send('POST', `/services/${evening.id}/events`, { events: [event] });
      expect(await answer.json()).toEqual({ acknowledged: [event.id] });
    }
    if (event.kind !== 'ordered') throw new Error('an order');
    const start = {
      id: piece,
      startedAt: T0,
      plan: planRecord(),
      together: { id: event.order.id, waits: 0 },
    };
    expect((await send('PUT', `/cooks/${piece}`, start)).status).toBe(200);
    await send('POST', `/cooks/${piece}/events`, { events: [press('started', 0), press('in', 5)] });
    const found = serviceInFullSchema.parse(
      await (await fetch(`${url}/services/${evening.id}`)).json(),
    );
    expect(found.service).toEqual(evening);
    expect(found.events).toEqual([event]);
    expect(found.cooks.map(({ id, events }) => [id, events.length])).toEqual([[piece, 2]]);
    const dishes = await (await fetch(`${url}/dishes`)).json();
    expect(dishes).toEqual({ dishes: [menu], version: 2 });
  });

  it('refuses events of another service, of no service, and what no event is', async () => {
    const [one, other] = [service([]), service([])];
    await send('PUT', `/services/${one.id}`, one);
    await send('PUT', `/services/${other.id}`, other);
    const event = ordered([newId()], newId());
    await send('POST', `/services/${one.id}/events`, { events: [event] });
    expect((await send('POST', `/services/${other.id}/events`, { events: [event] })).status).toBe(
      409,
    );
    expect((await send('POST', `/services/${newId()}/events`, { events: [event] })).status).toBe(
      404,
    );
    const wrong = { ...event, at: 'soon' };
    expect((await send('POST', `/services/${one.id}/events`, { events: [wrong] })).status).toBe(
      400,
    );
    expect((await send('PUT', `/services/${newId()}`, one)).status).toBe(400);
  });

  it('keeps what was ordered by day and dish, the last word on a day standing', async () => {
    const day = { date: '2026-11-20', dish: 'Strip', count: 9 };
    await send('POST', '/demand', { days: [day, { ...day, dish: 'Duck', count: 4 }] });
    await send('POST', '/demand', { days: [{ ...day, count: 11 }] });
    const found: unknown = await (await fetch(`${url}/demand`)).json();
    expect(found).toEqual({
      days: [
        { ...day, dish: 'Duck', count: 4 },
        { ...day, count: 11 },
      ],
    });
    expect((await send('POST', '/demand', { days: [{ ...day, date: 'Friday' }] })).status).toBe(
      400,
    );
  });

  it('adds the services of one day, counts each once, and lets a table replace them', async () => {
    const day = { date: '2026-11-21', dish: newId(), count: 6 };
    const sum = async (): Promise<unknown> => {
      const { days } = z
        .object({ days: z.array(z.object({ dish: z.string(), count: z.int() })) })
        .parse(await (await fetch(`${url}/demand`)).json());
      return days.find(({ dish }) => dish === day.dish)?.count;
    };
    await send('POST', '/demand', { days: [{ ...day, source: 'lunch' }] });
    await send('POST', '/demand', { days: [{ ...day, count: 10, source: 'dinner' }] });
    expect(await sum()).toBe(16);
    await send('POST', '/demand', { days: [{ ...day, count: 11, source: 'dinner' }] });
    expect(await sum()).toBe(17);
    await send('POST', '/demand', { days: [{ ...day, count: 20 }] });
    expect(await sum()).toBe(20);
  });

  it('keeps a dish that was taken off the menu for the services that name it', async () => {
    const menu = dish();
    await send('PUT', `/dishes/${menu.id}`, menu);
    expect((await send('DELETE', `/dishes/${menu.id}`)).status).toBe(204);
    expect((await send('DELETE', `/dishes/${menu.id}`)).status).toBe(404);
    const ids = async (query: string): Promise<readonly string[]> =>
      dishListSchema
        .parse(await (await fetch(`${url}/dishes${query}`)).json())
        .dishes.map(({ id }) => id);
    expect(await ids('')).not.toContain(menu.id);
    expect(await ids('?removed=true')).toContain(menu.id);
    // Put on again, it is on the menu.
    await send('PUT', `/dishes/${menu.id}`, menu);
    expect(await ids('')).toContain(menu.id);
  });

  it('goes along in a restored backup', async () => {
    const menu = dish();
    const evening = service([menu.id]);
    const event = ordered([newId()], menu.id);
    await send('PUT', `/dishes/${menu.id}`, menu);
    await send('PUT', `/services/${evening.id}`, evening);
    await send('POST', `/services/${evening.id}/events`, { events: [event] });
    await send('POST', '/demand', { days: [{ date: '2026-11-20', dish: 'Strip', count: 9 }] });
    const other = temporaryBook();
    const from = new Database(path.join(temporary.folder, BOOK_NAME), { readonly: true });
    const copied = await copyBook(from, other.book);
    from.close();
    expect(copied.leftOutCount).toBe(0);
    const count = (table: string): unknown =>
      other.book.sqlite.prepare(`select count(*) from ${table}`).pluck().get();
    // The log holds what opens the service, and the order.
    expect(['dishes', 'services', 'log', 'demand'].map(count)).toEqual([1, 1, 2, 1]);
    other.remove();
  });
});
