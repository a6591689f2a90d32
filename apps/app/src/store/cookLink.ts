import { z } from 'zod';
import { cookEventSchema } from '@crustan/core/formats/cookEventSchema';
import { keep, recall } from './device';
import { onChange } from './onChange';
import { selectStoveCooks } from './passSlice';
import { bookReplaced, cookGone, eventsHeard } from './stoveSlice';
import type { AppStore } from './store';
import { API } from './apiAddress';
import { reachDoubted } from './reachSlice';

const newsSchema = z.object({ cook: z.string(), events: z.array(cookEventSchema) });
const goneSchema = z.object({ cook: z.string() });
const bookSchema = z.object({ book: z.string(), replaces: z.array(z.string()) });

/** A line that was refused is tried again after, ms; one that was cut mends itself. */
const TRIED_AGAIN = 5000;

const parsed = <T>(schema: z.ZodType<T>, { data }: MessageEvent<string>): T | undefined => {
  try {
    return schema.safeParse(JSON.parse(data)).data;
  } catch {
    return undefined;
  }
};

/**
 * Follows the cooks that are on in the server's book, all on one line, so that every phone on a cook
 * has the same events. The browser takes the line up again by itself when the server was gone; the
 * line begins with the book's name; where that book took the place of the one that was known here, by a
 * restore, everything is sent to it again. A book of another folder is left alone.
 * @returns stops following
 */
export const followCooks = (store: AppStore): (() => void) => {
  let line: EventSource | undefined;
  let followed = '';
  let book = recall('book', (value) => z.string().safeParse(value).data);
  const hearBook = (message: MessageEvent<string>): void => {
    const said = parsed(bookSchema, message);
    if (said === undefined || said.book === book) return;
    const restored = book !== undefined && said.replaces.includes(book);
    book = said.book;
    keep('book', book);
    if (restored) store.dispatch(bookReplaced());
  };
  const hear = (message: MessageEvent<string>): void => {
    const news = parsed(newsSchema, message);
    if (news) store.dispatch(eventsHeard(news));
  };
  const hearGone = (message: MessageEvent<string>): void => {
    const news = parsed(goneSchema, message);
    if (news) store.dispatch(cookGone(news.cook));
  };
  const follow = (): void => {
    const wanted = selectStoveCooks(store.getState())
      .filter(({ startKnown }) => startKnown)
      .map(({ id }) => id)
      .join();
    if (wanted === followed && (line === undefined || line.readyState !== EventSource.CLOSED))
      return;
    line?.close();
    line = undefined;
    followed = wanted;
    if (wanted === '') return;
    line = new EventSource(`${API}/cooks/stream?cooks=${wanted}`);
    line.addEventListener('book', hearBook);
    line.addEventListener('events', hear);
    line.addEventListener('gone', hearGone);
    line.addEventListener('error', () => store.dispatch(reachDoubted()));
  };
  const stop = onChange(store, selectStoveCooks, follow);
  const again = setInterval(follow, TRIED_AGAIN);
  follow();
  return () => {
    stop();
    clearInterval(again);
    line?.close();
  };
};
