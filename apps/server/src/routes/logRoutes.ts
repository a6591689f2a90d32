import { Router } from 'express';
import { logBatchSchema, PROBLEM_TYPES } from '@crustan/core/formats';
import { logStreamQuery } from '../apiRequests';
import type { LogStore, NewEntry } from '../db/logStore';
import type { Book } from '../db/book';
import type { AddToLog } from '../log/addToLog';
import { followLog } from '../log/followLog';
import type { LogNews, WrittenEntries } from '../log/logNews';
import type { PublishedSchedules } from '../log/publishedSchedules';
import { parsed, problem } from '../problems';
import { openStream } from '../sse';

/** Most pages that follow the log at the same time: a kitchen has a few phones. */
const MOST_FOLLOWERS = 500;

export interface LogRouting {
  readonly book: Book;
  readonly store: LogStore;
  readonly news: LogNews;
  readonly schedules: PublishedSchedules;
  readonly written: WrittenEntries;
  readonly add: AddToLog;
}

/** Place in the log as a stream names it: the logbook that it is of, and a sequence number. */
const PLACE = /^([0-9a-f-]{36})\.(\d{1,15})$/;

/** Place in the log after these entries. */
export const placeOf = (
  { identity }: Pick<Book, 'identity'>,
  entries: readonly NewEntry[],
): string | undefined => {
  const last = entries.at(-1);
  return last && `${identity}.${last.seq}`;
};

/** The log: entries are added, and streams followed. Sending the same thing twice changes nothing. */
export const logRoutes = ({ book, store, news, schedules, written, add }: LogRouting): Router => {
  const routes = Router();
  routes.post('/', (req, res) => {
    const { entries } = parsed(logBatchSchema, req.body);
    // Answered only now: by here the entries are on disk.
    res.json({
      book: book.identity,
      acknowledged: add(entries, (index, field) =>
        field === 'id' ? `entries[${index}].event.id` : `entries[${index}].stream`,
      ),
    });
  });
  // The stream begins with the logbook's name: a restore makes another logbook, and its log has its own count.
  routes.get('/stream', (req, res) => {
    const { follow, book: knownBook } = parsed(logStreamQuery, req.query);
    if (news.followers() > MOST_FOLLOWERS) {
      throw problem(503, (t) => [t('too-many-follow'), t('close-a-page')], {
        type: PROBLEM_TYPES.busy,
      });
    }
    const { identity, replaces } = book;
    const [, lastBook, lastSeq] = PLACE.exec(req.get('Last-Event-ID') ?? '') ?? [];
    const resumed = lastBook === identity ? Number(lastSeq) : 0;
    const followed = follow.map((one) => ({
      ...one,
      seq: Math.max(knownBook === identity ? one.seq : 0, resumed),
    }));
    const stops: (() => void)[] = [];
    const stream = openStream(req, res, () => stops.forEach((stop) => stop()));
    stops.push(book.onSwap(() => stream.end()));
    stream.send('book', { book: identity, replaces });
    for (const { of, id } of followed) {
      if (!store.has({ of, id })) stream.send('gone', { of, id });
    }
    stops.push(
      followLog({
        ...{ stream, store, news, followed, written },
        caughtUp: ({ of, id }) => {
          const schedule = of === 'service' ? schedules.get(id) : undefined;
          if (schedule) stream.send('told', { service: id, schedule });
        },
      }),
    );
  });
  return routes;
};
