import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { loggedSchema } from '@crustan/core/formats';
import { z } from 'zod';
import type { CookRecord } from '@crustan/core/formats';
import { hiddenKitchen } from '@crustan/core/simulation';
import { type CookEvent } from '@crustan/core/cook';
import { planOf } from '@crustan/core/tests';
import { createApp } from './createApp';
import { simulatedReadings } from './devices/simulatedKitchen';
import { listening, type Listening } from './listening';
import { MIGRATIONS, newId, planRecord, press, REQUEST, T0, temporaryBook } from './testing';

const newsSchema = z.object({ entries: z.array(loggedSchema) });

/** Every kind of event there is, as the stove may send them. */
const everyKind = (): readonly CookEvent[] => {
  const turn = press('turned', 200);
  return [
    press('started', -600),
    press('in', 0),
    turn,
    { id: newId(), kind: 'corrected', at: T0 + 210_000, of: turn.id, to: T0 + 190_000 },
    { id: newId(), kind: 'reading', at: T0 + 220_000, celsius: 181, by: 'oven' },
    { id: newId(), kind: 'reading', at: T0 + 230_000, celsius: 31 },
    { id: newId(), kind: 'skipped', at: T0 + 240_000, step: 'butter' },
    { id: newId(), kind: 'note', at: T0 + 250_000, text: 'Smells of thyme; =1+1' },
    {
      id: newId(),
      kind: 'changed',
      at: T0 + 260_000,
      why: 'smoke',
      legs: [{ kind: 'sear', seconds: 90, pan: 185, flips: [45], decides: true }],
      restSeconds: 240,
    },
    { id: newId(), kind: 'undo', at: T0 + 270_000, of: turn.id },
  ];
};

describe('a cook followed live', () => {
  let temporary: ReturnType<typeof temporaryBook>;
  let server: Listening;
  let url: string;
  const open: AbortController[] = [];
  beforeEach(async () => {
    temporary = temporaryBook();
    server = await listening(createApp({ migrations: MIGRATIONS, book: temporary.book }));
    url = server.url;
  });
  afterEach(async () => {
    open.splice(0).forEach((line) => line.abort());
    await server.stop();
    temporary.remove();
  });

  const send = (method: string, where: string, body: unknown) =>
    fetch(url + where, {
      method,
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(body),
    });
  const start = async (together?: CookRecord['together']): Promise<string> => {
    const id = newId();
    const answer = await send('PUT', `/api/cooks/${id}`, {
      id,
      startedAt: T0,
      plan: planRecord(),
      together,
    });
    expect(answer.status).toBe(200);
    return id;
  };
  /** Messages of a stream, one by one. */
  async function* listen(where: string): AsyncGenerator<unknown> {
    const line = new AbortController();
    open.push(line);
    const answer = await fetch(url + where, { signal: line.signal });
    expect(answer.headers.get('content-type')).toContain('text/event-stream');
    const decoder = new TextDecoder();
    let text = '';
    for await (const chunk of answer.body ?? []) {
      text += decoder.decode(chunk, { stream: true });
      for (let end = text.indexOf('\n\n'); end !== -1; end = text.indexOf('\n\n')) {
        const data = text.slice(0, end).match(/^data: (.*)$/m)?.[1];
        text = text.slice(end + 2);
        if (data !== undefined) yield JSON.parse(data);
      }
    }
  }
  /** Next entries of a stream, without those that open a cook: stream and event of each. */
  const next = async (stream: AsyncGenerator<unknown>) => {
    const { entries } = newsSchema.parse((await stream.next()).value);
    return entries.flatMap(({ entry: { stream: of, event } }) =>
      event.kind === 'opened' ? [] : [{ of, event }],
    );
  };

  it('keeps every kind of event as it was said', async () => {
    const id = await start();
    const events = everyKind();
    const answer = await send('POST', `/api/cooks/${id}/events`, { events });
    expect(answer.status).toBe(200);
    const cook = await (await fetch(`${url}/api/cooks/${id}`)).json();
    expect(cook).toMatchObject({ events: expect.arrayContaining([...events]) });
  });

  it('tells one phone what another says, once, from the logbook', async () => {
    const id = await start();
    const first = press('in', 0);
    await send('POST', `/api/cooks/${id}/events`, { events: [first] });
    const beside = await start();
    const stream = listen(`/api/log/stream?follow=cook:${id}.0,cook:${beside}.0`);
    expect((await stream.next()).value).toEqual({
      book: temporary.book.identity,
      replaces: [],
    });
    expect(await next(stream)).toEqual([{ of: id, event: first }]);
    const second = press('turned', 60);
    // Sent twice, as a phone that was unsure would.
    await send('POST', `/api/cooks/${id}/events`, { events: [second] });
    await send('POST', `/api/cooks/${id}/events`, { events: [second] });
    expect(await next(stream)).toEqual([{ of: id, event: second }]);
    const third = press('in', 5);
    await send('POST', `/api/cooks/${beside}/events`, { events: [third] });
    expect(await next(stream)).toEqual([{ of: beside, event: third }]);
    expect((await fetch(`${url}/api/log/stream?follow=all`)).status).toBe(400);
  });

  it('names a cook that is gone, and goes on with the others', async () => {
    const [one, two] = [await start(), await start()];
    const never = newId();
    const stream = listen(`/api/log/stream?follow=cook:${one}.0,cook:${never}.0,cook:${two}.0`);
    await stream.next();
    expect((await stream.next()).value).toEqual({ of: 'cook', id: never });
    expect(await next(stream)).toEqual([]);
    await fetch(`${url}/api/cooks/${one}`, { method: 'DELETE' });
    expect((await stream.next()).value).toEqual({ of: 'cook', id: one });
    const event = press('in', 0);
    await send('POST', `/api/cooks/${two}/events`, { events: [event] });
    expect(await next(stream)).toEqual([{ of: two, event }]);
    await fetch(`${url}/api/cooks/${one}/put-back`, { method: 'POST' });
    expect((await stream.next()).value).toEqual({ of: 'cook', id: one });
  });

  it('answers the press before it tells the pages, however many follow', async () => {
    const id = await start();
    const followed = await Promise.all(
      Array.from({ length: 40 }, async () => {
        const stream = listen(`/api/log/stream?follow=cook:${id}.0`);
        await stream.next();
        await stream.next();
        return stream;
      }),
    );
    const event = press('in', 0);
    await send('POST', `/api/cooks/${id}/events`, { events: [event] });
    for (const stream of followed) expect(await next(stream)).toEqual([{ of: id, event }]);
  });

  it('knows the pieces of one plate by each of them', async () => {
    const tie = newId();
    const [one, two] = [await start({ id: tie, waits: 0 }), await start({ id: tie, waits: 340 })];
    await start();
    const answer = await (await fetch(`${url}/api/cooks/${two}/together`)).json();
    expect(answer).toMatchObject({
      cooks: [
        { id: one, together: { waits: 0 } },
        { id: two, together: { waits: 340 } },
      ],
    });
  });

  it('streams the stand-in thermometers, and refuses a speed it cannot run', async () => {
    const id = await start();
    const stream = listen(`/api/devices/simulated?cook=${id}&seed=7&speed=60&clock=${T0}`);
    expect((await stream.next()).value).toMatchObject({ by: 'gun' });
    expect((await stream.next()).value).toMatchObject({ by: 'probe' });
    const refused = await fetch(`${url}/api/devices/simulated?cook=${id}&clock=${T0}&speed=600`);
    expect(refused.status).toBe(400);
    // A clock cannot be set so far ahead that the simulation would block the server.
    const wound = T0 + 400 * 86_400_000;
    const late = await fetch(`${url}/api/devices/simulated?cook=${id}&clock=${wound}`);
    expect(late.status).toBe(400);
  });
});

describe('the stand-in kitchen', () => {
  const plan = { ...planRecord(), plan: planRecord().plan };
  const hidden = hiddenKitchen(7);
  const probeAt = (events: readonly CookEvent[], seconds: number): number =>
    simulatedReadings(plan, events, hidden, T0 + seconds * 1000).find(({ by }) => by === 'probe')
      ?.celsius ?? NaN;

  it('follows the steps: cold before the pan, warmer in it, also after a late step', () => {
    expect(probeAt([], 100)).toBeGreaterThan(20);
    const events = [press('in', 0)];
    expect(probeAt(events, 20)).toBeLessThan(12);
    const turned = probeAt([...events, press('turned', 150)], 400);
    expect(turned).toBeGreaterThan(probeAt(events, 60) + 10);
    // The piece is still on the heat: it keeps getting hotter, however long past its time.
    const { cookSeconds } = planOf(REQUEST);
    expect(probeAt(events, cookSeconds + 300)).toBeGreaterThan(probeAt(events, cookSeconds));
  });

  it('repeats for the same seed, and differs for another', () => {
    expect(hiddenKitchen(21)).toEqual(hiddenKitchen(21));
    expect(hiddenKitchen(21).oven).not.toBeCloseTo(hiddenKitchen(7).oven, 1);
    expect(Math.abs(hidden.oven)).toBeLessThanOrEqual(25);
  });
});
