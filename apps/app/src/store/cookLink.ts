import { z } from 'zod';
import { cookEventSchema } from '@crustan/core/formats';
import { learnServerTime } from './clock';
import { eventsHeard } from './stoveSlice';
import type { AppStore } from './store';

const newsSchema = z.object({ now: z.number(), events: z.array(cookEventSchema) });

/**
 * Follows the cooks that are on in the server's book, so that every phone on a cook has the same
 * events. The browser takes the line up again by itself when the server was gone.
 * @returns stops following
 */
export const followCooks = (store: AppStore): (() => void) => {
  const lines = new Map<string, EventSource>();
  const hear = (cook: string) => (message: MessageEvent<string>) => {
    const news = newsSchema.safeParse(JSON.parse(message.data));
    if (!news.success) return;
    learnServerTime(news.data.now);
    if (news.data.events.length > 0)
      store.dispatch(eventsHeard({ cook, events: news.data.events }));
  };
  const follow = (): void => {
    const on = store.getState().stove.cooks.filter(({ startKnown }) => startKnown);
    for (const [id, line] of lines) {
      if (on.some((cook) => cook.id === id)) continue;
      line.close();
      lines.delete(id);
    }
    for (const { id } of on) {
      const last = lines.get(id);
      // A line the server refused is closed for good; anything else mends itself.
      if (last && last.readyState !== EventSource.CLOSED) continue;
      const line = new EventSource(`/api/cooks/${id}/stream`);
      line.addEventListener('events', hear(id));
      lines.set(id, line);
    }
  };
  const stop = store.subscribe(follow);
  const again = setInterval(follow, 5000);
  follow();
  return () => {
    stop();
    clearInterval(again);
    lines.forEach((line) => line.close());
  };
};
