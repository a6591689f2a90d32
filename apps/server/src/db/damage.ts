import type { z } from 'zod';
import { whyOf } from '../errorCode';

/** A row of the logbook that could not be read: which one, and why. It stays where it is. */
export interface DamagedRow {
  readonly where: string;
  readonly why: string;
}

/** A row that keeps its record as JSON. */
interface KeptRow {
  readonly id: string;
  readonly record: string;
}

/** Number of damaged rows that are named; further ones are counted. */
const MOST_LISTED = 200;

/**
 * Rows of a logbook that could not be read. One bad row leaves itself out of lists and files, not the
 * others; it is named here and kept for repair.
 */
export class Damage {
  private readonly rows = new Map<string, DamagedRow>();
  private unread = 0;

  /** Reads a row; undefined, and noted, where it cannot be read. */
  read<T>(where: string, read: () => T): T | undefined {
    try {
      return read();
    } catch (error) {
      if (!this.rows.has(where)) {
        this.unread += 1;
        const why = whyOf(error).slice(0, 300);
        if (this.rows.size < MOST_LISTED) this.rows.set(where, { where, why });
      }
      return undefined;
    }
  }

  /** Reads rows of one kind: the record of each, or none, and noted, where it cannot be read. */
  reader<T>(kind: string, schema: z.ZodType<T>): (row: KeptRow) => readonly T[] {
    return ({ id, record }) => {
      const found = this.read(`${kind} ${id}`, () => schema.parse(JSON.parse(record)));
      return found === undefined ? [] : [found];
    };
  }

  get count(): number {
    return this.unread;
  }

  get listed(): readonly DamagedRow[] {
    return [...this.rows.values()];
  }
}
