import { execFile } from 'node:child_process';
import { createRequire } from 'node:module';

/** Reads a file's pages and prints what SQLite's own check says. Arguments: the driver and the file. */
const SCRIPT = `
const Database = require(process.argv[1]);
const sqlite = new Database(process.argv[2], { readonly: true, fileMustExist: true });
process.stdout.write(String(sqlite.pragma('quick_check(1)', { simple: true })));
`;

/** Driver of this server, wherever its packages lie. */
const driver = (): string =>
  createRequire(process.argv[1] ?? process.cwd()).resolve('better-sqlite3');

/**
 * Checks whether every page of a SQLite file can be read, in a separate process: a large logbook takes seconds.
 * @returns the fault; undefined if all can be read
 */
export const checkPages = (file: string): Promise<string | undefined> =>
  new Promise((resolve) => {
    execFile(process.execPath, ['-e', SCRIPT, driver(), file], (error, stdout) => {
      if (!error && stdout === 'ok') resolve(undefined);
      else resolve('SQLite’s own check of its pages fails');
    });
  });
