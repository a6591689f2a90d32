import { existsSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { openAnswers } from './access/openAnswers';
import { pairingCodes } from './access/pairingCodes';
import { phoneList } from './access/phoneList';
import { dailyBackups } from './backups/dailyBackups';
import { readConfig } from './config';
import { createApp } from './createApp';
import { BookError } from './db/bookError';
import { openBook } from './db/openBook';
import { loadDemo } from './demo/loadDemo';
import { cleanUpImports } from './imports/bookImports';
import { describeAddresses } from './lan/describeAddresses';
import { startLan, type Lan } from './lan/startLan';
import { logDestination } from './logDestination';
import { runCommand } from './commands';
import { t } from './words/processWords';

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

const read = readConfig(process.argv, process.env, path.join(here, '../../../data'));
const config = read.ok ? read.config : giveUp(read.why);
const { demo, folder, host, port } = config;

// Files created from here on are readable by their owner only.
process.umask(0o077);

const command = await runCommand(process.argv.slice(2), { folder, migrations, say });
if (command !== undefined) process.exit(command);

if (!existsSync(path.join(site, 'index.html'))) {
  giveUp(t('interface-not-built'));
}
/** Before this the clock of a machine without a battery has not been set yet. */
if (Date.now() < Date.UTC(2024, 0, 1)) {
  process.stderr.write(`${t('clock-says', { time: new Date().toISOString() })}\n`);
}

/** Ends with the reason in words where what is in the data folder cannot be used. */
const usable = <T>(open: () => T): T => {
  try {
    return open();
  } catch (error) {
    if (error instanceof BookError) return giveUp(error.message);
    throw error;
  }
};
const book = usable(() => {
  const opened = openBook(folder, migrations);
  if (demo) loadDemo(opened);
  return opened;
});
const phones = usable(() => phoneList(folder));

if (book.recovered !== undefined) {
  say(t('restore-was-cut-off', { file: book.recovered }));
}

let lan: Lan | undefined;
const access = {
  phones,
  codes: pairingCodes(),
  answers: openAnswers(),
  network: () => lan?.network(),
};
const build = path.join(site, 'build.txt');
const app = createApp({
  book,
  migrations,
  site,
  logLevel: config.logLevel,
  ...logDestination(config.logFile),
  listensOn: host,
  hosts: config.hosts,
  lanHosts: () => lan?.hosts() ?? [],
  access,
  build: existsSync(build) ? readFileSync(build, 'utf8').trim() : 'unbuilt',
});

const onNetwork = async (): Promise<void> => {
  if (!config.lan) return;
  try {
    lan = await startLan({
      app,
      folder,
      host: config.lanHost,
      port: config.lanPort,
      welcomePort: config.welcomePort,
      hosts: config.hosts,
      now: Date.now,
      say,
    });
    await describeAddresses(lan.network(), say);
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    giveUp(t('network-not-opened', { why }));
  }
};

const server = app.listen(port, host, (error) => {
  if (error) {
    const inUse = 'code' in error && error.code === 'EADDRINUSE';
    giveUp(
      inUse
        ? t('port-in-use', { port: String(port) })
        : t('cannot-listen', { host, port: String(port), why: error.message }),
    );
  }
  // Only now is this surely the one server of this logbook: what an earlier one left is cleared away.
  cleanUpImports(book);
  const bound = server.address();
  const taken = typeof bound === 'object' && bound ? bound.port : port;
  const address = `http://${host === '0.0.0.0' ? 'localhost' : host}:${taken}`;
  say(t('crustan-is-at', { address }));
  say(demo ? t('demo-data') : t('your-book-is-in', { folder }));
  void onNetwork();
});

/** A large logbook takes its time over a slow disk; a silent line is closed, ms. */
server.requestTimeout = 60 * 60_000;
server.headersTimeout = 15_000;

const backups = dailyBackups(book, {
  kept: demo ? 0 : config.backups,
  migrations,
  now: Date.now,
  say,
});
// A phone that another process revoked is cut off within this time, ms.
const REVOKED_WITHIN = 2000;
const watch = setInterval(() => {
  access.answers.keepOnly(new Set(phones.all().map(({ id }) => id)));
}, REVOKED_WITHIN);
watch.unref();

const stop = (): void => {
  backups.stop();
  lan?.stop();
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
