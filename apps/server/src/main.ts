import { existsSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { createApp, LOG_LEVELS } from './createApp';
import { BookError } from './db/bookError';
import { openBook } from './db/openBook';
import { loadDemo } from './demo/loadDemo';
import { cleanUpImports } from './imports/bookImports';

/** The built server lies in dist/, its migrations beside it, the built interface next door. */
const here = path.dirname(fileURLToPath(import.meta.url));
const migrations = path.join(here, '../drizzle');
const site = path.join(here, '../../app/dist');

const say = (line: string): void => {
  process.stdout.write(`${line}\n`);
};
const giveUp = (line: string): never => {
  process.stderr.write(`${line}\n`);
  process.exit(1);
};

const demo = process.argv.includes('--demo');
const host = process.env['CRUSTAN_HOST'] ?? '127.0.0.1';
const port = Number(process.env['CRUSTAN_PORT'] ?? 4680);
const folder = path.resolve(
  process.env['CRUSTAN_DATA'] ?? path.join(here, '../../../data', demo ? 'demo' : 'own'),
);

if (!Number.isInteger(port) || port < 0 || port > 65_535) {
  giveUp(`CRUSTAN_PORT is "${process.env['CRUSTAN_PORT']}"; it must be a port from 1 to 65535.`);
}
if (!existsSync(path.join(site, 'index.html'))) {
  giveUp('The interface is not built; start with npm start or npm run demo, which build it.');
}

const names = (process.env['CRUSTAN_HOSTS'] ?? '')
  .split(',')
  .map((name) => name.trim())
  .filter((name) => name !== '');
const said = process.env['CRUSTAN_LOG'] ?? 'warn';
const logLevel =
  LOG_LEVELS.find((level) => level === said) ??
  giveUp(`CRUSTAN_LOG is "${said}"; it must be one of ${LOG_LEVELS.join(', ')}.`);

// Files made from here on are their owner's alone.
process.umask(0o077);
/** Before this the clock of a machine without a battery has not been set yet. */
if (Date.now() < Date.UTC(2024, 0, 1)) {
  process.stderr.write(
    `This machine's clock says ${new Date().toISOString()}; set it, or cooks are dated wrong.\n`,
  );
}

const open = () => {
  try {
    const book = openBook(folder, migrations);
    if (demo) loadDemo(book);
    return book;
  } catch (error) {
    if (error instanceof BookError) return giveUp(error.message);
    throw error;
  }
};
const book = open();

if (book.recovered !== undefined) {
  say(`A restore had been cut off: ${book.recovered} was put back as the book.`);
}

const app = createApp({ book, migrations, site, logLevel, listensOn: host, hosts: names });
const server = app.listen(port, host, (error) => {
  if (error) {
    const inUse = 'code' in error && error.code === 'EADDRINUSE';
    giveUp(
      inUse
        ? `Port ${port} is in use; stop what holds it, or choose another with CRUSTAN_PORT.`
        : `Cannot listen on ${host}:${port}: ${error.message}.`,
    );
  }
  // Only now is this surely the one server of this book: what an earlier one left is cleared away.
  cleanUpImports(book);
  const address = server.address();
  const taken = typeof address === 'object' && address ? address.port : port;
  say(`Crustan is at http://${host === '0.0.0.0' ? 'localhost' : host}:${taken}`);
  say(demo ? 'Demo data from the Fennick Street supper room.' : `Your book is in ${folder}.`);
});

/** A large book takes its time over a slow network, ms. */
server.requestTimeout = 60 * 60_000;

const stop = (): void => {
  server.close(() => {
    book.close();
    process.exit(0);
  });
  // Streams never end by themselves; a request under way has a moment to be answered.
  server.closeIdleConnections();
  setTimeout(() => server.closeAllConnections(), 300).unref();
};
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
