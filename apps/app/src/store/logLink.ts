import { z } from 'zod';
import { loggedSchema, SUBJECTS } from '@crustan/core/formats/logSchema';
import { publishedScheduleSchema } from '@crustan/core/formats/serviceSchema';
import { API } from './apiAddress';
import { bookNamed, entriesHeard, streamBack, streamGone } from './logSlice';
import { selectBook, selectStreams } from './logSelectors';
import { heardOf } from './logStream';
import { onChange } from './onChange';
import {
  selectBasis,
  selectOpenService,
  selectStoveCooks,
  scheduleDropped,
  scheduleHeard,
} from './passSlice';
import { reachDoubted } from './reachSlice';
import type { AppState, AppStore } from './store';

const entriesSchema = z.object({ entries: z.array(loggedSchema) });
const streamSchema = z.object({ of: z.enum(SUBJECTS), id: z.string() });
const bookSchema = z.object({ book: z.string(), replaces: z.array(z.string()) });
const toldSchema = z.object({ service: z.string(), schedule: publishedScheduleSchema });

/** A line that was refused is tried again after, ms; one that was cut mends itself. */
const TRIED_AGAIN = 4000;
/** Streams that the server follows on one line. */
const MOST_FOLLOWED = 60;

const parsed = <T>(schema: z.ZodType<T>, { data }: MessageEvent<string>): T | undefined => {
  try {
    return schema.safeParse(JSON.parse(data)).data;
  } catch {
    return undefined;
  }
};

/** Streams that this page follows: the open service, with its pieces, and the cooks of the stove. */
const followedOf = (state: AppState): readonly string[] => {
  const open = selectOpenService(state);
  const cooks = selectStoveCooks(state).filter(({ startKnown }) => startKnown);
  const service = open?.inBook ? [`service:${open.service.id}`] : [];
  // Of more cooks than the server follows on one line, the latest.
  const latest = cooks.slice(service.length - MOST_FOLLOWED).map(({ id }) => `cook:${id}`);
  return [...service, ...latest];
};

/** Address of the line: every stream with the place up to which this page has heard it. */
const addressOf = (state: AppState, followed: readonly string[]): string => {
  const [streams, book] = [selectStreams(state), selectBook(state)];
  const places = followed.map((stream) => {
    const [of, id = ''] = stream.split(':');
    if (of === 'service') return `${stream}.${selectBasis(state).seq}`;
    const found = streams[id];
    return `${stream}.${found ? heardOf(found, book) : 0}`;
  });
  const known = z.uuid().safeParse(book.name).success ? `&book=${book.name ?? ''}` : '';
  return `${API}/log/stream?follow=${places.join()}${known}`;
};

/**
 * Follows this page's streams in the logbook's log, all on one line, so that every phone has the same entries.
 * The browser takes the line up again by itself when the server was gone, after the last entry that it had.
 * The line begins with the logbook's name: where that book took the place of the one that was known here, by a
 * restore, nothing of this page is in it, and all is sent again.
 * @returns stops following
 */
export const followLog = (store: AppStore): (() => void) => {
  let line: EventSource | undefined;
  let followed = '';
  const open = (address: string): EventSource => {
    const opened = new EventSource(address);
    let book: string | undefined;
    opened.addEventListener('error', () => store.dispatch(reachDoubted()));
    opened.addEventListener('book', (message: MessageEvent<string>) => {
      const said = parsed(bookSchema, message);
      if (!said) return;
      book = said.book;
      const before = selectBook(store.getState()).name;
      if (before !== undefined && before !== said.book) store.dispatch(scheduleDropped());
      store.dispatch(bookNamed({ name: said.book, replaces: said.replaces }));
    });
    opened.addEventListener('log', (message: MessageEvent<string>) => {
      const said = parsed(entriesSchema, message);
      if (said && book !== undefined && said.entries.length > 0) {
        store.dispatch(entriesHeard({ book, logged: said.entries }));
      }
    });
    opened.addEventListener('gone', (message: MessageEvent<string>) => {
      const said = parsed(streamSchema, message);
      if (said) store.dispatch(streamGone(said.id));
    });
    opened.addEventListener('back', (message: MessageEvent<string>) => {
      const said = parsed(streamSchema, message);
      if (said) store.dispatch(streamBack(said.id));
    });
    opened.addEventListener('told', (message: MessageEvent<string>) => {
      const said = parsed(toldSchema, message);
      if (said) store.dispatch(scheduleHeard(said));
    });
    return opened;
  };
  const follow = (): void => {
    const state = store.getState();
    const wanted = followedOf(state);
    const asked = wanted.join();
    if (asked === followed && (line === undefined || line.readyState !== EventSource.CLOSED)) {
      return;
    }
    line?.close();
    line = undefined;
    followed = asked;
    if (wanted.length > 0) line = open(addressOf(state, wanted));
  };
  const stop = onChange(store, (state) => followedOf(state).join(), follow);
  const again = setInterval(follow, TRIED_AGAIN);
  follow();
  return () => {
    stop();
    clearInterval(again);
    line?.close();
  };
};
