import express, { Router } from 'express';
import { cookStore } from './db/cookStore';
import { demandStore } from './db/demandStore';
import { dishStore } from './db/dishStore';
import { kitchenStore } from './db/kitchenStore';
import { logStore } from './db/logStore';
import type { Book } from './db/book';
import { photoStore } from './db/photoStore';
import { practiceStore } from './db/practiceStore';
import { planStore } from './db/planStore';
import { serviceStore } from './db/serviceStore';
import { trialStore } from './db/trialStore';
import { writeInSlices } from './db/writeInSlices';
import { addToLog } from './log/addToLog';
import { logNews, type WrittenEntries } from './log/logNews';
import { publishedSchedules } from './log/publishedSchedules';
import { openApi } from './openApi';
import { bodyOf } from './ownRequests';
import { noSuchPath } from './problems';
import { bookRoutes } from './routes/bookRoutes';
import { cookRoutes } from './routes/cookRoutes';
import { deviceRoutes } from './routes/deviceRoutes';
import { kitchenRoutes } from './routes/kitchenRoutes';
import { demandRoutes, dishRoutes } from './routes/menuRoutes';
import { phoneRoutes, whoRoutes, type Access } from './routes/phoneRoutes';
import { logRoutes, placeOf } from './routes/logRoutes';
import { planRoutes } from './routes/planRoutes';
import { practiceRoutes } from './routes/practiceRoutes';
import { schemaRoutes } from './routes/schemaRoutes';
import { serviceRoutes } from './routes/serviceRoutes';
import { trialRoutes } from './routes/trialRoutes';
import { eventText } from './sse';

export interface ApiOptions {
  readonly book: Book;
  readonly migrations: string;
  readonly access: Access | undefined;
  readonly build: string;
  readonly now: () => number;
}

/** Files of the whole logbook and photographs are read as they come, not as messages. */
const AS_IT_COMES = /^\/(book\/|dishes(\/|$)|cooks\/[^/]+\/photo$)/;

/** The routers of the API, each under its part of the address. */
export const apiParts = ({
  book,
  migrations,
  access,
  build,
  now,
}: ApiOptions): Readonly<Record<string, Router>> => {
  const cooks = cookStore(book);
  const services = serviceStore(book);
  const store = logStore(book);
  const written: WrittenEntries = (entries) =>
    eventText(
      'log',
      { entries: entries.map(({ seq, entry }) => ({ seq, entry })) },
      placeOf(book, entries),
    );
  const news = logNews(written);
  const add = addToLog(store, news, now);
  const schedules = publishedSchedules(() => book.identity);
  book.onSwap(schedules.clear);
  const plain = Router();
  /** The server's time: phones set theirs by the round trip, not by news that may come late. */
  plain.get('/clock', (_req, res) => {
    res.json({ now: now(), book: book.identity });
  });
  // Made when it is first asked for: few ask, and every start would wait for it.
  let described: ReturnType<typeof openApi> | undefined;
  plain.get('/openapi.json', (_req, res) => {
    described ??= openApi(build);
    res.json(described);
  });
  return {
    '/': plain,
    '/me': whoRoutes(build),
    ...(access ? { '/phones': phoneRoutes(access, now) } : {}),
    '/schemas': schemaRoutes(),
    '/log': logRoutes({ book, store, news, schedules: schedules, written, add }),
    '/plans': planRoutes(planStore(book)),
    '/cooks': cookRoutes(cooks, photoStore(book), news, add, now),
    '/services': serviceRoutes(services, cooks, news, schedules, add),
    '/dishes': dishRoutes(dishStore(book), now),
    '/demand': demandRoutes(demandStore(book), (days, write) => writeInSlices(book, days, write)),
    '/practice': practiceRoutes(practiceStore(book)),
    '/trials': trialRoutes(trialStore(book)),
    '/kitchen': kitchenRoutes(kitchenStore(book), now),
    '/book': bookRoutes(book, migrations, now),
    '/devices': deviceRoutes(cooks, now),
  };
};

/** Everything under the API's root, as the API's table lists it. */
export const apiRoutes = (options: ApiOptions): Router => {
  const routes = Router();
  const message = [bodyOf('application/json'), express.json({ limit: '512kb' })];
  message.forEach((handler) =>
    routes.use((req, res, next) => {
      if (AS_IT_COMES.test(req.path)) next();
      else handler(req, res, next);
    }),
  );
  routes.use((_req, res, next) => {
    res.set('Cache-Control', 'no-store');
    next();
  });
  // A dish has a plan for each of its ways and ends.
  routes.use('/dishes', bodyOf('application/json'), express.json({ limit: '4mb' }));
  for (const [under, part] of Object.entries(apiParts(options))) routes.use(under, part);
  routes.use(noSuchPath);
  return routes;
};
