import path from 'node:path';
import Database from 'better-sqlite3';
import { errorCode } from '../errorCode';
import { BookError } from './bookError';
import { t } from '../words/processWords';

/** An empty file beside the logbook. */
const LOCK_NAME = 'lock.sqlite';

/**
 * Locks a data folder for this process. The lock is SQLite's own on a file beside the logbook: the system releases it
 * when the process ends, however it ends, therefore a stale lock cannot exist.
 * @returns releases the folder
 * @throws BookError when another Crustan has it
 */
export const lockFolder = (folder: string): (() => void) => {
  const lock = new Database(path.join(folder, LOCK_NAME), { timeout: 0 });
  try {
    lock.pragma('journal_mode = DELETE');
    lock.exec('begin exclusive');
  } catch (error) {
    lock.close();
    if (errorCode(error) !== 'SQLITE_BUSY') throw error;
    throw new BookError(t('another-crustan-has-the-folder', { folder }));
  }
  return () => {
    if (lock.inTransaction) lock.exec('rollback');
    lock.close();
  };
};
