import path from 'node:path';
import express, { type Express } from 'express';
import expressStaticGzip from 'express-static-gzip';
import helmet from 'helmet';
import { pinoHttp } from 'pino-http';
import { cookNews } from './cookNews';
import { cookStore } from './db/cookStore';
import { kitchenStore } from './db/kitchenStore';
import type { Book } from './db/openBook';
import { photoStore } from './db/photoStore';
import { planStore } from './db/planStore';
import { trialStore } from './db/trialStore';
import { answerProblem, noSuchPath } from './problems';
import { bookRoutes } from './routes/bookRoutes';
import { cookRoutes } from './routes/cookRoutes';
import { deviceRoutes } from './routes/deviceRoutes';
import { kitchenRoutes } from './routes/kitchenRoutes';
import { planRoutes } from './routes/planRoutes';
import { trialRoutes } from './routes/trialRoutes';

export interface AppOptions {
  readonly book: Book;
  /** Where the migrations lie: a restored backup is brought up by them. */
  readonly migrations: string;
  /** Folder of the built interface; none serves the API alone. */
  readonly site?: string;
  /** Least severe line of the server's log; silent by default. */
  readonly logLevel?: 'warn' | 'silent';
  readonly now?: () => number;
}

const YEAR = 365 * 24 * 3600;

/** The whole server as an Express app: the API, then the interface. */
export const createApp = ({
  book,
  migrations,
  site,
  logLevel = 'silent',
  now = Date.now,
}: AppOptions): Express => {
  const app = express();
  app.disable('x-powered-by');
  app.use(pinoHttp({ level: logLevel, autoLogging: false }));
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
    res.json({ status: 'ok', schemaVersion: book.schemaVersion });
  });
  // Files of the whole book are read as they come, not as messages.
  const message = express.json({ limit: '512kb' });
  app.use('/api', (req, res, next) => {
    if (/^\/book\//.test(req.path)) next();
    else message(req, res, next);
  });
  app.use('/api', (_req, res, next) => {
    res.set('Cache-Control', 'no-store');
    next();
  });
  app.use('/api/plans', planRoutes(planStore(book)));
  const cooks = cookStore(book);
  app.use('/api/cooks', cookRoutes(cooks, photoStore(book), cookNews(), now));
  app.use('/api/trials', trialRoutes(trialStore(book)));
  app.use('/api/kitchen', kitchenRoutes(kitchenStore(book)));
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
