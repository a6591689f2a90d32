import path from 'node:path';
import express, { type Express } from 'express';
import expressStaticGzip from 'express-static-gzip';
import helmet from 'helmet';
import { pinoHttp, type Options } from 'pino-http';
import { cookNews, type CookNews } from './cookNews';
import { cookStore } from './db/cookStore';
import { demandStore } from './db/demandStore';
import { dishStore } from './db/dishStore';
import { kitchenStore } from './db/kitchenStore';
import type { Book } from './db/openBook';
import { photoStore } from './db/photoStore';
import { planStore } from './db/planStore';
import { serviceStore } from './db/serviceStore';
import { trialStore } from './db/trialStore';
import { bodyOf, hostsOf, ownHost, ownPages } from './ownRequests';
import { answerProblem, noSuchPath, readableAddress } from './problems';
import { bookRoutes } from './routes/bookRoutes';
import { cookRoutes } from './routes/cookRoutes';
import { deviceRoutes } from './routes/deviceRoutes';
import { kitchenRoutes } from './routes/kitchenRoutes';
import { demandRoutes, dishRoutes } from './routes/menuRoutes';
import { planRoutes } from './routes/planRoutes';
import { newsOf, serviceRoutes } from './routes/serviceRoutes';
import { trialRoutes } from './routes/trialRoutes';

type DestinationStream = NonNullable<Options['stream']>;

export interface AppOptions {
  readonly book: Book;
  /** Where the migrations lie: a restored backup is brought up by them. */
  readonly migrations: string;
  /** Folder of the built interface; none serves the API alone. */
  readonly site?: string;
  /** Least severe line of the server's log; silent by default. */
  readonly logLevel?: LogLevel;
  /** Where the log goes; stdout by default. */
  readonly logTo?: DestinationStream;
  /** The address it listens on, and other names it answers to. */
  readonly listensOn?: string;
  readonly hosts?: readonly string[];
  readonly now?: () => number;
}

export const LOG_LEVELS = ['debug', 'info', 'warn', 'error', 'silent'] as const;
export type LogLevel = (typeof LOG_LEVELS)[number];

/** A line a request, by what came of it: its method, path, status and time, never what it said. */
const requestLog = (level: LogLevel, logTo: DestinationStream | undefined) =>
  pinoHttp({
    level,
    ...(logTo === undefined ? {} : { stream: logTo }),
    customLogLevel: (_req, res, error) => {
      if (error || res.statusCode >= 500) return 'error';
      return res.statusCode === 421 || res.statusCode === 403 ? 'warn' : 'info';
    },
    serializers: {
      req: ({ id, method, url }: { id: unknown; method: string; url: string }) => ({
        id,
        method,
        path: url.split('?')[0],
      }),
      res: ({ statusCode }: { statusCode: number }) => ({ statusCode }),
    },
  });

const YEAR = 365 * 24 * 3600;

/** The whole server as an Express app: the API, then the interface. */
export const createApp = ({
  book,
  migrations,
  site,
  logLevel = 'silent',
  logTo,
  listensOn = '127.0.0.1',
  hosts = [],
  now = Date.now,
}: AppOptions): Express => {
  const app = express();
  app.disable('x-powered-by');
  app.use(requestLog(logLevel, logTo));
  app.use(ownHost(hostsOf(listensOn, hosts)));
  app.use(ownPages);
  app.use(readableAddress);
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'"],
          workerSrc: ["'self'"],
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          // Served over plain http on a home network: nothing to upgrade to.
          upgradeInsecureRequests: null,
        },
      },
      strictTransportSecurity: false,
    }),
  );

  app.get('/healthz', (_req, res) => {
    res.json({ status: 'ok', schemaVersion: book.schemaVersion, unreadable: book.damage.count });
  });
  // Files of the whole book and photographs are read as they come, not as messages.
  const message = [bodyOf('application/json'), express.json({ limit: '512kb' })];
  const asItComes = /^\/api\/(book\/|dishes(\/|$)|cooks\/[^/]+\/photo$)/;
  // A dish has a plan for each of its ways and ends.
  const dish = [bodyOf('application/json'), express.json({ limit: '4mb' })];
  message.forEach((handler) =>
    app.use('/api', (req, res, next) => {
      if (asItComes.test(req.originalUrl.split('?')[0] ?? '')) next();
      else handler(req, res, next);
    }),
  );
  app.use('/api', (_req, res, next) => {
    res.set('Cache-Control', 'no-store');
    next();
  });
  /** The server's time: phones set theirs by the round trip, not by news that may come late. */
  app.get('/api/clock', (_req, res) => {
    res.json({ now: now(), book: book.identity });
  });
  app.use('/api/plans', planRoutes(planStore(book)));
  const cooks = cookStore(book);
  const services = serviceStore(book);
  const news = cookNews();
  /** Who follows a service hears of its cooks too. */
  const cookIsNews: CookNews = {
    ...news,
    tell: (cook) => {
      news.tell(cook);
      const order = cooks.tieOf(cook);
      const service = order === undefined ? undefined : services.ofOrder(order);
      if (service !== undefined) news.tell(newsOf(service));
    },
  };
  app.use('/api/cooks', cookRoutes(book, cooks, photoStore(book), cookIsNews, now));
  app.use('/api/services', serviceRoutes(book, services, cooks, news, now));
  app.use('/api/dishes', dish, dishRoutes(dishStore(book)));
  app.use('/api/demand', demandRoutes(demandStore(book)));
  app.use('/api/trials', trialRoutes(trialStore(book)));
  app.use('/api/kitchen', kitchenRoutes(kitchenStore(book), now));
  app.use('/api/book', bookRoutes(book, migrations, now));
  app.use('/api/devices', deviceRoutes(cooks, now));
  app.use('/api', noSuchPath);

  if (site !== undefined) serveSite(app, site);
  app.use(noSuchPath);
  app.use(answerProblem);
  return app;
};

/** Hashed files for a year, the page itself never; every path of the interface gets the page. */
const serveSite = (app: Express, site: string): void => {
  const compressed = { enableBrotli: true, orderPreference: ['br' as const, 'gz' as const] };
  for (const hashed of ['/_expo', '/assets']) {
    app.use(
      hashed,
      expressStaticGzip(path.join(site, hashed), {
        ...compressed,
        index: false,
        serveStatic: { maxAge: YEAR * 1000, immutable: true, fallthrough: false },
      }),
    );
  }
  app.use(expressStaticGzip(site, { ...compressed, index: false, serveStatic: { maxAge: 0 } }));
  app.get('/{*path}', (req, res, next) => {
    if (path.extname(req.path) !== '') {
      next();
      return;
    }
    res.set('Cache-Control', 'no-cache');
    res.sendFile(path.join(site, 'index.html'));
  });
};
