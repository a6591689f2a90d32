import { z } from 'zod';
import { cookEventSchema } from '@crustan/core/formats';
import { learnServerTime } from './clock';
import { eventsHeard } from './stoveSlice';
import type { AppStore } from './store';

const newsSchema = z.object({
  cook: z.string(),
  now: z.number(),
  events: z.array(cookEventSchema),
});

/** A line that was refused is tried again after, ms; one that was cut mends itself. */
const TRIED_AGAIN = 5000;

/**
 * Follows the cooks that are on in the server's book, all on one line, so that every phone on a cook
 * has the same events. The browser takes the line up again by itself when the server was gone.
 * @returns stops following
 */
export const followCooks = (store: AppStore): (() => void) => {
  let line: EventSource | undefined;
  let followed = '';
  const hear = (message: MessageEvent<string>): void => {
    const news = newsSchema.safeParse(JSON.parse(message.data));
    if (!news.success) return;
    const { cook, now, events } = news.data;
    learnServerTime(now);
    if (events.length > 0) store.dispatch(eventsHeard({ cook, events }));
  };
  const follow = (): void => {
    const wanted = store
      .getState()
      .stove.cooks.filter(({ startKnown }) => startKnown)
      .map(({ id }) => id)
      .join();
    if (wanted === followed && (line === undefined || line.readyState !== EventSource.CLOSED))
      return;
    line?.close();
    line = undefined;
    followed = wanted;
    if (wanted === '') return;
    line = new EventSource(`/api/cooks/stream?cooks=${wanted}`);
    line.addEventListener('events', hear);
  };
  const stop = store.subscribe(follow);
  const again = setInterval(follow, TRIED_AGAIN);
  follow();
  return () => {
    stop();
    clearInterval(again);
    line?.close();
  };
};
