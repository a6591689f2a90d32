import path from 'node:path';
import express, { type Express } from 'express';
import expressStaticGzip from 'express-static-gzip';
import helmet from 'helmet';
import { gate, knowPhone, requestLimit } from './access/gate';
import { openAnswers } from './access/openAnswers';
import { pairPages } from './access/pairPages';
import { apiRoutes } from './apiRoutes';
import { API_ROOT, API_VERSION } from './apiTable';
import type { Book } from './db/book';
import { hostsOf, ownHost, ownPages } from './ownRequests';
import { answerProblem, noSuchPath, problem, readableAddress } from './problems';
import { readiness } from './ready';
import { requestLog, type DestinationStream, type LogLevel } from './requestLog';
import type { Access } from './routes/phoneRoutes';

export interface AppOptions {
  readonly book: Book;
  /** Folder of the migrations: they update a restored backup. */
  readonly migrations: string;
  /** Folder of the built interface; undefined serves only the API. */
  readonly site?: string;
  /** Least severe line of the server's log; silent by default. */
  readonly logLevel?: LogLevel;
  /** Destination of the log; default: stdout. */
  readonly logTo?: DestinationStream;
  /** The address it listens on, and other names it answers to. */
  readonly listensOn?: string;
  readonly hosts?: readonly string[];
  /** Present names and addresses on the network. */
  readonly lanHosts?: () => readonly string[];
  /** Access of phones; undefined: requests from the network are rejected. */
  readonly access?: Access;
  /** Build of the server: a page of another build is informed. */
  readonly build?: string;
  readonly now?: () => number;
}

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
  lanHosts = () => [],
  access,
  build = 'unbuilt',
  now = Date.now,
}: AppOptions): Express => {
  const app = express();
  app.disable('x-powered-by');
  // A path has only one spelling: its letters decide who may request it.
  app.enable('case sensitive routing');
  app.use(requestLog(logLevel, logTo));
  const own = hostsOf(listensOn, hosts);
  app.use(ownHost((name) => own.has(name) || lanHosts().includes(name)));
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

  app.use(knowPhone(access?.phones, now));
  app.use(requestLimit());
  app.use('/pair', pairPages(access?.phones, access?.codes, now));
  app.use(gate(access?.answers ?? openAnswers()));

  app.get('/healthz', (_req, res) => {
    res.json({ status: 'ok', schemaVersion: book.schemaVersion, unreadable: book.damage.count });
  });
  const ready = readiness(book);
  app.get('/readyz', async (_req, res) => {
    const why = await ready();
    if (why !== undefined) throw problem(503, (t) => [t('not-ready'), why(t)]);
    res.json({ status: 'ready' });
  });
  const api = apiRoutes({ book, migrations, access, build, now });
  app.use(`${API_ROOT}/${API_VERSION}`, api);
  // A page of before the API had a version asks without it; its presses are taken.
  app.use(API_ROOT, api);

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
