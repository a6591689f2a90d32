import type Database from 'better-sqlite3';
import type { BetterSQLite3Database } from 'drizzle-orm/better-sqlite3';
import type { Damage } from './damage';
import type * as schema from './schema';

/** An open file of the logbook's schema. */
export interface BookFileHandle {
  readonly db: BetterSQLite3Database<typeof schema>;
  readonly sqlite: Database.Database;
  /** Rows that could not be read. */
  readonly damage: Damage;
}

/** The open book: one SQLite file, every acknowledged write on disk. */
export interface Book extends BookFileHandle {
  readonly folder: string;
  /** Migrations this logbook has had. */
  readonly schemaVersion: number;
  /** Identity of the logbook: it changes with a restore, so that phones send again. */
  readonly identity: string;
  /** The logbooks whose place this one took by a restore, the last first. */
  readonly replaces: readonly string[];
  /** A logbook that a killed restore had left without its name, and that was put back at this start. */
  readonly recovered: string | undefined;
  /**
   * Puts the checked logbook beside this one in its place.
   * @returns name of the former one's file
   */
  readonly swap: (now: number) => string;
  /** Called when another logbook has taken this one's place. @returns stops it */
  readonly onSwap: (heard: () => void) => () => void;
  readonly close: () => void;
}
